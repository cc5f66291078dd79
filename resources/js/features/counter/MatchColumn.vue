<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useAsks } from '@/asks/useAsks'
import { type Units } from '@/units/units'
import MatchCard from './MatchCard.vue'
import type { CounterCut } from '@/queries/catalogue'
import Refusals from './Refusals.vue'
import WhyNot from './WhyNot.vue'
import TickBox from '@/ui/TickBox.vue'

defineProps<{ problem: string | null; cuts: CounterCut[]; units: Units }>()
const { t } = useI18n()
const asks = useAsks()
const matches = computed(() => asks.shown?.matches ?? null)
const groups = ['beef', 'veal', 'pork', 'lamb', 'game', 'poultry', 'fish', 'offal'] as const
/** One kind at a time; it takes the place of a name. */
const pick = (group: string) => asks.patch(({ kinds }) => ({ kinds: kinds?.includes(group) ? [] : [group], named: null }))
const mayOrder = computed({
  get: () => asks.wish.may_order ?? false,
  set: (may: boolean) => {
    void asks.patch(() => ({ may_order: may }))
  },
})
</script>

<template>
  <div class="list" :aria-busy="!asks.isSettled" data-testid="matches">
    <div class="kinds" role="group" :aria-label="t('atlas.group')" data-testid="kinds">
      <button
        v-for="group in groups"
        :key="group"
        type="button"
        :aria-pressed="asks.wish.kinds?.includes(group) ?? false"
        @click="pick(group)"
        >{{ t(`group.${group}`) }}</button
      >
    </div>
    <p v-if="problem" class="wrong" role="alert" data-testid="match-problem">{{ problem }}</p>
    <template v-if="matches">
      <p class="head" role="status" data-testid="match-head">
        <template v-if="matches.instead_of && !matches.is_missing">{{ t('match.ruledOut', { name: matches.instead_of.name }) }}</template>
        <template v-else-if="matches.instead_of">{{ t('match.instead', { name: matches.instead_of.name }) }}</template>
        <template v-else>{{ t('match.count', { count: matches.matches.length, considered: matches.considered }) }}</template>
      </p>
      <p v-for="order in matches.orders.slice(0, 2)" :key="order.lot" class="order" data-testid="to-order"
        >{{ t('match.canBeOrdered', { name: order.name, days: order.lead_days })
        }}<button type="button" @click="mayOrder = true">{{ t('match.order_it') }}</button></p
      >
      <Refusals v-if="matches.matches.length === 0 || (matches.instead_of && !matches.is_missing)" :matches="matches" :units="units" />
      <MatchCard
        v-for="(match, i) in matches.matches"
        :key="`${match.lot.number} ${match.method}`"
        :match="match"
        :place="i + 1"
        :on="match.lot.number === asks.piece.lot && match.method === asks.piece.method"
        :units="units"
        :currency="matches.currency"
        @take="asks.choose(match)" />
      <TickBox v-model="mayOrder" testid="may-order">{{ t('match.showOrder') }}</TickBox>
      <WhyNot :cuts="cuts" :units="units" />
    </template>
    <p v-else-if="!problem" class="head">{{ t('match.waiting') }}</p>
  </div>
</template>

<style scoped>
.list {
  display: flex;
  flex-direction: column;
  gap: 7px;
  min-width: 0;
}
.kinds {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 2px;
}
.kinds button {
  min-width: 0;
  min-height: 44px;
  padding: 0;
  border: 1px solid var(--line);
  background: #fff;
  color: var(--ink);
  font: 600 14.5px/1 var(--figures);
  cursor: pointer;
}
.kinds [aria-pressed='true'] {
  background: var(--ink);
  border-color: var(--ink);
  color: #fff;
}
.order {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
  padding: 4px 8px;
  background: #fff;
  border-left: 5px solid var(--bay);
  font: 600 16px/1.25 var(--figures);
}
.order button {
  min-height: 44px;
  padding: 0 12px;
  border: 1px solid var(--ink);
  background: #fff;
  color: var(--ink);
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
.head {
  margin: 0;
  font: 600 15px/1.3 var(--figures);
}
</style>
