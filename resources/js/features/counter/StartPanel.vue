<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useAsks } from '@/asks/useAsks'
import { caseQuery } from '@/queries/case'
import GuideStrip from './GuideStrip.vue'

// Nothing was said yet: what to do, and what is there.
const { t, tm } = useI18n()
const asks = useAsks()
const counter = useQuery(caseQuery())
const groups = ['beef', 'veal', 'pork', 'lamb', 'game', 'poultry', 'fish', 'offal'] as const
const kinds = computed(() => {
  const lots = (counter.data.value?.lots ?? []).filter((lot) => lot.lead_days === 0 && (lot.weight_g ?? 1) > 0)
  return groups.map((group) => ({ group, count: lots.filter((lot) => lot.group === group).length })).filter(({ count }) => count > 0)
})
const examples = computed(() => tm('start.examples') as string[])
const byHand = () => {
  asks.set({ tab: 'piece' })
}
const tap = (line: string) => {
  asks.line = line
}
const pick = (group: string) => {
  void asks.patch(() => ({ kinds: [group] }))
}
</script>

<template>
  <div class="start" data-testid="start">
    <GuideStrip />
    <h2>{{ t('start.title') }}</h2>
    <p>{{ t('start.hint') }}</p>
    <div class="row">
      <button v-for="line in examples" :key="line" type="button" data-testid="example" @click="tap(line)">{{ line }}</button>
    </div>
    <h3>{{ t('start.case') }}</h3>
    <p v-if="counter.isSuccess.value && kinds.length === 0">{{ t('start.empty') }}</p>
    <div class="row" data-testid="start-kinds">
      <!-- First, so that nothing that is read in later moves it from under the hand. -->
      <button type="button" data-testid="tab-piece" @click="byHand">{{ t('start.byHand') }}</button>
      <button v-for="kind in kinds" :key="kind.group" type="button" @click="pick(kind.group)"
        ><b>{{ t(`group.${kind.group}`) }}</b> <small>{{ t('start.lots', { count: kind.count }) }}</small></button
      >
    </div>
  </div>
</template>

<style scoped>
.start {
  padding: 14px 18px 24px;
  background: var(--paper);
  border-top: 6px solid var(--oxblood);
  display: grid;
  gap: 8px;
}
h2 {
  font: 700 26px/1.1 var(--figures);
}
h3 {
  font: 700 18px/1.1 var(--figures);
  margin: 10px 0 0;
}
p {
  margin: 0;
  font-size: 16px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.row button {
  min-height: 48px;
  padding: 6px 14px;
  border: 1px solid var(--ink);
  background: #fff;
  color: var(--ink);
  font: 600 18px/1.2 var(--figures);
  text-align: left;
  cursor: pointer;
}
.row button:hover {
  background: #e8eceb;
}
small {
  color: var(--soft);
  font-size: 14px;
}
</style>
