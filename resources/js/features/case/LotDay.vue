<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'

// The day a lot has to be gone by, or how long it takes to come.
const props = defineProps<{ lot: Schemas['CaseLot'] }>()
const { t, d } = useI18n()
const left = computed(() => props.lot.days_left)
const level = computed(() => (left.value === null ? '' : left.value < 0 ? 'stop' : left.value <= 1 ? 'caution' : ''))
const days = computed(() => (left.value === null ? '' : left.value < 0 ? t('case.pastDay') : left.value === 0 ? t('case.today') : t('case.days', { days: left.value })))
</script>

<template>
  <span v-if="lot.lead_days > 0">{{ t('match.order', { days: lot.lead_days }) }}</span>
  <span v-else-if="lot.use_by" :class="['day', level]">{{ d(new Date(`${lot.use_by}T12:00`), { day: 'numeric', month: 'short' }) }} <small>{{ days }}</small></span>
</template>

<style scoped>
.day { padding: 2px 8px; border-left: 4px solid var(--line); white-space: nowrap; font: 600 16px/1.3 var(--figures); }
.day.caution { border-color: var(--mustard); background: var(--mustard-wash); }
.day.stop { border-color: var(--oxblood); background: var(--red-wash); }
</style>
