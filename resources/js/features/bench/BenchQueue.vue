<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { moment } from '@/units/clock'
import { duration } from '@/units/units'

// What waits, what is due first on top; what was finished today stands below.
defineProps<{
  orders: Schemas['BenchWork'][]
  open: number
  workS: number
  at: number | null
  who: (order: Schemas['BenchWork']) => string
}>()
defineEmits<{ pick: [id: number] }>()
const { t, locale } = useI18n()
const SOON_MS = 30 * 60_000
const DAY_MS = 24 * 3_600_000
const due = (order: Schemas['BenchWork']) => {
  if (order.state === 'done') return t('queue.done')
  if (order.due_at === null) return t('queue.now')
  const inMs = new Date(order.due_at).getTime() - Date.now()
  if (inMs < SOON_MS) return t('queue.now')
  return moment(
    order.due_at,
    locale.value,
    inMs < DAY_MS ? { timeStyle: 'short' } : { weekday: 'short', hour: 'numeric', minute: '2-digit' },
  )
}
</script>

<template>
  <nav class="queue" :aria-label="t('queue.queue')">
    <p class="sum" data-testid="bench-sum">{{ t('queue.sum', { count: open, time: duration(workS) }) }}</p>
    <button
      v-for="order in orders"
      :key="order.id"
      type="button"
      class="order"
      :class="{ here: order.id === at, past: order.state === 'done' }"
      :aria-current="order.id === at"
      data-testid="bench-order"
      @click="$emit('pick', order.id)">
      <b
        >{{ order.cut_name }}<template v-if="order.pieces !== null">, {{ order.pieces }}</template></b
      ><b class="due">{{ due(order) }}</b> <small>{{ who(order) }}</small><small>{{ duration(order.work.work_s) }}</small>
      <small v-if="order.cutter && order.state === 'taken'" class="held">{{ t('queue.inHand', { name: order.cutter }) }}</small>
    </button>
  </nav>
</template>

<style scoped>
.queue {
  background: #eef2f1;
  border-right: 1px solid var(--line);
  padding: 8px 10px;
  overflow-y: auto;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.sum {
  margin: 0;
  color: var(--soft);
  font-size: 14px;
}
.order {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 1px 8px;
  text-align: left;
  background: #fff;
  border: 1px solid var(--line);
  border-left: 6px solid transparent;
  padding: 8px 10px 8px 8px;
  min-height: 60px;
  color: var(--ink);
  cursor: pointer;
}
.order b {
  font: 700 17.5px/1.2 var(--figures);
  overflow-wrap: anywhere;
}
.order small {
  font: 400 13px/1.3 var(--text);
  color: var(--soft);
}
.order small:last-child {
  text-align: right;
}
.order .held {
  grid-column: 1 / -1;
  text-align: left;
}
.here {
  border-color: var(--oxblood);
}
.past {
  background: transparent;
}
.past b {
  color: var(--soft);
}
@media (max-width: 900px) {
  .queue {
    flex-direction: row;
    overflow-x: auto;
    align-items: stretch;
  }
  .sum,
  .order {
    flex: 0 0 auto;
    width: 200px;
  }
  .sum {
    width: 90px;
  }
}
</style>
