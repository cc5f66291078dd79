<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, orThrow } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import { useSession } from '@/queries/session'
import TicketCard from '@/ticket/TicketCard.vue'
import { moment } from '@/units/clock'
import { money } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import CardPrint from './CardPrint.vue'
import PhoneLink from './PhoneLink.vue'
import ReplanTicket from './ReplanTicket.vue'
import { ticketQuery } from './queries'

const props = defineProps<{ id: string }>()
const { t, locale } = useI18n()
const say = useSay()
const units = useUnits()
const kept = useQuery(() => ticketQuery(props.id))
const session = useSession()
const queries = useQueryClient()
const mayChange = computed(() => session.data.value?.may_advise === true)
const takeBack = useMutation({
  mutationFn: () => orThrow(api.POST('/tickets/{ticket}/take-back', { params: { path: { ticket: props.id } } })),
  onSuccess: () => Promise.all(['tickets', 'counter', 'case', 'customers'].map((key) => queries.invalidateQueries({ queryKey: [key] }))),
})
</script>

<template>
  <section class="page">
    <RouterLink class="back" :to="{ name: 'tickets' }">‹ {{ t('tickets.back') }}</RouterLink>
    <p v-if="kept.isError.value" class="wrong" role="alert">{{ kept.error.value?.message }}</p>
    <p v-else-if="!kept.data.value">{{ t('tickets.loading') }}</p>
    <template v-else>
      <header>
        <h1 data-testid="ticket-number"
          >{{ t('tickets.number') }} {{ kept.data.value.number
          }}<template v-if="kept.data.value.customer_label">, {{ kept.data.value.customer_label }}</template></h1
        >
        <p
          >{{ kept.data.value.given_by }}, {{ moment(kept.data.value.given_at, locale) }}.
          {{ t('tickets.engine', { version: kept.data.value.engine_version }) }}
          <template v-if="kept.data.value.dishes.length > 1 && kept.data.value.total !== null">{{
            t('dish.together', { total: money(kept.data.value.total, kept.data.value.currency) })
          }}</template></p
        >
        <CardPrint :ticket="kept.data.value" :units="units.units" :may-change="mayChange" />
        <button
          v-if="kept.data.value.can_be_taken_back && mayChange"
          type="button"
          class="plain"
          :disabled="takeBack.isPending.value"
          data-testid="take-back"
          @click="takeBack.mutate()"
          >{{ t('ticket.takeBack') }}</button
        >
        <button type="button" class="plain" data-testid="units" @click="units.toggle()">{{
          t(units.units === 'metric' ? 'app.imperial' : 'app.metric')
        }}</button>
      </header>
      <p v-if="kept.data.value.taken_back_at" class="back-note" role="status">{{
        t('tickets.takenBackAt', { when: moment(kept.data.value.taken_back_at, locale) })
      }}</p>
      <template v-for="(other, how) in { replaced: kept.data.value.replaces, replaced_by: kept.data.value.replaced_by }" :key="how">
        <p v-if="other" class="back-note" role="status" :data-testid="how">
          <RouterLink :to="{ name: 'ticket', params: { id: other.id } }">{{ t(`card.${how}`, { number: other.number }) }}</RouterLink>
        </p>
      </template>
      <ul v-if="kept.data.value.changes.length" class="changes" data-testid="changes">
        <li v-for="change in kept.data.value.changes" :key="change.key">{{ say(change, units.units) }}</li>
      </ul>
      <PhoneLink :ticket="kept.data.value" :may-change="mayChange" />
      <ReplanTicket
        v-if="mayChange && kept.data.value.taken_back_at === null && kept.data.value.replaced_by === null"
        :key="kept.data.value.id"
        :ticket="kept.data.value" />
      <template v-for="(dish, i) in kept.data.value.dishes" :key="i">
        <h2 v-if="kept.data.value.dishes.length > 1" class="dish" data-testid="dish">
          {{ t('dish.of', { place: i + 1, count: kept.data.value.dishes.length })
          }}<small v-if="dish.price !== null">{{ money(dish.price, kept.data.value.currency) }}</small>
        </h2>
        <p v-if="dish.answer" class="back-note" data-testid="answer">{{ t('card.notes') }} {{ t(`answer.${dish.answer}`) }}.</p>
        <TicketCard class="kept" :ticket="dish.ticket" :units="units.units" />
      </template>
    </template>
  </section>
</template>

<style scoped>
.dish {
  font: 700 22px/1.1 var(--figures);
  margin: 14px 0 6px;
  display: flex;
  justify-content: space-between;
}
.dish small {
  font: 700 19px/1.1 var(--figures);
}
.page {
  padding: 14px 22px 22px;
  background: #dbe1df;
  min-height: 100%;
}
.back {
  color: var(--ink);
  font: 600 17px/32px var(--figures);
}
header {
  display: flex;
  gap: 14px;
  align-items: center;
  margin: 4px 0 10px;
  flex-wrap: wrap;
  max-width: 860px;
}
header p {
  margin: 0;
  flex: 1;
  min-width: 220px;
  color: #3c4643;
  font-size: 14px;
}
.changes {
  max-width: 860px;
  margin: 0 0 10px;
  padding: 8px 12px 8px 30px;
  background: var(--paper);
}
.back-note {
  max-width: 860px;
  margin: 0 0 10px;
  padding: 8px 12px;
  background: var(--mustard-wash);
  border-left: 5px solid var(--mustard);
  font-weight: 700;
}
h1 {
  font-size: 28px;
}
.kept {
  max-width: 860px;
  min-height: 0;
}
</style>
