<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import { duration, length, mass, money, perThickness, span, temperature, type Units } from '@/units/units'
import HeatRibbon from './HeatRibbon.vue'
import SliceDrawing from './SliceDrawing.vue'
import TextureMeter from './TextureMeter.vue'
import TicketBench from './TicketBench.vue'
import TicketInspected from './TicketInspected.vue'
import TicketPieces from './TicketPieces.vue'
import TicketSeason from './TicketSeason.vue'
import TicketServe from './TicketServe.vue'
import TicketTimeline from './TicketTimeline.vue'
import VerdictBar from './VerdictBar.vue'

const props = withDefaults(
  defineProps<{ ticket: Schemas['DishTicket']; units: Units; stale?: boolean; readable?: boolean; changeable?: boolean }>(),
  {
    stale: false,
    readable: false,
    changeable: false,
  },
)
const emit = defineEmits<{ season: [seasoning: string] }>()
const read = defineModel<string[]>('read', { default: () => [] })
const { t } = useI18n()
const say = useSay()
const amounts = computed(() => props.ticket.amounts)
const cupboard = computed(() => {
  const list = (props.ticket.eaten ?? [])
    .filter((each) => each.from === 'cupboard')
    .map(({ food, allergens }) => {
      const has = allergens.map((each) => t(`allergen.${each}`)).join(', ')
      return has ? `${t(`food.${food}`)} (${has})` : t(`food.${food}`)
    })
    .join(', ')
  return list && t('label.cupboard', { list })
})
/** What the time hangs on most, and what a likely error in it costs. */
const first = computed(() => props.ticket.effects.find((effect) => effect.change_s > 0))
const hang = computed(() => {
  const most = first.value
  if (!most) return null
  return most.input === 'thickness'
    ? t('ticket.mm', perThickness(most.change_s, props.units))
    : t(`ticket.off.${most.input}`, { step: `${Math.abs(most.step)} %`, change_s: duration(most.change_s) })
})
/** Tickets of older engines carry a range. */
const cooked = computed(() => {
  const old = amounts.value as { cooked_low_g?: number; cooked_high_g?: number }
  return old.cooked_low_g === undefined || old.cooked_high_g === undefined
    ? t('ticket.cooked', { cooked_g: mass(amounts.value.cooked_g, props.units) })
    : t('ticket.cookedRange', { cooked_low_g: mass(old.cooked_low_g, props.units), cooked_high_g: mass(old.cooked_high_g, props.units) })
})
const raw = computed(() =>
  [
    t('ticket.raw', { raw_g: mass(amounts.value.raw_g, props.units), raw_per_head_g: mass(amounts.value.raw_per_head_g, props.units) }),
    amounts.value.pieces !== null
      ? t('ticket.pieces', { pieces: amounts.value.pieces, piece_g: mass(amounts.value.piece_g, props.units) })
      : amounts.value.length_mm !== null
        ? t('ticket.length', {
            across_mm: length(props.ticket.thickness_mm, props.units),
            length_mm: length(amounts.value.length_mm, props.units),
          })
        : '',
    amounts.value.why ? say(amounts.value.why, props.units) : '',
    cooked.value,
  ]
    .filter(Boolean)
    .join(', '),
)
const schools = computed(() =>
  Object.entries(props.ticket.schools)
    .map(([school, option]) => `${t(`school.${school}`)}: ${t(`school_option.${school}.${option}`)}`)
    .join('; '),
)
const fires = computed(() => {
  const sorts = Object.values(props.ticket.fires ?? {}).map((sort) => t(`fire.${sort}`))
  return sorts.length ? ` (${sorts.join(', ')})` : ''
})
const notes = computed(() =>
  [
    ...props.ticket.cautions,
    ...props.ticket.doubts,
    ...(props.ticket.tempering ? [props.ticket.tempering] : []),
    ...(props.ticket.keeping ? [props.ticket.keeping] : []),
  ]
    .map((phrase) => say(phrase, props.units))
    .join(' '),
)
</script>

<template>
  <article class="card" :class="{ stale }" data-testid="ticket">
    <header>
      <div class="title"
        ><h2>{{ ticket.cut.name }}, {{ t('ticket.for', { diners: amounts.diners }) }}</h2
        ><div v-if="ticket.price" class="price" data-testid="price"
          ><b>{{ money(ticket.price.total, ticket.price.currency) }}</b
          ><small>{{ t('ticket.aHead', { price: money(ticket.price.a_head, ticket.price.currency), lot: ticket.price.lot }) }}</small></div
        ></div
      >
      <p class="sub"
        ><span
          >{{ t(`method.${ticket.method}`) }}{{ fires }}, {{ t(`word.${ticket.target.word}`) }},
          {{ length(ticket.thickness_mm, units) }}</span
        ><b>{{ raw }}</b></p
      >
    </header>
    <div class="halves"
      ><div class="half">
        <VerdictBar v-model:read="read" :verdict="ticket.verdict" :units="units" :readable="readable" />
        <div class="numbers">
          <div
            ><small>{{ t({ core: 'ticket.pull', clock: 'ticket.byTime', fork: 'ticket.byFork' }[ticket.pull_by]) }}</small>
            <b data-testid="pull">{{
              ticket.pull_by === 'core' ? temperature(ticket.pull_core_c, units) : duration(ticket.time.likely_s)
            }}</b>
            <small>{{
              ticket.pull_by === 'fork'
                ? t('ticket.coreThen', { core_c: temperature(ticket.pull_core_c, units) })
                : ticket.carry_over_k === 0
                  ? t('ticket.stays')
                  : t('ticket.rises', { peak_c: temperature(ticket.peak_core_c, units) })
            }}</small></div
          >
          <div
            ><small>{{ t('ticket.onHeat') }}</small
            ><b data-testid="time">{{ span(ticket.time.low_s, ticket.time.high_s) }}</b>
            <small>{{ t('ticket.likely', { likely_s: duration(ticket.time.likely_s) }) }}</small></div
          >
          <div v-if="ticket.rest_s > 0"
            ><small>{{ t('ticket.rest') }}</small
            ><b>{{ duration(ticket.rest_s) }}</b></div
          >
          <div v-if="first?.input === 'collagen'" class="hang"
            ><small>{{ t('ticket.hangsCollagen') }}</small></div
          >
          <div v-else-if="first && hang" class="hang"
            ><small>{{ t(`ticket.hangsOn.${first.input}`) }}</small
            ><span>{{ hang }}</span></div
          >
        </div>
        <TicketPieces v-if="ticket.pieces?.length" :pieces="ticket.pieces" :units="units" />
        <TextureMeter :ticket="ticket" :units="units" />
        <div class="facts"
          ><SliceDrawing :section="ticket.cross_section" :units="units" /><HeatRibbon :ticket="ticket" :units="units"
        /></div>
        <p v-if="cupboard" class="cupboard" data-testid="cupboard">{{ cupboard }}</p>
        <TicketSeason
          v-if="ticket.dressing"
          :dressing="ticket.dressing"
          :schools="ticket.schools"
          :units="units"
          :currency="ticket.price?.currency ?? null"
          :changeable="changeable"
          @pick="emit('season', $event)"
          ><template #more><slot name="season" /></template
        ></TicketSeason> </div
      ><div class="half"
        ><TicketTimeline :lines="ticket.timeline" :units="units" /><TicketInspected
          v-if="ticket.inspected"
          :inspected="ticket.inspected"
          :units="units" />
        <TicketBench v-if="ticket.bench" :bench="ticket.bench" :units="units" /><TicketServe :ticket="ticket" :units="units" /><p
          class="notes"
          >{{ notes }}</p
        ></div
      ></div
    >
    <details class="sources"
      ><summary>{{ t('ticket.sources') }}</summary>
      <p>{{
        t('ticket.log', {
          organism: ticket.log_reduction.organism,
          core: ticket.log_reduction.core,
          d_ref_s: duration(ticket.log_reduction.d_ref_s),
          t_ref_c: temperature(ticket.log_reduction.t_ref_c, units),
          z_k: `${ticket.log_reduction.z_k.toFixed(2)} K`,
        })
      }}</p>
      <p v-if="schools">{{ t('card.schools') }}: {{ schools }}.</p>
      <ul
        ><li v-for="source in ticket.sources" :key="source.id">{{ source.text }}</li></ul
      ></details
    >
    <footer><slot name="actions" /></footer>
  </article>
</template>

<style scoped>
.halves {
  display: grid;
  gap: 0 18px;
}
.half {
  min-width: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  align-content: start;
  gap: inherit;
}
@container ticket (min-width: 760px) {
  .halves {
    grid-template-columns: minmax(0, 1.05fr) minmax(0, 1fr);
  }
}
.card {
  container: ticket / inline-size;
  background: var(--paper);
  border-top: 6px solid var(--oxblood);
  padding: 5px 14px 0;
  display: flex;
  flex-direction: column;
  gap: 5px;
  flex: 1;
}
.stale > :not(header):not(footer) {
  filter: grayscale(1) opacity(0.82);
}
.title {
  display: flex;
  gap: 8px;
  align-items: flex-start;
  justify-content: space-between;
}
h2 {
  font-size: 26px;
  margin-right: auto;
  overflow-wrap: anywhere;
  padding-top: 4px;
}
.price {
  text-align: right;
  white-space: nowrap;
}
.price b {
  display: block;
  font: 700 26px/1.05 var(--figures);
  font-variant-numeric: tabular-nums;
}
.price small {
  font-size: 13px;
  color: var(--soft);
}
.sub {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  justify-content: space-between;
  margin: 1px 0 0;
  color: var(--soft);
  font-size: 14px;
  line-height: 1.3;
}
.sub b {
  font: 600 15.5px/1.3 var(--figures);
  color: var(--ink);
}
.facts {
  display: grid;
  grid-template-columns: 33% minmax(0, 1fr);
  gap: 12px;
  align-items: start;
}
.numbers {
  display: flex;
  gap: 6px 26px;
  flex-wrap: wrap;
}
.numbers div {
  display: flex;
  flex-direction: column;
}
.numbers b {
  font: 700 28px/1.02 var(--figures);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
.numbers small {
  font-size: 13px;
  line-height: 1.3;
  color: var(--soft);
}
.hang {
  margin-left: auto;
  flex: 1 1 105px;
  max-width: 190px;
  text-align: right;
  font: 600 16px/1.3 var(--figures);
}
.notes {
  margin: 0;
  font-size: 12.5px;
  line-height: 1.35;
  color: #3c4643;
}
.sources {
  font-size: 13px;
  color: var(--soft);
}
.sources summary {
  line-height: 44px;
  cursor: pointer;
  min-height: 24px;
}
.sources ul {
  margin: 4px 0;
  padding-left: 18px;
}
footer {
  margin-top: auto;
  position: sticky;
  bottom: 0;
  background: var(--paper);
  border-top: 1px solid var(--hair);
  padding: 6px 0 4px;
  z-index: 1;
}
@media (max-width: 600px) {
  .facts {
    grid-template-columns: minmax(0, 1fr);
  }
  .hang {
    margin: 0;
    text-align: left;
  }
}
</style>
