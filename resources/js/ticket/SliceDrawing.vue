<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { length, temperature, type Units } from '@/units/units'
import { colour } from './colour'

// The cut face to scale: each depth in the colour of the highest temperature it reached, the doneness words beside it.
const props = defineProps<{ section: Schemas['CrossSection']; units: Units }>()
const { t } = useI18n()
const WIDTH = 150
const HEIGHT = 132
const round = computed(() => props.section.shape !== 'slab')
/** Tickets of older engines do not say what the face is of. */
const form = computed(() => (props.section.form as Schemas['CrossSection']['form'] | undefined) ?? 'plain')
const SLIM = 0.58
/** How far out the filling is drawn. */
const FILLED = 0.45
/** All around an oval, to leave only it. */
const arc = `A${WIDTH / 2} ${HEIGHT / 2} 0 0 0`
const oval = `M0 0H${WIDTH}V${HEIGHT}H0Z M0 ${HEIGHT / 2}${arc} ${WIDTH} ${HEIGHT / 2}${arc} 0 ${HEIGHT / 2}Z`
const squeeze = computed(() => (form.value === 'fish' && round.value ? SLIM : 1))
const perMm = computed(() => HEIGHT / props.section.across_mm)
const peaks = computed(() => props.section.peaks_c.map(([mm = 0, c = 0]) => ({ mm, c })))

const strips = computed(() =>
  peaks.value.slice(0, -1).map((from, i) => {
    const to = peaks.value[i + 1] ?? from
    return {
      y: from.mm * perMm.value,
      height: (to.mm - from.mm) * perMm.value + 1,
      fill: colour(props.section.tissue, (from.c + to.c) / 2),
    }
  }),
)
const rings = computed(() =>
  [...peaks.value].reverse().map((peak) => ({ r: Math.max(0.5, peak.mm * perMm.value), fill: colour(props.section.tissue, peak.c) })),
)

const zoneOf = (celsius: number) => props.section.zones.filter((zone) => zone.from_c === null || celsius >= zone.from_c).at(-1)?.word ?? ''
/** One label where a zone is thick enough to be read; the core's carries its temperature. */
const labels = computed(() => {
  const top = round.value ? HEIGHT / 2 : 0
  const runs: { word: string; from: number; to: number; hottest: number; coldest: number }[] = []
  for (const peak of peaks.value) {
    const word = zoneOf(peak.c)
    const y = top + peak.mm * perMm.value
    const last = runs.at(-1)
    if (last?.word === word)
      Object.assign(last, { to: y, hottest: Math.max(last.hottest, peak.c), coldest: Math.min(last.coldest, peak.c) })
    else runs.push({ word, from: last?.to ?? y, to: y, hottest: peak.c, coldest: peak.c })
  }
  const core = runs.reduce(
    (best, run) => (run.coldest < best.coldest ? run : best),
    runs[0] ?? { word: '', from: 0, to: 0, hottest: 0, coldest: 0 },
  )
  let free = -Infinity
  return runs
    .filter((run) => run.to - run.from > 7 || run === core)
    .map((run) => ({
      text: t(`word.${run.word}`),
      y: form.value === 'bird' ? HEIGHT - (run.from + run.to) / 2 : (run.from + run.to) / 2, // above its cavity
      core: run === core ? temperature(Math.round(run.coldest), props.units) : null,
    }))
    .filter((label) => {
      if (label.y - free < 13 && label.core === null) return false
      free = label.y + (label.core === null ? 0 : 14)
      return true
    })
})
</script>

<template>
  <figure>
    <svg class="slice" :viewBox="`0 0 ${WIDTH + 92} ${HEIGHT + 8}`" role="img" :aria-label="t('ticket.slice')" data-testid="slice">
      <g transform="translate(2 4)">
        <template v-if="round">
          <ellipse
            v-for="(ring, i) in rings"
            :key="i"
            :cx="WIDTH / 2"
            :cy="HEIGHT / 2"
            :rx="squeeze * ring.r"
            :ry="ring.r"
            :fill="ring.fill" />
          <g v-if="form === 'bird'" data-testid="slice-bird">
            <ellipse class="hollow" :cx="WIDTH / 2" :cy="0.72 * HEIGHT" :rx="0.24 * HEIGHT" :ry="0.18 * HEIGHT" />
            <line class="bone" :x1="WIDTH / 2" :x2="WIDTH / 2" :y1="0.1 * HEIGHT" :y2="0.54 * HEIGHT" />
          </g>
          <g v-if="form === 'fish'" data-testid="slice-fish">
            <ellipse class="hollow" :cx="WIDTH / 2" :cy="0.83 * HEIGHT" :rx="0.08 * HEIGHT" :ry="0.11 * HEIGHT" />
            <circle class="bone-end" :cx="WIDTH / 2" :cy="HEIGHT / 2" r="4" />
          </g>
          <circle v-if="form === 'filled'" class="filling" :cx="WIDTH / 2" :cy="HEIGHT / 2" :r="0.5 * FILLED * HEIGHT" />
        </template>
        <template v-else>
          <rect v-for="(strip, i) in strips" :key="i" x="0" :y="strip.y" :width="WIDTH" :height="strip.height" :fill="strip.fill" />
          <g v-if="form === 'fish'" data-testid="slice-fish">
            <path class="paper" :d="oval" />
            <line class="bone" :x1="0.12 * WIDTH" :x2="0.88 * WIDTH" :y1="HEIGHT / 2" :y2="HEIGHT / 2" />
          </g>
          <rect v-if="form === 'filled'" class="filling" x="0" :y="0.5 * (1 - FILLED) * HEIGHT" :width="WIDTH" :height="FILLED * HEIGHT" />
          <rect v-if="form !== 'fish'" x="0" y="0" :width="WIDTH" :height="HEIGHT" fill="none" stroke="#141c1b" stroke-width="1" />
        </template>
        <g v-for="label in labels" :key="label.text + label.y">
          <line
            :x1="round ? WIDTH / 2 + (form === 'bird' ? 8 : 0) : WIDTH"
            :x2="WIDTH + 6"
            :y1="label.y"
            :y2="label.y"
            stroke="#141c1b"
            stroke-width=".7" />
          <text :x="WIDTH + 9" :y="label.y + 4.5" :class="{ core: label.core }">
            {{ label.text }}
            <tspan v-if="label.core" :x="WIDTH + 9" dy="14">{{ label.core }}</tspan>
          </text>
        </g>
      </g>
    </svg>
    <figcaption v-if="section.grey_band_mm !== null && section.grey_band_mm !== undefined">{{
      t('ticket.greyBand', { mm: length(section.grey_band_mm, units) })
    }}</figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
figcaption {
  font-size: 13px;
  color: var(--soft);
}
.hollow {
  fill: var(--card, #fffdf6);
  stroke: #141c1b;
  stroke-width: 0.7;
}
.filling {
  fill: #e2c48a;
  fill-opacity: 0.6;
  stroke: #5d4a22;
  stroke-dasharray: 3 3;
}
.paper {
  fill: var(--card, #fffdf6);
  fill-rule: evenodd;
}
.bone {
  stroke: #fffdf6;
  stroke-width: 3;
}
.bone-end {
  fill: #fffdf6;
  stroke: #141c1b;
  stroke-width: 0.7;
}
.slice {
  display: block;
  width: 100%;
  height: auto;
}
text {
  font: 600 13.5px var(--figures);
  fill: #141c1b;
}
.core {
  font-weight: 700;
  font-size: 15px;
}
</style>
