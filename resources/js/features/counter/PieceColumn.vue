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
import { usePiece } from './usePiece'
import { useWish, type Scale } from './useWish'

const props = defineProps<{ catalogue: CounterCut[]; cut: CounterCut; usualHeatC: number | null; errors: Record<string, string> }>()
const emit = defineEmits<{ picked: [] }>()
const { t } = useI18n()
const store = usePiece()
const wishes = useWish()
const units = useUnits()

const slug = computed({
  get: () => store.piece.cut,
  set: (value: string) => {
    const cut = props.catalogue.find((candidate) => candidate.slug === value)
    if (cut) {
      store.take(cut)
      emit('picked')
    }
  },
})
const method = computed({
  get: () => store.piece.method ?? props.cut.methods[0] ?? '',
  set: (value: string) => Object.assign(store.piece, { method: value, methodByHand: true, heatC: null, heatText: null }),
})
const thicknessMm = computed(() => store.piece.thicknessMm ?? props.cut.thickness_mm.typical)
const heatC = computed(() => store.piece.heatC ?? props.usualHeatC)
const lengthUnit = computed(() => (units.units === 'metric' ? 'mm' : 'in'))
const degrees = computed(() => (units.units === 'metric' ? '°C' : '°F'))

function typeThickness(text: string) {
  const mm = typed.length(text, units.units)
  Object.assign(store.piece, mm === null ? { thicknessText: text } : { thicknessMm: mm, thicknessText: null })
}
function typeStart(text: string) {
  const c = typed.temperature(text, units.units)
  Object.assign(store.piece, c === null ? { startText: text } : { startC: c, startText: null })
}
function typeHeat(text: string) {
  const c = typed.temperature(text, units.units)
  if (text.trim() === '') Object.assign(store.piece, { heatC: null, heatText: null })
  else Object.assign(store.piece, c === null ? { heatText: text } : { heatC: c, heatText: null })
}
const scale = computed({
  get: () => wishes.scale,
  set: (value: Scale) => {
    wishes.scale = value
    store.keepWords(props.cut)
  },
})
const stepThickness = (by: -1 | 1) => Object.assign(store.piece, { thicknessMm: Math.round(thicknessMm.value) + by, thicknessText: null })
function typeThin(text: string) {
  const mm = typed.length(text, units.units)
  if (text.trim() === '') Object.assign(store.piece, { thinMm: null, thinText: null })
  else Object.assign(store.piece, mm === null ? { thinText: text } : { thinMm: mm, thinText: null })
}
const stepThin = (by: -1 | 1) => Object.assign(store.piece, { thinMm: Math.round(store.piece.thinMm ?? thicknessMm.value) + by, thinText: null })
const stepStart = (by: -1 | 1) => Object.assign(store.piece, { startC: Math.round(store.piece.startC) + by, startText: null })
// Half degrees for a bath, one for a pot, ten for a fire.
const heatStep = computed(() => (['water_bath', 'bath_then_sear'].includes(method.value) ? 1 : ['braise', 'poach', 'steam'].includes(method.value) ? 2 : 20))
const stepHeat = (by: -1 | 1) => Object.assign(store.piece, { heatC: Math.round((heatC.value ?? 100) * 2 + by * heatStep.value) / 2, heatText: null })
const slide = (value: number | number[]) => Object.assign(store.piece, { thicknessMm: Array.isArray(value) ? value[0] : value, thicknessText: null })
const problem = (text: string | null, key: string) => (text === null ? (props.errors[key] ?? null) : text.trim() === '' ? t('piece.empty') : t('piece.notANumber', { text }))

const rearing = computed({ get: () => store.piece.rearing ?? 'unknown', set: (said: 'unknown' | 'farmed' | 'wild') => { store.piece.rearing = said === 'unknown' ? null : said } })
</script>

<template>
  <div class="column">
    <CutList v-model="slug" :cuts="catalogue" />
    <p v-if="errors['cut']" class="wrong" role="alert">{{ errors['cut'] }}</p>
    <div>
      <FigureField :label="t(cut.is_round ? 'piece.diameter' : 'piece.thickness')" :unit="lengthUnit" :less="t('piece.thinner')" :more="t('piece.thicker')" testid="thickness"
        :note="`${field.length(cut.thickness_mm.min, units.units)}–${field.length(cut.thickness_mm.max, units.units)}`"
        :text="store.piece.thicknessText ?? field.length(thicknessMm, units.units)" :error="problem(store.piece.thicknessText, 'thickness_mm')" @typed="typeThickness" @step="stepThickness" />
      <Slider class="slide" :model-value="thicknessMm" :min="cut.thickness_mm.min" :max="cut.thickness_mm.max" :step="1" :aria-label="t(cut.is_round ? 'piece.diameter' : 'piece.thickness')" @update:model-value="slide" />
    </div>
    <ChoiceRow v-model="method" class="methods" testid="method" :legend="t('piece.method')" :choices="cut.methods.map((value) => ({ value, label: t(`method.${value}`) }))" />
    <p v-if="errors['method']" class="wrong" role="alert">{{ errors['method'] }}</p>
    <div class="pair">
      <FigureField :label="t('piece.heat')" :note="store.piece.heatC === null ? t('piece.usualHeat') : ''" :unit="degrees" :less="t('piece.cooler')" :more="t('piece.hotter')" testid="heat"
        :text="store.piece.heatText ?? (heatC === null ? '' : field.temperature(heatC, units.units))" :error="problem(store.piece.heatText, 'heat_c')" @typed="typeHeat" @step="stepHeat" />
      <FigureField :label="t('piece.start')" :unit="degrees" :less="t('piece.colder')" :more="t('piece.warmer')" testid="start"
        :text="store.piece.startText ?? field.temperature(store.piece.startC, units.units)" :error="problem(store.piece.startText, 'start_c')" @typed="typeStart" @step="stepStart" />
    </div>
    <FireQuestions :method="cut.fires[method]" />
    <FigureField v-if="!cut.is_round" class="thin" :label="t('piece.thin')" :note="store.piece.thinMm === null ? t('piece.thinNone') : ''" :unit="lengthUnit" :less="t('piece.thinner')" :more="t('piece.thicker')" testid="thin"
      :text="store.piece.thinText ?? (store.piece.thinMm === null ? '' : field.length(store.piece.thinMm, units.units))" :error="problem(store.piece.thinText, 'thin_mm')" @typed="typeThin" @step="stepThin" />
    <ChoiceRow v-model="scale" testid="scale" :legend="t('ask.words')" :choices="[{ value: 'kitchen', label: t('ask.kitchen') }, { value: 'official', label: t('ask.official') }]" />
    <label v-if="cut.may_carry_parasites" class="tick"><input v-model="store.piece.parasiteFrozen" type="checkbox" data-testid="frozen" /> {{ t('piece.frozen') }}</label>
    <ChoiceRow v-if="cut.asks_rearing" v-model="rearing" tight testid="rearing" :legend="t('piece.rearing')" :choices="(['unknown', 'farmed', 'wild'] as const).map((value) => ({ value, label: t(`rearing.${value}`) }))" />
    <label v-if="cut.can_be_pierced" class="tick"><input v-model="store.piece.pierced" type="checkbox" data-testid="pierced" /> {{ t('piece.pierced') }}</label>
    <label class="tick"><input v-model="store.piece.stuffed" type="checkbox" data-testid="stuffed" /> {{ t('piece.stuffed') }}</label>
  </div>
</template>

<style scoped>
.column { display: flex; flex-direction: column; gap: 9px; min-width: 0; }
.slide { margin: 12px 9px 4px; }
.pair { display: flex; gap: 8px; align-items: flex-start; }
.tick { display: flex; gap: 9px; align-items: center; font-size: 15px; color: var(--ink); cursor: pointer; min-height: 30px; }
.tick input { width: 22px; height: 22px; accent-color: var(--ink); }
.pair :deep(button) { width: 34px; }
.thin { flex: none; }
.methods :deep(.tags) { gap: 4px; }
.methods :deep(.tag) { min-height: 36px; padding: 6px 8px; font-size: 16px; }
</style>
