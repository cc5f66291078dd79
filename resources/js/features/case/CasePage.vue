<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useInSteps } from '@/ui/inSteps'
import MoreRows from '@/ui/MoreRows.vue'
import { length, mass, money } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import CaseFiles from './CaseFiles.vue'
import LotForm from './LotForm.vue'
import LotDay from './LotDay.vue'
import LotMoves from './LotMoves.vue'
import { caseQuery } from './queries'
import Column from 'primevue/column'
import DataTable from 'primevue/datatable'
import Failed from '@/ui/Failed.vue'
import Waiting from '@/ui/Waiting.vue'

type Which = 'case' | 'due' | 'order' | 'sold_out'
interface Row { data: Schemas['CaseLot'] }
const { t, locale } = useI18n()
const units = useUnits()
const sheet = useQuery(caseQuery())
const find = ref('')
const which = ref<Which>('case')
/** Lots whose moves are open, by id. */
const open = ref<Record<string, boolean>>({})
const toggle = (id: number) => { open.value = open.value[id] ? {} : { [id]: true } }
const sort = ref<{ field: string; order: number }>({ field: '', order: 0 })
const adding = ref(false)

const isIn = (lot: Schemas['CaseLot'], part: Which) => {
  if (part === 'order') return lot.lead_days > 0
  if (lot.lead_days > 0) return false
  if (part === 'sold_out') return lot.weight_g === 0
  return (lot.weight_g ?? 0) > 0 && (part === 'case' || (lot.days_left !== null && lot.days_left <= 1))
}
const lots = computed(() => sheet.data.value?.lots ?? [])
const count = (part: Which) => lots.value.filter((lot) => isIn(lot, part)).length
const shown = computed(() => {
  const words = find.value.trim().toLowerCase()
  return lots.value.filter((lot) => isIn(lot, which.value) && (words === '' || [lot.number, lot.cut_name ?? lot.cut, lot.origin ?? '', lot.grade ?? ''].some((text) => text.toLowerCase().includes(words))))
})
/** All lots are sorted, whatever is drawn of them. */
const sorted = computed(() => {
  const { field, order } = sort.value
  if (field === '' || order === 0) return shown.value
  const of = (lot: Schemas['CaseLot']) => lot[field as keyof Schemas['CaseLot']] ?? ''
  return [...shown.value].sort((a, b) => {
    const [one, other] = [of(a), of(b)]
    return order * (typeof one === 'number' && typeof other === 'number' ? one - other : String(one).localeCompare(String(other), locale.value, { numeric: true }))
  })
})
const { rows, left, more } = useInSteps(sorted, () => [find.value, which.value, sort.value])
const lotLine = (lot: Schemas['CaseLot']) => [
  lot.thickness_mm === null ? t('case.whole') : length(lot.thickness_mm, units.units), lot.fat_pct === null ? '' : t('match.fat', { fat: lot.fat_pct }), lot.grade ? lot.grade.replace(':', ' ').replaceAll('_', ' ') : '',
  t(`case.packed.${lot.packed}`), lot.parasite_frozen ? t('case.frozen') : '', lot.pierced ? t('case.pierced') : '',
].filter(Boolean).join(' · ')
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ t('case.title') }}</h1>
      <p v-if="sheet.data.value" class="totals" data-testid="case-totals">{{ t('case.totals', { lots: sheet.data.value.totals.lots, weight: mass(sheet.data.value.totals.weight_g, units.units), value: money(sheet.data.value.totals.value, sheet.data.value.currency) }) }}</p>
      <RouterLink class="plain" :to="{ name: 'price-board' }">{{ t('case.board') }}</RouterLink>
      <button v-if="sheet.data.value?.may_change" type="button" class="strong" data-testid="add-lot" :aria-expanded="adding" @click="adding = !adding">{{ t('case.add') }}</button>
    </header>
    <p v-if="sheet.data.value && sheet.data.value.totals.past > 0" class="past" role="alert" data-testid="case-past">{{ t('case.past', { count: sheet.data.value.totals.past }) }}</p>
    <LotForm v-if="adding" @done="adding = false" @cancel="adding = false" />
    <div class="tools">
      <div class="parts" role="group" :aria-label="t('case.which')">
        <button v-for="part in ['case', 'due', 'order', 'sold_out'] as const" :key="part" type="button" :aria-pressed="which === part" :data-testid="`case-${part}`" @click="which = part">{{ t(`case.part.${part}`) }} <b>{{ count(part) }}</b></button>
      </div>
      <InputText v-model="find" type="search" class="find" :placeholder="t('case.find')" :aria-label="t('case.find')" data-testid="find-lot" />
      <CaseFiles :may-change="sheet.data.value?.may_change ?? false" />
    </div>
    <Failed v-if="sheet.isError.value" :problem="sheet.error.value?.message ?? ''" @again="sheet.refetch()" />
    <Waiting v-else-if="!sheet.data.value" :label="t('case.loading')" :rows="9" />
    <p v-else-if="shown.length === 0" class="empty">{{ t(find ? 'case.noneFound' : `case.none.${which}`, { find }) }}</p>
    <DataTable
      v-else v-model:expanded-rows="open" :value="rows" data-key="id" lazy removable-sort :sort-field="sort.field" :sort-order="sort.order" class="lots" data-testid="lots"
      :pt="{ bodyRow: { 'data-testid': 'lot' } }" @sort="(now) => { sort = { field: String(now.sortField ?? ''), order: now.sortOrder ?? 0 } }"
    >
      <Column field="number" sortable :header="t('case.number')" class="no" />
      <Column field="cut_name" sortable :header="t('case.cut')" class="cut">
        <template #body="{ data: lot }: Row"><b>{{ lot.cut_name ?? lot.cut }}</b> <span class="what">{{ lotLine(lot) }}</span><span v-if="!lot.fits_cut" class="wrong">{{ t('case.misfit') }}</span></template>
      </Column>
      <Column field="weight_g" sortable :header="t('case.left')" class="right left">
        <template #body="{ data: lot }: Row">{{ lot.weight_g === null ? t('case.anyAmount') : mass(lot.weight_g, units.units) }}</template>
      </Column>
      <Column field="price_per_kg" sortable :header="t('case.price')" class="right price">
        <template #body="{ data: lot }: Row">{{ money(lot.price_per_kg, sheet.data.value?.currency ?? '') }}</template>
      </Column>
      <Column field="aged_days" sortable :header="t('case.hung')" class="hung">
        <template #body="{ data: lot }: Row">{{ lot.aged_days === null ? '' : t('case.hungDays', { days: lot.aged_days }) }}</template>
      </Column>
      <Column field="origin" sortable :header="t('case.origin')" class="from" />
      <Column field="use_by" sortable :header="t('case.useBy')" class="use">
        <template #body="{ data: lot }: Row"><LotDay :lot="lot" /></template>
      </Column>
      <Column class="right do">
        <template #header><span class="sr-only">{{ t('case.do') }}</span></template>
        <template #body="{ data: lot }: Row">
          <button type="button" class="open" :aria-expanded="Boolean(open[lot.id])" data-testid="lot-do" @click="toggle(lot.id)">{{ t(open[lot.id] ? 'case.close' : 'case.do') }}</button>
        </template>
      </Column>
      <template #expansion="{ data: lot }: Row">
        <LotMoves :lot="lot" :units="units.units" />
        <LotForm v-if="sheet.data.value?.may_change" :lot="lot" @done="toggle(lot.id)" @cancel="toggle(lot.id)" />
      </template>
    </DataTable>
    <MoreRows v-if="left > 0" :left="left" @more="more" />
  </section>
</template>

<style scoped>
.page { padding: 16px 22px; max-width: 1240px; }
header { display: flex; gap: 16px; align-items: center; margin-bottom: 10px; flex-wrap: wrap; }
h1 { font-size: 32px; }
.totals { margin: 0 auto 0 0; font: 600 18px/1.2 var(--figures); color: var(--soft); }
.past { background: var(--red-wash); border-left: 5px solid var(--oxblood); padding: 8px 12px; margin: 0 0 10px; font-weight: 700; }
.tools { display: flex; gap: 12px; align-items: center; flex-wrap: wrap; margin-bottom: 10px; }
.parts { display: flex; flex-wrap: wrap; }
.parts button { min-height: 42px; padding: 0 14px; border: 1px solid var(--ink); background: #fff; color: var(--ink); font: 600 17px/1 var(--figures); cursor: pointer; margin-left: -1px; }
.parts [aria-pressed='true'] { background: var(--ink); color: #fff; }
.find { width: 260px; height: 42px; }
.empty { font-size: 18px; }
.lots :deep(td) { padding: 6px 10px; vertical-align: baseline; }
.lots :deep(th) { padding: 7px 10px; font-size: 14px; white-space: nowrap; }
.lots :deep(.no) { font: 700 17px/1.2 var(--figures); white-space: nowrap; }
.lots :deep(.cut b) { font: 700 18px/1.2 var(--figures); margin-right: 9px; }
.what { color: var(--soft); font-size: 13.5px; }
.lots :deep(th.right .p-datatable-column-header-content) { justify-content: flex-end; }
.lots :deep(td.right) { text-align: right; white-space: nowrap; }
.lots :deep(td.left), .lots :deep(td.price) { font: 700 19px/1.2 var(--figures); font-variant-numeric: tabular-nums; }
.open { min-height: 38px; min-width: 64px; border: 1px solid var(--ink); background: #fff; font: 600 16px/1 var(--figures); cursor: pointer; }
@media (max-width: 760px) {
  .page { padding: 12px; }
  .lots :deep(thead) { display: none; }
  .lots :deep([data-testid='lot']) { display: grid; grid-template: 'no cut left' 'no from price' 'use use do' / 64px minmax(0, 1fr) auto; border-bottom: 1px solid var(--line); padding: 4px 0; }
  .lots :deep([data-testid='lot'] > td) { border: 0; padding: 2px 8px; }
  .lots :deep(td.no) { grid-area: no; } .lots :deep(td.cut) { grid-area: cut; } .lots :deep(td.left) { grid-area: left; } .lots :deep(td.price) { grid-area: price; }
  .lots :deep(td.hung) { display: none; } .lots :deep(td.from) { grid-area: from; color: var(--soft); } .lots :deep(td.use) { grid-area: use; } .lots :deep(td.do) { grid-area: do; }
}
</style>
