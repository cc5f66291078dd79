<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { onKeyStroke, refDebounced } from '@vueuse/core'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, ApiError, orThrow } from '@/api/client'
import { useSession } from '@/session'
import TicketCard from '@/ticket/TicketCard.vue'
import { useUnits } from '@/units/useUnits'
import AskColumn from './AskColumn.vue'
import GiveBar from './GiveBar.vue'
import KeysHelp from './KeysHelp.vue'
import PieceColumn from './PieceColumn.vue'
import { adviceQuery, catalogueQuery } from './queries'
import { useDraft } from './useDraft'

const { t } = useI18n()
const store = useDraft()
const units = useUnits()
const session = useSession()
const queries = useQueryClient()
const catalogue = useQuery(catalogueQuery())
const cut = computed(() => catalogue.data.value?.find((candidate) => candidate.slug === store.draft.cut) ?? catalogue.data.value?.[0])

watch(cut, (now) => { if (now && store.draft.thicknessMm === null && store.draft.thicknessText === null) store.take(now) }, { immediate: true })

const asked = refDebounced(
  computed(() => store.ask),
  120,
)
const mayAdvise = computed(() => session.data.value?.may_advise ?? false)
const advice = useQuery(() => adviceQuery(mayAdvise.value ? asked.value : null))
const ticket = computed(() => advice.data.value?.ticket ?? null)
const isSettled = computed(() => JSON.stringify(asked.value) === JSON.stringify(store.ask))
const stale = computed(() => store.ask === null || advice.isError.value || advice.isPlaceholderData.value || !isSettled.value)

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
const findings = computed(() => ticket.value?.verdict.findings.map((finding) => finding.key).join() ?? '')
watch(findings, () => { read.value = [] })

const give = useMutation({
  mutationFn: () => {
    if (store.ask === null) throw new Error(t('ticket.problems'))
    return orThrow(api.POST('/tickets', { body: { ask: store.ask, customer_label: store.draft.label || null, cautions_read: read.value, units: units.units } }))
  },
  onSuccess: () => queries.invalidateQueries({ queryKey: ['tickets'] }),
})
watch(asked, () => give.reset())
const canGive = computed(() => ticket.value !== null && !stale.value && ticket.value.verdict.may_be_handed_over && ticket.value.verdict.findings.every((finding) => read.value.includes(finding.key)))
const takeOffer = () => { store.draft.doneness = ticket.value?.verdict.offer?.doneness ?? store.draft.doneness }

const piece = useTemplateRef('piece')
const keysOpen = ref(false)
const typing = (event: KeyboardEvent) => event.target instanceof HTMLInputElement && !['radio', 'checkbox'].includes(event.target.type)
const onKey = (key: string, run: () => void) => onKeyStroke(key, (event) => {
  if (typing(event) || event.ctrlKey || event.metaKey || event.altKey) return
  event.preventDefault()
  run()
})
onKey('[', () => piece.value?.stepThickness(-1))
onKey(']', () => piece.value?.stepThickness(1))
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
    <AskColumn class="part" :cut="cut" :official-c="ticket?.cut.slug === cut.slug ? ticket.verdict.official.core_c : null" :by-texture="ticket?.cut.slug === cut.slug && ticket.pull_by === 'fork'" :errors="errors" />
    <PieceColumn ref="piece" class="part" :catalogue="catalogue.data.value" :cut="cut" :usual-heat-c="stale && store.draft.heatC === null && ticket?.method !== store.draft.method ? null : (ticket?.heat_c ?? null)" :errors="errors" />
    <section class="part out" :aria-label="t('ticket.title')" aria-live="polite" :aria-busy="advice.isFetching.value">
      <p v-if="!mayAdvise" class="note">{{ t('ticket.mayNot') }}</p>
      <div v-if="problem" class="problem" role="alert" data-testid="problem"><b>{{ t('ticket.problems') }}</b> {{ problem }} <template v-if="ticket">{{ t('ticket.old') }}</template></div>
      <div v-else-if="store.ask === null && ticket" class="problem" role="status">{{ t('ticket.old') }}</div>
      <TicketCard v-if="ticket" v-model:read="read" :ticket="ticket" :units="units.units" :stale="stale" readable>
        <template #tools>
          <button type="button" class="help" :aria-label="t('keys.open')" @click="keysOpen = true">?</button>
          <button type="button" class="units" data-testid="units" @click="units.toggle()"><span class="sr-only">{{ t('app.units') }} </span>
            <span :class="{ on: units.units === 'metric' }">{{ t('app.metric') }}</span><span :class="{ on: units.units === 'imperial' }">{{ t('app.imperial') }}</span>
          </button>
        </template>
        <template #actions>
          <GiveBar :ticket="ticket" :units="units.units" :can-give="canGive" :pending="give.isPending.value" :given="give.data.value ?? null" :problem="give.error.value?.message ?? null" @give="give.mutate()" @offer="takeOffer" />
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
.counter { display: grid; grid-template-columns: 252px 296px minmax(0, 1fr); min-height: 100%; }
.out { padding: 10px 12px; background: #dbe1df; display: flex; flex-direction: column; gap: 8px; min-width: 0; }
.note { margin: 30px; font-size: 17px; }
.problem { background: var(--red-wash); border-left: 5px solid var(--oxblood); padding: 8px 12px; }
.apart { padding: 40px; }
.help { flex: none; width: 40px; height: 40px; border: 1px solid var(--ink); background: #fff; font: 700 18px/1 var(--figures); cursor: pointer; margin-left: auto; }
.units { flex: none; white-space: nowrap; display: inline-flex; border: 1px solid var(--ink); background: #fff; padding: 0; cursor: pointer; height: 40px; }
.units span { padding: 0 11px; font: 600 16px/38px var(--figures); color: var(--ink); }
.units .on { background: var(--ink); color: #fff; }
@media (max-width: 1180px) { .counter { grid-template-columns: 290px minmax(0, 1fr); } .out { grid-column: 1 / -1; } }
@media (max-width: 640px) { .counter { grid-template-columns: minmax(0, 1fr); } .out { padding: 8px; } }
</style>
