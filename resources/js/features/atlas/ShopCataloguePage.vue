<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import { ApiError } from '@/api/client'
import { useSession } from '@/queries/session'
import { atlasKeys, cutsQuery, importFile } from './queries'
import FileUpload, { type FileUploadSelectEvent } from 'primevue/fileupload'
import ProgressBar from 'primevue/progressbar'
import { useRefusal } from '@/i18n/useRefusal'
import { useUnits } from '@/units/useUnits'

const { t } = useI18n()
const session = useSession()
const queries = useQueryClient()
const refusal = useRefusal()
const units = useUnits()
const all = useQuery(() => cutsQuery({ hidden: true }))
const own = computed(() => all.data.value?.cuts.filter((cut) => cut.is_own) ?? [])
const hidden = computed(() => all.data.value?.cuts.filter((cut) => cut.is_hidden) ?? [])
const mayChange = computed(() => session.data.value?.may_change_catalogue ?? false)
const fileName = ref('')
const take = useMutation({
  mutationFn: async (file: File) => importFile(await file.text(), file.name.toLowerCase().endsWith('.csv')),
  onSuccess: () =>
    Promise.all([queries.invalidateQueries({ queryKey: atlasKeys.all }), queries.invalidateQueries({ queryKey: ['catalogue'] })]),
})
const problems = computed(() => (take.error.value instanceof ApiError ? take.error.value.violations : []))
const upload = useTemplateRef<{ clear: () => void }>('upload')
function chosen(event: FileUploadSelectEvent) {
  const file = (event.files as File[])[0]
  if (file === undefined) return
  fileName.value = file.name
  take.mutate(file)
  upload.value?.clear()
}
</script>

<template>
  <div class="page">
    <p class="back"
      ><RouterLink :to="{ name: 'atlas' }">{{ t('atlas.back') }}</RouterLink></p
    >
    <h1>{{ t('shopCuts.title') }}</h1>
    <div class="columns">
      <section>
        <h2>{{ t('shopCuts.out') }}</h2>
        <p>{{ t('shopCuts.outHint') }}</p>
        <p class="files"
          ><a class="plain" href="/api/v1/catalogue/export.json" download>JSON</a>
          <a class="plain" href="/api/v1/catalogue/export.csv" download>CSV</a></p
        >
        <template v-if="mayChange">
          <h2>{{ t('shopCuts.in') }}</h2>
          <p>{{ t('shopCuts.inHint') }}</p>
          <FileUpload
            ref="upload"
            mode="basic"
            class="bring"
            custom-upload
            :choose-button-props="{ severity: 'secondary', outlined: true }"
            accept=".json,.csv"
            :choose-label="t('shopCuts.choose')"
            :pt="{ input: { 'data-testid': 'import' } }"
            @select="chosen" />
          <div v-if="take.isPending.value" role="status"
            >{{ t('shopCuts.reading', { file: fileName }) }}<ProgressBar mode="indeterminate" class="reading" aria-hidden="true"
          /></div>
          <p v-else-if="take.data.value && !take.isError.value" class="taken" role="status" data-testid="imported">{{
            t('shopCuts.taken', {
              file: fileName,
              cuts: take.data.value.own_cuts,
              names: take.data.value.own_names,
              hidden: take.data.value.hidden,
            })
          }}</p>
          <div v-else-if="take.isError.value" class="refused" role="alert" data-testid="import-refused">
            <p
              ><b>{{ t('shopCuts.refused', { file: fileName, count: problems.length }) }}</b></p
            >
            <p v-if="problems.length === 0">{{ take.error.value?.message }}</p>
            <div class="scroll" tabindex="0"
              ><table v-if="problems.length > 0"
                ><thead
                  ><tr
                    ><th scope="col">{{ t('shopCuts.where') }}</th
                    ><th scope="col">{{ t('shopCuts.what') }}</th></tr
                  ></thead
                >
                <tbody
                  ><tr v-for="(problem, i) in problems" :key="i"
                    ><td>{{ problem.key }}</td
                    ><td>{{ refusal(problem, units.units) }}</td></tr
                  ></tbody
                ></table
              ></div
            >
          </div>
        </template>
      </section>
      <section>
        <h2>{{ t('shopCuts.own') }}</h2>
        <p v-if="own.length === 0">{{ t('shopCuts.noOwn') }}</p>
        <ul
          ><li v-for="cut in own" :key="cut.slug"
            ><RouterLink :to="{ name: 'cut', params: { slug: cut.slug } }">{{ cut.name }}</RouterLink>
            <span>{{ t(`group.${cut.group}`) }}</span></li
          ></ul
        >
        <h2>{{ t('shopCuts.hidden') }}</h2>
        <p v-if="hidden.length === 0">{{ t('shopCuts.noHidden') }}</p>
        <ul
          ><li v-for="cut in hidden" :key="cut.slug"
            ><RouterLink :to="{ name: 'cut', params: { slug: cut.slug } }">{{ cut.name }}</RouterLink>
            <span>{{ t(`group.${cut.group}`) }}</span></li
          ></ul
        >
      </section>
    </div>
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
.page {
  padding: 8px 22px 30px;
  max-width: 1180px;
}
.back {
  margin: 0;
}
.back a {
  color: var(--oxblood);
  font-weight: 700;
  display: inline-block;
  padding: 8px 0;
}
h1 {
  font-size: 30px;
  margin-bottom: 10px;
}
h2 {
  font-size: 20px;
  margin: 18px 0 4px;
  padding-bottom: 3px;
  border-bottom: 2px solid var(--ink);
}
.columns {
  display: grid;
  grid-template-columns: 1.7fr 1fr;
  gap: 36px;
}
.columns > section {
  min-width: 0;
}
.files {
  display: flex;
  gap: 10px;
}
.file {
  cursor: pointer;
  margin: 0;
  color: var(--ink);
}
.file:has(input:focus-visible) {
  outline: 3px solid var(--focus);
  outline-offset: 2px;
}
.taken {
  background: var(--bay-wash);
  border-left: 5px solid var(--bay);
  padding: 8px 12px;
}
.refused {
  background: var(--red-wash);
  border-left: 5px solid var(--oxblood);
  padding: 8px 12px;
  margin-top: 10px;
}
.refused p {
  margin: 0 0 6px;
}
.scroll {
  max-height: 320px;
  overflow: auto;
}
table {
  width: 100%;
  border-collapse: collapse;
  background: #fff;
  font-size: 14.5px;
}
th,
td {
  text-align: left;
  padding: 5px 10px;
  border-bottom: 1px solid var(--hair);
  vertical-align: top;
  overflow-wrap: anywhere;
}
td:first-child {
  font: 600 16px var(--figures);
  white-space: nowrap;
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li a {
  font: 700 18px/1.7 var(--figures);
  color: var(--oxblood);
}
li span {
  color: var(--soft);
}
@media (max-width: 800px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
}
</style>
