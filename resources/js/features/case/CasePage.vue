<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { computed, ref, toRaw } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import Failed from '@/ui/Failed.vue'
import { useInSteps } from '@/ui/inSteps'
import MoreRows from '@/ui/MoreRows.vue'
import Waiting from '@/ui/Waiting.vue'
import { mass, money } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import CaseFiles from './CaseFiles.vue'
import LotForm from './LotForm.vue'
import LotRow from './LotRow.vue'
import { caseQuery } from '@/queries/case'

type Which = 'case' | 'due' | 'order' | 'sold_out'
const { t, locale } = useI18n()
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
/** A thousand rows are looked through at each key: as plain data, and counted once. */
const lots = computed(() => toRaw(toRaw(sheet.data.value)?.lots ?? []))
const PARTS: Which[] = ['case', 'due', 'order', 'sold_out']
const counts = computed(() => Object.fromEntries(PARTS.map((part) => [part, lots.value.filter((lot) => isIn(lot, part)).length])))
const shown = computed(() => {
  const words = find.value.trim().toLowerCase()
  return lots.value.filter(
    (lot) =>
      isIn(lot, which.value) &&
      (words === '' ||
        [lot.number, lot.cut_name ?? lot.cut, lot.origin ?? '', lot.grade ?? ''].some((text) => text.toLowerCase().includes(words))),
  )
})
type Key = 'number' | 'cut_name' | 'weight_g' | 'price_per_kg' | 'aged_days' | 'origin' | 'use_by'
const columns: [Key, string, boolean][] = [
  ['number', 'case.number', false],
  ['cut_name', 'case.cut', false],
  ['weight_g', 'case.left', true],
  ['price_per_kg', 'case.price', true],
  ['aged_days', 'case.hung', false],
  ['origin', 'case.origin', false],
  ['use_by', 'case.useBy', false],
]
const sort = ref<{ by: Key | null; isFalling: boolean }>({ by: null, isFalling: false })
/** Rising, then falling, then as it was. */
const sortBy = (key: Key) => {
  sort.value =
    sort.value.by !== key
      ? { by: key, isFalling: false }
      : sort.value.isFalling
        ? { by: null, isFalling: false }
        : { by: key, isFalling: true }
}
/** All lots are sorted, whatever is drawn of them. */
const sorted = computed(() => {
  const { by, isFalling } = sort.value
  if (by === null) return shown.value
  const compare = new Intl.Collator(locale.value, { numeric: true }).compare
  return [...shown.value].sort((one, other) => {
    const [a, b] = [one[by] ?? '', other[by] ?? '']
    return (isFalling ? -1 : 1) * (typeof a === 'number' && typeof b === 'number' ? a - b : compare(String(a), String(b)))
  })
})
const { rows, left, more } = useInSteps(sorted, () => [find.value, which.value, sort.value])
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ t('case.title') }}</h1>
      <p v-if="sheet.data.value" class="totals" data-testid="case-totals">{{
        t('case.totals', {
          lots: sheet.data.value.totals.lots,
          weight: mass(sheet.data.value.totals.weight_g, units.units),
          value: money(sheet.data.value.totals.value, sheet.data.value.currency),
        })
      }}</p>
      <RouterLink class="plain" :to="{ name: 'price-board' }">{{ t('case.board') }}</RouterLink>
      <button
        v-if="sheet.data.value?.may_change"
        type="button"
        class="strong"
        data-testid="add-lot"
        :aria-expanded="adding"
        @click="adding = !adding"
        >{{ t('case.add') }}</button
      >
    </header>
    <p v-if="sheet.data.value && sheet.data.value.totals.past > 0" class="past" role="alert" data-testid="case-past">{{
      t('case.past', { count: sheet.data.value.totals.past })
    }}</p>
    <LotForm v-if="adding" @done="adding = false" @cancel="adding = false" />
    <div class="tools">
      <div class="parts" role="group" :aria-label="t('case.which')">
        <button
          v-for="part in PARTS"
          :key="part"
          type="button"
          :aria-pressed="which === part"
          :data-testid="`case-${part}`"
          @click="which = part"
          >{{ t(`case.part.${part}`) }} <b>{{ counts[part] }}</b></button
        >
      </div>
      <InputText
        v-model="find"
        type="search"
        class="find"
        :placeholder="t('case.find')"
        :aria-label="t('case.find')"
        data-testid="find-lot" />
      <CaseFiles :may-change="sheet.data.value?.may_change ?? false" />
    </div>
    <Failed v-if="sheet.isError.value" :problem="sheet.error.value?.message ?? ''" @again="sheet.refetch()" />
    <Waiting v-else-if="!sheet.data.value" :label="t('case.loading')" :rows="9" />
    <p v-else-if="shown.length === 0" class="empty">{{ t(find ? 'case.noneFound' : `case.none.${which}`, { find }) }}</p>
    <table v-else data-testid="lots">
      <thead>
        <tr>
          <th
            v-for="[key, name, isRight] in columns"
            :key="key"
            scope="col"
            :class="{ right: isRight }"
            :aria-sort="sort.by !== key ? 'none' : sort.isFalling ? 'descending' : 'ascending'">
            <button type="button" :data-testid="`sort-${key}`" @click="sortBy(key)"
              >{{ t(name) }} <span aria-hidden="true">{{ sort.by !== key ? '' : sort.isFalling ? '▼' : '▲' }}</span></button
            >
          </th>
          <th scope="col"
            ><span class="sr-only">{{ t('case.do') }}</span></th
          >
        </tr>
      </thead>
      <tbody v-for="lot in rows" :key="lot.id">
        <LotRow
          :lot="lot"
          :currency="sheet.data.value.currency"
          :may-change="sheet.data.value.may_change"
          :units="units.units"
          :open="open === lot.id"
          @toggle="open = open === lot.id ? null : lot.id" />
      </tbody>
    </table>
    <MoreRows v-if="left > 0" :left="left" @more="more" />
  </section>
</template>

<style scoped>
.page {
  padding: 16px 22px;
  max-width: 1240px;
}
header {
  display: flex;
  gap: 16px;
  align-items: center;
  margin-bottom: 10px;
  flex-wrap: wrap;
}
h1 {
  font-size: 32px;
}
.totals {
  margin: 0 auto 0 0;
  font: 600 18px/1.2 var(--figures);
  color: var(--soft);
}
.past {
  background: var(--red-wash);
  border-left: 5px solid var(--oxblood);
  padding: 8px 12px;
  margin: 0 0 10px;
  font-weight: 700;
}
.tools {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 10px;
}
.parts {
  display: flex;
  flex-wrap: wrap;
}
.parts button {
  min-height: 42px;
  padding: 0 14px;
  border: 1px solid var(--ink);
  background: #fff;
  color: var(--ink);
  font: 600 17px/1 var(--figures);
  cursor: pointer;
  margin-left: -1px;
}
.parts [aria-pressed='true'] {
  background: var(--ink);
  color: #fff;
}
.find {
  width: 260px;
  height: 42px;
}
table {
  width: 100%;
  border-collapse: collapse;
  background: #fff;
}
th {
  text-align: left;
  padding: 0 10px;
  border-bottom: 2px solid var(--ink);
  white-space: nowrap;
}
th button {
  border: 0;
  background: none;
  padding: 7px 0;
  min-height: 34px;
  font: 700 14px var(--text);
  color: var(--soft);
  cursor: pointer;
}
.right {
  text-align: right;
}
.empty {
  font-size: 18px;
}
@media (max-width: 760px) {
  .page {
    padding: 12px;
  }
  thead {
    display: none;
  }
}
</style>
