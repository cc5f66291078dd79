<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Popover from 'primevue/popover'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { heard, type HeardOf } from '@/asks/heard'
import { useAsks } from '@/asks/useAsks'
import { useSay } from '@/i18n/useSay'
import type { CounterCut } from '@/queries/catalogue'
import { shelfQuery } from '@/queries/seasonings'
import { dayName } from '@/units/clock'
import { useUnits } from '@/units/useUnits'
import AskPanel from './AskPanel.vue'
import CustomerField from './CustomerField.vue'

// What was understood, as a sentence: every part opens its choices, what was not said is faint, what was not understood is a question.
defineProps<{
  cut: CounterCut
  currency: string
  errors: Record<string, string>
  officialC: number | null
  byTexture: boolean
}>()
const { t, locale } = useI18n()
const asks = useAsks()
const units = useUnits()
const say = useSay()
const open = ref<HeardOf | 'who'>('people')
/** On a phone what was not said is folded away. */
const isUnfolded = ref(false)
const panel = useTemplateRef('panel')

const shelf = useQuery(shelfQuery())
const seasoningName = (asked: string) =>
  shelf.data.value?.seasonings.find((each) => each.slug === asked)?.name ?? t(`season.family.${asked}`)
const inWords = (wish: Parameters<typeof heard>[0], currency: string) =>
  heard(
    wish,
    (key, args) => t(key, args ?? {}),
    units.units,
    currency,
    (days) => dayName(days, locale.value),
    seasoningName,
  )
/** What is wrong with the wish itself stands under the sentence. */
const SHOWN_HERE = ['eat_at', 'budget', 'doneness', 'appliances', 'heat_c']
const ORDER: HeardOf[] = ['people', 'size', 'meat', 'done', 'fire', 'when', 'money', 'wish']
const others = (currency: string) =>
  asks.others.map((wish) =>
    inWords(wish, currency)
      .map((part) => part.text)
      .filter(Boolean)
      .join(', '),
  )
const show = (event: Event, of: HeardOf | 'who') => {
  const isSame = open.value === of
  open.value = of
  const target = event.currentTarget as HTMLElement
  if (isSame) panel.value?.toggle(event, target)
  else {
    panel.value?.hide()
    void nextTick(() => panel.value?.show(event, target))
  }
}

/** Questions: only while the answer belongs to what is in the line now. */
const isOf = computed(() => asks.shown?.line === asks.line)
const questions = computed(() =>
  isOf.value ? (asks.shown?.chips ?? []).filter((chip) => isOpen(chip) && asks.line.slice(chip.from, chip.to) === chip.text) : [],
)
const isOpen = (chip: Schemas['Chip']) =>
  !asks.ask.confirmed.includes(chip.text) && (chip.kind === 'unknown' || chip.asks !== null || chip.suggestions.length > 0)
const question = (chip: Schemas['Chip']) => {
  const word = chip.text
  if (chip.asks) return t('heard.asks', { word, question: say(chip.asks, units.units) })
  return chip.kind === 'unknown' || chip.kind === 'avoid'
    ? t('heard.unread', { word })
    : t('heard.taken', { word, meant: chip.suggestions[0] ?? '' })
}
const swap = (chip: Schemas['Chip'], word: string) => {
  const said = chip.kind === 'avoid' ? chip.text.replace(/\S+$/u, word) : word
  asks.line = `${asks.line.slice(0, chip.from)}${said}${asks.line.slice(chip.to)}`.replace(/\s{2,}/gu, ' ').trim()
}
const confirm = (word: string) => {
  asks.set({ confirmed: [...asks.ask.confirmed, word] })
}
</script>

<template>
  <section class="heard" :aria-label="t('heard.title')" data-testid="heard">
    <p v-for="chip in questions" :key="chip.from" class="question" role="status" data-testid="marked">
      <span>{{ question(chip) }}</span>
      <template v-for="word in chip.suggestions" :key="word"
        ><button v-if="word" type="button" data-testid="swap" @click="swap(chip, word)">{{ word }}</button></template
      >
      <button type="button" data-testid="drop-word" @click="swap(chip, '')">{{ t('heard.drop') }}</button>
      <button type="button" data-testid="confirm-word" @click="confirm(chip.text)">{{ t('heard.anyway') }}</button>
    </p>
    <div class="parts" :class="{ folded: !isUnfolded }">
      <template v-for="of in ORDER" :key="of">
        <button
          v-for="part in inWords(asks.wish, currency).filter((each) => each.of === of)"
          :key="part.of"
          type="button"
          :class="[
            'part',
            { faint: part.text === '', wrong: of === 'when' ? errors['eat_at'] : of === 'money' ? errors['budget'] : false },
          ]"
          aria-haspopup="dialog"
          :aria-label="part.text ? t('heard.change', { part: part.text }) : undefined"
          :data-testid="`heard-${of}`"
          @click="show($event, of)"
          >{{ part.text || `+ ${t(`heard.add.${of}`)}` }}</button
        >
      </template>
      <button
        type="button"
        :class="['part', { faint: asks.ask.label === '' }]"
        aria-haspopup="dialog"
        data-testid="heard-who"
        @click="show($event, 'who')"
        >{{ asks.ask.label || `+ ${t('heard.add.who')}` }}</button><button
        type="button"
        class="part faint unfold"
        :aria-expanded="isUnfolded"
        data-testid="heard-more"
        @click="isUnfolded = !isUnfolded"
        >{{ t(isUnfolded ? 'heard.less' : 'heard.more') }}</button
      >
    </div>
    <p v-for="key in SHOWN_HERE.filter((each) => errors[each])" :key="key" class="wrong" role="alert">{{ errors[key] }}</p>
    <p v-for="(other, i) in others(currency)" :key="i" class="then" data-testid="heard-other"
      ><b>{{ t('heard.then') }}</b> {{ other }}</p
    >
    <Popover ref="panel" class="panel" :pt="{ root: { 'aria-label': t(open === 'who' ? 'ask.label' : 'ask.title') } }">
      <div class="choices" data-testid="heard-panel">
        <CustomerField v-if="open === 'who'" />
        <AskPanel v-else :of="open" :cut="cut" :currency="currency" :errors="errors" :official-c="officialC" :by-texture="byTexture" />
      </div>
    </Popover>
  </section>
</template>

<style scoped>
.heard {
  padding: 4px 12px 6px;
  background: #f6f8f7;
  border-bottom: 1px solid var(--line);
  min-width: 0;
}
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 6px;
  align-items: center;
}
.part {
  min-height: 44px;
  min-width: 44px;
  max-width: 100%;
  padding: 0 8px;
  border: 0;
  background: none;
  color: var(--ink);
  font: 700 19px/1.15 var(--figures);
  text-align: left;
  text-decoration: underline;
  text-decoration-thickness: 3px;
  text-underline-offset: 6px;
  overflow-wrap: anywhere;
  cursor: pointer;
}
.part:hover {
  background: #e8eceb;
}
.part.faint {
  color: var(--soft);
  font-weight: 500;
  text-decoration: underline dashed 1px;
}
.part.wrong {
  color: var(--oxblood);
}
.question {
  margin: 2px 0;
  padding: 4px 8px;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
  background: var(--mustard-wash);
  border-left: 5px solid var(--mustard);
  font: 600 17px/1.2 var(--figures);
}
.question button {
  min-height: 44px;
  padding: 0 12px;
  border: 1px solid var(--ink);
  background: #fff;
  color: var(--ink);
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
.unfold {
  display: none;
}
@media (max-width: 640px) {
  .unfold {
    display: inline-block;
  }
  .folded .faint:not(.unfold) {
    display: none;
  }
}
.then {
  margin: 0;
  padding: 2px 8px;
  color: var(--soft);
  font: 500 17px/1.3 var(--figures);
}
.choices {
  width: min(420px, 84vw);
}
</style>
