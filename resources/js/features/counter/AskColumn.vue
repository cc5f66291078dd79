<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import { temperature } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import type { CounterCut } from './queries'
import { useDraft, type Appetite, type Day, type Scale } from './useDraft'

const props = defineProps<{ cut: CounterCut; officialC: number | null; byTexture: boolean; errors: Record<string, string> }>()
const { t } = useI18n()
const store = useDraft()
const units = useUnits()

const words = computed(() => [
  ...props.cut.doneness[store.draft.scale].map((choice) => ({ value: choice.word, label: t(`word.${choice.word}`), ...(props.byTexture ? {} : { note: temperature(choice.target_c, units.units) }) })),
  { value: 'official_minimum', label: t('word.official_minimum'), ...(props.officialC === null ? {} : { note: temperature(props.officialC, units.units) }) },
])
const doneness = computed({ get: () => store.draft.doneness ?? props.cut.default_doneness, set: (word: string) => { store.draft.doneness = word } })
const risk = computed({ get: () => (store.draft.atRisk ? 'yes' : 'nobody'), set: (value: 'yes' | 'nobody') => { store.draft.atRisk = value === 'yes' } })
const scale = computed({
  get: () => store.draft.scale,
  set: (value: Scale) => {
    store.draft.scale = value
    store.keepWord(props.cut)
  },
})
const appetites: Appetite[] = ['small', 'usual', 'hearty']
const days: Day[] = ['today', 'tomorrow']
const count = (by: -1 | 1) => { store.draft.count = Math.max(1, store.draft.count + by) }
</script>

<template>
  <section class="column" :aria-label="t('ask.title')">
    <div>
      <p id="eaters" class="legend">{{ t('ask.eaters') }}</p>
      <div class="eaters">
        <div class="count" role="group" aria-labelledby="eaters">
          <button type="button" :aria-label="t('ask.fewer')" @click="count(-1)">−</button>
          <output data-testid="count">{{ store.draft.count }}</output>
          <button type="button" :aria-label="t('ask.more')" data-testid="more-people" @click="count(1)">+</button>
        </div>
        <ChoiceRow v-model="store.draft.appetite" hidden-legend :legend="t('ask.appetite')" :choices="appetites.map((value) => ({ value, label: t(`ask.${value}`) }))" />
      </div>
    </div>
    <ChoiceRow v-model="risk" testid="risk" :legend="t('ask.risk')" :hint="t('ask.riskHint')"
      :choices="[{ value: 'nobody', label: t('ask.nobody') }, { value: 'yes', label: t('ask.yes') }]" />
    <ChoiceRow v-model="doneness" testid="doneness" stacked :legend="t('ask.doneness')" :choices="words" />
    <p v-if="errors['doneness']" class="wrong" role="alert">{{ errors['doneness'] }}</p>
    <ChoiceRow v-model="scale" testid="scale" :legend="t('ask.words')"
      :choices="[{ value: 'kitchen', label: t('ask.kitchen') }, { value: 'official', label: t('ask.official') }]" />
    <div>
      <p class="legend">{{ t('ask.eatAt') }}</p>
      <div class="eat">
        <input v-model="store.draft.clock" type="time" :aria-label="t('ask.clock')" :aria-invalid="Boolean(errors['eat_at'])" data-testid="eat-at" />
        <ChoiceRow v-if="store.draft.clock" v-model="store.draft.day" hidden-legend :legend="t('ask.eatAt')" :choices="days.map((value) => ({ value, label: t(`ask.${value}`) }))" />
        <span v-else class="soft">{{ t('ask.noHour') }}</span>
      </div>
      <p v-if="errors['eat_at']" class="wrong" role="alert">{{ errors['eat_at'] }}</p>
    </div>
    <div>
      <label for="label">{{ t('ask.label') }}</label>
      <InputText id="label" v-model="store.draft.label" maxlength="60" autocomplete="off" :placeholder="t('ask.labelHint')" data-testid="label" />
    </div>
  </section>
</template>

<style scoped>
.column { display: flex; flex-direction: column; gap: 13px; padding: 12px; background: #f9fbfa; border-right: 1px solid var(--line); }
.legend { font: 700 14px/20px var(--text); color: var(--soft); margin: 0 0 3px; }
.eaters { display: grid; gap: 6px; }
.count { display: inline-flex; border: 1px solid var(--ink); background: #fff; width: max-content; }
.count button { width: 48px; height: 44px; border: 0; background: #fff; font: 600 24px/1 var(--figures); cursor: pointer; }
.count button:hover { background: #e8eceb; }
.count output { min-width: 54px; text-align: center; font: 700 27px/44px var(--figures); font-variant-numeric: tabular-nums; border-inline: 1px solid var(--line); }
.eat { display: flex; gap: 6px; align-items: center; flex-wrap: wrap; }
input[type='time'] { height: 40px; border: 1px solid var(--line); padding: 0 8px; font: 600 18px var(--figures); background: #fff; color: var(--ink); width: 136px; }
input[aria-invalid='true'] { border-color: var(--oxblood); }
.soft { color: var(--soft); }
.column :deep(.p-inputtext) { width: 100%; height: 40px; }
</style>
