<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import InputText from 'primevue/inputtext'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { customersQuery } from '@/features/customers/queries'
import { useWish } from './useWish'

// Who it is for, if they want to be known. Somebody known brings their kitchen along.
const { t } = useI18n()
const store = useWish()
const asked = refDebounced(computed(() => store.kept.label.trim()), 200)
const found = useQuery(() => ({ ...customersQuery(asked.value), enabled: asked.value !== '' && store.kept.customer === null }))
const offers = computed(() => (asked.value === '' || store.kept.customer !== null ? [] : (found.data.value ?? []).slice(0, 3)))
const label = computed({ get: () => store.kept.label, set: (text: string | undefined) => { Object.assign(store.kept, { label: text ?? '', customer: null }) } })
</script>

<template>
  <div>
    <label for="label">{{ t('ask.label') }}<small v-if="store.kept.customer !== null"> {{ t('ask.known') }}</small></label>
    <InputText id="label" v-model="label" maxlength="60" autocomplete="off" :placeholder="t('ask.labelHint')" data-testid="label" />
    <div v-if="offers.length" class="offers"><button v-for="customer in offers" :key="customer.id" type="button" data-testid="known" @click="store.serve(customer)">{{ customer.name }}</button></div>
  </div>
</template>

<style scoped>
div :deep(.p-inputtext) { width: 100%; height: 38px; }
.offers { display: flex; flex-wrap: wrap; gap: 4px; margin-top: 4px; }
.offers button { min-height: 36px; padding: 0 10px; border: 1px solid var(--ink); background: #fff; color: var(--ink); font: 600 16px/1 var(--figures); cursor: pointer; }
</style>
