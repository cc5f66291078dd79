<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useI18n } from 'vue-i18n'
import TicketCard from '@/ticket/TicketCard.vue'
import { useUnits } from '@/units/useUnits'
import { ticketQuery } from './queries'

const props = defineProps<{ id: string }>()
const { t, d } = useI18n()
const units = useUnits()
const kept = useQuery(() => ticketQuery(props.id))
</script>

<template>
  <section class="page">
    <RouterLink class="back" :to="{ name: 'tickets' }">‹ {{ t('tickets.back') }}</RouterLink>
    <p v-if="kept.isError.value" class="wrong" role="alert">{{ kept.error.value?.message }}</p>
    <p v-else-if="!kept.data.value">{{ t('tickets.loading') }}</p>
    <template v-else>
      <header>
        <h1 data-testid="ticket-number">{{ t('tickets.number') }} {{ kept.data.value.number }}<template v-if="kept.data.value.customer_label">, {{ kept.data.value.customer_label }}</template></h1>
        <p>{{ kept.data.value.given_by }}, {{ d(new Date(kept.data.value.given_at), { dateStyle: 'medium', timeStyle: 'short' }) }}. {{ t('tickets.engine', { version: kept.data.value.engine_version }) }}</p>
        <a class="strong" :href="`/api/v1/tickets/${kept.data.value.id}/card.pdf?units=${units.units}`" target="_blank" rel="noopener" data-testid="card-link">{{ t('ticket.card') }}</a>
        <button type="button" class="plain" data-testid="units" @click="units.toggle()">{{ t(units.units === 'metric' ? 'app.imperial' : 'app.metric') }}</button>
      </header>
      <TicketCard class="kept" :ticket="kept.data.value.ticket" :units="units.units" />
    </template>
  </section>
</template>

<style scoped>
.page { padding: 14px 22px 22px; background: #dbe1df; min-height: 100%; }
.back { color: var(--ink); font: 600 17px/32px var(--figures); }
header { display: flex; gap: 14px; align-items: center; margin: 4px 0 10px; flex-wrap: wrap; max-width: 860px; }
header p { margin: 0; flex: 1; min-width: 220px; color: #3c4643; font-size: 14px; }
h1 { font-size: 28px; }
.kept { max-width: 860px; min-height: 0; }
</style>
