<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, orThrow } from '@/api/client'
import CustomerRow from './CustomerRow.vue'
import { customersQuery } from '@/queries/customers'

const { t } = useI18n()
const queries = useQueryClient()
const find = ref('')
const asked = refDebounced(computed(() => find.value.trim()), 150)
const customers = useQuery(() => customersQuery(asked.value))
const open = ref<number | null>(null)
const add = useMutation({
  mutationFn: () => orThrow(api.POST('/customers', { body: { name: find.value.trim() } })),
  onSuccess: (customer) => {
    open.value = customer.id
    return queries.invalidateQueries({ queryKey: ['customers'] })
  },
})
const isNew = computed(() => find.value.trim() !== '' && !(customers.data.value ?? []).some((customer) => customer.name.toLowerCase() === find.value.trim().toLowerCase()))
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ t('customers.title') }}</h1>
      <InputText v-model="find" type="search" class="find" maxlength="60" :placeholder="t('customers.find')" :aria-label="t('customers.find')" data-testid="find-customer" />
      <button v-if="isNew" type="button" class="strong" data-testid="add-customer" @click="add.mutate()">{{ t('customers.add', { name: find.trim() }) }}</button>
    </header>
    <p class="note">{{ t('customers.note') }}</p>
    <p v-if="add.error.value" class="wrong" role="alert">{{ add.error.value.message }}</p>
    <p v-if="customers.isError.value" class="wrong" role="alert">{{ customers.error.value?.message }}</p>
    <p v-else-if="customers.data.value?.length === 0" class="empty">{{ t(find ? 'customers.noneFound' : 'customers.none') }}</p>
    <div v-else data-testid="customers"><CustomerRow v-for="customer in customers.data.value ?? []" :key="customer.id" :customer="customer" :open="open === customer.id" @toggle="open = open === customer.id ? null : customer.id" /></div>
  </section>
</template>

<style scoped>
.page { padding: 16px 22px; max-width: 1000px; }
header { display: flex; gap: 16px; align-items: center; flex-wrap: wrap; }
h1 { font-size: 32px; }
.find { width: min(380px, 100%); height: 46px; font: 400 17px var(--text); }
.note { color: var(--soft); margin: 8px 0 12px; }
.empty { font-size: 18px; }
</style>
