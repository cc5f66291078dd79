<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { money, perUnit } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import { caseQuery } from '@/queries/case'

// What hangs over the counter: what there is today and what it costs, to be read across the shop, or printed.
const { t } = useI18n()
const units = useUnits()
const sheet = useQuery(caseQuery())
const order = ['beef', 'veal', 'pork', 'lamb', 'game', 'poultry', 'fish', 'offal']
const groups = computed(() => {
  const there = (sheet.data.value?.lots ?? []).filter(
    (lot) => lot.lead_days === 0 && (lot.weight_g ?? 0) > 0 && (lot.days_left ?? 0) >= 0 && lot.group !== null,
  )
  return order
    .map((group) => {
      const lines = new Map<string, { name: string; price: number; note: string }>()
      for (const lot of there.filter((each) => each.group === group)) {
        const note = [lot.aged_days !== null && lot.aged_days >= 10 ? t('case.hungDays', { days: lot.aged_days }) : '', lot.origin ?? '']
          .filter(Boolean)
          .join(', ')
        lines.set(`${lot.cut} ${lot.price_per_kg} ${note}`, { name: lot.cut_name ?? lot.cut, price: lot.price_per_kg, note })
      }
      return { group, lines: [...lines.values()].sort((a, b) => a.name.localeCompare(b.name)) }
    })
    .filter((each) => each.lines.length > 0)
})
const print = () => {
  window.print()
}
</script>

<template>
  <section class="board" data-testid="board">
    <header
      ><h1>{{ t('board.title') }}</h1
      ><RouterLink class="plain" :to="{ name: 'case' }">{{ t('board.back') }}</RouterLink
      ><button type="button" class="plain" @click="print">{{ t('board.print') }}</button></header
    >
    <p v-if="sheet.isError.value" class="wrong" role="alert">{{ sheet.error.value?.message }}</p>
    <p v-else-if="sheet.data.value && groups.length === 0" class="none">{{ t('case.none.case') }}</p>
    <div class="groups">
      <section v-for="each in groups" :key="each.group">
        <h2>{{ t(`group.${each.group}`) }}</h2>
        <p v-for="line in each.lines" :key="`${line.name}${line.price}${line.note}`" class="line"
          ><span
            ><b>{{ line.name }}</b> <small>{{ line.note }}</small></span
          ><strong>{{ money(perUnit(line.price, units.units), sheet.data.value?.currency ?? 'EUR') }}</strong></p
        >
      </section>
    </div>
    <p class="foot">{{ t(units.units === 'metric' ? 'board.perKg' : 'board.perLb') }}</p>
  </section>
</template>

<style scoped>
.board {
  padding: 18px 26px;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  margin-bottom: 14px;
}
h1 {
  font-size: 36px;
  margin-right: auto;
}
h2 {
  font-size: 26px;
  border-bottom: 4px solid var(--oxblood);
  margin: 0 0 4px;
}
.groups {
  columns: 3 330px;
  column-gap: 30px;
}
.groups section {
  break-inside: avoid;
  margin-bottom: 18px;
}
.line {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  margin: 0;
  padding: 5px 0;
  border-bottom: 1px solid var(--hair);
  align-items: baseline;
  break-inside: avoid;
}
.line b {
  font: 600 20px/1.15 var(--figures);
}
.line strong {
  font: 700 24px/1.1 var(--figures);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
small {
  color: var(--soft);
}
.foot,
.none {
  color: var(--soft);
}
@media print {
  header .plain {
    display: none;
  }
}
</style>
