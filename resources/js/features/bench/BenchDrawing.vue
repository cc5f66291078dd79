<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { length, type Units } from '@/units/units'

// The piece from the side, to scale, with what is done to it: the cap and the line to cut it to, the cuts, the string.
const props = defineProps<{ sketch: Schemas['BenchSketch']; units: Units; label: string }>()
const { t } = useI18n()
const WIDE = 600
const HIGH = 212
const MARGIN = 34
const ROUND = 0.28
const scale = computed(() => Math.min((WIDE - 2 * MARGIN) / props.sketch.length_mm, (HIGH - 62) / props.sketch.height_mm))
const w = computed(() => props.sketch.length_mm * scale.value)
const h = computed(() => Math.max(16, props.sketch.height_mm * scale.value))
const left = computed(() => (WIDE - w.value) / 2)
const top = computed(() => 26 + (HIGH - 62 - h.value) / 2)
const cap = computed(() => Math.min(0.45 * h.value, props.sketch.cap_mm * scale.value))
const aim = computed(() => (props.sketch.cap_aim_mm === null ? null : Math.min(cap.value, props.sketch.cap_aim_mm * scale.value)))
/** A side view with soft ends; the cap follows the upper edge. */
const body = computed(() => {
  const r = Math.min(0.5 * h.value, ROUND * w.value)
  const [x0, x1, y0, y1] = [left.value, left.value + w.value, top.value, top.value + h.value]
  const middle = y0 + 0.5 * h.value
  const right = `L ${x1 - r} ${y0} Q ${x1} ${y0} ${x1} ${middle} Q ${x1} ${y1} ${x1 - r} ${y1}`
  return `M ${x0 + r} ${y0} ${right} L ${x0 + r} ${y1} Q ${x0} ${y1} ${x0} ${middle} Q ${x0} ${y0} ${x0 + r} ${y0} Z`
})
const edges = computed(() => [0, ...props.sketch.cuts_mm, props.sketch.length_mm])
const parts = computed(() =>
  edges.value.slice(1).map((edge, i) => ({
    x: left.value + (scale.value * (edge + (edges.value[i] ?? 0))) / 2,
    mark: props.sketch.marks[i] ?? String(i + 1),
  })),
)
const every = (mm: number | null) =>
  mm === null || mm <= 0
    ? []
    : Array.from({ length: Math.max(0, Math.ceil(props.sketch.length_mm / mm) - 1) }, (_, i) => left.value + (i + 1) * mm * scale.value)
/** Slices in a row are so many of so much; one piece is so long. */
const long = computed(() =>
  props.sketch.cuts_mm.length
    ? `${props.sketch.cuts_mm.length + 1} × ${length(props.sketch.cuts_mm[0] ?? 0, props.units)}`
    : length(props.sketch.length_mm, props.units),
)
const ties = computed(() => every(props.sketch.tie_every_mm))
const scores = computed(() => every(props.sketch.score_every_mm).slice(0, 40))
const HEAP = [
  [0.3, 0.62],
  [0.5, 0.4],
  [0.7, 0.62],
  [0.42, 0.8],
  [0.6, 0.82],
] as const
</script>

<template>
  <svg class="drawing" :viewBox="`0 0 ${WIDE} ${HIGH}`" role="img" :aria-label="label">
    <template v-if="sketch.outline === 'heap'">
      <circle v-for="[x, y] in HEAP" :key="`${x}`" class="meat" :cx="WIDE * x" :cy="HIGH * y" :r="34" />
    </template>
    <template v-else-if="sketch.outline === 'bird'">
      <path class="skin" d="M150 118 Q160 48 290 44 Q420 40 448 108 Q440 168 300 168 Q170 170 150 118 Z" />
      <path class="line" d="M300 46 Q312 104 300 166" />
      <path class="cut" d="M392 76 Q350 110 396 156" />
      <path class="cut" d="M206 74 Q250 110 204 154" />
    </template>
    <template v-else-if="sketch.outline === 'fish'">
      <path class="skin" d="M80 106 Q190 32 380 82 L470 46 L456 106 L470 164 L380 130 Q190 178 80 106 Z" />
      <path class="line" d="M104 106 L452 106" />
      <path class="cut" d="M150 70 Q168 106 150 142" />
      <path class="cut" d="M190 150 L360 132" />
    </template>
    <template v-else>
      <defs>
        <clipPath :id="`side-${sketch.length_mm}-${sketch.height_mm}`"><path :d="body" /></clipPath>
      </defs>
      <path class="meat" :d="body" />
      <g :clip-path="`url(#side-${sketch.length_mm}-${sketch.height_mm})`">
        <rect v-if="cap > 0" class="fat" :x="left" :y="top" :width="w" :height="cap" />
        <line v-for="x in scores" :key="`s${x}`" class="line" :x1="x" :x2="x" :y1="top" :y2="top + Math.max(5, aim ?? cap)" />
        <line
          v-if="aim !== null && aim < cap"
          class="aim"
          :x1="left"
          :x2="left + w"
          :y1="top + cap - aim"
          :y2="top + cap - aim"
          data-testid="aim" />
        <rect
          v-if="sketch.has_bone"
          class="bone"
          :x="left"
          :y="top + h - Math.max(7, 0.13 * h)"
          :width="w"
          :height="Math.max(7, 0.13 * h)" />
      </g>
      <ellipse
        v-if="sketch.filling_share !== null"
        class="filling"
        :cx="WIDE / 2"
        :cy="top + h / 2"
        :rx="0.4 * w"
        :ry="Math.max(5, 0.5 * h * Math.sqrt(sketch.filling_share))" />
      <path class="edge" :d="body" />
      <line v-for="x in ties" :key="`t${x}`" class="string" :x1="x" :x2="x" :y1="top - 5" :y2="top + h + 5" />
      <line
        v-for="cut in sketch.cuts_mm"
        :key="cut"
        class="cut"
        :x1="left + cut * scale"
        :x2="left + cut * scale"
        :y1="top - 7"
        :y2="top + h + 7" />
      <template v-if="sketch.cuts_mm.length">
        <text v-for="part in parts" :key="part.x" class="mark" :x="part.x" :y="top + h / 2 + 7">{{ part.mark }}</text>
      </template>
      <text v-if="cap > 0" class="says" :x="WIDE / 2" :y="top - 9">
        {{
          aim !== null && aim < cap
            ? t('queue.capTo', { cap_mm: length(sketch.cap_mm, units), aim_mm: length(sketch.cap_aim_mm ?? 0, units) })
            : t('queue.cap', { cap_mm: length(sketch.cap_mm, units) })
        }}
      </text>
      <text class="size" :x="WIDE / 2" :y="top + h + 22">{{ long }}</text>
      <text class="size" :x="Math.min(WIDE - 34, left + w + 34)" :y="top + h / 2 + 5">{{ length(sketch.height_mm, units) }}</text>
    </template>
  </svg>
</template>

<style scoped>
.drawing {
  width: 100%;
  max-height: 210px;
  display: block;
}
.meat {
  fill: #d9939b;
}
.skin {
  fill: #ecd9bb;
  stroke: var(--ink);
  stroke-width: 2.5;
}
.fat {
  fill: #f2e2bd;
}
.bone {
  fill: #fbf8ee;
  stroke: var(--ink);
  stroke-width: 1.5;
}
.filling {
  fill: #c9bf9a;
  stroke: var(--ink);
  stroke-width: 1.5;
}
.edge {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}
.cut {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
  stroke-dasharray: 8 5;
}
.aim {
  stroke: var(--oxblood);
  stroke-width: 3;
  stroke-dasharray: 7 4;
}
.string {
  stroke: #6d5d33;
  stroke-width: 2.5;
}
.mark,
.says,
.size {
  text-anchor: middle;
  font: 700 17px var(--figures);
  fill: var(--ink);
}
.says {
  fill: var(--oxblood);
}
.size {
  font-weight: 500;
  font-size: 14.5px;
  fill: var(--soft);
}
</style>
