<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import AnimalDrawing from './AnimalDrawing.vue'
import Meter from './Meter.vue'
import { tenderSteps } from './steps'

defineProps<{ cut: Schemas['CutLine']; places: Record<string, string>; compared: boolean; full: boolean }>()
const emit = defineEmits<{ compare: [] }>()
const { t } = useI18n()
</script>

<template>
  <li class="row" :class="{ hidden: cut.is_hidden }">
    <AnimalDrawing class="thumb" :animal="cut.animal" :marked="cut.region" label="" aria-hidden="true" />
    <RouterLink class="name" :to="{ name: 'cut', params: { slug: cut.slug } }">
      <b>{{ cut.name }}</b>
      <span>{{ t(`group.${cut.group}`) }}<template v-if="cut.found_as"> · “{{ cut.found_as.name }}”, {{ places[cut.found_as.place] ?? cut.found_as.place }}</template>
        <em v-if="cut.is_own">{{ t('atlas.own') }}</em><em v-if="cut.is_hidden">{{ t('atlas.hidden') }}</em></span>
    </RouterLink>
    <dl class="facts">
      <div><dt>{{ t('atlas.tender') }}</dt><dd><Meter :value="tenderSteps(cut.tenderness)" :of="5" :label="t(`tenderness.${cut.tenderness}`)" /></dd></div>
      <div><dt>{{ t('atlas.flavour') }}</dt><dd><Meter :value="cut.flavour" :of="5" :label="t('atlas.ofFive', { value: cut.flavour })" /></dd></div>
      <div><dt>{{ t('atlas.fat') }}</dt><dd class="num">{{ cut.fat_pct }} %</dd></div>
      <div><dt>{{ t('atlas.price') }}</dt><dd><Meter :value="cut.price_class" :of="4" :label="t(`price.${cut.price_class}`)" /></dd></div>
    </dl>
    <p class="suits">{{ cut.suits.slice(0, 3).map((method) => t(`method.${method}`)).join(' · ') || t('atlas.onlyMaybe') }}</p>
    <label class="compare"><input type="checkbox" :checked="compared" :disabled="full && !compared" :data-testid="`compare-${cut.slug}`" @change="emit('compare')" /> {{ t('atlas.compare') }}<span class="sr-only"> {{ cut.name }}</span></label>
  </li>
</template>

<style scoped>
.row { display: grid; grid-template-columns: 74px minmax(170px, 1.2fr) 320px minmax(120px, 1fr) 104px; gap: 12px; align-items: center; padding: 4px 12px 4px 8px; background: #fff; border-bottom: 1px solid var(--hair); min-height: 58px; }
.row.hidden { background: repeating-linear-gradient(135deg, #fff 0 8px, #eceff0 8px 16px); }
.name { color: var(--ink); text-decoration: none; display: grid; padding: 4px 0; min-width: 0; }
.name b { font: 700 20px/1.15 var(--figures); overflow-wrap: anywhere; }
.name:hover b { text-decoration: underline; }
.name span { color: var(--soft); font-size: 13.5px; }
.name em { font-style: normal; font-weight: 700; margin-left: 6px; color: var(--oxblood); }
.facts { display: grid; grid-template-columns: 78px 78px 62px 70px; gap: 0 10px; margin: 0; }
.facts dt { font-size: 12px; color: var(--soft); }
.facts dd { margin: 0; font: 600 16px/18px var(--figures); }
.suits { margin: 0; font-size: 14px; line-height: 1.3; }
.compare { display: flex; gap: 7px; align-items: center; min-height: 44px; color: var(--ink); font-weight: 400; cursor: pointer; margin: 0; }
.compare input { width: 22px; height: 22px; accent-color: var(--ink); }
@media (max-width: 1180px) { .row { grid-template-columns: 74px 1fr 112px; gap: 4px 12px; } .facts { grid-column: 2; } .suits { grid-column: 2; } .compare { grid-column: 3; grid-row: 1 / 4; } }
@media (max-width: 640px) { .row { grid-template-columns: 56px 1fr; } .facts, .suits, .compare { grid-column: 1 / -1; grid-row: auto; } }
</style>
