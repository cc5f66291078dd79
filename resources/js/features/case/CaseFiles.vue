<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { ApiError, type Schemas } from '@/api/client'
import { useOnceKey } from '@/api/once'
import { importCase } from './queries'
import FileUpload, { type FileUploadSelectEvent } from 'primevue/fileupload'
import ProgressBar from 'primevue/progressbar'

// The case as a file, out and in. Every error is listed by row; the good rows can be taken without them.
defineProps<{ mayChange: boolean }>()
const { t } = useI18n()
const queries = useQueryClient()
const keyFor = useOnceKey()
const file = ref<File | null>(null)
const result = ref<Schemas['CaseImported'] | null>(null)
const problem = ref<string | null>(null)
const isSending = ref(false)
const close = () => {
  result.value = null
  problem.value = null
}
async function send(goodRows: boolean) {
  if (!file.value) return
  isSending.value = true
  try {
    result.value = await importCase(
      file.value,
      file.value.name.toLowerCase().endsWith('.csv'),
      goodRows,
      keyFor(`${file.value.name} ${file.value.size} ${file.value.lastModified} ${goodRows}`),
    )
    if (result.value.received + result.value.changed > 0) keyFor(null)
    problem.value = null
  } catch (error) {
    result.value = null
    problem.value = error instanceof ApiError || error instanceof Error ? error.message : String(error)
  } finally {
    isSending.value = false
  }
  if (result.value && result.value.received + result.value.changed > 0)
    await Promise.all(['case', 'counter'].map((key) => queries.invalidateQueries({ queryKey: [key] })))
}
const upload = useTemplateRef<{ clear: () => void }>('upload')
function choose(event: FileUploadSelectEvent) {
  file.value = (event.files as File[])[0] ?? null
  void send(false)
  upload.value?.clear()
}
</script>

<template>
  <div class="files">
    <a class="plain" href="/api/v1/case/export.csv" download>CSV</a><a class="plain" href="/api/v1/case/export.json" download>JSON</a>
    <FileUpload
      v-if="mayChange"
      ref="upload"
      mode="basic"
      class="bring"
      custom-upload
      :choose-button-props="{ severity: 'secondary', outlined: true }"
      accept=".csv,.json,text/csv,application/json"
      :choose-label="t('case.import')"
      :pt="{ input: { 'data-testid': 'case-file' } }"
      @select="choose" />
  </div>
  <ProgressBar v-if="isSending" mode="indeterminate" class="sending" :aria-label="t('case.sending')" />
  <div v-if="result || problem" class="result" role="status" data-testid="case-imported">
    <p v-if="problem" class="wrong">{{ problem }}</p>
    <template v-if="result">
      <p v-if="result.received + result.changed > 0 || result.refused.length === 0">{{
        t('case.imported', { received: result.received, changed: result.changed })
      }}</p>
      <template v-if="result.refused.length">
        <p
          ><b>{{ t('case.refused', { count: result.refused.length }) }}</b>
          <button v-if="result.received + result.changed === 0" type="button" class="plain" @click="send(true)">{{
            t('case.goodRows')
          }}</button></p
        >
        <ol
          ><li v-for="(row, i) in result.refused.slice(0, 100)" :key="i">{{ t('case.row', { row: row.row }) }} {{ row.message }}</li></ol
        >
      </template>
    </template>
    <button type="button" class="plain" @click="close">{{ t('case.close') }}</button>
  </div>
</template>

<style scoped>
:deep(.p-fileupload-basic-content > span) {
  display: none;
}
:deep(.p-fileupload-choose-button.p-button) {
  min-height: 42px;
  border: 1px solid var(--ink);
  background: #fff;
  color: var(--ink);
  font: 600 16px/1 var(--figures);
}
.files {
  display: flex;
  gap: 6px;
  margin-left: auto;
}
.files .plain {
  min-height: 42px;
  font-size: 16px;
  padding: 0 12px;
  border-width: 1px;
  cursor: pointer;
  margin: 0;
  color: var(--ink);
}
.files .plain:focus-within {
  outline: 3px solid var(--focus);
  outline-offset: 2px;
}
.sending {
  flex-basis: 100%;
  height: 6px;
}
.result {
  flex-basis: 100%;
  background: #fff;
  border-left: 5px solid var(--mustard);
  padding: 8px 12px;
}
.result p {
  margin: 0 0 6px;
}
ol {
  margin: 0 0 8px;
  padding: 0;
  list-style: none;
  max-height: 200px;
  overflow-y: auto;
  font-size: 14px;
}
</style>
