<script setup lang="ts">
import Slider from 'primevue/slider'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import type { Hand, Scale } from '@/asks/openAsk'
import { useAsks } from '@/asks/useAsks'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import FigureField from '@/ui/FigureField.vue'
import { field, typed } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import CutList from './CutList.vue'
import FireQuestions from './FireQuestions.vue'
import InspectPanel from './InspectPanel.vue'
import type { CounterCut } from '@/queries/catalogue'
import TickBox from '@/ui/TickBox.vue'

const props = defineProps<{
  catalogue: CounterCut[]
  cut: CounterCut
  ticket: Schemas['DishTicket'] | null
  errors: Record<string, string>
}>()
const { t } = useI18n()
const asks = useAsks()
const units = useUnits()
const FRIDGE_C = 5

const slug = computed({
  get: () => props.cut.slug,
  set: (value: string) => {
    const cut = props.catalogue.find((candidate) => candidate.slug === value)
    if (cut) asks.pick(cut)
  },
})
const method = computed({
  get: () => asks.piece.method ?? props.ticket?.method ?? props.cut.methods[0] ?? '',
  set: (value: string) => {
    asks.setHand({ method: value, heat_c: undefined }, 'heat')
  },
})
const ticketOfCut = computed(() => (props.ticket?.cut.slug === props.cut.slug ? props.ticket : null))
/** What was gauged goes before what was said: its mean is on the ticket. */
const thicknessMm = computed(
  () => (asks.piece.points_mm ? null : asks.piece.thickness_mm) ?? ticketOfCut.value?.thickness_mm ?? props.cut.thickness_mm.typical,
)
const rawG = computed(() => asks.piece.raw_g ?? ticketOfCut.value?.amounts.piece_g ?? props.cut.weight_g.typical)
const heatC = computed(() => asks.piece.heat_c ?? (props.ticket?.method === method.value ? props.ticket.heat_c : null))
const startC = computed(() => asks.piece.start_c ?? props.ticket?.start_c ?? FRIDGE_C)
const surface = computed(() => asks.piece.surface ?? props.ticket?.surface ?? 'patted')
const lengthUnit = computed(() => (units.units === 'metric' ? 'mm' : 'in'))
const degrees = computed(() => (units.units === 'metric' ? '°C' : '°F'))

type Figure = 'thickness_mm' | 'thin_mm' | 'start_c' | 'heat_c' | 'raw_g'
const MAY_BE_EMPTY: Figure[] = ['heat_c', 'thin_mm', 'thickness_mm', 'raw_g']
const kindOf = (figure: Figure) => (figure.endsWith('_mm') ? 'length' : figure.endsWith('_g') ? 'mass' : 'temperature')
const nameOf = (figure: Figure) => figure.slice(0, figure.lastIndexOf('_'))
/** What is a figure is set; what is none stays in its field with its message; what may be left empty then is. */
function type(figure: Figure, text: string) {
  const value = typed[kindOf(figure)](text, units.units)
  if (text.trim() === '' && MAY_BE_EMPTY.includes(figure)) asks.setHand({ [figure]: undefined }, nameOf(figure))
  else if (value === null) asks.setText(nameOf(figure), text)
  else asks.setHand({ ...(figure === 'thickness_mm' ? { points_mm: undefined } : {}), [figure]: value }, nameOf(figure))
}
// Half degrees for a bath, one for a pot, ten for a fire.
const heatStep = computed(() =>
  ['water_bath', 'bath_then_sear'].includes(method.value) ? 1 : ['braise', 'poach', 'steam'].includes(method.value) ? 2 : 20,
)
function step(figure: Figure, by: -1 | 1) {
  const from = {
    thickness_mm: thicknessMm.value,
    thin_mm: asks.piece.thin_mm ?? thicknessMm.value,
    start_c: startC.value,
    heat_c: heatC.value ?? 100,
    raw_g: rawG.value,
  }[figure]
  const size = { heat_c: 0.5 * heatStep.value, raw_g: rawG.value < 1000 ? 10 : 100 }[figure as 'heat_c' | 'raw_g'] ?? 1
  const to = figure === 'heat_c' ? Math.round(2 * (from + by * size)) / 2 : Math.round(from) + by * size
  asks.setHand({ ...(figure === 'thickness_mm' ? { points_mm: undefined } : {}), [figure]: to }, nameOf(figure))
}
const slide = (value: number | number[]) => {
  asks.setHand({ thickness_mm: Array.isArray(value) ? value[0] : value, points_mm: undefined }, 'thickness')
}
const problem = (figure: Figure) => {
  const text = asks.ask.texts[nameOf(figure)]
  return text === undefined ? (props.errors[figure] ?? null) : text.trim() === '' ? t('piece.empty') : t('piece.notANumber', { text })
}
const shown = (figure: Figure, value: number | null | undefined) =>
  asks.ask.texts[nameOf(figure)] ?? (value == null ? '' : field[kindOf(figure)](value, units.units))
const scale = computed({
  get: () => asks.scale,
  set: (now: Scale) => {
    asks.scale = now
  },
})
type Flag = 'parasite_frozen' | 'pierced' | 'stuffed'
const flags = computed(() =>
  (
    [
      ['parasite_frozen', 'frozen', props.cut.may_carry_parasites],
      ['pierced', 'pierced', props.cut.can_be_pierced],
      ['stuffed', 'stuffed', true],
    ] as [Flag, string, boolean][]
  ).filter(([, , isAsked]) => isAsked),
)
const setFlag = (flag: Flag, is: boolean) => {
  const change: Hand = {}
  change[flag] = is
  asks.setHand(change)
}
const rearing = computed({
  get: () => asks.piece.rearing ?? 'unknown',
  set: (said: 'unknown' | 'farmed' | 'wild') => {
    asks.setHand({ rearing: said === 'unknown' ? undefined : said })
  },
})
</script>

<template>
  <div class="column">
    <CutList v-model="slug" :cuts="catalogue" />
    <p v-if="errors['cut']" class="wrong" role="alert">{{ errors['cut'] }}</p>
    <div>
      <FigureField
        :label="t(cut.is_round ? 'piece.diameter' : 'piece.thickness')"
        :unit="lengthUnit"
        :less="t('piece.thinner')"
        :more="t('piece.thicker')"
        testid="thickness"
        :note="`${field.length(cut.thickness_mm.min, units.units)}–${field.length(cut.thickness_mm.max, units.units)}`"
        :text="shown('thickness_mm', thicknessMm)"
        :error="problem('thickness_mm')"
        @typed="type('thickness_mm', $event)"
        @step="step('thickness_mm', $event)" />
      <Slider
        class="slide"
        :model-value="thicknessMm"
        :min="cut.thickness_mm.min"
        :max="cut.thickness_mm.max"
        :step="1"
        :aria-label="t(cut.is_round ? 'piece.diameter' : 'piece.thickness')"
        @update:model-value="slide" />
    </div>
    <InspectPanel v-if="!cut.is_round" :usual-mm="thicknessMm" :group="cut.group" :errors="errors" />
    <FigureField
      class="weight"
      :label="t(`piece.weightOf.${cut.sold_by}`)"
      :unit="units.units === 'metric' ? 'g' : 'oz'"
      :less="t('piece.lighter')"
      :more="t('piece.heavier')"
      testid="weight"
      :note="asks.piece.raw_g == null ? t('piece.asPortions') : ''"
      :text="shown('raw_g', rawG)"
      :error="problem('raw_g')"
      @typed="type('raw_g', $event)"
      @step="step('raw_g', $event)" />
    <ChoiceRow
      v-model="method"
      class="methods"
      testid="method"
      :legend="t('piece.method')"
      :choices="cut.methods.map((value) => ({ value, label: t(`method.${value}`) }))" />
    <p v-if="errors['method']" class="wrong" role="alert">{{ errors['method'] }}</p>
    <div class="pair">
      <FigureField
        :label="t('piece.heat')"
        :note="asks.piece.heat_c == null ? t('piece.usualHeat') : ''"
        :unit="degrees"
        :less="t('piece.cooler')"
        :more="t('piece.hotter')"
        testid="heat"
        :text="shown('heat_c', heatC)"
        :error="problem('heat_c')"
        @typed="type('heat_c', $event)"
        @step="step('heat_c', $event)" />
      <FigureField
        :label="t('piece.start')"
        :unit="degrees"
        :less="t('piece.colder')"
        :more="t('piece.warmer')"
        testid="start"
        :text="shown('start_c', startC)"
        :error="problem('start_c')"
        @typed="type('start_c', $event)"
        @step="step('start_c', $event)" />
    </div>
    <FireQuestions :method="cut.fires[method]" :manners="cut.manners.filter((manner) => manner.method === method)" :surface="surface" />
    <FigureField
      v-if="!cut.is_round"
      class="thin"
      :label="t('piece.thin')"
      :note="asks.piece.thin_mm == null ? t('piece.thinNone') : ''"
      :unit="lengthUnit"
      :less="t('piece.thinner')"
      :more="t('piece.thicker')"
      testid="thin"
      :text="shown('thin_mm', asks.piece.thin_mm)"
      :error="problem('thin_mm')"
      @typed="type('thin_mm', $event)"
      @step="step('thin_mm', $event)" />
    <ChoiceRow
      v-model="scale"
      testid="scale"
      :legend="t('ask.words')"
      :choices="[
        { value: 'kitchen', label: t('ask.kitchen') },
        { value: 'official', label: t('ask.official') },
      ]" />
    <ChoiceRow
      v-if="cut.asks_rearing"
      v-model="rearing"
      tight
      testid="rearing"
      :legend="t('piece.rearing')"
      :choices="(['unknown', 'farmed', 'wild'] as const).map((value) => ({ value, label: t(`rearing.${value}`) }))" />
    <TickBox
      v-for="[flag, name] in flags"
      :key="flag"
      :model-value="asks.piece[flag] ?? false"
      :testid="name"
      @update:model-value="
        (is) => {
          setFlag(flag, is)
        }
      "
      >{{ t(`piece.${name}`) }}</TickBox
    >
  </div>
</template>

<style scoped>
.column {
  display: flex;
  flex-direction: column;
  gap: 9px;
  min-width: 0;
}
.slide {
  margin: 12px 9px 4px;
}
.pair {
  display: flex;
  flex-direction: column;
  gap: 8px;
  align-items: stretch;
}
.pair :deep(button) {
  width: 44px;
}
.thin {
  flex: none;
}
.methods :deep(.tags) {
  gap: 4px;
}
.methods :deep(.tag) {
  min-height: 44px;
  padding: 6px 8px;
  font-size: 16px;
}
</style>
