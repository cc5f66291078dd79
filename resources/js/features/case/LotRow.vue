<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { length, mass, money, type Units } from '@/units/units'
import LotForm from './LotForm.vue'
import LotMoves from './LotMoves.vue'

const props = defineProps<{ lot: Schemas['CaseLot']; currency: string; mayChange: boolean; units: Units; open: boolean }>()
defineEmits<{ toggle: [] }>()
const { t, d } = useI18n()
const what = () =>
  [
    props.lot.thickness_mm === null ? t('case.whole') : length(props.lot.thickness_mm, props.units),
    props.lot.fat_pct === null ? '' : t('match.fat', { fat: props.lot.fat_pct }),
    props.lot.grade ? props.lot.grade.replace(':', ' ').replaceAll('_', ' ') : '',
    t(`case.packed.${props.lot.packed}`),
    props.lot.parasite_frozen ? t('case.frozen') : '',
    props.lot.pierced ? t('case.pierced') : '',
  ]
    .filter(Boolean)
    .join(' · ')
const left = () => (props.lot.lead_days > 0 ? null : props.lot.days_left)
const level = () => {
  const days = left()
  return days === null ? '' : days < 0 ? 'stop' : days <= 1 ? 'caution' : ''
}
const days = () => {
  const days = left()
  return days === null ? '' : days < 0 ? t('case.pastDay') : days === 0 ? t('case.today') : t('case.days', { days })
}
</script>

<template>
  <tr class="lot" :class="{ open }" data-testid="lot">
    <td class="no">{{ lot.number }}</td>
    <td
      ><b class="cut">{{ lot.cut_name ?? lot.cut }}</b
      ><span class="what">{{ what() }}</span
      ><span v-if="!lot.fits_cut" class="wrong">{{ t('case.misfit') }}</span></td
    >
    <td class="right big">{{ lot.weight_g === null ? t('case.anyAmount') : mass(lot.weight_g, units) }}</td>
    <td class="right big">{{ money(lot.price_per_kg, currency) }}</td>
    <td class="num">{{ lot.aged_days === null ? '' : t('case.hungDays', { days: lot.aged_days }) }}</td>
    <td>{{ lot.origin ?? '' }}</td>
    <td
      ><span v-if="lot.lead_days > 0">{{ t('match.order', { days: lot.lead_days }) }}</span>
      <span v-else-if="lot.use_by" :class="['day', level()]"
        >{{ d(new Date(`${lot.use_by}T12:00`), { day: 'numeric', month: 'short' }) }} <small>{{ days() }}</small></span
      ></td
    >
    <td class="right"
      ><button type="button" class="do" :aria-expanded="open" data-testid="lot-do" @click="$emit('toggle')">{{
        t(open ? 'case.close' : 'case.do')
      }}</button></td
    >
  </tr>
  <tr v-if="open" class="more"
    ><td colspan="8">
      <LotMoves :lot="lot" :units="units" />
      <LotForm v-if="mayChange" :lot="lot" @done="$emit('toggle')" @cancel="$emit('toggle')" /> </td
  ></tr>
</template>

<style scoped>
td {
  padding: 6px 10px;
  border-bottom: 1px solid var(--hair);
  vertical-align: baseline;
}
.no {
  font: 700 17px/1.2 var(--figures);
  white-space: nowrap;
}
.cut {
  font: 700 18px/1.2 var(--figures);
  margin-right: 9px;
}
.what {
  color: var(--soft);
  font-size: 13.5px;
}
.right {
  text-align: right;
  white-space: nowrap;
}
.big {
  font: 700 19px/1.2 var(--figures);
  font-variant-numeric: tabular-nums;
}
.day {
  padding: 2px 8px;
  border-left: 4px solid var(--line);
  white-space: nowrap;
  font: 600 16px/1.3 var(--figures);
}
.day.caution {
  border-color: var(--mustard);
  background: var(--mustard-wash);
}
.day.stop {
  border-color: var(--oxblood);
  background: var(--red-wash);
}
.do {
  min-height: 38px;
  min-width: 64px;
  border: 1px solid var(--ink);
  background: #fff;
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
.open td {
  background: #eef2f1;
  border-bottom: 0;
}
.more td {
  background: #eef2f1;
  padding: 4px 10px 14px;
}
@media (max-width: 760px) {
  .lot {
    display: grid;
    grid-template: 'no cut left' 'no from price' 'use use do' / 64px minmax(0, 1fr) auto;
    border-bottom: 1px solid var(--line);
    padding: 4px 0;
  }
  td {
    border: 0;
    padding: 2px 8px;
  }
  td:nth-child(1) {
    grid-area: no;
  }
  td:nth-child(2) {
    grid-area: cut;
  }
  td:nth-child(3) {
    grid-area: left;
  }
  td:nth-child(4) {
    grid-area: price;
  }
  td:nth-child(5) {
    display: none;
  }
  td:nth-child(6) {
    grid-area: from;
    color: var(--soft);
  }
  td:nth-child(7) {
    grid-area: use;
  }
  td:nth-child(8) {
    grid-area: do;
  }
  .more td {
    display: block;
  }
}
</style>
