<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import { duration, span, type Units } from '@/units/units'

const props = defineProps<{ lines: Schemas['TimelineLine'][]; units: Units }>()
const { locale } = useI18n()
const say = useSay()
/** A day earlier than the meal is named. */
const day = (clock: string) =>
  clock.slice(0, 10) === props.lines[props.lines.length - 1]?.clock?.slice(0, 10)
    ? ''
    : `${new Date(`${clock.slice(0, 10)}T12:00`).toLocaleDateString(locale.value, { weekday: 'short' })} `
const at = (line: Schemas['TimelineLine']) =>
  line.clock !== null ? `${day(line.clock)}${line.clock.slice(11, 16)}` : line.at_s < 0 ? `−${duration(-line.at_s)}` : duration(line.at_s)
</script>

<template>
  <table class="lines" data-testid="timeline">
    <tbody>
      <tr v-for="line in lines" :key="`${line.at_s}${line.do.key}`">
        <th scope="row">{{ at(line) }}</th><td>{{ say(line.do, units) }}</td
        ><td class="for">{{ line.takes ? span(line.takes.low_s, line.takes.high_s) : '' }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.lines {
  border-collapse: collapse;
  width: 100%;
}
tr {
  border-top: 1px solid var(--hair);
}
th {
  width: 62px;
  text-align: left;
  font: 700 17px/1.2 var(--figures);
  font-variant-numeric: tabular-nums;
  padding: 2px 8px 2px 0;
  white-space: nowrap;
  vertical-align: baseline;
}
td {
  padding: 2px 0;
  vertical-align: baseline;
  line-height: 1.25;
  font-size: 14.5px;
}
.for {
  text-align: right;
  font: 700 17px/1.2 var(--figures);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
  padding-left: 10px;
}
</style>
