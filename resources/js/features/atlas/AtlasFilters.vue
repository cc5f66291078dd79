<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import AnimalDrawing from './AnimalDrawing.vue'
import { drawingOf } from './drawings'
import type { Filter } from './useAtlasQuery'
import PickOne from '@/ui/PickOne.vue'

const props = defineProps<{ filters: Record<Filter, string>; isOpen: boolean }>()
const emit = defineEmits<{ set: [key: Filter, value: string]; clear: [] }>()
const { t } = useI18n()

const groups = ['beef', 'veal', 'pork', 'lamb', 'game', 'poultry', 'fish', 'offal'] as const
const animals: Record<string, string> = {
  beef: 'cattle',
  veal: 'calf',
  pork: 'pig',
  lamb: 'sheep',
  game: 'deer',
  poultry: 'bird',
  fish: 'round_fish',
}
const animal = computed(() => animals[props.filters.group])
const regionNames = computed(() =>
  Object.fromEntries(Object.keys(drawingOf(animal.value ?? '')?.regions ?? {}).map((region) => [region, t(`region.${region}`)])),
)
const choices: Record<'tenderness' | 'fat' | 'price_class' | 'method', { value: string; label: string }[]> = {
  tenderness: ['tender', 'tender_to_intermediate', 'intermediate', 'intermediate_to_tough', 'tough'].map((value) => ({
    value,
    label: t(`tenderness.${value}`),
  })),
  fat: ['lean', 'medium', 'fat', 'very_fat'].map((value) => ({ value, label: t(`fat.${value}`) })),
  price_class: ['1', '2', '3', '4'].map((value) => ({ value, label: t(`price.${value}`) })),
  method: [
    'pan',
    'grill',
    'broil',
    'oven_roast',
    'sear_then_oven',
    'oven_then_sear',
    'water_bath',
    'bath_then_sear',
    'braise',
    'parcel',
    'poach',
    'steam',
    'stir_fry',
    'deep_fry',
    'spit',
    'smoke',
    'pot_roast',
    'simmer',
    'confit',
    'air_fry',
  ].map((value) => ({ value, label: t(`method.${value}`) })),
}
const pickRegion = (region: string) => emit('set', 'region', props.filters.region === region ? '' : region)
</script>

<template>
  <aside class="filters" :aria-label="t('atlas.narrow')">
    <div class="groups" role="group" :aria-label="t('atlas.group')">
      <button
        v-for="group in groups"
        :key="group"
        type="button"
        class="group"
        :aria-pressed="filters.group === group"
        @click="emit('set', 'group', filters.group === group ? '' : group)"
        >{{ t(`group.${group}`) }}</button
      >
    </div>
    <div v-if="animal" class="where">
      <AnimalDrawing
        pick
        :animal="animal"
        :marked="filters.region"
        :names="regionNames"
        :label="t('atlas.pickRegion')"
        @pick="pickRegion" />
      <p>{{ filters.region === '' ? t('atlas.pickRegion') : t(`region.${filters.region}`) }}</p>
    </div>
    <p v-else class="hint">{{ t('atlas.pickGroup') }}</p>
    <PickOne
      v-for="(options, key) in choices"
      :key="key"
      :model-value="filters[key]"
      :label="t(`atlas.by.${key}`)"
      :options="[{ value: '', label: t('atlas.any') }, ...options]"
      :testid="`by-${key}`"
      @update:model-value="
        (value: string) => {
          emit('set', key, value)
        }
      " />
    <button type="button" class="plain" :disabled="isOpen" @click="emit('clear')">{{ t('atlas.clear') }}</button>
    <RouterLink class="shop" :to="{ name: 'shop-catalogue' }">{{ t('atlas.shopLink') }}</RouterLink>
  </aside>
</template>

<style scoped>
.filters {
  padding: 12px 14px;
  background: #eef2f1;
  border-right: 1px solid var(--line);
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.groups {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 5px;
}
.group {
  min-height: 40px;
  border: 1px solid var(--line);
  background: #fff;
  font: 600 15px/1 var(--figures);
  cursor: pointer;
  padding: 0 2px;
  color: var(--ink);
}
.group[aria-pressed='true'] {
  background: var(--ink);
  color: #fff;
  border-color: var(--ink);
}
.where {
  background: #fff;
  border: 1px solid var(--hair);
  padding: 4px 6px;
}
.where p {
  margin: 0;
  text-align: center;
  font: 600 16px/24px var(--figures);
}
.hint {
  margin: 0;
  font-size: 14px;
  color: var(--soft);
}
label {
  margin: 0;
}
select {
  display: block;
  width: 100%;
  min-height: 42px;
  font: 400 16px var(--text);
  padding: 0 8px;
  border: 1px solid var(--line);
  background: #fff;
  color: var(--ink);
}
.plain {
  min-height: 42px;
  justify-content: center;
  font-size: 17px;
}
.plain:disabled {
  color: #6c7572;
  border-color: var(--line);
  cursor: default;
}
.shop {
  color: var(--oxblood);
  font-weight: 700;
  padding: 6px 0;
}
@media (max-width: 900px) {
  .filters {
    display: grid;
    grid-template-columns: 1fr 1fr;
    border-right: 0;
    border-bottom: 1px solid var(--line);
  }
  .groups,
  .where,
  .hint {
    grid-column: 1 / -1;
  }
  .groups {
    grid-template-columns: repeat(8, 1fr);
  }
  .where {
    display: flex;
    align-items: center;
    justify-content: center;
    gap: 20px;
  }
  .where :deep(svg) {
    width: 230px;
  }
}
@media (max-width: 600px) {
  .groups {
    grid-template-columns: repeat(4, 1fr);
  }
  .where :deep(svg) {
    width: 170px;
  }
  .where {
    gap: 8px;
  }
}
</style>
