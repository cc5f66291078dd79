<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import Select from 'primevue/select'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, orThrow, type Schemas } from '@/api/client'
import type { Units } from '@/units/units'
import { LANGUAGES, type Language } from '@/i18n/languages'

// The card goes home in the customer's language, whatever the screen is in.
const props = defineProps<{ ticket: Schemas['StoredTicket']; units: Units; mayChange: boolean }>()
const { t } = useI18n()
const queries = useQueryClient()
const change = useMutation({
  mutationFn: (language: Language) =>
    orThrow(api.PUT('/tickets/{ticket}/language', { params: { path: { ticket: props.ticket.id } }, body: { language } })),
  onSuccess: () => queries.invalidateQueries({ queryKey: ['tickets'] }),
})
const language = computed({
  get: () => props.ticket.language,
  set: (value: Language) => {
    change.mutate(value)
  },
})
const PAPERS = { a5: 'ticket.card', roll: 'ticket.roll', large: 'ticket.large' } as const
const href = (paper: string) =>
  `/api/v1/tickets/${props.ticket.id}/card.pdf?paper=${paper}&units=${props.units}&language=${props.ticket.language}`
</script>

<template>
  <span class="print">
    <Select
      v-model="language"
      :options="LANGUAGES"
      option-value="value"
      option-label="label"
      :disabled="!mayChange || change.isPending.value"
      :aria-label="t('ticket.cardIn')"
      data-testid="card-language" />
    <a
      v-for="(label, paper) in PAPERS"
      :key="paper"
      :class="paper === 'a5' ? 'strong' : 'plain'"
      :href="href(paper)"
      target="_blank"
      rel="noopener"
      :data-testid="paper === 'a5' ? 'card-link' : `${paper}-link`"
      >{{ t(label) }}</a
    >
    <span v-if="change.isError.value" class="wrong" role="alert">{{ change.error.value?.message }}</span>
  </span>
</template>

<style scoped>
.print {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
</style>
