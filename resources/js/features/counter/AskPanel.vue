<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Eater, Want } from '@/asks/openAsk'
import { applianceKinds } from '@/asks/applianceKinds'
import { describe, type HeardOf } from '@/asks/heard'
import { useAsks } from '@/asks/useAsks'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import ToggleRow from '@/ui/ToggleRow.vue'
import { atHour, dayAndHour, dayName } from '@/units/clock'
import { temperature } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import ApartEditor from './ApartEditor.vue'
import type { CounterCut } from '@/queries/catalogue'
import SaidChips from './SaidChips.vue'

/** The choices behind one part of the sentence. */
const props = defineProps<{
  of: HeardOf
  cut: CounterCut
  officialC: number | null
  byTexture: boolean
  currency: string
  errors: Record<string, string>
}>()
const { t, locale } = useI18n()
const asks = useAsks()
const units = useUnits()

/** The unit is in the legend. */
const degrees = (celsius: number) => temperature(celsius, units.units).replace(/\s?°[CF]$/u, '°')
const words = computed(() => [
  ...props.cut.doneness[asks.scale].map((choice) => ({
    value: choice.word,
    label: t(`word.${choice.word}`),
    ...(props.byTexture ? {} : { note: degrees(choice.target_c) }),
  })),
  { value: 'official_minimum', label: t('word.official_minimum'), ...(props.officialC === null ? {} : { note: degrees(props.officialC) }) },
])
// The words of the cut on the ticket; what was said in another family's words shows as the ticket understood it.
const onTicket = computed(() => asks.piece.diners?.find((eater) => !eater.at_risk)?.doneness ?? asks.piece.diners?.[0]?.doneness)
const doneness = computed({
  get: () => onTicket.value ?? asks.first.doneness ?? props.cut.default_doneness,
  set: (word: string) => {
    void asks.patchFirst(() => ({ doneness: word }))
  },
})
const risk = computed({
  get: () => (asks.first.at_risk ? 'yes' : 'nobody'),
  set: (value: 'yes' | 'nobody') => {
    void asks.patchFirst(() => ({ at_risk: value === 'yes', doneness: undefined }))
  },
})
const appetite = computed({
  get: () => asks.first.appetite ?? 'usual',
  set: (value) => {
    void asks.patchFirst(() => ({ appetite: value }))
  },
})
const apart = computed(() => asks.wish.diners.slice(1))
const described = (eater: Eater) => describe(eater, t, units.units) || t('ask.usual')
const editing = ref(false)

const more = ref(false)
const fires = computed({
  get: () => asks.wish.appliances ?? [],
  set: (kinds: string[]) => {
    const isOwned = ([kind]: [string, string]) => kinds.includes(kind) || (kind === 'burner' && kinds.includes('pan'))
    void asks.patch((wish) => ({ appliances: kinds, fires: Object.fromEntries(Object.entries(wish.fires ?? {}).filter(isOwned)) }))
  },
})
const shownFires = computed(() =>
  applianceKinds
    .filter((kind, i) => more.value || i < 7 || fires.value.includes(kind))
    .map((value) => ({ value, label: t(`appliance.${value}`) })),
)

const when = computed(() => dayAndHour(asks.wish.eat_at))
/** Where a day is chosen and no hour was said. */
const USUAL_HOUR = '19:00'
const setWhen = (clock: string | null, days: number) => {
  void asks.patch(() => ({ eat_at: clock === null ? null : atHour(clock, days) }))
}
const clock = computed({
  get: () => when.value?.clock ?? '',
  set: (at: string | undefined) => {
    setWhen(at || null, when.value?.days ?? 0)
  },
})
const day = computed({
  get: () => when.value?.days ?? 0,
  set: (days: number) => {
    setWhen(when.value?.clock ?? USUAL_HOUR, days)
  },
})
const WEEK = [0, 1, 2, 3, 4, 5, 6]
const days = computed(() =>
  [...new Set([...WEEK, when.value?.days ?? 0])].map((value) => ({
    value,
    label: value < 2 ? t(value ? 'ask.tomorrow' : 'ask.today') : dayName(value, locale.value),
  })),
)
const budget = computed({
  get: () => asks.ask.texts['budget'] ?? (asks.wish.budget == null ? '' : String(asks.wish.budget)),
  set: (text: string | undefined) => {
    const value = Number((text ?? '').replace(',', '.'))
    if (!Number.isFinite(value)) {
      asks.setText('budget', text ?? '')
      return
    }
    asks.set({ texts: Object.fromEntries(Object.entries(asks.ask.texts).filter(([of]) => of !== 'budget')) })
    void asks.patch(() => ({ budget: (text ?? '').trim() === '' ? null : value, budget_all: null }))
  },
})

const avoiding = ref('')
const avoid = computed(() => asks.first.avoid ?? [])
const setAvoid = (change: (words: string[]) => string[]) => {
  void asks.patch(({ diners }) => ({ diners: diners.map((eater) => ({ ...eater, avoid: change(eater.avoid ?? []) })) }))
}
const addAvoid = () => {
  const word = avoiding.value.trim().toLowerCase()
  if (word) setAvoid((words) => [...new Set([...words, word])])
  avoiding.value = ''
}
const wantKeys: Want[] = [
  'cheap',
  'quick',
  'special',
  'easy',
  'lean',
  'rich',
  'boneless',
  'on_bone',
  'skin_on',
  'crisp_skin',
  'soft',
  'bigger',
  'crackling',
  'leftovers',
  'unhurried',
]
const dietKeys = ['gluten_free', 'nut_free', 'dairy_free', 'alcohol_free', 'shellfish_free', 'halal', 'kosher'] as const
const diets = computed({
  get: () => asks.wish.diets ?? [],
  set: (value: string[]) => {
    void asks.patch(() => ({ diets: value }))
  },
})
const wants = computed({
  get: () => asks.wish.wants ?? [],
  set: (value: Want[]) => {
    void asks.patch(() => ({ wants: value }))
  },
})
const count = (by: -1 | 1) => {
  void asks.patchFirst((eater) => ({ count: Math.max(1, eater.count + by) }))
}
</script>

<template>
  <section class="column" :aria-label="t('ask.title')">
    <SaidChips v-if="of === 'meat' || of === 'size'" :of="of" />
    <div v-if="of === 'people'">
      <p id="eaters" class="legend"
        >{{ t('ask.eaters') }}<small v-if="apart.length">{{ t('ask.inAll', { count: asks.heads }) }}</small></p
      >
      <div class="eaters">
        <div class="count" role="group" aria-labelledby="eaters">
          <button type="button" :aria-label="t('ask.fewer')" @click="count(-1)">−</button>
          <output data-testid="count">{{ asks.first.count }}</output>
          <button type="button" :aria-label="t('ask.more')" data-testid="more-people" @click="count(1)">+</button>
        </div>
        <ChoiceRow
          v-model="appetite"
          hidden-legend
          tight
          :legend="t('ask.appetite')"
          :choices="(['small', 'usual', 'hearty'] as const).map((value) => ({ value, label: t(`ask.${value}`) }))" />
      </div>
    </div>
    <ChoiceRow
      v-if="of === 'done'"
      v-model="doneness"
      testid="doneness"
      tight
      :legend="t('ask.donenessIn', { unit: units.units === 'metric' ? '°C' : '°F' })"
      :choices="words" />
    <div v-if="of === 'people' || of === 'done'">
      <p class="legend" aria-hidden="true">{{ t('ask.risk') }}</p>
      <div class="risk">
        <ChoiceRow
          v-model="risk"
          testid="risk"
          tight
          hidden-legend
          :legend="t('ask.risk')"
          :choices="[
            { value: 'nobody', label: t('ask.nobody') },
            { value: 'yes', label: t('ask.allOfThem') },
          ]" />
        <button type="button" class="chip" data-testid="add-at-risk" @click="asks.addEater({ count: 1, at_risk: true })"
          >+ {{ t('ask.oneAtRisk') }}</button
        >
        <button type="button" class="chip" data-testid="add-child" @click="asks.addEater({ count: 1, child: true, appetite: 'small' })"
          >+ {{ t('ask.oneChild') }}</button
        >
        <button
          type="button"
          class="chip"
          :aria-expanded="editing"
          :title="t('ask.apart')"
          data-testid="add-apart"
          @click="editing = !editing"
          >+ {{ t('ask.other') }}</button
        >
      </div>
      <div v-if="apart.length" class="chips apart">
        <button
          v-for="(eater, i) in apart"
          :key="i"
          type="button"
          class="chip said"
          :aria-label="t('ask.drop', { what: `${eater.count} ${described(eater)}` })"
          data-testid="apart"
          @click="asks.dropEater(i + 1)">
          <b>{{ eater.count }}</b> {{ described(eater) }} <span aria-hidden="true">×</span></button
        >
      </div>
      <ApartEditor
        v-if="editing"
        :words="words"
        @done="
          (eater) => {
            asks.addEater(eater)
            editing = false
          }
        "
        @cancel="editing = false" />
    </div>
    <div v-if="of === 'fire'">
      <ToggleRow
        v-model="fires"
        testid="fires-said"
        :legend="t('ask.cooksOn')"
        :hint="fires.length === 0 ? t('ask.usualKitchen') : ''"
        :choices="shownFires">
        <button v-if="!more" type="button" class="chip" data-testid="more-fires" @click="more = true">{{ t('ask.moreFires') }}</button>
      </ToggleRow>
    </div>
    <div v-if="of === 'when'" class="three">
      <div>
        <label for="eat-at">{{ t('ask.eatAt') }}</label>
        <InputText id="eat-at" v-model="clock" type="time" :invalid="Boolean(errors['eat_at'])" data-testid="eat-at" />
      </div>
      <div>
        <label id="eat-day">{{ t('ask.day') }}</label>
        <Select
          v-model="day"
          :options="days"
          option-label="label"
          option-value="value"
          fluid
          aria-labelledby="eat-day"
          data-testid="eat-day" />
      </div>
    </div>
    <div v-if="of === 'money'" class="three">
      <div>
        <label for="budget">{{ t('ask.budget', { currency }) }}</label>
        <InputText
          id="budget"
          v-model="budget"
          inputmode="decimal"
          autocomplete="off"
          :placeholder="t('ask.any')"
          :invalid="asks.ask.texts['budget'] !== undefined || Boolean(errors['budget'])"
          data-testid="budget" />
      </div>
    </div>
    <p v-if="of === 'money' && asks.ask.texts['budget'] !== undefined" class="wrong" role="alert">{{
      t('piece.notANumber', { text: asks.ask.texts['budget'] })
    }}</p>
    <div v-if="of === 'wish'">
      <div class="chips">
        <button
          v-for="word in avoid"
          :key="word"
          type="button"
          class="chip not"
          :aria-label="t('ask.drop', { what: word })"
          data-testid="avoid"
          @click="setAvoid((words) => words.filter((other) => other !== word))"
          >{{ word }} <span aria-hidden="true">×</span></button
        >
        <form class="add" @submit.prevent="addAvoid"
          ><InputText
            v-model="avoiding"
            maxlength="30"
            :aria-label="t('ask.mustNot')"
            :placeholder="t('ask.mustNot')"
            autocomplete="off"
            data-testid="add-avoid"
        /></form>
      </div>
    </div>
    <ToggleRow
      v-if="of === 'wish'"
      v-model="wants"
      hidden-legend
      testid="wants"
      :legend="t('ask.wants')"
      :choices="wantKeys.map((value) => ({ value, label: t(`want.${value}`) }))" />
    <ToggleRow
      v-if="of === 'wish'"
      v-model="diets"
      testid="diets"
      :legend="t('ask.diets')"
      :choices="dietKeys.map((value) => ({ value, label: t(`diet.${value}`) }))" />
  </section>
</template>

<style scoped>
.column :deep(.tag) {
  min-height: 44px;
  align-items: center;
}
.column {
  display: flex;
  flex-direction: column;
  gap: 7px;
  padding: 4px;
  min-width: 0;
}
.legend {
  font: 700 14px/20px var(--text);
  color: var(--soft);
  margin: 0 0 3px;
}
.legend small {
  font-weight: 400;
  margin-left: 8px;
}
.eaters {
  display: flex;
  gap: 5px;
  flex-wrap: wrap;
  align-items: center;
}
.count {
  display: inline-flex;
  border: 1px solid var(--ink);
  background: #fff;
  width: max-content;
}
.count button {
  width: 44px;
  height: 44px;
  border: 0;
  background: #fff;
  font: 600 24px/1 var(--figures);
  cursor: pointer;
}
.count button:hover {
  background: #e8eceb;
}
.count output {
  min-width: 30px;
  text-align: center;
  font: 700 24px/44px var(--figures);
  font-variant-numeric: tabular-nums;
  border-inline: 1px solid var(--line);
}
.risk {
  display: flex;
  flex-wrap: wrap;
  gap: 3px;
  align-items: end;
}
.risk .chip {
  padding: 0 6px;
  font-size: 15.5px;
}
.apart {
  margin-top: 5px;
}
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  align-items: center;
}
.chip {
  min-height: 44px;
  padding: 0 9px;
  border: 1px solid var(--line);
  background: #fff;
  color: var(--ink);
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
.chip:hover {
  background: #e8eceb;
}
.chip.said {
  background: var(--ink);
  border-color: var(--ink);
  color: #fff;
}
.chip.not {
  background: var(--mustard-wash);
  border-color: var(--mustard);
}
.add {
  flex: 1;
  min-width: 110px;
}
.add :deep(.p-inputtext) {
  width: 100%;
  height: 44px;
}
.three :deep(::-webkit-calendar-picker-indicator) {
  display: none;
}
.three {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 5px;
}
.three label {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.three :deep(.p-inputtext),
.three :deep(.p-select) {
  height: 44px;
  padding: 0 6px;
  font: 600 15.5px/42px var(--figures);
  width: 100%;
}
.three :deep(.p-select-label) {
  padding: 0;
  font: inherit;
}
.three :deep(.p-select-dropdown) {
  width: 18px;
}
.column > div > :deep(.p-inputtext) {
  width: 100%;
  height: 38px;
}
</style>
