<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { api, ApiError, orThrow, type Schemas } from '@/api/client'
import { atHour, dayAndHour, dayName } from '@/units/clock'

// The same meat for another hour. A caution that was not read out before is read out first.
const props = defineProps<{ ticket: Schemas['StoredTicket'] }>()
const { t, locale } = useI18n()
const router = useRouter()
const queries = useQueryClient()
const before = dayAndHour(props.ticket.dishes[0]?.ticket.eat_at)
const clock = ref(before?.clock ?? '')
const day = ref(Math.max(0, before?.days ?? 0))
const WEEK = [0, 1, 2, 3, 4, 5, 6]
const days = computed(() =>
  [...new Set([...WEEK, day.value])].map((value) => ({
    value,
    label: value < 2 ? t(value ? 'ask.tomorrow' : 'ask.today') : dayName(value, locale.value),
  })),
)
const eatAt = computed(() => atHour(clock.value, day.value))
const once = ref(crypto.randomUUID())
const replan = useMutation({
  mutationFn: (eat_at: string) =>
    orThrow(
      api.POST('/tickets/{ticket}/replan', {
        params: { path: { ticket: props.ticket.id }, header: { 'Idempotency-Key': once.value } },
        body: { eat_at },
      }),
    ),
  onSuccess: async (ticket) => {
    await queries.invalidateQueries({ queryKey: ['tickets'] })
    await router.push({ name: 'ticket', params: { id: ticket.id } })
  },
  onError: () => {
    once.value = crypto.randomUUID()
  },
})
const wrong = computed(() => {
  const error = replan.error.value
  return error instanceof ApiError ? (error.violations[0]?.message ?? error.message) : (error?.message ?? '')
})
</script>

<template>
  <form class="replan" @submit.prevent="eatAt && replan.mutate(eatAt)">
    <label for="replan-at">{{ t('ticket.eatsNow') }}</label>
    <InputText id="replan-at" v-model="clock" type="time" data-testid="replan-at" />
    <Select v-model="day" :options="days" option-value="value" option-label="label" :aria-label="t('ask.day')" data-testid="replan-day" />
    <button type="submit" class="plain" :disabled="!eatAt || replan.isPending.value" data-testid="replan">{{ t('ticket.replan') }}</button>
    <p v-if="wrong" class="wrong" role="alert">{{ wrong }}</p>
  </form>
</template>

<style scoped>
.replan {
  max-width: 860px;
  margin: 0 0 12px;
  padding: 8px 12px;
  background: var(--paper);
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
label {
  font-weight: 700;
}
p {
  margin: 0;
}
</style>
