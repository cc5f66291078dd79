<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, ApiError, orThrow, type Schemas } from '@/api/client'
import { once, useOnceKey } from '@/api/once'
import { useRefusal } from '@/i18n/useRefusal'
import { catalogueQuery, findCutQuery } from '@/queries/catalogue'
import { mass } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import { figure } from './useAsked'

// What was planned is done: it leaves its lots and becomes one of its own, to the gram.
const props = defineProps<{
  from: Schemas['MadeFrom'][]
  into: string
  /** What comes out, each a lot of its own. */
  parts: { g: number; mm: number | null }[]
  lossG: number
  perKg: number
  stem: string
}>()
const { t } = useI18n()
const refusal = useRefusal()
const units = useUnits()
const queries = useQueryClient()
const keyFor = useOnceKey()
const number = ref(props.stem)
const outG = computed(() => props.parts.reduce((sum, part) => sum + part.g, 0))
const numberOf = (place: number) => `${number.value.trim()}${props.parts.length > 1 ? `-${place + 1}` : ''}`
const price = ref(props.perKg.toFixed(2))
const typed = ref<string | null>(null)
const slug = ref(props.into)
const catalogue = useQuery(catalogueQuery())
const chosen = computed(() => catalogue.data.value?.find((cut) => cut.slug === slug.value))
/** What is typed, until a cut is picked; its name from then on. */
const find = computed({
  get: () => typed.value ?? chosen.value?.name ?? '',
  set: (text: string) => {
    typed.value = text
  },
})
const asked = refDebounced(
  computed(() => find.value.trim()),
  150,
)
const found = useQuery(() => findCutQuery(asked.value))
const offers = computed(() =>
  typed.value === null || typed.value.trim() === ''
    ? []
    : (found.data.value ?? [])
        .slice(0, 5)
        .map((each) => catalogue.data.value?.find((cut) => cut.slug === each))
        .filter((cut) => cut !== undefined),
)
const pick = (cut: Schemas['CutSummary']) => {
  slug.value = cut.slug
  typed.value = null
}
const body = computed<Schemas['NewMaking']>(() => ({
  from: props.from,
  to: props.parts.map((part, i) => ({
    number: numberOf(i),
    cut: slug.value,
    weight_g: part.g,
    price_per_kg: figure(price.value) ?? 0,
    ...(part.mm === null ? {} : { thickness_mm: part.mm }),
  })),
  loss_g: props.lossG,
}))
const make = useMutation({
  mutationFn: () => orThrow(api.POST('/makings', { body: body.value, headers: once(keyFor(JSON.stringify(body.value))) })),
  onSuccess: async () => {
    keyFor(null)
    await Promise.all(['case', 'counter'].map((key) => queries.invalidateQueries({ queryKey: [key] })))
  },
})
const wrong = computed(() => {
  const error = make.error.value
  if (!error) return []
  return error instanceof ApiError && error.violations.length ? error.violations.map((each) => refusal(each, units.units)) : [error.message]
})
</script>

<template>
  <form class="make" data-testid="make" @submit.prevent="make.mutate()">
    <p v-if="make.data.value" class="done" role="status" data-testid="made">{{
      t('make.done', { lot: make.data.value.lots.join(', '), mass: mass(outG, units.units) })
    }}</p>
    <template v-else>
      <p class="sum">{{ t('make.sum', { out: mass(outG, units.units), loss: mass(lossG, units.units) }) }}</p>
      <label>{{ t('make.number') }} <InputText v-model="number" maxlength="40" autocomplete="off" data-testid="make-number" /></label>
      <label class="cut"
        >{{ t('make.cut') }} <InputText v-model="find" autocomplete="off" data-testid="make-cut" />
        <span v-if="offers.length" class="offers"
          ><button v-for="cut in offers" :key="cut.slug" type="button" @click="pick(cut)">{{ cut.name }}</button></span
        ></label
      >
      <label>{{ t('make.price') }} <InputText v-model="price" inputmode="decimal" autocomplete="off" data-testid="make-price" /></label>
      <button type="submit" class="strong" :disabled="make.isPending.value || number.trim() === ''" data-testid="make-now">{{
        t('make.now')
      }}</button>
      <ul v-if="wrong.length" class="wrong" role="alert" data-testid="make-wrong"
        ><li v-for="each in wrong" :key="each">{{ each }}</li></ul
      >
    </template>
  </form>
</template>

<style scoped>
.make {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
  border-top: 2px solid var(--ink);
  padding-top: 8px;
}
.sum,
.wrong {
  flex-basis: 100%;
  margin: 0;
}
.wrong {
  padding-left: 18px;
}
label {
  margin: 0;
  position: relative;
}
label :deep(input) {
  display: block;
  width: 130px;
  height: 46px;
  font: 600 17px var(--figures);
}
.cut :deep(input) {
  width: 190px;
}
.offers {
  position: absolute;
  z-index: 3;
  left: 0;
  top: 100%;
  background: #fff;
  border: 1px solid var(--line);
  display: grid;
  min-width: 100%;
}
.offers button {
  min-height: 44px;
  border: 0;
  background: #fff;
  text-align: left;
  padding: 0 10px;
  font: 600 16px var(--figures);
  cursor: pointer;
}
.offers button:hover {
  background: #e8eceb;
}
.done {
  margin: 0;
  background: var(--bay-wash);
  border-left: 5px solid var(--bay);
  padding: 8px 12px;
  font-weight: 700;
}
</style>
