<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { onKeyStroke, refDebounced } from '@vueuse/core'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, ApiError, orThrow, type Schemas } from '@/api/client'
import { once } from '@/api/once'
import { isOutage, useOutage } from '@/api/reach'
import { useDraft } from '@/ui/draft'
import { useSession } from '@/session'
import TicketCard from '@/ticket/TicketCard.vue'
import { useUnits } from '@/units/useUnits'
import AskColumn from './AskColumn.vue'
import AskLine from './AskLine.vue'
import GiveBar from './GiveBar.vue'
import KeysHelp from './KeysHelp.vue'
import PieceColumn from './PieceColumn.vue'
import MatchColumn from './MatchColumn.vue'
import { adviceQuery, catalogueQuery, lineQuery, matchesQuery } from './queries'
import { usePiece } from './usePiece'
import { useWish } from './useWish'

const { t } = useI18n()
const store = useWish()
const pieces = usePiece()
const units = useUnits()
const session = useSession()
const queries = useQueryClient()
const catalogue = useQuery(catalogueQuery())
const cut = computed(() => catalogue.data.value?.find((candidate) => candidate.slug === pieces.piece.cut) ?? catalogue.data.value?.[0])
const currency = computed(() => session.data.value?.shop.currency ?? 'EUR')
const mayAdvise = computed(() => session.data.value?.may_advise ?? false)

watch(cut, (now) => { if (now && pieces.piece.thicknessMm === null && pieces.piece.thicknessText === null) pieces.take(now) }, { immediate: true })

const view = useDraft<{ tab: 'matches' | 'piece'; byHand: boolean }>('view', { tab: 'matches', byHand: false })
const tab = computed({ get: () => view.value.tab, set: (now: 'matches' | 'piece') => { view.value.tab = now } })
const touched = computed({ get: () => view.value.byHand, set: (now: boolean) => { view.value.byHand = now } })
/** A match that was chosen stays while the ask is adjusted by tapping; another line is another ask. */
const isPinned = ref(false)
const byHand = computed(() => pieces.piece.lot === null && touched.value)
function takeMatch(match: Schemas['Found'] | undefined) {
  if (!match) return
  touched.value = false
  pieces.takeMatch(match.ask)
}

const choose = (match: Schemas['Found'] | undefined) => {
  isPinned.value = true
  takeMatch(match)
}

// The line is read as it is typed and makes the wish; a wish changed by tapping is written back into the line. Words nobody understood stay in it.
const line = computed({ get: () => store.kept.line, set: (text: string) => { Object.assign(store.kept, { line: text, isTyped: true }); isPinned.value = false } })
const lineAsked = refDebounced(computed(() => store.kept.line), 160)
const lineRead = useQuery(() => lineQuery(mayAdvise.value ? lineAsked.value : '', store.now))
const isRead = computed(() => store.kept.line.trim() === '' || (lineAsked.value === store.kept.line && lineRead.isSuccess.value && !lineRead.isPlaceholderData.value))
const unread = computed(() => (isRead.value && store.kept.line.trim() !== '' ? (lineRead.data.value?.chips ?? []).filter((chip) => chip.kind === 'unknown').map((chip) => chip.text) : []))
watch([() => lineRead.data.value, isRead], ([read]) => {
  if (!read || !isRead.value) return
  store.kept.unread = unread.value
  if (!store.kept.isTyped) return
  store.kept.wish = read.wish
  if (read.wish.named || read.wish.kinds?.length) touched.value = false // another meat is named: no longer the piece picked by hand
}, { immediate: true })
const wished = refDebounced(computed(() => store.asked), 140)
const matches = useQuery(() => matchesQuery(mayAdvise.value ? wished.value : null, store.now))
watch(() => store.wish, (now, before) => { if (JSON.stringify(now) !== JSON.stringify(before) && now !== lineRead.data.value?.wish) store.kept.isTyped = false })
watch(() => matches.data.value, (found) => {
  if (!found || matches.isPlaceholderData.value || store.kept.given) return // what was given stays on show until the next customer
  if (!store.kept.isTyped) store.kept.line = [found.line, ...store.kept.unread].join(' ').trim()
  // The ticket follows the case, until a piece was picked by hand.
  if (found.matches.length === 0 || byHand.value) return
  const same = isPinned.value ? found.matches.find((match) => match.lot.number === pieces.piece.lot && (match.method === pieces.piece.method || pieces.piece.methodByHand)) : undefined
  if (!same) takeMatch(found.matches[0])
  else Object.assign(pieces.piece, { diners: same.ask.diners, ...(same.lot.thickness_mm === null && store.wish.thickness_mm ? { thicknessMm: same.thickness_mm, thicknessText: null } : {}) })
})
const matchProblem = computed(() => (matches.isError.value ? (matches.error.value?.message ?? null) : null))
const matchErrors = computed<Record<string, string>>(() => {
  const error = matches.error.value
  return error instanceof ApiError && matches.isError.value ? Object.fromEntries(error.violations.map((violation) => [violation.key.split('.').at(-1) ?? violation.key, violation.message])) : {}
})

const asked = refDebounced(
  computed(() => pieces.ask),
  120,
)
const advice = useQuery(() => adviceQuery(mayAdvise.value ? asked.value : null))
/** What was given stays on show until the next customer. */
const ticket = computed(() => store.kept.given?.ticket ?? advice.data.value?.ticket ?? null)
const isSettled = computed(() => JSON.stringify(asked.value) === JSON.stringify(pieces.ask))
/** The ask on show is not matched yet: the ticket still belongs to the one before. */
const isMatching = computed(() => mayAdvise.value && !byHand.value && (matches.isPlaceholderData.value || (store.kept.isTyped && !isRead.value) || JSON.stringify(wished.value) !== JSON.stringify(store.asked)))
const stale = computed(() => !store.kept.given && (pieces.ask === null || isMatching.value || advice.isError.value || advice.isPlaceholderData.value || !isSettled.value))

/** What the server refused, under the last word of its key, so that each stands by its own field. */
const errors = computed<Record<string, string>>(() => {
  const error = advice.error.value
  if (!(error instanceof ApiError) || !advice.isError.value) return {}
  return Object.fromEntries(error.violations.map((violation) => [violation.key.split('.').at(-1) ?? violation.key, violation.message]))
})
const problem = computed(() => {
  const error = advice.error.value
  return advice.isError.value && error !== null ? error.message : null
})

const read = ref<string[]>([])
const findings = computed(() => ticket.value?.verdict.findings.map((finding) => finding.id).join() ?? '')
watch(findings, () => { read.value = [] })

const refresh = () => Promise.all(['tickets', 'matches', 'case', 'customers'].map((key) => queries.invalidateQueries({ queryKey: [key] })))
const give = useMutation({
  mutationFn: () => {
    if (pieces.ask === null) throw new Error(t('ticket.problems'))
    const body = { ask: pieces.ask, customer_label: store.kept.label || null, customer_id: store.kept.customer, sold_g: soldG.value, cautions_read: read.value, units: units.units }
    return orThrow(api.POST('/tickets', { body, headers: once(store.keyFor(JSON.stringify(body))) }))
  },
  retry: (count, error) => isOutage(error) && count < 20, // under its key it is given once, however often it is sent
  onSuccess: (stored) => { Object.assign(store.kept, { given: stored, takenBack: null }); return refresh() },
})
const takeBack = useMutation({
  mutationFn: (id: string) => orThrow(api.POST('/tickets/{ticket}/take-back', { params: { path: { ticket: id } } })),
  onSuccess: (stored) => { Object.assign(store.kept, { given: null, giving: null, takenBack: stored.number }); return refresh() },
})
/** Nothing in the case fits what is asked: a ticket of before would not belong to it. */
const nothingFits = computed(() => !store.kept.given && mayAdvise.value && !byHand.value && matches.data.value?.matches.length === 0)
const isOut = useOutage()
/** Why the ticket cannot be given, in the words of the screen; null when it can. Whatever was said and not understood stands before the button. */
const lock = computed(() => {
  const open = unread.value.filter((word) => !store.kept.confirmed.includes(word))
  if (isOut.value) return t('lock.out')
  if (!isRead.value) return t('lock.reading')
  if (open.length) return t('lock.unread', { words: open.join(', ') })
  if (nothingFits.value || ticket.value === null) return t('lock.nothing')
  if (stale.value) return t('lock.working')
  if (soldProblem.value !== null) return soldProblem.value
  return ticket.value.verdict.findings.every((finding) => read.value.includes(finding.id)) ? null : t('lock.cautions')
})
const canGive = computed(() => lock.value === null && !store.kept.given && (ticket.value?.verdict.may_be_handed_over ?? false))
/** The offer is for whoever is at risk; where nobody is, for everyone. */
const takeOffer = () => {
  const word = ticket.value?.verdict.offer?.doneness
  const someAtRisk = store.wish.diners.some((eater) => eater.at_risk)
  if (word) store.patch({ diners: store.wish.diners.map((eater) => (!someAtRisk || eater.at_risk ? { ...eater, doneness: word } : eater)) })
}
const soldText = ref('')
const soldG = computed(() => (soldText.value.trim() === '' ? null : Math.round(Number(soldText.value.replace(',', '.')))))
const soldProblem = computed(() => (Number.isNaN(soldG.value) ? t('piece.notANumber', { text: soldText.value }) : null))
watch(() => pieces.piece.lot, () => { soldText.value = '' })
const startAnew = () => { store.reset(); soldText.value = ''; read.value = []; touched.value = false; isPinned.value = false; tab.value = 'matches'; give.reset(); takeBack.reset(); lineField.value?.focus() }

const lineField = useTemplateRef('lineField')
const stepThickness = (by: -1 | 1) => Object.assign(pieces.piece, { thicknessMm: Math.round(pieces.piece.thicknessMm ?? cut.value?.thickness_mm.typical ?? 0) + by, thicknessText: null })
const keysOpen = ref(false)
/** Where a key writes or chooses it is no shortcut. */
const typing = (event: KeyboardEvent) => event.target instanceof Element && event.target.closest('input:not([type=radio]):not([type=checkbox]), textarea, select, [contenteditable]:not([contenteditable=false]), [role=combobox], [role=listbox], [role=slider], [role=spinbutton], dialog') !== null
const onKey = (key: string, run: () => void) => onKeyStroke(key, (event) => {
  if (typing(event) || event.ctrlKey || event.metaKey || event.altKey) return
  event.preventDefault()
  run()
})
onKey('/', () => { lineField.value?.focus() })
for (const place of [1, 2, 3, 4, 5, 6, 7, 8]) onKey(String(place), () => { choose(matches.data.value?.matches[place - 1]) })
onKey('[', () => { stepThickness(-1) })
onKey(']', () => { stepThickness(1) })
onKey('n', startAnew)
onKey('u', () => { units.toggle() })
onKey('p', () => { if (canGive.value && !give.isPending.value) give.mutate() })
onKey('?', () => { keysOpen.value = true })
</script>

<template>
  <div v-if="catalogue.isError.value" class="apart">
    <h1>{{ t('error.title') }}</h1><p>{{ catalogue.error.value?.message }}</p>
    <button class="plain" type="button" @click="catalogue.refetch()">{{ t('error.retry') }}</button>
  </div>
  <div v-else-if="catalogue.data.value && cut" class="counter">
    <h1 class="sr-only">{{ t('nav.counter') }}</h1>
    <div class="top">
      <AskLine ref="lineField" v-model="line" :read="lineRead.data.value ?? null" :busy="lineRead.isFetching.value" :confirmed="store.kept.confirmed" @confirm="(word) => store.kept.confirmed.push(word)" />
      <button type="button" class="help new" data-testid="new-ask" @click="startAnew">{{ t('line.next') }} <kbd>N</kbd></button>
      <button type="button" class="help" :aria-label="t('keys.open')" @click="keysOpen = true">?</button>
      <button type="button" class="units" data-testid="units" @click="units.toggle()"><span class="sr-only">{{ t('app.units') }} </span>
        <span :class="{ on: units.units === 'metric' }">{{ t('app.metric') }}</span><span :class="{ on: units.units === 'imperial' }">{{ t('app.imperial') }}</span>
      </button>
    </div>
    <AskColumn class="part" :cut="cut" :currency="currency" :official-c="ticket?.cut.slug === cut.slug ? ticket.verdict.official.core_c : null" :by-texture="ticket?.cut.slug === cut.slug && ticket.pull_by === 'fork'" :errors="{ ...matchErrors, ...errors }" />
    <section class="part middle" :aria-label="t(tab === 'matches' ? 'match.title' : 'piece.title')">
      <div class="tabs" role="tablist" :aria-label="t('match.tabs')">
        <button v-for="each in ['matches', 'piece'] as const" :key="each" type="button" role="tab" :aria-selected="tab === each" :data-testid="`tab-${each}`" @click="tab = each">{{ t(each === 'matches' ? 'match.title' : 'match.piece') }}</button>
      </div>
      <MatchColumn v-if="tab === 'matches'" :matches="matches.data.value ?? null" :busy="matches.isFetching.value" :problem="matchProblem" :lot="pieces.piece.lot" :method="pieces.piece.method" :cuts="catalogue.data.value" :units="units.units" @take="choose" />
      <PieceColumn v-else :catalogue="catalogue.data.value" :cut="cut" :usual-heat-c="stale && pieces.piece.heatC === null && ticket?.method !== pieces.piece.method ? null : (ticket?.heat_c ?? null)" :errors="errors" @picked="touched = true" />
    </section>
    <section class="part out" :aria-label="t('ticket.title')" aria-live="polite" :aria-busy="advice.isFetching.value">
      <p v-if="!mayAdvise" class="note">{{ t('ticket.mayNot') }}</p>
      <div v-if="problem && !store.kept.given" class="problem" role="alert" data-testid="problem"><b>{{ t('ticket.problems') }}</b> {{ problem }} <template v-if="ticket">{{ t('ticket.old') }}</template></div>
      <div v-else-if="pieces.ask === null && ticket && !nothingFits" class="problem" role="status">{{ t('ticket.old') }}</div>
      <p v-if="nothingFits" class="note" data-testid="nothing-fits">{{ t('ticket.nothingFits') }}</p>
      <TicketCard v-else-if="ticket" v-model:read="read" :ticket="ticket" :units="units.units" :stale="stale" :readable="!store.kept.given">
        <template #actions>
          <GiveBar v-model:sold="soldText" :ticket="ticket" :units="units.units" :can-give="canGive" :lock="lock" :pending="give.isPending.value" :given="store.kept.given" :taken-back="store.kept.takenBack"
            
            :problem="soldProblem ?? give.error.value?.message ?? takeBack.error.value?.message ?? null" @give="give.mutate()" @offer="takeOffer" @take-back="(id) => { takeBack.mutate(id) }" @next="startAnew" />
        </template>
      </TicketCard>
      <p v-else-if="advice.isFetching.value" class="note">{{ t('ticket.waiting') }}</p>
      <p v-else-if="mayAdvise && !problem" class="note">{{ t('ticket.none') }}</p>
    </section>
    <KeysHelp v-model="keysOpen" />
  </div>
  <p v-else class="apart">{{ t('ticket.waiting') }}</p>
</template>

<style scoped>
.counter { display: grid; grid-template-columns: 292px 330px minmax(0, 1fr); grid-template-rows: auto minmax(0, 1fr); height: 100%; }
.part { overflow-y: auto; scrollbar-width: thin; position: relative; }
.top { grid-column: 1 / -1; display: flex; gap: 8px; align-items: center; padding: 8px 12px; background: #fff; border-bottom: 1px solid var(--line); }
.middle { padding: 10px 12px; background: #eef2f1; border-right: 1px solid var(--line); display: flex; flex-direction: column; gap: 8px; min-width: 0; }
.tabs { display: flex; }
.tabs button { flex: 1; min-height: 38px; border: 1px solid var(--ink); background: #fff; color: var(--ink); font: 600 16px/1 var(--figures); cursor: pointer; }
.tabs button + button { border-left: 0; }
.tabs [aria-selected='true'] { background: var(--ink); color: #fff; }
.out { padding: 8px 10px 0; background: #dbe1df; display: flex; flex-direction: column; gap: 8px; min-width: 0; }
.note { margin: 30px; font-size: 17px; }
.problem { background: var(--red-wash); border-left: 5px solid var(--oxblood); padding: 8px 12px; }
.apart { padding: 40px; }
.help { flex: none; min-width: 40px; height: 42px; border: 1px solid var(--ink); background: #fff; font: 700 17px/1 var(--figures); cursor: pointer; white-space: nowrap; }
.new { padding: 0 10px; }
.new kbd { font: 600 13px/1 var(--figures); border: 1px solid currentColor; padding: 2px 5px; margin-left: 4px; }
.units { flex: none; white-space: nowrap; display: inline-flex; border: 1px solid var(--ink); background: #fff; padding: 0; cursor: pointer; height: 42px; }
.units span { padding: 0 11px; font: 600 16px/40px var(--figures); color: var(--ink); }
.units .on { background: var(--ink); color: #fff; }
@media (max-width: 1180px) { .counter { grid-template-columns: 290px minmax(0, 1fr); grid-template-rows: auto; height: auto; } .part { overflow: visible; } .out { grid-column: 1 / -1; } }
@media (max-width: 640px) { .counter { grid-template-columns: minmax(0, 1fr); } .top { flex-wrap: wrap; } .top > :first-child { flex-basis: 100%; } .out { padding: 8px; } }
</style>
