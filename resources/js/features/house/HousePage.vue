<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, ApiError, orThrow, type Schemas } from '@/api/client'
import DayBook from './DayBook.vue'
import HouseFigures from './HouseFigures.vue'
import SafetyRules from './SafetyRules.vue'
import SchoolRow from './SchoolRow.vue'
import StaffList from './StaffList.vue'
import { houseQuery } from '@/queries/house'
import { useToast } from 'primevue/usetoast'
import { useRefusal } from '@/i18n/useRefusal'
import { useUnits } from '@/units/useUnits'
import Failed from '@/ui/Failed.vue'
import Waiting from '@/ui/Waiting.vue'

const { t } = useI18n()
const queries = useQueryClient()
const toast = useToast()
const refusal = useRefusal()
const units = useUnits()
const house = useQuery(houseQuery())
type Part = 'schools' | 'safety' | 'figures' | 'staff' | 'book'
const part = ref<Part>('schools')
const rules = ref<Schemas['HouseRules']>({})
watch(
  () => house.data.value?.rules,
  (now) => {
    if (now) rules.value = { ...now }
  },
  { immediate: true },
)
const save = useMutation({
  mutationFn: (change: Schemas['HouseRules']) => orThrow(api.PUT('/house', { body: { ...rules.value, ...change } })),
  onSuccess: (sheet) => {
    queries.setQueryData(['house'], sheet)
    toast.add({ severity: 'success', summary: t('house.saved'), life: 2500 })
    return Promise.all(['counter', 'session', 'difference'].map((key) => queries.invalidateQueries({ queryKey: [key] })))
  },
})
const errors = () =>
  save.error.value instanceof ApiError
    ? Object.fromEntries(save.error.value.violations.map((violation) => [violation.key, refusal(violation, units.units)]))
    : {}
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ t('house.title') }}</h1>
      <div v-if="house.data.value" class="parts" role="group" :aria-label="t('house.title')">
        <button
          v-for="each in ['schools', 'safety', 'figures', ...(house.data.value.may_change ? ['staff', 'book'] : [])] as Part[]"
          :key="each"
          type="button"
          :aria-pressed="part === each"
          :data-testid="`house-${each}`"
          @click="part = each"
          >{{ t(`house.part.${each}`) }}</button
        >
      </div>
    </header>
    <Failed v-if="house.isError.value" :problem="house.error.value?.message ?? ''" @again="house.refetch()" />
    <Waiting v-else-if="!house.data.value" :label="t('ticket.waiting')" />
    <template v-else>
      <p v-if="!house.data.value.may_change" class="note">{{ t('house.mayNot') }}</p>
      <p v-if="save.error.value && Object.keys(errors()).length === 0" class="wrong" role="alert">{{ save.error.value.message }}</p>
      <div v-if="part === 'schools'" class="schools">
        <SchoolRow
          v-for="school in house.data.value.schools"
          :key="school.id"
          :school="school"
          :may-change="house.data.value.may_change"
          @choose="(option) => save.mutate({ schools: { ...rules.schools, [school.id]: option } })" />
      </div>
      <SafetyRules v-else-if="part === 'safety'" :sheet="house.data.value" :errors="errors()" @save="(change) => save.mutate(change)" />
      <HouseFigures v-else-if="part === 'figures'" :sheet="house.data.value" :errors="errors()" @save="(change) => save.mutate(change)" />
      <DayBook v-else-if="part === 'book'" :backup-at="house.data.value.backup_at" />
      <StaffList v-else />
    </template>
  </section>
</template>

<style scoped>
.page {
  padding: 16px 22px;
  max-width: 1180px;
}
header {
  display: flex;
  gap: 22px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 12px;
}
h1 {
  font-size: 32px;
}
.parts {
  display: flex;
  flex-wrap: wrap;
}
.parts button {
  min-height: 42px;
  padding: 0 16px;
  border: 1px solid var(--ink);
  background: #fff;
  color: var(--ink);
  font: 600 17px/1 var(--figures);
  cursor: pointer;
  margin-left: -1px;
}
.parts [aria-pressed='true'] {
  background: var(--ink);
  color: #fff;
}
.note {
  color: var(--soft);
  margin: 0 0 10px;
}
.schools {
  background: #fff;
}
</style>
