<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import { length, mass, money, type Units } from '@/units/units'

// One match: what it is, what it costs a head, two reasons, one doubt, and its score as a bar of named parts.
const props = defineProps<{ match: Schemas['Found']; place: number; on: boolean; units: Units; currency: string }>()
defineEmits<{ take: [] }>()
const { t } = useI18n()
const say = useSay()
const lotLine = () =>
  [
    props.match.lot.lead_days > 0
      ? t('match.order', { days: props.match.lot.lead_days })
      : t('match.lot', { number: props.match.lot.number }),
    length(props.match.thickness_mm, props.units),
    props.match.lot.fat_pct === null ? '' : t('match.fat', { fat: props.match.lot.fat_pct }),
    props.match.lot.left_g === null ? '' : t('match.left', { left: mass(props.match.lot.left_g, props.units) }),
  ]
    .filter(Boolean)
    .join(' · ')
const parts = () => props.match.contributions.filter((part) => part.points > 0.05)
</script>

<template>
  <article class="match" :class="{ on }" data-testid="match">
    <button type="button" class="take" :aria-pressed="on" @click="$emit('take')">
      <span class="place" aria-hidden="true">{{ place }}</span>
      <span class="what"
        ><b>{{ match.cut.name }}</b
        ><span class="how">{{ t(`method.${match.method}`) }}</span
        ><span class="lot">{{ lotLine() }}</span></span
      >
      <span class="price"
        ><b>{{ money(match.a_head, currency) }}</b
        ><small>{{ t('match.aHead') }}</small></span
      >
      <span class="why">
        <span v-for="(reason, i) in match.reasons" :key="i" class="plus"><i aria-hidden="true">+</i>{{ say(reason, units) }}</span>
        <span v-if="match.doubt" class="minus"><i aria-hidden="true">–</i>{{ say(match.doubt, units) }}</span>
        <span v-for="(change, i) in match.changes" :key="`c${i}`" class="change"><i aria-hidden="true">≠</i>{{ say(change, units) }}</span>
      </span>
    </button>
    <details class="score">
      <summary
        ><span class="sr-only">{{ t('match.scoreOf') }}</span
        ><span :class="['level', match.verdict]">{{ t(`verdict.${match.verdict}`) }}</span>
        <span class="bar" aria-hidden="true"
          ><span v-for="part in parts()" :key="part.criterion" :style="{ width: `${part.points}%` }" /></span
        ><b>{{ match.score.toFixed(0) }}</b></summary
      >
      <table>
        <tr v-for="part in match.contributions" :key="part.criterion"
          ><th scope="row">{{ t(`criterion.${part.criterion}`) }}</th
          ><td class="num">{{ part.points.toFixed(1) }} / {{ part.most.toFixed(1) }}</td
          ><td>{{ part.says ? say(part.says, units) : '' }}</td></tr
        >
      </table>
      <p v-if="match.other_methods.length" class="also">{{
        t('match.also', { methods: match.other_methods.map((method) => t(`method.${method}`)).join(', ') })
      }}</p>
    </details>
  </article>
</template>

<style scoped>
.match {
  background: #fff;
  border: 1px solid var(--line);
  border-left: 5px solid var(--line);
}
.match.on {
  border-color: var(--oxblood);
  border-left-color: var(--oxblood);
  box-shadow: inset 0 0 0 1px var(--oxblood);
}
.take {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr) auto;
  gap: 0 8px;
  width: 100%;
  padding: 7px 10px 2px 8px;
  border: 0;
  background: none;
  text-align: left;
  color: var(--ink);
  cursor: pointer;
  font: 400 14px/1.3 var(--text);
}
.place {
  font: 700 24px/1 var(--figures);
  color: var(--soft);
}
.what b {
  display: block;
  font: 700 19px/1.1 var(--figures);
  overflow-wrap: anywhere;
}
.how {
  font: 600 15px/1.2 var(--figures);
  margin-right: 8px;
}
.lot {
  font-size: 13px;
  color: var(--soft);
}
.price {
  text-align: right;
}
.price b {
  display: block;
  font: 700 21px/1.1 var(--figures);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
.price small {
  font-size: 12.5px;
  color: var(--soft);
}
.why {
  grid-column: 2 / -1;
  display: grid;
  gap: 0;
  padding-top: 3px;
}
.why i {
  display: inline-block;
  width: 14px;
  font: 700 15px/1 var(--figures);
  font-style: normal;
}
.plus i {
  color: var(--bay);
}
.minus i {
  color: var(--mustard);
}
.change {
  color: var(--soft);
}
.score {
  padding: 0 10px 5px 40px;
  font-size: 13px;
}
.score summary {
  display: flex;
  gap: 8px;
  align-items: center;
  cursor: pointer;
  min-height: 44px;
  list-style: none;
}
.score summary b {
  font: 700 15px/1 var(--figures);
  font-variant-numeric: tabular-nums;
}
.bar {
  flex: 1;
  display: flex;
  gap: 1px;
  height: 7px;
  background: #e3e8e6;
}
.bar span {
  background: #6d7b78;
}
.on .bar span {
  background: var(--slate);
}
.level {
  font: 600 13px/1 var(--figures);
  padding: 3px 6px;
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
table {
  border-collapse: collapse;
  width: 100%;
}
th {
  text-align: left;
  font-weight: 700;
  padding: 2px 6px 2px 0;
  vertical-align: top;
  white-space: nowrap;
}
td {
  padding: 2px 6px 2px 0;
  vertical-align: top;
}
.num {
  white-space: nowrap;
}
.also {
  margin: 3px 0 0;
  color: var(--soft);
}
</style>
