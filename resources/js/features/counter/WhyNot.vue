<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useAsks } from '@/asks/useAsks'
import { useSay } from '@/i18n/useSay'
import { type Units } from '@/units/units'
import { findCutQuery, type CounterCut } from '@/queries/catalogue'
import { whyNotQuery } from './queries'

// "Why not that one?" for any cut of the atlas.
const props = defineProps<{ cuts: CounterCut[]; units: Units }>()
const { t } = useI18n()
const say = useSay()
const asks = useAsks()
const wish = computed(() => ({ ...asks.wish, schools: { doneness_words: asks.scale } }))
const find = ref('')
const slug = ref('')
const asked = refDebounced(
  computed(() => find.value.trim()),
  150,
)
const found = useQuery(() => findCutQuery(asked.value))
const offers = computed(() =>
  slug.value === '' && asked.value !== ''
    ? (found.data.value ?? [])
        .slice(0, 5)
        .map((each) => props.cuts.find((cut) => cut.slug === each))
        .filter((cut) => cut !== undefined)
    : [],
)
const why = useQuery(() => whyNotQuery(wish.value, slug.value, asks.now))
const pick = (cut: CounterCut) => {
  slug.value = cut.slug
  find.value = cut.name
}
const answer = computed(() => (slug.value === '' ? null : (why.data.value ?? null)))
</script>

<template>
  <details class="why">
    <summary data-testid="why-not">{{ t('why.title') }}</summary>
    <InputText
      v-model="find"
      :placeholder="t('why.find')"
      :aria-label="t('why.find')"
      autocomplete="off"
      data-testid="why-find"
      @update:model-value="slug = ''" />
    <ul v-if="offers.length"
      ><li v-for="cut in offers" :key="cut.slug"
        ><button type="button" data-testid="why-cut" @click="pick(cut)">{{ cut.name }}</button></li
      ></ul
    >
    <div v-if="answer" class="answer" role="status" data-testid="why-answer">
      <p v-if="answer.place === 1">{{ t('why.first') }}</p>
      <p v-else-if="!answer.in_case && answer.lead_days === null">{{ t('why.notThere') }}</p>
      <p v-else-if="!answer.in_case && !wish.may_order">{{ t('why.onOrder', { days: answer.lead_days ?? 0 }) }}</p>
      <template v-else-if="answer.match && answer.best">
        <p>{{
          t('why.behind', { score: answer.score?.toFixed(0) ?? '', best: answer.best.name, bestScore: answer.best.score.toFixed(0) })
        }}</p>
        <ul
          ><li v-for="row in answer.worse_by" :key="row.criterion"
            ><b class="num">−{{ row.points.toFixed(1) }}</b> {{ t(`criterion.${row.criterion}`)
            }}<template v-if="row.says">: {{ say(row.says, units) }}</template></li
          ></ul
        >
        <button type="button" class="take" @click="asks.choose(answer.match)">{{ t('why.take') }}</button>
      </template>
      <ul v-else
        ><li v-for="refusal in answer.refusals" :key="refusal.limit">{{ say(refusal.says, units) }}</li></ul
      >
    </div>
    <p v-else-if="why.isError.value && slug" class="wrong" role="alert">{{ why.error.value?.message }}</p>
  </details>
</template>

<style scoped>
.why summary {
  cursor: pointer;
  min-height: 44px;
  padding: 9px 12px;
  background: #fff;
  border: 1px solid var(--line);
  font: 600 17px/1.2 var(--figures);
}
.why :deep(.p-inputtext) {
  min-height: 46px;
  width: 100%;
  height: 42px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li button {
  width: 100%;
  min-height: 44px;
  text-align: left;
  padding: 0 10px;
  border: 0;
  border-bottom: 1px solid var(--hair);
  background: #fff;
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
li button:hover {
  background: #e8eceb;
}
.answer {
  background: #fff;
  padding: 8px 12px;
  font-size: 14.5px;
}
.answer p {
  margin: 0 0 5px;
}
.take {
  min-height: 44px;
  margin-top: 6px;
  border: 1px solid var(--ink);
  background: #fff;
  font: 600 16px/1 var(--figures);
  padding: 0 10px;
  cursor: pointer;
}
</style>
