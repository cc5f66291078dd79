<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { useAsks } from '@/asks/useAsks'
import { money } from '@/units/units'

// The dishes that are on this ticket already; the one on the counter comes last.
defineProps<{ currency: string }>()
const { t } = useI18n()
const asks = useAsks()
const drop = (index: number) => {
  asks.set({ dishes: asks.ask.dishes.filter((_, i) => i !== index) })
}
</script>

<template>
  <ol class="dishes" :aria-label="t('dish.onTicket')" data-testid="dishes">
    <li v-for="(dish, i) in asks.ask.dishes" :key="i">
      <span class="name"
        ><b>{{ dish.name }}</b
        >, {{ t(`method.${dish.method}`) }}</span
      >
      <span v-if="dish.price !== null" class="num">{{ money(dish.price, currency) }}</span>
      <button type="button" :aria-label="t('ask.drop', { what: dish.name })" data-testid="drop-dish" @click="drop(i)"
        ><span aria-hidden="true">×</span></button
      >
    </li>
  </ol>
</template>

<style scoped>
.dishes {
  margin: 0 0 8px;
  padding: 0;
  list-style: none;
  border-top: 1px solid var(--line);
  counter-reset: dish;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  min-height: 36px;
  font-size: 15.5px;
  counter-increment: dish;
}
li::before {
  content: counter(dish);
  font: 700 18px/1 var(--figures);
  color: var(--soft);
}
.name {
  flex: 1;
  min-width: 0;
  overflow-wrap: anywhere;
}
.num {
  font: 700 17px/1 var(--figures);
}
li button {
  width: 36px;
  height: 34px;
  border: 0;
  background: none;
  font: 600 20px/1 var(--figures);
  cursor: pointer;
  color: var(--ink);
}
</style>
