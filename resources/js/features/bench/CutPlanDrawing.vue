<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { length, type Units } from '@/units/units'

// The whole piece from the side with its cuts, to scale; the thick end on the left.
const props = defineProps<{ plan: Schemas['CutPlan']; units: Units }>()
const { t } = useI18n()
const WIDE = 680
const HIGH = 150
const MARGIN = 8
const scale = computed(() => (WIDE - 2 * MARGIN) / props.plan.length_mm)
const x = (mm: number) => MARGIN + mm * scale.value
/** A section half as large is about seven tenths as high. */
const thin = computed(() => Math.sqrt(props.plan.taper_pct / 100))
const TALL = 92
const half = (mm: number) => (TALL / 2) * (1 - (1 - thin.value) * (mm / props.plan.length_mm))
const MIDDLE = 66
const side = (from: number, to: number) => {
  const upper = `M ${x(from)} ${MIDDLE - half(from)} L ${x(to)} ${MIDDLE - half(to)}`
  return `${upper} L ${x(to)} ${MIDDLE + half(to)} L ${x(from)} ${MIDDLE + half(from)} Z`
}
const isTight = computed(() => props.plan.portions.some((portion) => (portion.to_mm - portion.from_mm) * scale.value < 26))
</script>

<template>
  <svg class="drawing" :viewBox="`0 0 ${WIDE} ${HIGH}`" role="img" :aria-label="t('plan.drawing', { count: plan.portions.length })">
    <path class="whole" :d="side(0, plan.length_mm)" />
    <g v-for="(portion, i) in plan.portions" :key="i">
      <path class="portion" :d="side(portion.from_mm, portion.to_mm)" />
      <text v-if="!isTight" class="nr" :x="(x(portion.from_mm) + x(portion.to_mm)) / 2" :y="MIDDLE + 7">{{ i + 1 }}</text>
    </g>
    <text class="size" :x="x(0)" :y="HIGH - 12">{{ t('plan.thickEnd') }}</text>
    <text class="size end" :x="WIDE - MARGIN" :y="HIGH - 12">{{ length(plan.length_mm, units) }}</text>
  </svg>
</template>

<style scoped>
.drawing {
  width: 100%;
  display: block;
}
.whole {
  fill: #efe7d3;
  stroke: var(--ink);
  stroke-width: 2;
  stroke-dasharray: 6 4;
}
.portion {
  fill: #d9939b;
  stroke: var(--ink);
  stroke-width: 2;
}
.nr {
  text-anchor: middle;
  font: 700 20px var(--figures);
  fill: var(--ink);
}
.size {
  font: 500 15px var(--figures);
  fill: var(--soft);
}
.end {
  text-anchor: end;
}
</style>
