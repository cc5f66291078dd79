<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { shopZone } from '@/units/clock'
import { useRouter } from 'vue-router'
import { api, orThrow, orThrowEmpty, type Schemas } from '@/api/client'
import { useAsks } from '@/asks/useAsks'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import ToggleRow from '@/ui/ToggleRow.vue'
import { customerTicketsQuery } from './queries'

const props = defineProps<{ customer: Schemas['Customer']; open: boolean }>()
defineEmits<{ toggle: [] }>()
const { t, d } = useI18n()
const queries = useQueryClient()
const router = useRouter()
const asks = useAsks()
const kinds = ['pan', 'oven', 'grill', 'pot', 'water_bath', 'wok', 'broiler', 'steamer', 'smoker', 'spit', 'deep_fryer'] as const
const tickets = useQuery(() => ({ ...customerTicketsQuery(props.customer.id), enabled: props.open }))
const again = () => queries.invalidateQueries({ queryKey: ['customers'] })
const change = useMutation({
  mutationFn: (now: Partial<Schemas['NewCustomer']>) => orThrow(api.PUT('/customers/{customer}', { params: { path: { customer: props.customer.id } }, body: { name: props.customer.name, units: props.customer.units, fires: props.customer.fires, appliances: props.customer.appliances, ...now } })),
  onSuccess: again,
})
const appliances = computed({ get: () => props.customer.appliances, set: (value: string[]) => { change.mutate({ appliances: value }) } })
const units = computed({ get: () => props.customer.units, set: (value) => { change.mutate({ units: value }) } })
const sure = ref(false)
const forget = useMutation({ mutationFn: () => orThrowEmpty(api.DELETE('/customers/{customer}', { params: { path: { customer: props.customer.id } } })), onSuccess: () => Promise.all([again(), queries.invalidateQueries({ queryKey: ['tickets'] })]) })
function serve() {
  asks.startAnew()
  asks.serve(props.customer)
  void router.push({ name: 'counter' })
}
</script>

<template>
  <article class="customer" data-testid="customer">
    <button type="button" class="head" :aria-expanded="open" @click="$emit('toggle')"><b>{{ customer.name }}</b><span>{{ customer.appliances.map((kind) => t(`appliance.${kind}`)).join(', ') }}</span><span class="num">{{ t('customers.tickets', { count: customer.tickets }) }}</span></button>
    <div v-if="open" class="more">
      <ToggleRow v-model="appliances" testid="customer-appliances" :legend="t('ask.cooksOn')" :choices="kinds.map((value) => ({ value, label: t(`appliance.${value}`) }))" />
      <ChoiceRow v-model="units" :legend="t('app.units')" :choices="(['metric', 'imperial'] as const).map((value) => ({ value, label: t(`app.${value}`) }))" />
      <p v-if="change.error.value" class="wrong" role="alert">{{ change.error.value.message }}</p>
      <ol v-if="tickets.data.value?.length"><li v-for="ticket in tickets.data.value" :key="ticket.id"><RouterLink :to="{ name: 'ticket', params: { id: ticket.id } }">{{ ticket.number }} {{ ticket.dishes.map((dish) => dish.cut_name).join(', ') }}</RouterLink> <small>{{ d(new Date(ticket.given_at), { dateStyle: 'medium', timeZone: shopZone }) }}</small></li></ol>
      <div class="do">
        <button type="button" class="strong" data-testid="serve" @click="serve">{{ t('customers.serve') }}</button>
        <button v-if="!sure" type="button" class="plain" data-testid="forget" @click="sure = true">{{ t('customers.forget') }}</button>
        <template v-else><span>{{ t('customers.sure') }}</span><button type="button" class="plain" data-testid="forget-sure" @click="forget.mutate()">{{ t('customers.yes') }}</button><button type="button" class="plain" @click="sure = false">{{ t('own.cancel') }}</button></template>
      </div>
    </div>
  </article>
</template>

<style scoped>
.customer { background: #fff; border-bottom: 1px solid var(--line); }
.head { display: flex; gap: 18px; align-items: baseline; width: 100%; min-height: 50px; padding: 10px 14px; border: 0; background: none; color: var(--ink); text-align: left; cursor: pointer; font: 400 15px var(--text); }
.head:hover { background: #eef2f1; }
.head b { font: 700 20px/1.2 var(--figures); min-width: 180px; }
.head .num { margin-left: auto; }
.more { padding: 4px 14px 14px; display: grid; gap: 10px; }
ol { margin: 0; padding: 0; list-style: none; display: grid; gap: 3px; }
ol a { font: 600 17px/1.3 var(--figures); color: var(--oxblood); }
small { color: var(--soft); }
.do { display: flex; gap: 10px; align-items: center; flex-wrap: wrap; }
</style>
