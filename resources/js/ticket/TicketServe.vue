<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import type { Units } from '@/units/units'
import CarvingDrawing from './CarvingDrawing.vue'

// What comes after the heat: carving, what is served with it, what to do when it goes wrong, what is left.
defineProps<{ ticket: Schemas['DishTicket']; units: Units }>()
const { t } = useI18n()
const say = useSay()
</script>

<template>
  <details v-if="ticket.carving" class="serve" data-testid="serve">
    <summary>{{ t('card.serve') }}</summary>
    <ol v-if="ticket.carving.steps.length">
      <li v-for="step in ticket.carving.steps" :key="step.do.key">
        <CarvingDrawing v-if="step.drawing" :drawing="step.drawing" /><span>{{ say(step.do, units) }}.</span>
      </li>
    </ol>
    <p>{{ ticket.carving.table.map((said) => say(said, units)).join(' ') }}</p>
    <h3>{{ t('card.trouble') }}</h3>
    <p v-for="trouble in ticket.trouble" :key="trouble.sign"
      ><b>{{ t(`trouble.${trouble.sign}`) }}:</b> {{ say(trouble.do, units) }}</p
    >
    <h3 v-if="ticket.leftovers.length">{{ t('card.left') }}</h3>
    <p v-if="ticket.leftovers.length">{{ ticket.leftovers.map((said) => say(said, units)).join(' ') }}</p>
  </details>
</template>

<style scoped>
.serve {
  border-top: 1px solid var(--hair);
  margin-top: 8px;
  padding-top: 6px;
  font-size: 14.5px;
  line-height: 1.3;
}
h3,
summary {
  font: 700 17px/1.2 var(--figures);
  margin: 0 0 4px;
}
summary {
  line-height: 44px;
  cursor: pointer;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  margin: 2px 0;
}
p {
  margin: 3px 0;
}
</style>
