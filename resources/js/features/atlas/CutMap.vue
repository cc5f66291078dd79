<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import type { Schemas } from '@/api/client'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import { place, shapeOf, type Height } from './map'

const props = defineProps<{ cuts: Schemas['CutLine'][] }>()
const { t } = useI18n()
const router = useRouter()
const height = ref<Height>('fat')
const near = ref<string | null>(null)
const dots = computed(() => place(props.cuts, height.value))
const told = computed(() => dots.value.find((dot) => dot.cut.slug === near.value) ?? null)
const kinds = ['red', 'game', 'bird', 'fish', 'offal'] as const
const open = (slug: string) => void router.push({ name: 'cut', params: { slug } })
</script>

<template>
  <figure class="map">
    <figcaption>
      <ChoiceRow
        v-model="height"
        :legend="t('map.height')"
        :choices="[
          { value: 'fat', label: t('map.fat') },
          { value: 'flavour', label: t('map.flavour') },
        ]" />
      <ul class="kinds"
        ><li v-for="kind in kinds" :key="kind"
          ><svg viewBox="-8 -8 16 16" width="18" height="18" aria-hidden="true"><path :d="shapeOf(kind, 6)" :class="kind" /></svg>
          {{ t(`map.kind.${kind}`) }}</li
        >
        <li>{{ t('map.size') }}</li></ul
      >
    </figcaption>
    <svg viewBox="0 0 900 572" class="plot" role="group" :aria-label="t('map.title')" data-testid="map">
      <path d="M60 16V540H896" class="axis" />
      <text x="60" y="564">{{ t('map.tough') }}</text>
      <text x="896" y="564" text-anchor="end">{{ t('map.tender') }}</text>
      <text x="52" y="538" transform="rotate(-90 52 538)">{{ t(height === 'fat' ? 'map.lean' : 'map.mild') }}</text>
      <text x="52" y="24" transform="rotate(-90 52 24)" text-anchor="end">{{ t(height === 'fat' ? 'map.rich' : 'map.deep') }}</text>
      <path
        v-for="dot in dots"
        :key="dot.cut.slug"
        :d="shapeOf(dot.kind, dot.r)"
        :transform="`translate(${dot.x} ${dot.y})`"
        :class="['dot', dot.kind, { near: near === dot.cut.slug }]"
        role="link"
        tabindex="0"
        :aria-label="dot.cut.name"
        :data-slug="dot.cut.slug"
        @mouseenter="near = dot.cut.slug"
        @focus="near = dot.cut.slug"
        @mouseleave="near = null"
        @blur="near = null"
        @click="open(dot.cut.slug)"
        @keydown.enter="open(dot.cut.slug)" />
      <g
        v-if="told"
        class="told"
        :transform="`translate(${told.x > 640 ? told.x - 14 : told.x + 14} ${told.y < 60 ? told.y + 26 : told.y - 12})`">
        <text class="halo" :text-anchor="told.x > 640 ? 'end' : 'start'">{{ told.cut.name }}</text>
        <text :text-anchor="told.x > 640 ? 'end' : 'start'">{{ told.cut.name }}</text>
      </g>
    </svg>
  </figure>
</template>

<style scoped>
.map {
  margin: 0;
  padding: 10px 16px;
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 26px;
  align-items: end;
}
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  list-style: none;
  margin: 0;
  padding: 0;
  font-size: 14.5px;
  align-items: center;
  min-height: 38px;
}
.kinds li {
  display: inline-flex;
  gap: 5px;
  align-items: center;
}
.plot {
  width: 100%;
  max-height: calc(100vh - 170px);
  display: block;
}
.axis {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}
text {
  font: 600 17px var(--figures);
  fill: var(--soft);
}
.dot {
  cursor: pointer;
  stroke: #fff;
  stroke-width: 1.5;
  fill-opacity: 0.85;
  outline: none;
}
.red {
  fill: var(--oxblood);
}
.game {
  fill: #36413f;
}
.bird {
  fill: #a8790f;
}
.fish {
  fill: #2a6a8a;
}
.offal {
  fill: #7a5c8a;
}
.near {
  fill-opacity: 1;
  stroke: var(--ink);
  stroke-width: 3;
}
.told {
  pointer-events: none;
}
.told text {
  font: 700 21px var(--figures);
  fill: var(--ink);
}
.told .halo {
  stroke: var(--enamel);
  stroke-width: 6;
  fill: var(--enamel);
}
</style>
