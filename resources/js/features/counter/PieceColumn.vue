<script setup lang="ts">
import Slider from 'primevue/slider'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import FigureField from '@/ui/FigureField.vue'
import { field, typed } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import CutList from './CutList.vue'
import FireQuestions from './FireQuestions.vue'
import type { CounterCut } from './queries'
import { useDraft } from './useDraft'

const props = defineProps<{ catalogue: CounterCut[]; cut: CounterCut; usualHeatC: number | null; errors: Record<string, string> }>()
const { t } = useI18n()
const store = useDraft()
const units = useUnits()

const slug = computed({
  get: () => store.draft.cut,
  set: (value: string) => {
    const cut = props.catalogue.find((candidate) => candidate.slug === value)
    if (cut) store.take(cut)
  },
})
const method = computed({
  get: () => store.draft.method ?? props.cut.methods[0] ?? '',
  set: (value: string) => Object.assign(store.draft, { method: value, heatC: null, heatText: null }),
})
const thicknessMm = computed(() => store.draft.thicknessMm ?? props.cut.thickness_mm.typical)
const heatC = computed(() => store.draft.heatC ?? props.usualHeatC)
const lengthUnit = computed(() => (units.units === 'metric' ? 'mm' : 'in'))
const degrees = computed(() => (units.units === 'metric' ? '°C' : '°F'))

function typeThickness(text: string) {
  const mm = typed.length(text, units.units)
  Object.assign(store.draft, mm === null ? { thicknessText: text } : { thicknessMm: mm, thicknessText: null })
}
function typeStart(text: string) {
  const c = typed.temperature(text, units.units)
  Object.assign(store.draft, c === null ? { startText: text } : { startC: c, startText: null })
}
function typeHeat(text: string) {
  const c = typed.temperature(text, units.units)
  if (text.trim() === '') Object.assign(store.draft, { heatC: null, heatText: null })
  else Object.assign(store.draft, c === null ? { heatText: text } : { heatC: c, heatText: null })
}
const stepThickness = (by: -1 | 1) => Object.assign(store.draft, { thicknessMm: Math.round(thicknessMm.value) + by, thicknessText: null })
function typeThin(text: string) {
  const mm = typed.length(text, units.units)
  if (text.trim() === '') Object.assign(store.draft, { thinMm: null, thinText: null })
  else Object.assign(store.draft, mm === null ? { thinText: text } : { thinMm: mm, thinText: null })
}
const stepThin = (by: -1 | 1) => Object.assign(store.draft, { thinMm: Math.round(store.draft.thinMm ?? thicknessMm.value) + by, thinText: null })
const stepStart = (by: -1 | 1) => Object.assign(store.draft, { startC: Math.round(store.draft.startC) + by, startText: null })
// Half degrees for a bath, one for a pot, ten for a fire.
const heatStep = computed(() => (['water_bath', 'bath_then_sear'].includes(method.value) ? 1 : ['braise', 'poach', 'steam'].includes(method.value) ? 2 : 20))
const stepHeat = (by: -1 | 1) => Object.assign(store.draft, { heatC: Math.round((heatC.value ?? 100) * 2 + by * heatStep.value) / 2, heatText: null })
const slide = (value: number | number[]) => Object.assign(store.draft, { thicknessMm: Array.isArray(value) ? value[0] : value, thicknessText: null })
const problem = (text: string | null, key: string) => (text === null ? (props.errors[key] ?? null) : text.trim() === '' ? t('piece.empty') : t('piece.notANumber', { text }))

defineExpose({ stepThickness })
</script>

<template>
  <section class="column" :aria-label="t('piece.title')">
    <CutList v-model="slug" :cuts="catalogue" />
    <p v-if="errors['cut']" class="wrong" role="alert">{{ errors['cut'] }}</p>
    <div>
      <FigureField :label="t(cut.is_round ? 'piece.diameter' : 'piece.thickness')" :unit="lengthUnit" :less="t('piece.thinner')" :more="t('piece.thicker')" testid="thickness"
        :note="`${field.length(cut.thickness_mm.min, units.units)}–${field.length(cut.thickness_mm.max, units.units)}`"
        :text="store.draft.thicknessText ?? field.length(thicknessMm, units.units)" :error="problem(store.draft.thicknessText, 'thickness_mm')" @typed="typeThickness" @step="stepThickness" />
      <Slider class="slide" :model-value="thicknessMm" :min="cut.thickness_mm.min" :max="cut.thickness_mm.max" :step="1" :aria-label="t(cut.is_round ? 'piece.diameter' : 'piece.thickness')" @update:model-value="slide" />
    </div>
    <ChoiceRow v-model="method" class="methods" testid="method" :legend="t('piece.method')" :choices="cut.methods.map((value) => ({ value, label: t(`method.${value}`) }))" />
    <p v-if="errors['method']" class="wrong" role="alert">{{ errors['method'] }}</p>
    <div class="pair">
      <FigureField :label="t('piece.heat')" :note="store.draft.heatC === null ? t('piece.usualHeat') : ''" :unit="degrees" :less="t('piece.cooler')" :more="t('piece.hotter')" testid="heat"
        :text="store.draft.heatText ?? (heatC === null ? '' : field.temperature(heatC, units.units))" :error="problem(store.draft.heatText, 'heat_c')" @typed="typeHeat" @step="stepHeat" />
      <FigureField :label="t('piece.start')" :unit="degrees" :less="t('piece.colder')" :more="t('piece.warmer')" testid="start"
        :text="store.draft.startText ?? field.temperature(store.draft.startC, units.units)" :error="problem(store.draft.startText, 'start_c')" @typed="typeStart" @step="stepStart" />
    </div>
    <FireQuestions :method="cut.fires[method]" />
    <FigureField v-if="!cut.is_round" class="thin" :label="t('piece.thin')" :note="store.draft.thinMm === null ? t('piece.thinNone') : ''" :unit="lengthUnit" :less="t('piece.thinner')" :more="t('piece.thicker')" testid="thin"
      :text="store.draft.thinText ?? (store.draft.thinMm === null ? '' : field.length(store.draft.thinMm, units.units))" :error="problem(store.draft.thinText, 'thin_mm')" @typed="typeThin" @step="stepThin" />
    <label v-if="cut.food_class === 'fish'" class="tick"><input v-model="store.draft.parasiteFrozen" type="checkbox" data-testid="frozen" /> {{ t('piece.frozen') }}</label>
    <label v-if="cut.can_be_pierced" class="tick"><input v-model="store.draft.pierced" type="checkbox" data-testid="pierced" /> {{ t('piece.pierced') }}</label>
  </section>
</template>

<style scoped>
.column { display: flex; flex-direction: column; gap: 9px; padding: 10px 12px; background: #eef2f1; border-right: 1px solid var(--line); }
.slide { margin: 12px 9px 4px; }
.pair { display: flex; gap: 8px; align-items: flex-start; }
.tick { display: flex; gap: 9px; align-items: center; font-size: 15px; color: var(--ink); cursor: pointer; min-height: 30px; }
.tick input { width: 22px; height: 22px; accent-color: var(--ink); }
.pair :deep(button) { width: 34px; }
.thin { flex: none; }
.methods :deep(.tags) { gap: 4px; }
.methods :deep(.tag) { min-height: 36px; padding: 6px 8px; font-size: 16px; }
</style>
