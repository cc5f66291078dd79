<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, orThrow, type Schemas } from '@/api/client'
import CustomerDetail from './CustomerDetail.vue'
import { customersQuery } from '@/queries/customers'
import Column from 'primevue/column'
import DataTable from 'primevue/datatable'
import Failed from '@/ui/Failed.vue'
import Waiting from '@/ui/Waiting.vue'

interface Row {
  data: Schemas['Customer']
}
const { t } = useI18n()
const queries = useQueryClient()
const find = ref('')
const asked = refDebounced(
  computed(() => find.value.trim()),
  150,
)
const customers = useQuery(() => customersQuery(asked.value))
const open = ref<Record<string, boolean>>({})
const toggle = (id: number) => {
  open.value = open.value[id] ? {} : { [id]: true }
}
const add = useMutation({
  mutationFn: () => orThrow(api.POST('/customers', { body: { name: find.value.trim() } })),
  onSuccess: (customer) => {
    open.value = { [customer.id]: true }
    return queries.invalidateQueries({ queryKey: ['customers'] })
  },
})
/** A name that was only typed on a ticket, and is nobody's who is kept. */
const forgetName = useMutation({
  mutationFn: (name: string) => orThrow(api.POST('/customers/forget-name', { body: { name } })),
  onSuccess: () => Promise.all([queries.invalidateQueries({ queryKey: ['tickets'] }), queries.invalidateQueries({ queryKey: ['bench'] })]),
})
const isNew = computed(
  () =>
    find.value.trim() !== '' &&
    !(customers.data.value ?? []).some((customer) => customer.name.toLowerCase() === find.value.trim().toLowerCase()),
)
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ t('customers.title') }}</h1>
      <InputText
        v-model="find"
        type="search"
        class="find"
        maxlength="60"
        :placeholder="t('customers.find')"
        :aria-label="t('customers.find')"
        data-testid="find-customer" />
      <button v-if="isNew" type="button" class="strong" data-testid="add-customer" @click="add.mutate()">{{
        t('customers.add', { name: find.trim() })
      }}</button>
    </header>
    <p class="note">{{ t('customers.note') }}</p>
    <p v-if="isNew" class="note">
      <button type="button" class="plain" data-testid="forget-name" @click="forgetName.mutate(find.trim())">{{
        t('customers.forgetName', { name: find.trim() })
      }}</button>
      <span v-if="forgetName.data.value" role="status">{{ t('customers.nameForgotten', { count: forgetName.data.value.stood_on }) }}</span>
      <span v-if="forgetName.error.value" class="wrong" role="alert">{{ forgetName.error.value.message }}</span>
    </p>
    <p v-if="add.error.value" class="wrong" role="alert">{{ add.error.value.message }}</p>
    <Failed v-if="customers.isError.value" :problem="customers.error.value?.message ?? ''" @again="customers.refetch()" />
    <Waiting v-else-if="!customers.data.value" :label="t('tickets.loading')" />
    <p v-else-if="customers.data.value.length === 0" class="empty">{{ t(find ? 'customers.noneFound' : 'customers.none') }}</p>
    <DataTable
      v-else
      v-model:expanded-rows="open"
      :value="customers.data.value"
      data-key="id"
      removable-sort
      class="list"
      data-testid="customers"
      :pt="{ bodyRow: { 'data-testid': 'customer' } }">
      <Column field="name" sortable :header="t('staff.name')" class="name" />
      <Column :header="t('ask.cooksOn')"
        ><template #body="{ data: customer }: Row">{{
          customer.appliances.map((kind: string) => t(`appliance.${kind}`)).join(', ')
        }}</template></Column
      >
      <Column field="tickets" sortable :header="t('nav.tickets')"
        ><template #body="{ data: customer }: Row">{{ t('customers.tickets', { count: customer.tickets }) }}</template></Column
      >
      <Column class="do">
        <template #header
          ><span class="sr-only">{{ t('case.do') }}</span></template
        >
        <template #body="{ data: customer }: Row">
          <button type="button" class="open" :aria-expanded="Boolean(open[customer.id])" @click="toggle(customer.id)"
            >{{ t(open[customer.id] ? 'case.close' : 'case.do') }}<span class="sr-only">, {{ customer.name }}</span></button
          >
        </template>
      </Column>
      <template #expansion="{ data: customer }: Row"><CustomerDetail :customer="customer" /></template>
    </DataTable>
  </section>
</template>

<style scoped>
.page {
  padding: 16px 22px;
  max-width: 1000px;
}
header {
  display: flex;
  gap: 16px;
  align-items: center;
  flex-wrap: wrap;
}
h1 {
  font-size: 32px;
}
.find {
  width: min(380px, 100%);
  height: 46px;
  font: 400 17px var(--text);
}
.note {
  color: var(--soft);
  margin: 8px 0 12px;
}
.empty {
  font-size: 18px;
}
.list :deep(td) {
  padding: 6px 12px;
}
.list :deep(td.name) {
  font: 700 20px/1.2 var(--figures);
  overflow-wrap: anywhere;
}
.list :deep(td.do) {
  text-align: right;
}
.open {
  min-height: 38px;
  min-width: 64px;
  border: 1px solid var(--ink);
  background: #fff;
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
</style>
