<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { temperature, type Units } from '@/units/units'
import WeighIn from './WeighIn.vue'

defineProps<{
  ticket: Schemas['DishTicket']
  units: Units
  canGive: boolean
  canPutAside: boolean
  lock: string | null
  pending: boolean
  given: Schemas['StoredTicket'] | null
  takenBack: number | null
  others: number
  problem: string | null
  bench: number | null
  canSend: boolean
}>()
const sold = defineModel<string>('sold', { default: '' })
defineEmits<{ give: []; aside: []; bench: []; offer: []; takeBack: [id: string]; next: [] }>()
const { t } = useI18n()
</script>

<template>
  <div class="bar">
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    <p v-if="takenBack !== null" class="back" role="status" data-testid="taken-back">{{ t('ticket.takenBack', { number: takenBack }) }}</p>
    <div v-if="given" class="given" role="status" data-testid="given">
      <b>{{ t('ticket.given', { number: given.number }) }}</b>
      <RouterLink class="plain" :to="{ name: 'ticket', params: { id: given.id } }" data-testid="open-given">{{
        t('ticket.open')
      }}</RouterLink>
      <a class="plain" :href="`/api/v1/tickets/${given.id}/card.pdf?units=${units}`" target="_blank" rel="noopener">{{
        t('ticket.card')
      }}</a>
      <button v-if="given.can_be_taken_back" type="button" class="plain" data-testid="take-back" @click="$emit('takeBack', given.id)">{{
        t('ticket.takeBack')
      }}</button>
      <button type="button" class="strong" data-testid="next" @click="$emit('next')">{{ t('line.next') }}</button>
    </div>
    <div v-else class="row" data-testid="give-row">
      <button
        v-if="ticket.verdict.may_be_handed_over"
        type="button"
        class="strong"
        :disabled="!canGive || pending"
        data-testid="give"
        @click="$emit('give')">
        {{ t(pending ? 'ticket.giving' : others ? 'ticket.giveAll' : 'ticket.give', { count: others + 1 }) }} <kbd>P</kbd>
      </button>
      <label v-if="ticket.price && ticket.verdict.may_be_handed_over" class="weighed" for="sold"
        >{{ t('ticket.weighed') }}
        <InputText
          id="sold"
          v-model="sold"
          inputmode="decimal"
          autocomplete="off"
          :placeholder="String(Math.round(ticket.price.weighed_g))"
          data-testid="sold" />
        g
        <WeighIn @g="sold = String($event)" />
      </label>
      <button v-if="canSend && ticket.bench?.steps.length" type="button" class="plain" data-testid="to-bench" @click="$emit('bench')">{{
        t('ticket.toBench')
      }}</button>
      <RouterLink v-if="bench !== null" class="plain" :to="{ name: 'bench' }" data-testid="at-bench">{{ t('ticket.atBench') }}</RouterLink>
      <button v-if="canPutAside" v-tooltip.top="t('dish.addHint')" type="button" class="plain" data-testid="aside" @click="$emit('aside')"
        >+ {{ t('dish.add') }} <kbd>D</kbd></button
      >
      <span
        v-if="lock && lock !== problem && ticket.verdict.may_be_handed_over && !pending"
        class="lock"
        role="status"
        data-testid="lock"
        >{{ lock }}</span
      >
      <b v-if="!ticket.verdict.may_be_handed_over" class="stopped">{{ t('ticket.stopped') }}</b>
      <button v-if="ticket.verdict.offer" type="button" class="plain" data-testid="offer" @click="$emit('offer')">
        {{ t('ticket.offer', { core_c: temperature(ticket.verdict.offer.core_c, units) }) }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.bar {
  display: grid;
  gap: 6px;
}
.row,
.given {
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
}
.given {
  background: var(--bay-wash);
  border-left: 5px solid var(--bay);
  padding: 6px 10px;
}
.lock,
.back {
  margin: 0;
  font: 600 15.5px/1.25 var(--figures);
  color: var(--ink);
}
.lock {
  flex: 1 1 160px;
  border-left: 4px solid var(--mustard);
  padding-left: 8px;
}
.stopped {
  font: 700 20px/46px var(--figures);
  color: var(--oxblood);
}
.plain,
.given .strong {
  font-size: 16px;
  padding: 0 10px;
}
.given {
  gap: 7px;
}
.weighed {
  margin: 0;
  font: 600 16px/1 var(--figures);
  color: var(--ink);
  display: flex;
  gap: 6px;
  align-items: center;
}
.weighed :deep(input) {
  width: 76px;
  height: 44px;
  text-align: right;
  padding: 0 8px;
  font: 700 18px var(--figures);
}
</style>
