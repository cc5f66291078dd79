<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { moment } from '@/units/clock'
import { useRouter } from 'vue-router'
import { api, orThrow, orThrowEmpty, type Schemas } from '@/api/client'
import { applianceKinds } from '@/asks/applianceKinds'
import { useAsks } from '@/asks/useAsks'
import { LANGUAGES } from '@/i18n/languages'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import PickOne from '@/ui/PickOne.vue'
import ToggleRow from '@/ui/ToggleRow.vue'
import { customerTicketsQuery } from './queries'
import { useConfirm } from 'primevue/useconfirm'

const props = defineProps<{ customer: Schemas['Customer'] }>()
const { t, locale } = useI18n()
const queries = useQueryClient()
const router = useRouter()
const asks = useAsks()
const tickets = useQuery(() => customerTicketsQuery(props.customer.id))
const again = () => queries.invalidateQueries({ queryKey: ['customers'] })
const change = useMutation({
  mutationFn: (now: Partial<Schemas['NewCustomer']>) =>
    orThrow(
      api.PUT('/customers/{customer}', {
        params: { path: { customer: props.customer.id } },
        body: {
          name: props.customer.name,
          units: props.customer.units,
          fires: props.customer.fires,
          appliances: props.customer.appliances,
          language: props.customer.language,
          ...now,
        },
      }),
    ),
  onSuccess: again,
})
const appliances = computed({
  get: () => props.customer.appliances,
  set: (value: string[]) => {
    change.mutate({ appliances: value })
  },
})
const units = computed({
  get: () => props.customer.units,
  set: (value) => {
    change.mutate({ units: value })
  },
})
const language = computed({
  get: () => props.customer.language ?? '',
  set: (value) => {
    change.mutate({ language: value === '' ? null : value })
  },
})
const languages = computed(() => [{ value: '' as const, label: t('customers.shopLanguage') }, ...LANGUAGES])
const sure = useConfirm()
const ask = () => {
  sure.require({
    header: t('customers.forget'),
    message: t('customers.sure'),
    acceptLabel: t('customers.yes'),
    rejectLabel: t('own.cancel'),
    accept: () => {
      forget.mutate()
    },
  })
}
const forget = useMutation({
  mutationFn: () => orThrowEmpty(api.DELETE('/customers/{customer}', { params: { path: { customer: props.customer.id } } })),
  onSuccess: () => Promise.all([again(), queries.invalidateQueries({ queryKey: ['tickets'] })]),
})
function serve() {
  asks.startAnew()
  asks.serve(props.customer)
  void router.push({ name: 'counter' })
}
</script>

<template>
  <div class="more">
    <ToggleRow
      v-model="appliances"
      testid="customer-appliances"
      :legend="t('ask.cooksOn')"
      :choices="applianceKinds.map((value) => ({ value, label: t(`appliance.${value}`) }))" />
    <ChoiceRow
      v-model="units"
      :legend="t('app.units')"
      :choices="(['metric', 'imperial'] as const).map((value) => ({ value, label: t(`app.${value}`) }))" />
    <PickOne v-model="language" :label="t('customers.language')" :options="languages" testid="customer-language" />
    <p v-if="change.error.value" class="wrong" role="alert">{{ change.error.value.message }}</p>
    <ol v-if="tickets.data.value?.length"
      ><li v-for="ticket in tickets.data.value" :key="ticket.id"
        ><RouterLink :to="{ name: 'ticket', params: { id: ticket.id } }"
          >{{ ticket.number }} {{ ticket.dishes.map((dish) => dish.cut_name).join(', ') }}</RouterLink
        >
        <small>{{ moment(ticket.given_at, locale, { dateStyle: 'medium' }) }}</small></li
      ></ol
    >
    <div class="do">
      <button type="button" class="strong" data-testid="serve" @click="serve">{{ t('customers.serve') }}</button>
      <a class="plain" :href="`/api/v1/customers/${customer.id}/export.json`" download data-testid="take-out">{{
        t('customers.takeOut')
      }}</a>
      <button type="button" class="plain" data-testid="forget" @click="ask">{{ t('customers.forget') }}</button>
    </div>
  </div>
</template>

<style scoped>
.more {
  padding: 4px 14px 14px;
  display: grid;
  gap: 10px;
}
ol {
  margin: 0;
  padding: 0;
  list-style: none;
  display: grid;
  gap: 3px;
}
ol a {
  font: 600 17px/1.3 var(--figures);
  color: var(--oxblood);
}
small {
  color: var(--soft);
}
.do {
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
}
</style>
