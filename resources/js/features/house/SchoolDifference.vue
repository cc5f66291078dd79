<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useAsks } from '@/asks/useAsks'
import { duration, length, span, temperature } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import { differenceQuery } from './queries'
import TickBox from '@/ui/TickBox.vue'

// What the options come to, computed: for the school's own example, or for the piece that is on the counter.
const props = defineProps<{ school: Schemas['School'] }>()
const { t } = useI18n()
const units = useUnits()
const asks = useAsks()
const atHand = ref(false)
const asked = useQuery(() => differenceQuery(props.school.id, atHand.value ? (asks.shown?.ask ?? null) : null))
const rows = computed(() => asked.data.value?.rows ?? [])
</script>

<template>
  <div class="difference" :data-testid="`comes-${school.id}`">
    <p class="for"
      >{{
        asked.data.value
          ? t('house.for', {
              cut: asked.data.value.cut.replaceAll('-', ' '),
              thickness: length(asked.data.value.thickness_mm, units.units),
            })
          : t('ticket.waiting')
      }}
    </p>
    <TickBox v-if="asks.shown?.ask" v-model="atHand">{{ t('house.atHand') }}</TickBox>
    <p v-if="asked.isError.value" class="wrong" role="alert">{{ asked.error.value?.message }}</p>
    <table v-else-if="rows.length">
      <thead
        ><tr
          ><th scope="col" /><th scope="col">{{ t('house.target') }}</th
          ><th scope="col">{{ t('house.pull') }}</th
          ><th scope="col">{{ t('house.time') }}</th
          ><th scope="col">{{ t('house.whole') }}</th
          ><th scope="col">{{ t('house.grey') }}</th
          ><th scope="col">{{ t('meter.crust') }}</th
          ><th scope="col">{{ t('house.loss') }}</th
          ><th scope="col">{{ t('tickets.verdict') }}</th></tr
        ></thead
      >
      <tbody
        ><tr v-for="row in rows" :key="row.option">
          <th scope="row">{{ t(`school_option.${school.id}.${row.option}`) }}</th><td
            >{{ t(`word.${row.word}`) }}, {{ temperature(row.target_c, units.units) }}</td
          ><td>{{ temperature(row.pull_core_c, units.units) }} → {{ temperature(row.peak_core_c, units.units) }}</td>
          <td>{{ span(row.time_low_s, row.time_high_s) }}</td><td>{{ duration(row.total_s) }}</td
          ><td>{{ row.grey_band_mm === null ? '' : length(row.grey_band_mm, units.units) }}</td
          ><td>{{ length(row.crust_mm, units.units) }}</td
          ><td>{{ Math.round(row.loss_share * 100) }} %</td>
          <td
            ><span :class="['level', row.verdict]">{{ t(`verdict.${row.verdict}`) }}</span></td
          >
        </tr></tbody
      >
    </table>
  </div>
</template>

<style scoped>
.difference {
  background: #eef2f1;
  padding: 8px 12px;
  overflow-x: auto;
}
.for {
  margin: 0 0 6px;
  font-size: 14px;
  color: var(--soft);
  display: flex;
  gap: 18px;
  flex-wrap: wrap;
  align-items: center;
}
.for label {
  margin: 0;
  display: flex;
  gap: 8px;
  align-items: center;
  color: var(--ink);
  font-weight: 400;
  min-height: 30px;
  cursor: pointer;
}
.for input {
  width: 20px;
  height: 20px;
  accent-color: var(--ink);
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  padding: 4px 12px 4px 0;
  font: 600 16px/1.3 var(--figures);
  white-space: nowrap;
  font-variant-numeric: tabular-nums;
}
thead th {
  font: 700 13px/1.3 var(--text);
  color: var(--soft);
}
tbody th {
  white-space: normal;
  min-width: 150px;
}
.level {
  padding: 2px 8px;
  border-left: 4px solid;
}
.level.clear {
  border-color: var(--bay);
  background: var(--bay-wash);
}
.level.caution {
  border-color: var(--mustard);
  background: var(--mustard-wash);
}
.level.stop {
  border-color: var(--oxblood);
  background: var(--red-wash);
}
</style>
