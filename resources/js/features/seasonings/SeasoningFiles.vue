<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import FileUpload, { type FileUploadSelectEvent } from 'primevue/fileupload'
import { ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, ApiError, orThrow } from '@/api/client'
import { useUnits } from '@/units/useUnits'
import { useRefusal } from '@/i18n/useRefusal'

// The shop's own seasonings as a file, out and in: JSON, a table, or schema.org Recipes. All of a file is taken, or nothing.
defineProps<{ mayChange: boolean }>()
const { t } = useI18n()
const refusal = useRefusal()
const units = useUnits()
const queries = useQueryClient()
const taken = ref<number | null>(null)
const wrong = ref<string[]>([])
const upload = useTemplateRef<{ clear: () => void }>('upload')
const typeOf = (name: string) =>
  name.endsWith('.csv') ? 'text/csv' : name.endsWith('.jsonld') ? 'application/ld+json' : 'application/json'
async function send(file: File) {
  taken.value = null
  wrong.value = []
  try {
    const answer = await orThrow(
      api.POST('/seasonings/import', {
        body: file as never,
        bodySerializer: (body) => body as unknown as File,
        headers: { 'Content-Type': typeOf(file.name.toLowerCase()) },
      }),
    )
    taken.value = answer.taken
    await queries.invalidateQueries({ queryKey: ['seasonings'] })
  } catch (error) {
    wrong.value =
      error instanceof ApiError && error.violations.length
        ? error.violations.map((violation) => `${violation.key}: ${refusal(violation, units.units)}`)
        : [error instanceof Error ? error.message : String(error)]
  }
}
function choose(event: FileUploadSelectEvent) {
  const file = (event.files as File[])[0]
  if (file) void send(file)
  upload.value?.clear()
}
</script>

<template>
  <div class="files">
    <a
      v-for="format in ['json', 'csv', 'jsonld']"
      :key="format"
      class="plain"
      :href="`/api/v1/seasonings/export.${format}`"
      download
      :data-testid="`seasonings-${format}`"
      >{{ format === 'jsonld' ? 'JSON-LD' : format.toUpperCase() }}</a
    >
    <FileUpload
      v-if="mayChange"
      ref="upload"
      mode="basic"
      custom-upload
      :choose-button-props="{ severity: 'secondary', outlined: true }"
      accept=".csv,.json,.jsonld,text/csv,application/json,application/ld+json"
      :choose-label="t('seasonings.bring')"
      :pt="{ input: { 'data-testid': 'seasonings-file' } }"
      @select="choose" />
  </div>
  <div v-if="taken !== null || wrong.length" class="result" role="status" data-testid="seasonings-taken">
    <p v-if="taken !== null">{{ t('seasonings.taken', { count: taken }) }}</p>
    <template v-else
      ><p>{{ t('seasonings.nothingTaken') }}</p
      ><ul
        ><li v-for="each in wrong" :key="each" class="wrong">{{ each }}</li></ul
      ></template
    >
  </div>
</template>

<style scoped>
.files {
  display: flex;
  gap: 6px;
  align-items: center;
  flex-wrap: wrap;
}
.files :deep(.p-button) {
  min-height: 46px;
}
.result {
  flex-basis: 100%;
}
.result p,
.result ul {
  margin: 0;
}
</style>
