<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { onKeyStroke } from '@vueuse/core'
import Tab from 'primevue/tab'
import TabList from 'primevue/tablist'
import Tabs from 'primevue/tabs'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useAsks } from '@/asks/useAsks'
import { useRefusal } from '@/i18n/useRefusal'
import { useSession } from '@/queries/session'
import TicketCard from '@/ticket/TicketCard.vue'
import SeasonPick from './SeasonPick.vue'
import { useUnits } from '@/units/useUnits'
import AskLine from './AskLine.vue'
import CustomerTabs from './CustomerTabs.vue'
import DishStrip from './DishStrip.vue'
import GiveBar from './GiveBar.vue'
import GuideStrip from './GuideStrip.vue'
import HeardSentence from './HeardSentence.vue'
import HowThick from './HowThick.vue'
import KeysHelp from './KeysHelp.vue'
import MatchColumn from './MatchColumn.vue'
import PieceColumn from './PieceColumn.vue'
import StartPanel from './StartPanel.vue'
import { catalogueQuery } from '@/queries/catalogue'
import { useGiving } from './useGiving'

const { t } = useI18n()
const asks = useAsks()
const units = useUnits()
const session = useSession()
const giving = useGiving()
const catalogue = useQuery(catalogueQuery())
const cut = computed(() => catalogue.data.value?.find((candidate) => candidate.slug === asks.piece.cut) ?? catalogue.data.value?.[0])
const currency = computed(() => session.data.value?.shop.currency ?? 'EUR')

const tab = computed({
  get: () => asks.ask.tab,
  set: (now: string | number) => {
    asks.set({ tab: now === 'piece' ? 'piece' : 'matches' })
  },
})
/** Nothing was said, and nobody picks a piece by hand. */
const isStart = computed(() => asks.isPristine && asks.ask.tab === 'matches')
const refusal = useRefusal()
const refused = computed(() => asks.shown?.refused ?? null)
/** What was refused, under the last word of its key, so that each stands by its own field. */
const errors = computed(() =>
  Object.fromEntries(
    (refused.value?.violations ?? []).map((violation) => [
      violation.key.split('.').at(-1) ?? violation.key,
      refusal(violation, units.units),
    ]),
  ),
)
const refusedWords = computed(() => (refused.value?.violations ?? []).map((violation) => refusal(violation, units.units)).join(' '))
/** Not even the request went through. */
const failed = computed(() => (asks.answer.isError ? (asks.answer.error?.message ?? null) : null))
const problem = computed(() => (refused.value?.of === 'piece' ? refusedWords.value : null))
const isOnTicket = computed(() => giving.ticket.value?.cut.slug === cut.value?.slug)

/** The offer is for whoever is at risk; where nobody is, for everyone. */
const takeOffer = () => {
  const word = giving.ticket.value?.verdict.offer?.doneness
  if (!word) return
  void asks.patch(({ diners }) => {
    const someAtRisk = diners.some((eater) => eater.at_risk)
    return { diners: diners.map((eater) => (!someAtRisk || eater.at_risk ? { ...eater, doneness: word } : eater)) }
  })
}
const lineField = useTemplateRef('lineField')
// Whoever has just signed in begins to type.
watch(lineField, (field) => {
  if (field && asks.isPristine && window.history.state.signedIn) field.focus()
})
const next = () => {
  asks.close()
  giving.forget()
  lineField.value?.focus()
}
const another = () => {
  asks.openAnother()
  giving.forget()
  lineField.value?.focus()
}
const aside = () => {
  giving.putAside()
  lineField.value?.focus()
}
const stepThickness = (by: -1 | 1) => {
  const fromMm = asks.piece.thickness_mm ?? giving.ticket.value?.thickness_mm ?? cut.value?.thickness_mm.typical ?? 0
  asks.setHand({ thickness_mm: Math.round(fromMm) + by, points_mm: undefined }, 'thickness')
}
const keysOpen = ref(false)
/** Rows above the columns. */
const heads = computed(() => (asks.list.length > 1 ? 3 : 2))

/** Where a key writes or chooses it is no shortcut. */
const WRITES = [
  'input:not([type=radio]):not([type=checkbox])',
  'textarea',
  '[contenteditable]:not([contenteditable=false])',
  '[role=combobox]',
  '[role=listbox]',
  '[role=slider]',
  '[role=spinbutton]',
  'dialog',
].join()
const isWriting = (event: KeyboardEvent) => event.target instanceof Element && event.target.closest(WRITES) !== null
const onKey = (key: string, run: () => void) =>
  onKeyStroke(key, (event) => {
    if (isWriting(event) || event.ctrlKey || event.metaKey || event.altKey) return
    event.preventDefault()
    run()
  })
onKey('/', () => {
  lineField.value?.focus()
})
for (const place of [1, 2, 3, 4, 5, 6, 7, 8])
  onKey(String(place), () => {
    asks.choose(asks.shown?.matches?.matches[place - 1])
  })
onKey('[', () => {
  stepThickness(-1)
})
onKey(']', () => {
  stepThickness(1)
})
onKey('n', next)
onKey('c', another)
onKey('d', aside)
onKey('u', () => {
  units.toggle()
})
onKey('p', () => {
  if (giving.canGive.value && !giving.isPending.value) giving.give.mutate()
})
onKey('?', () => {
  keysOpen.value = true
})
const season = (seasoning: string) => {
  void asks.patch(() => ({ seasoning: seasoning === '' ? null : seasoning }))
}
</script>

<template>
  <div v-if="catalogue.isError.value" class="apart">
    <h1>{{ t('error.title') }}</h1><p>{{ catalogue.error.value?.message }}</p>
    <button class="plain" type="button" @click="catalogue.refetch()">{{ t('error.retry') }}</button>
  </div>
  <div v-else-if="catalogue.data.value && cut" id="customer" class="counter">
    <h1 class="sr-only">{{ t('nav.counter') }}</h1>
    <CustomerTabs v-if="asks.list.length > 1" class="whole" @another="another" @changed="giving.forget" />
    <div class="top whole">
      <AskLine ref="lineField" />
      <button type="button" class="help new" data-testid="new-ask" @click="next">{{ t('line.next') }} <kbd>N</kbd></button>
      <button
        v-if="asks.list.length === 1"
        v-tooltip.bottom="t('line.another')"
        type="button"
        class="help"
        :aria-label="t('line.another')"
        data-testid="another-customer"
        @click="another"
        >+</button
      >
      <button v-tooltip.bottom="t('keys.open')" type="button" class="help" :aria-label="t('keys.open')" @click="keysOpen = true">?</button>
      <button type="button" class="units" data-testid="units" @click="units.toggle()"
        ><span class="sr-only">{{ t('app.units') }} </span>
        <span :class="{ on: units.units === 'metric' }">{{ t('app.metric') }}</span><span :class="{ on: units.units === 'imperial' }">{{
          t('app.imperial')
        }}</span>
      </button>
    </div>
    <HeardSentence
      class="whole"
      :cut="cut"
      :currency="currency"
      :errors="errors"
      :official-c="isOnTicket ? (giving.ticket.value?.verdict.official.core_c ?? null) : null"
      :by-texture="isOnTicket && giving.ticket.value?.pull_by === 'fork'" />
    <section v-if="isStart" class="whole"><StartPanel /></section>
    <section v-if="!isStart" class="part middle" :aria-label="t(tab === 'matches' ? 'match.title' : 'piece.title')">
      <Tabs v-model:value="tab" class="tabs">
        <TabList :aria-label="t('match.tabs')">
          <Tab value="matches" aria-controls="middle" data-testid="tab-matches">{{ t('match.title') }}</Tab>
          <Tab value="piece" aria-controls="middle" data-testid="tab-piece">{{ t('match.piece') }}</Tab>
        </TabList>
      </Tabs>
      <div id="middle" class="panel" role="tabpanel" :aria-label="t(tab === 'matches' ? 'match.title' : 'match.piece')">
        <MatchColumn
          v-if="tab === 'matches'"
          :cuts="catalogue.data.value"
          :units="units.units"
          :problem="failed ?? (refused?.of === 'wish' ? refusedWords : null)" />
        <PieceColumn
          v-else
          :catalogue="catalogue.data.value"
          :cut="cut"
          :ticket="giving.stale.value ? null : giving.ticket.value"
          :errors="errors" />
      </div>
    </section>
    <section v-if="!isStart" class="part out" :aria-label="t('ticket.title')" aria-live="polite" :aria-busy="!asks.isSettled">
      <GuideStrip />
      <HowThick v-if="asks.wish.wants?.includes('how_thick') && giving.ticket.value && !asks.ask.given" />
      <p v-if="!asks.mayAdvise" class="note">{{ t('ticket.mayNot') }}</p>
      <div v-if="problem && !asks.ask.given" class="problem" role="alert" data-testid="problem"
        ><b>{{ t('ticket.problems') }}</b> {{ problem }} <template v-if="giving.ticket.value">{{ t('ticket.old') }}</template></div
      >
      <div v-else-if="Object.keys(asks.ask.texts).length && giving.ticket.value" class="problem" role="status">{{ t('ticket.old') }}</div>
      <p v-if="giving.nothingFits.value" class="note" data-testid="nothing-fits">{{ t('ticket.nothingFits') }}</p>
      <TicketCard
        v-else-if="giving.ticket.value"
        v-model:read="giving.read.value"
        :ticket="giving.ticket.value"
        :units="units.units"
        :stale="giving.stale.value"
        :readable="!asks.ask.given"
        :changeable="!asks.ask.given"
        @season="season">
        <template #season><SeasonPick @pick="season" /></template>
        <template #actions>
          <DishStrip v-if="asks.ask.dishes.length && !asks.ask.given" :currency="currency" />
          <GiveBar
            v-if="asks.mayAdvise"
            v-model:sold="giving.sold.value"
            :ticket="giving.ticket.value"
            :units="units.units"
            :can-give="giving.canGive.value"
            :can-put-aside="giving.canPutAside.value"
            :lock="giving.lock.value"
            :pending="giving.isPending.value"
            :given="asks.ask.given"
            :taken-back="asks.ask.takenBack"
            :others="asks.ask.dishes.length"
            :problem="giving.problem.value"
            :bench="giving.sent.value"
            :can-send="giving.canPutAside.value && giving.sent.value === null"
            @bench="giving.send.mutate()"
            @give="giving.give.mutate()"
            @aside="aside"
            @offer="takeOffer"
            @take-back="
              (id) => {
                giving.takeBack.mutate(id)
              }
            "
            @next="next" />
        </template>
      </TicketCard>
      <p v-else-if="!asks.isSettled" class="note">{{ t('ticket.waiting') }}</p>
      <p v-else-if="!problem" class="note">{{ t('ticket.none') }}</p>
    </section>
    <KeysHelp v-model="keysOpen" />
  </div>
  <p v-else class="apart">{{ t('ticket.waiting') }}</p>
</template>

<style scoped>
.counter {
  display: grid;
  grid-template-columns: 316px minmax(0, 1fr);
  grid-template-rows: repeat(v-bind(heads), auto) minmax(0, 1fr);
  height: 100%;
}
.part {
  overflow-y: auto;
  scrollbar-width: thin;
  position: relative;
}
.whole {
  grid-column: 1 / -1;
}
.top {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 8px 12px;
  background: #fff;
  border-bottom: 1px solid var(--line);
}
.middle {
  padding: 10px 12px;
  background: #eef2f1;
  border-right: 1px solid var(--line);
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-width: 0;
}
.tabs :deep(.p-tab) {
  flex: 1;
  justify-content: center;
  min-height: 44px;
  font: 600 16px/1 var(--figures);
}
.out {
  padding: 8px 10px 0;
  background: #dbe1df;
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-width: 0;
}
.panel {
  min-width: 0;
}
.note {
  margin: 30px;
  font-size: 17px;
}
.problem {
  background: var(--red-wash);
  border-left: 5px solid var(--oxblood);
  padding: 8px 12px;
}
.apart {
  padding: 40px;
}
.help {
  flex: none;
  min-width: 44px;
  height: 44px;
  border: 1px solid var(--ink);
  background: #fff;
  font: 700 17px/1 var(--figures);
  cursor: pointer;
  white-space: nowrap;
}
.new {
  padding: 0 10px;
}
.new kbd {
  font: 600 13px/1 var(--figures);
  border: 1px solid currentColor;
  padding: 2px 5px;
  margin-left: 4px;
}
.units {
  flex: none;
  white-space: nowrap;
  display: inline-flex;
  border: 1px solid var(--ink);
  background: #fff;
  padding: 0;
  cursor: pointer;
  height: 46px;
}
.units span {
  padding: 0 11px;
  font: 600 16px/40px var(--figures);
  color: var(--ink);
}
.units .on {
  background: var(--ink);
  color: #fff;
}
@media (max-width: 1180px) {
  .counter {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto;
    height: auto;
  }
  .part {
    overflow: visible;
  }
  .out {
    order: 1;
  }
  .middle {
    order: 2;
    border: 0;
  }
}
@media (max-width: 640px) {
  .new kbd {
    display: none;
  }
  .units span {
    padding: 0 7px;
  }
  .top {
    flex-wrap: wrap;
  }
  .top > :first-child {
    flex-basis: 100%;
  }
  .out {
    padding: 8px;
  }
}
</style>
