<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useInSteps } from '@/ui/inSteps'
import MoreRows from '@/ui/MoreRows.vue'
import { mass, money } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import CaseFiles from './CaseFiles.vue'
import LotForm from './LotForm.vue'
import LotRow from './LotRow.vue'
import { caseQuery } from './queries'

type Which = 'case' | 'due' | 'order' | 'sold_out'
const { t } = useI18n()
const units = useUnits()
const sheet = useQuery(caseQuery())
const find = ref('')
const which = ref<Which>('case')
const open = ref<number | null>(null)
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
const { rows, left, more } = useInSteps(shown, () => [find.value, which.value])
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
    <p v-if="sheet.isError.value" class="wrong" role="alert">{{ sheet.error.value?.message }} <button class="plain" type="button" @click="sheet.refetch()">{{ t('error.retry') }}</button></p>
    <p v-else-if="!sheet.data.value">{{ t('case.loading') }}</p>
    <p v-else-if="shown.length === 0" class="empty">{{ t(find ? 'case.noneFound' : `case.none.${which}`, { find }) }}</p>
    <table v-else data-testid="lots">
      <thead><tr><th scope="col">{{ t('case.number') }}</th><th scope="col">{{ t('case.cut') }}</th><th scope="col" class="right">{{ t('case.left') }}</th><th scope="col" class="right">{{ t('case.price') }}</th><th scope="col">{{ t('case.hung') }}</th><th scope="col">{{ t('case.origin') }}</th><th scope="col">{{ t('case.useBy') }}</th><th scope="col"><span class="sr-only">{{ t('case.do') }}</span></th></tr></thead>
      <tbody v-for="lot in rows" :key="lot.id">
        <LotRow :lot="lot" :currency="sheet.data.value.currency" :may-change="sheet.data.value.may_change" :units="units.units" :open="open === lot.id" @toggle="open = open === lot.id ? null : lot.id" />
      </tbody>
    </table>
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
table { width: 100%; border-collapse: collapse; background: #fff; }
th { text-align: left; font: 700 14px var(--text); color: var(--soft); padding: 7px 10px; border-bottom: 2px solid var(--ink); white-space: nowrap; }
.right { text-align: right; }
.empty { font-size: 18px; }
@media (max-width: 760px) { .page { padding: 12px; } thead { display: none; } }
</style>
