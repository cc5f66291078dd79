<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useAsks } from '@/asks/useAsks'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import { gradeChoices, gradesQuery } from '@/queries/grades'
import FigureField from '@/ui/FigureField.vue'
import PickOne from '@/ui/PickOne.vue'
import { field, typed } from '@/units/units'
import { useUnits } from '@/units/useUnits'

// The piece on the board before it is sold: unfolded, gauged at up to three places, its cap and its membrane. The ticket follows.
const props = defineProps<{ usualMm: number; group: string; errors: Record<string, string> }>()
const { t } = useI18n()
const asks = useAsks()
const units = useUnits()
const PLACES = [0, 1, 2] as const
const unit = computed(() => (units.units === 'metric' ? 'mm' : 'in'))
const points = computed(() => asks.piece.points_mm ?? [])
const textOf = (place: number) => asks.ask.texts[`point${place}`]
const shown = (place: number) => textOf(place) ?? (points.value[place] === undefined ? '' : field.length(points.value[place], units.units))
/** What is no figure stays in its field; an empty one is a place nobody gauged. */
const setPoint = (place: number, text: string) => {
  const value = typed.length(text, units.units)
  if (value === null && text.trim() !== '') {
    asks.setText(`point${place}`, text)
    return
  }
  const now =
    value === null ? points.value.filter((_, i) => i !== place) : [...points.value.slice(0, place), value, ...points.value.slice(place + 1)]
  asks.setHand({ points_mm: now.length ? now : undefined, thin_mm: undefined }, `point${place}`)
}
const stepPoint = (place: number, by: -1 | 1) => {
  setPoint(place, field.length(Math.round(points.value[place] ?? points.value[place - 1] ?? props.usualMm) + by, units.units))
}
const capText = computed(() => asks.ask.texts.cap ?? (asks.piece.cap_mm == null ? '' : field.length(asks.piece.cap_mm, units.units)))
const setCap = (text: string) => {
  const value = typed.length(text, units.units)
  if (value === null && text.trim() !== '') asks.setText('cap', text)
  else asks.setHand({ cap_mm: value ?? undefined }, 'cap')
}
const membrane = computed({
  get: () => (asks.piece.membrane == null ? 'unsaid' : asks.piece.membrane ? 'on' : 'off'),
  set: (said: 'unsaid' | 'on' | 'off') => {
    asks.setHand({ membrane: said === 'unsaid' ? undefined : said === 'on' })
  },
})
const grades = useQuery(gradesQuery())
const gradeGroups = computed(() => gradeChoices(grades.data.value?.scales ?? [], props.group, t('inspect.ungraded')))
const grade = computed({
  get: () => asks.piece.grade ?? '',
  set: (said: string) => {
    asks.setHand({ grade: said === '' ? undefined : said })
  },
})
const wrongPoint = (place: number) =>
  textOf(place) === undefined
    ? place === 0
      ? (props.errors['points_mm'] ?? null)
      : null
    : t('piece.notANumber', { text: textOf(place) ?? '' })
</script>

<template>
  <details class="inspect" data-testid="inspect" :open="points.length > 0 || asks.piece.cap_mm != null">
    <summary>{{ t('inspect.title') }}</summary>
    <p class="hint">{{ t('inspect.hint') }}</p>
    <FigureField
      v-for="place in PLACES"
      v-show="place <= points.length"
      :key="place"
      :label="t(`inspect.place.${place}`)"
      :unit="unit"
      :less="t('piece.thinner')"
      :more="t('piece.thicker')"
      :testid="`point-${place}`"
      :text="shown(place)"
      :error="wrongPoint(place)"
      @typed="setPoint(place, $event)"
      @step="stepPoint(place, $event)" />
    <FigureField
      :label="t('inspect.cap')"
      :note="asks.piece.cap_mm == null ? t('inspect.asUsual') : ''"
      :unit="unit"
      :less="t('piece.thinner')"
      :more="t('piece.thicker')"
      testid="cap"
      :text="capText"
      :error="errors['cap_mm'] ?? null"
      @typed="setCap"
      @step="setCap(field.length(Math.max(0, Math.round(asks.piece.cap_mm ?? 0) + $event), units.units))" />
    <PickOne v-if="gradeGroups.length > 1" v-model="grade" testid="found-grade" :label="t('inspect.marbling')" :groups="gradeGroups" />
    <ChoiceRow
      v-model="membrane"
      tight
      testid="membrane"
      :legend="t('inspect.membrane')"
      :choices="(['unsaid', 'on', 'off'] as const).map((value) => ({ value, label: t(`inspect.is.${value}`) }))" />
  </details>
</template>

<style scoped>
.inspect {
  background: #fff;
  border: 1px solid var(--line);
  padding: 0 10px 8px;
}
.inspect[open] {
  display: grid;
  gap: 8px;
}
summary {
  cursor: pointer;
  font: 700 18px/44px var(--figures);
}
.hint {
  margin: 0;
  font-size: 13.5px;
  color: var(--soft);
}
</style>
