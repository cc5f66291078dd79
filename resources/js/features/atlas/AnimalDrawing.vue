<script setup lang="ts">
import { computed, useId } from 'vue'
import { drawingOf, isWholeAnimal } from './drawings'

// The animal seen from its left, cut into regions; one of them marked. With `pick`, each region is a button.
const props = defineProps<{ animal: string; marked?: string | null; label: string; pick?: boolean; names?: Record<string, string> }>()
const emit = defineEmits<{ pick: [region: string] }>()
const id = useId()
const drawing = computed(() => drawingOf(props.animal))
const regions = computed(() =>
  Object.entries(drawing.value?.regions ?? {}).filter(
    ([region]) => region === props.marked || !(isWholeAnimal(region) || (props.animal === 'bird' && region === 'leg')),
  ),
)
const clip = (region: string) => (drawing.value?.free.includes(region) === true ? undefined : `url(#${id})`)
</script>

<template>
  <svg v-if="drawing" class="animal" viewBox="0 0 320 200" :role="pick ? 'group' : 'img'" :aria-label="label">
    <clipPath :id="id"><path :d="drawing.outline" /></clipPath>
    <path v-if="drawing.extra" :d="drawing.extra" class="extra" />
    <path :d="drawing.outline" class="ground" />
    <template v-for="[region, path] in regions" :key="region">
      <path v-if="!pick" :d="path" :clip-path="clip(region)" class="region" :class="{ marked: region === marked }" />
      <path
        v-else
        :d="path"
        :clip-path="clip(region)"
        class="region can"
        :class="{ marked: region === marked }"
        role="button"
        tabindex="0"
        :aria-pressed="region === marked"
        :aria-label="names?.[region] ?? region"
        @click="emit('pick', region)"
        @keydown.enter="emit('pick', region)"
        @keydown.space.prevent="emit('pick', region)">
        <title>{{ names?.[region] ?? region }}</title>
      </path>
    </template>
    <path :d="drawing.outline" class="outline" />
  </svg>
</template>

<style scoped>
.animal {
  display: block;
  width: 100%;
  height: auto;
}
.ground,
.extra {
  fill: #fff;
  stroke: var(--slate);
  stroke-width: 1.5;
}
.outline {
  fill: none;
  stroke: var(--slate);
  stroke-width: 2.5;
  pointer-events: none;
}
.region {
  fill: #e4ddd2;
  stroke: #fff;
  stroke-width: 2;
  stroke-linejoin: round;
}
.region.marked {
  fill: var(--oxblood);
}
.can {
  cursor: pointer;
}
.can:hover {
  fill: #cdbfae;
}
.can.marked:hover {
  fill: #6a1320;
}
.can:focus-visible {
  outline: none;
  fill: var(--focus);
}
</style>
