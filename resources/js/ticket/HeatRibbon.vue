<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { duration, temperature, type Units } from '@/units/units'

// Stages along a time axis under the curves of the core and both faces; turns as ticks, the pull and the plate as flags.
const props = defineProps<{ ticket: Schemas['DishTicket']; units: Units }>()
const { t } = useI18n()
const W = 372
const LEFT = 34
const TOP = 14
const PLOT = 104
const total = computed(() => Math.max(1, props.ticket.total_s, doneAt.value.high))
const topC = computed(() =>
  Math.max(80, Math.ceil((Math.max(...props.ticket.heat_ribbon.surface_a_c, ...props.ticket.heat_ribbon.surface_b_c) + 6) / 40) * 40),
)
const x = (seconds: number) => LEFT + ((W - LEFT - 4) * seconds) / total.value
const y = (celsius: number) => TOP + PLOT * (1 - celsius / topC.value)
const path = (values: number[]) =>
  values.map((c, i) => `${i === 0 ? 'M' : 'L'}${x(props.ticket.heat_ribbon.time_s[i] ?? 0).toFixed(1)} ${y(c).toFixed(1)}`).join('')
const lines = computed(() => [0.25, 0.5, 0.75, 1].map((share) => topC.value * share))
const open = computed(() => props.ticket.stages.find((stage) => stage.low_s !== stage.high_s) ?? props.ticket.stages[0])
const off = computed(() => open.value?.ends_s ?? 0)
const doneAt = computed(() => ({
  low: (open.value?.starts_s ?? 0) + (open.value?.low_s ?? 0),
  high: (open.value?.starts_s ?? 0) + (open.value?.high_s ?? 0),
}))
/** Salt that went on then has drawn water out: the surface is wet. */
const badWindow = computed(() => props.ticket.dressing?.bad_window ?? null)
const turns = computed(() => props.ticket.stages.flatMap((stage) => stage.turns_at_s))
const rows = computed(() => {
  const { time_s: time, core_c: core, surface_a_c: a } = props.ticket.heat_ribbon
  const every = Math.max(1, Math.floor(time.length / 12))
  return time
    .map((seconds, i) => ({ seconds, core: core[i] ?? 0, surface: a[i] ?? 0 }))
    .filter((_, i) => i % every === 0 || i === time.length - 1)
})
</script>

<template>
  <figure class="ribbon">
    <svg :viewBox="`0 0 ${W} 156`" role="img" :aria-label="t('ticket.ribbon')" data-testid="ribbon">
      <g v-for="c in lines" :key="c">
        <line :x1="LEFT" :x2="W - 4" :y1="y(c)" :y2="y(c)" class="grid" />
        <text :x="LEFT - 4" :y="y(c) + 4" class="axis">{{ temperature(c, units).replace(/\s.*/, '°') }}</text>
      </g>
      <rect :x="x(doneAt.low)" :y="TOP" :width="Math.max(0, x(doneAt.high) - x(doneAt.low))" :height="PLOT" class="range" />
      <line v-for="(turn, i) in turns" :key="i" :x1="x(turn)" :x2="x(turn)" :y1="TOP + PLOT - 5" :y2="TOP + PLOT" class="turn" />
      <path :d="path(ticket.heat_ribbon.surface_a_c)" class="surface" />
      <path v-if="!ticket.is_round" :d="path(ticket.heat_ribbon.surface_b_c)" class="surface b" />
      <path :d="path(ticket.heat_ribbon.core_c)" class="core" />
      <line :x1="x(off)" :x2="x(off)" :y1="TOP - 2" :y2="TOP + PLOT" class="flag" />
      <text :x="x(off)" :y="TOP - 4" :class="['flagged', { end: off > total * 0.85 }]">
        {{ t('ticket.pullFlag') }} {{ temperature(ticket.pull_core_c, units) }}
      </text>
      <g v-for="stage in ticket.stages" :key="stage.name + stage.starts_s">
        <rect
          :x="x(stage.starts_s)"
          :y="TOP + PLOT + 2"
          :width="Math.max(1, x(stage.ends_s) - x(stage.starts_s))"
          height="20"
          :class="['stage', stage.name]" />
        <text
          v-if="x(stage.ends_s) - x(stage.starts_s) > 8 + 6 * t(`stage.${stage.name}`).length"
          :x="x(stage.starts_s) + 4"
          :y="TOP + PLOT + 16"
          :class="['on', stage.name]">
          {{ t(`stage.${stage.name}`) }}
        </text>
      </g>
      <g v-if="badWindow" data-testid="bad-window">
        <rect x="0" :y="TOP + PLOT + 2" :width="LEFT - 3" height="20" class="wet" />
        <text x="0" y="153" class="axis start">−{{ duration(-badWindow.from_s).replace(/\s.*/, '') }}</text>
      </g>
      <text :x="LEFT" y="153" class="axis start">0</text>
      <text :x="W - 4" y="153" class="axis">{{ duration(total) }}</text>
    </svg>
    <figcaption
      ><span class="key core">{{ t('ticket.core') }}</span
      ><span class="key surface">{{ t('ticket.surface') }}</span
      >{{ t('ticket.doneAt', { low: duration(doneAt.low), high: duration(doneAt.high) })
      }}<span v-if="badWindow" class="key wet">{{
        t('season.badWindow', { from: duration(-badWindow.from_s), to: duration(-badWindow.to_s) })
      }}</span></figcaption
    >
    <div class="sr-only"
      ><table
        ><caption>{{ t('ticket.curve') }}</caption
        ><thead
          ><tr
            ><th scope="col">{{ t('ticket.minute') }}</th
            ><th scope="col">{{ t('ticket.core') }}</th
            ><th scope="col">{{ t('ticket.surface') }}</th></tr
          ></thead
        >
        <tbody
          ><tr v-for="row in rows" :key="row.seconds"
            ><td>{{ duration(row.seconds) }}</td
            ><td>{{ temperature(row.core, units) }}</td
            ><td>{{ temperature(row.surface, units) }}</td></tr
          ></tbody
        ></table
      ></div
    >
  </figure>
</template>

<style scoped>
.ribbon {
  margin: 0;
  position: relative;
}
svg {
  display: block;
  width: 100%;
  height: auto;
}
.grid {
  stroke: #d3d8d5;
  stroke-width: 0.8;
}
.axis {
  font: 500 12px var(--figures);
  fill: #55605d;
  text-anchor: end;
}
.axis.start {
  text-anchor: start;
}
.range {
  fill: #24302f;
  opacity: 0.08;
}
.turn {
  stroke: #55605d;
  stroke-width: 1;
}
.surface {
  fill: none;
  stroke: #8a1c2c;
  stroke-width: 1.4;
}
.surface.b {
  stroke-dasharray: 4 2;
}
.core {
  fill: none;
  stroke: #141c1b;
  stroke-width: 3;
}
.flag {
  stroke: #141c1b;
  stroke-width: 1.2;
  stroke-dasharray: 3 3;
}
.flagged {
  font: 700 13px var(--figures);
  text-anchor: middle;
  fill: #141c1b;
}
.flagged.end {
  text-anchor: end;
}
.stage {
  fill: #b0702c;
}
.stage.sear,
.stage.pan,
.stage.pan_covered,
.stage.grill,
.stage.grill_covered,
.stage.broil,
.stage.stir_fry,
.stage.skin_side,
.stage.flesh_side,
.stage.flesh_side_covered {
  fill: #8a1c2c;
}
.stage.bath,
.stage.hold,
.stage.braise,
.stage.poach,
.stage.steam,
.stage.parcel {
  fill: #2d5d78;
}
.stage.rest,
.stage.rest_wrapped {
  fill: #a9bcc2;
}
/* a hatch, as of something not to be done */
.wet {
  fill: #e4c04a;
  stroke: #8a6207;
  stroke-dasharray: 3 2;
}
.on {
  font: 600 13px var(--figures);
  fill: #fff;
}
.on.rest,
.on.rest_wrapped {
  fill: #141c1b;
}
.on.oven {
  fill: #fff;
}
figcaption {
  font-size: 12.5px;
  color: var(--soft);
  display: flex;
  gap: 0 12px;
  flex-wrap: wrap;
}
.key::before {
  content: '';
  display: inline-block;
  width: 16px;
  margin-right: 5px;
  vertical-align: middle;
  border-top: 3px solid #141c1b;
}
.key.wet::before {
  border-top: 6px double #8a6207;
}
.key.surface::before {
  border-top: 2px solid #8a1c2c;
}
</style>
