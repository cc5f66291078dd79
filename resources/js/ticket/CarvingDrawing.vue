<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '@/api/client'

// A step of carving, as the card has it: meat and bone as areas, the grain as thin lines, the knife dashed.
const props = defineProps<{ drawing: Schemas['CarveDrawing'] }>()
const [WIDE, HIGH, MARGIN] = [200, 110, 12]
const scale = computed(() => Math.min((WIDE - 2 * MARGIN) / props.drawing.width, (HIGH - 2 * MARGIN) / props.drawing.height))
const path = (line: Schemas['CarveLine']) => {
  const [left, top] = [(WIDE - scale.value * props.drawing.width) / 2, (HIGH - scale.value * props.drawing.height) / 2]
  const at = ([x = 0, y = 0]: number[]) => `${left + scale.value * x} ${top + scale.value * y}`
  return `M${line.points.map(at).join('L')}${line.is_closed ? 'Z' : ''}`
}
</script>

<template>
  <svg :viewBox="`0 0 ${WIDE} ${HIGH}`" aria-hidden="true">
    <path v-for="(line, i) in drawing.lines" :key="i" :class="line.of" :d="path(line)" />
  </svg>
</template>

<style scoped>
svg {
  width: 136px;
  height: 75px;
  flex: none;
}
path {
  fill: none;
  stroke: var(--ink);
}
.meat {
  fill: #e9b9b4;
}
.bone {
  fill: #fbf8ee;
}
.grain {
  stroke: #8d5a55;
}
.cut {
  stroke-width: 2;
  stroke-dasharray: 6 3;
}
</style>
