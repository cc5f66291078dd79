<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, orThrow, type Schemas } from '@/api/client'
import { once, useOnceKey } from '@/api/once'
import { moment } from '@/units/clock'
import { mass, type Units } from '@/units/units'
import LotTrace from './LotTrace.vue'
import { movesQuery } from './queries'

// What happened to a lot, and what happens to it now.
const props = defineProps<{ lot: Schemas['CaseLot']; units: Units }>()
const { t, locale } = useI18n()
const queries = useQueryClient()
const keyFor = useOnceKey()
const moves = useQuery(() => movesQuery(props.lot.id))
type Kind = Schemas['NewMove']['kind']
const kinds: Kind[] = ['weighed_out', 'thrown_away', 'counted', 'received']
const kind = ref<Kind>('weighed_out')
const text = ref('')
const reason = ref('')
const grams = computed(() => {
  const value = Number(text.value.replace(',', '.'))
  return text.value.trim() === '' || !Number.isFinite(value) ? null : value
})
const move = useMutation({
  mutationFn: () => {
    const body = { kind: kind.value, grams: grams.value ?? 0, reason: reason.value || null }
    return orThrow(
      api.POST('/case/lots/{lot}/moves', { params: { path: { lot: props.lot.id } }, body, headers: once(keyFor(JSON.stringify(body))) }),
    )
  },
  onSuccess: async () => {
    keyFor(null) // the same again is meant again
    text.value = ''
    reason.value = ''
    await Promise.all(['case', 'counter'].map((key) => queries.invalidateQueries({ queryKey: [key] })))
  },
})
const isTraced = ref(false)
const reasons = ['past_day', 'discoloured', 'smell', 'dropped', 'trim'] as const
</script>

<template>
  <div class="moves">
    <form class="now" @submit.prevent="move.mutate()">
      <div class="kinds" role="group" :aria-label="t('case.do')"
        ><button
          v-for="each in kinds"
          :key="each"
          type="button"
          :aria-pressed="kind === each"
          :data-testid="`move-${each}`"
          @click="kind = each"
          >{{ t(`move.${each}`) }}</button
        ></div
      >
      <label
        >{{ t(kind === 'counted' ? 'case.leftNow' : 'case.grams') }}
        <InputText v-model="text" inputmode="decimal" autocomplete="off" :invalid="text !== '' && grams === null" data-testid="move-grams"
      /></label>
      <div v-if="kind === 'thrown_away'" class="reasons">
        <button
          v-for="each in reasons"
          :key="each"
          type="button"
          :aria-pressed="reason === t(`reason.${each}`)"
          @click="reason = t(`reason.${each}`)"
          >{{ t(`reason.${each}`) }}</button
        >
        <InputText
          v-model="reason"
          maxlength="60"
          :placeholder="t('case.reason')"
          :aria-label="t('case.reason')"
          data-testid="move-reason" />
      </div>
      <button type="submit" class="strong" :disabled="grams === null || move.isPending.value" data-testid="move-now">{{
        t('case.moveNow')
      }}</button>
      <template v-if="kind === 'weighed_out' && grams !== null && grams >= 1">
        <a
          v-for="code in ['price', 'weight'] as const"
          :key="code"
          class="plain"
          target="_blank"
          :href="`/api/v1/case/lots/${lot.id}/label.pdf?g=${grams}&code=${code}`"
          :data-testid="code === 'price' ? 'lot-label' : 'lot-label-weight'"
          >{{ t(code === 'price' ? 'case.label' : 'case.labelWeight') }}</a
        >
      </template>
      <a class="plain" :href="`/api/v1/case/lots/${lot.id}/recall.csv`" data-testid="recall-now">{{ t('trace.list') }}</a>
      <button type="button" class="plain" :aria-expanded="isTraced" data-testid="trace-open" @click="isTraced = !isTraced">{{
        t('trace.open')
      }}</button>
      <p v-if="move.error.value" class="wrong" role="alert" data-testid="move-problem">{{ move.error.value.message }}</p>
    </form>
    <ol v-if="moves.data.value?.length" class="past" data-testid="moves">
      <li v-for="(each, i) in moves.data.value" :key="i"
        ><b>{{ each.change_g > 0 ? '+' : each.change_g < 0 ? '−' : '' }}{{ mass(Math.abs(each.change_g), units) }}</b>
        {{ t(`move.${each.kind}`) }}<template v-if="each.reason">, {{ each.reason }}</template>
        <small
          >{{ moment(each.at, locale, { dateStyle: 'short', timeStyle: 'short' }) }}, {{ each.by ?? '' }};
          {{ t('match.left', { left: mass(each.left_g, units) }) }}</small
        ></li
      >
    </ol>
    <LotTrace v-if="isTraced" class="traced" :lot="lot.id" :units="units" />
  </div>
</template>

<style scoped>
.moves {
  display: grid;
  grid-template-columns: minmax(300px, 1.1fr) 1fr;
  gap: 18px;
  margin-bottom: 8px;
}
.now {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
  align-content: start;
}
.kinds {
  display: flex;
  flex-wrap: wrap;
  flex-basis: 100%;
}
.kinds button,
.reasons button {
  min-height: 40px;
  padding: 0 11px;
  border: 1px solid var(--line);
  background: #fff;
  color: var(--ink);
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
[aria-pressed='true'] {
  background: var(--ink) !important;
  border-color: var(--ink) !important;
  color: #fff !important;
}
.reasons {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  flex-basis: 100%;
}
label :deep(.p-inputtext) {
  display: block;
  width: 120px;
  height: 44px;
  font: 700 20px var(--figures);
  text-align: right;
}
.strong {
  min-height: 44px;
}
.past {
  margin: 0;
  padding: 0;
  list-style: none;
  max-height: 168px;
  overflow-y: auto;
  font-size: 14px;
}
.traced {
  grid-column: 1 / -1;
}
.past li {
  padding: 3px 0;
  border-bottom: 1px solid var(--hair);
}
.past b {
  font: 700 15.5px/1.2 var(--figures);
}
small {
  color: var(--soft);
}
@media (max-width: 760px) {
  .moves {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
