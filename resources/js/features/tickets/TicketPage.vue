<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { useI18n } from 'vue-i18n'
import { api, orThrow } from '@/api/client'
import { useSession } from '@/queries/session'
import TicketCard from '@/ticket/TicketCard.vue'
import { moment } from '@/units/clock'
import { money } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import PhoneLink from './PhoneLink.vue'
import { ticketQuery } from './queries'

const props = defineProps<{ id: string }>()
const { t, locale } = useI18n()
const units = useUnits()
const kept = useQuery(() => ticketQuery(props.id))
const session = useSession()
const queries = useQueryClient()
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
        <a
          class="strong"
          :href="`/api/v1/tickets/${kept.data.value.id}/card.pdf?units=${units.units}`"
          target="_blank"
          rel="noopener"
          data-testid="card-link"
          >{{ t('ticket.card') }}</a
        >
        <a
          class="plain"
          :href="`/api/v1/tickets/${kept.data.value.id}/card.pdf?paper=roll&units=${units.units}`"
          target="_blank"
          rel="noopener"
          data-testid="roll-link"
          >{{ t('ticket.roll') }}</a
        >
        <button
          v-if="kept.data.value.can_be_taken_back && session.data.value?.may_advise"
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
      <PhoneLink :ticket="kept.data.value" :may-change="session.data.value?.may_advise === true" />
      <template v-for="(dish, i) in kept.data.value.dishes" :key="i">
        <h2 v-if="kept.data.value.dishes.length > 1" class="dish" data-testid="dish">
          {{ t('dish.of', { place: i + 1, count: kept.data.value.dishes.length })
          }}<small v-if="dish.price !== null">{{ money(dish.price, kept.data.value.currency) }}</small>
        </h2>
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
