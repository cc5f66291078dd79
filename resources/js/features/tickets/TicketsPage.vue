<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import InputText from 'primevue/inputtext'
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { moment } from '@/units/clock'
import { length } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import { ticketsQuery } from './queries'
import type { Schemas } from '@/api/client'
import Column from 'primevue/column'
import DataTable from 'primevue/datatable'
import Failed from '@/ui/Failed.vue'
import Waiting from '@/ui/Waiting.vue'

interface Row {
  data: Schemas['TicketSummary']
}
const { t, locale } = useI18n()
const units = useUnits()
const find = ref('')
const asked = refDebounced(find, 200)
const page = ref(1)
watch(asked, () => {
  page.value = 1
})
const tickets = useQuery(() => ticketsQuery(asked.value.trim(), page.value))
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ t('tickets.title') }}</h1>
      <InputText
        v-model="find"
        type="search"
        class="find"
        :placeholder="t('tickets.find')"
        :aria-label="t('tickets.find')"
        data-testid="find" />
    </header>
    <Failed v-if="tickets.isError.value" :problem="t('tickets.failed')" @again="tickets.refetch()" />
    <Waiting v-else-if="!tickets.data.value" :label="t('tickets.loading')" />
    <p v-else-if="tickets.data.value.tickets.length === 0" class="empty">{{
      asked ? t('tickets.noneFound', { find: asked }) : t('tickets.none')
    }}</p>
    <DataTable v-else :value="tickets.data.value.tickets" data-key="id" data-testid="tickets">
      <Column :header="t('tickets.number')" class="no">
        <template #body="{ data: ticket }: Row"
          ><RouterLink :to="{ name: 'ticket', params: { id: ticket.id } }">{{ ticket.number }}</RouterLink></template
        >
      </Column>
      <Column field="customer_label" :header="t('tickets.for')" class="who" />
      <Column :header="t('tickets.what')">
        <template #body="{ data: ticket }: Row">
          <div v-for="(dish, i) in ticket.dishes" :key="i">
            <RouterLink class="what" :to="{ name: 'ticket', params: { id: ticket.id } }">{{ dish.cut_name }}</RouterLink>
            <span class="how"
              >{{ t(`method.${dish.method}`) }}, {{ t(`word.${dish.doneness}`) }}, {{ length(dish.thickness_mm, units.units) }},
              {{ t('tickets.people', { diners: dish.diners }) }}</span
            >
          </div>
        </template>
      </Column>
      <Column :header="t('tickets.verdict')">
        <template #body="{ data: ticket }: Row">
          <span v-if="ticket.taken_back_at" class="level back">{{ t('tickets.takenBack') }}</span>
          <template v-else
            ><div v-for="(dish, i) in ticket.dishes" :key="i"
              ><span :class="['level', dish.verdict]">{{ t(`verdict.${dish.verdict}`) }}</span></div
            ></template
          >
        </template>
      </Column>
      <Column field="given_by" :header="t('tickets.by')" />
      <Column :header="t('tickets.when')" class="num">
        <template #body="{ data: ticket }: Row">{{ moment(ticket.given_at, locale) }}</template>
      </Column>
    </DataTable>
    <nav v-if="tickets.data.value && (page > 1 || tickets.data.value.has_more)" class="pages">
      <button type="button" class="plain" :disabled="page === 1" @click="page--">{{ t('tickets.later') }}</button>
      <button type="button" class="plain" :disabled="!tickets.data.value.has_more" @click="page++">{{ t('tickets.earlier') }}</button>
    </nav>
  </section>
</template>

<style scoped>
.page {
  padding: 22px 26px;
  max-width: 1180px;
}
header {
  display: flex;
  gap: 24px;
  align-items: center;
  margin-bottom: 16px;
  flex-wrap: wrap;
}
h1 {
  font-size: 32px;
}
.find {
  width: min(420px, 100%);
  height: 46px;
  font: 400 17px var(--text);
}
:deep(td) {
  padding: 9px 12px;
  vertical-align: baseline;
  overflow-wrap: anywhere;
}
:deep(.no a) {
  font: 700 22px/1 var(--figures);
  color: var(--oxblood);
}
.what {
  font: 700 19px/1.2 var(--figures);
  color: var(--ink);
  display: block;
}
.how {
  color: var(--soft);
  font-size: 14px;
}
.level {
  font: 600 16px var(--figures);
  padding: 2px 9px;
  border-left: 5px solid;
  white-space: nowrap;
}
.level.clear {
  border-color: var(--bay);
  background: var(--bay-wash);
}
.level.caution {
  border-color: var(--mustard);
  background: var(--mustard-wash);
}
.empty {
  font-size: 18px;
}
.pages {
  display: flex;
  gap: 10px;
  margin-top: 14px;
}
.plain:disabled {
  color: #6c7572;
  border-color: var(--line);
  cursor: default;
}
@media (max-width: 640px) {
  .page {
    padding: 12px;
  }
  :deep(thead) {
    display: none;
  }
  :deep(tbody tr) {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(88px, auto);
    padding: 8px 0;
    border-bottom: 1px solid var(--line);
  }
  :deep(td) {
    border: 0;
    padding: 2px 10px;
  }
}
</style>
