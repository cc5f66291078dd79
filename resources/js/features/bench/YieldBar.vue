<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'

// What is left after trimming: the range to be expected, and where this one stands.
const props = defineProps<{ expected: Schemas['YieldExpected']; isPct: number | null }>()
const { t } = useI18n()
const from = computed(() => Math.max(0, Math.min(props.expected.low_pct, props.isPct ?? 100) - 12))
const place = (pct: number) => `${(100 * (Math.max(from.value, Math.min(100, pct)) - from.value)) / (100 - from.value)}%`
</script>

<template>
  <div class="yield" data-testid="yield">
    <p
      ><b>{{ t('queue.yield') }}</b> {{ isPct === null ? t('queue.notYet') : t('queue.isPct', { pct: isPct }) }}</p
    >
    <div class="track" aria-hidden="true">
      <i class="usual" :style="{ left: place(expected.low_pct), right: `calc(100% - ${place(expected.high_pct)})` }"></i>
      <i v-if="isPct !== null" class="here" :style="{ left: place(isPct) }"></i>
    </div>
    <p class="note">{{
      t(expected.orders === 0 ? 'queue.usual' : 'queue.usualHere', {
        low: Math.round(expected.low_pct),
        high: Math.round(expected.high_pct),
        count: expected.orders,
      })
    }}</p>
  </div>
</template>

<style scoped>
p {
  margin: 0;
}
.track {
  position: relative;
  height: 14px;
  background: #e3e9e7;
  margin: 4px 0;
}
.usual {
  position: absolute;
  top: 0;
  bottom: 0;
  background: #b5c7be;
}
.here {
  position: absolute;
  top: -4px;
  bottom: -4px;
  width: 4px;
  margin-left: -2px;
  background: var(--oxblood);
}
.note {
  color: var(--soft);
  font-size: 13.5px;
}
</style>
