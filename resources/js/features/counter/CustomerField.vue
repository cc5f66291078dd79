<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import InputText from 'primevue/inputtext'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { customersQuery } from '@/queries/customers'
import { useAsks } from '@/asks/useAsks'

// Who it is for, if they want to be known. Somebody known brings their kitchen along.
const { t } = useI18n()
const asks = useAsks()
const asked = refDebounced(
  computed(() => asks.ask.label.trim()),
  200,
)
const found = useQuery(() => ({ ...customersQuery(asked.value), enabled: asked.value !== '' && asks.ask.customer === null }))
const offers = computed(() => (asked.value === '' || asks.ask.customer !== null ? [] : (found.data.value ?? []).slice(0, 3)))
const label = computed({
  get: () => asks.ask.label,
  set: (text: string | undefined) => {
    asks.set({ label: text ?? '', customer: null })
  },
})
</script>

<template>
  <div>
    <label for="label"
      >{{ t('ask.label') }}<small v-if="asks.ask.customer !== null"> {{ t('ask.known') }}</small></label
    >
    <InputText id="label" v-model="label" maxlength="60" autocomplete="off" :placeholder="t('ask.labelHint')" data-testid="label" />
    <div v-if="offers.length" class="offers"
      ><button v-for="customer in offers" :key="customer.id" type="button" data-testid="known" @click="asks.serve(customer)">{{
        customer.name
      }}</button></div
    >
  </div>
</template>

<style scoped>
div :deep(.p-inputtext) {
  width: 100%;
  height: 44px;
}
.offers {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-top: 4px;
}
.offers button {
  min-height: 44px;
  padding: 0 10px;
  border: 1px solid var(--ink);
  background: #fff;
  color: var(--ink);
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
</style>
