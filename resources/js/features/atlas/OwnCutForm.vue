<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query'
import { computed, reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import { ApiError, type Schemas } from '@/api/client'
import { field, typed } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import { addCut } from './queries'
import PickOne from '@/ui/PickOne.vue'
import InputText from 'primevue/inputtext'
import { useRefusal } from '@/i18n/useRefusal'

// A cut of the shop's own: like another cut, with its own name and figures. What is typed stays typed until it is taken.
const props = defineProps<{ like: Schemas['CutPage'] }>()
const emit = defineEmits<{ added: [slug: string]; cancel: [] }>()
const { t } = useI18n()
const units = useUnits()
const refusal = useRefusal()
const length = (mm: number) => field.length(mm, units.units)
const draft = reactive({
  name: '',
  min: length(props.like.thickness_mm.min),
  typical: length(props.like.thickness_mm.typical),
  max: length(props.like.thickness_mm.max),
  low: String(props.like.weight_g.low),
  weight: String(props.like.weight_g.typical),
  high: String(props.like.weight_g.high),
  price: String(props.like.price_class),
  availability: props.like.availability,
  recognise: props.like.recognise,
})
const mm = (text: string) => typed.length(text, units.units)
const number = (text: string) =>
  text.trim() === '' || !Number.isFinite(Number(text.replace(',', '.'))) ? null : Number(text.replace(',', '.'))
const figures = computed(() => ({
  min: mm(draft.min),
  typical: mm(draft.typical),
  max: mm(draft.max),
  low: number(draft.low),
  weight: number(draft.weight),
  high: number(draft.high),
}))
const wrong = computed(() =>
  Object.entries(figures.value)
    .filter(([, value]) => value === null)
    .map(([key]) => t('own.notANumber', { field: t(`own.${key}`) })),
)
const availabilities = ['daily', 'some_days', 'on_order'] as const
const isAvailability = (value: string): value is (typeof availabilities)[number] => availabilities.some((each) => each === value)
const save = useMutation({
  mutationFn: () => {
    const { min, typical, max, low, weight, high } = figures.value
    if (min === null || typical === null || max === null || low === null || weight === null || high === null)
      throw new Error(wrong.value.join(' '))
    return addCut({
      like: props.like.slug,
      name: draft.name.trim(),
      thickness_mm: { min, typical, max },
      weight_g: { low, typical: weight, high },
      price_class: Number(draft.price),
      recognise: draft.recognise,
      ...(isAvailability(draft.availability) ? { availability: draft.availability } : {}),
    })
  },
  onSuccess: (added) => {
    emit('added', added.slug)
  },
})
const problems = computed(() =>
  save.error.value instanceof ApiError && save.error.value.violations.length > 0
    ? save.error.value.violations.map((violation) => refusal(violation, units.units))
    : save.error.value
      ? [save.error.value.message]
      : [],
)
</script>

<template>
  <form class="own" @submit.prevent="save.mutate()">
    <p class="like">{{ t('own.like', { name: like.name }) }}</p>
    <label class="wide"
      >{{ t('own.name') }}<InputText v-model="draft.name" required minlength="3" maxlength="60" data-testid="own-name"
    /></label>
    <fieldset
      ><legend>{{ t(like.is_round ? 'piece.diameter' : 'piece.thickness') }}, {{ units.units === 'metric' ? 'mm' : 'in' }}</legend>
      <label v-for="key in ['min', 'typical', 'max'] as const" :key="key"
        >{{ t(`own.${key}`) }}<InputText v-model="draft[key]" inputmode="decimal" :data-testid="`own-${key}`" /></label
    ></fieldset>
    <fieldset
      ><legend>{{ t('cut.weight') }}, g</legend>
      <label v-for="key in ['low', 'weight', 'high'] as const" :key="key"
        >{{ t(`own.${key}`) }}<InputText v-model="draft[key]" inputmode="decimal" /></label
    ></fieldset>
    <PickOne
      v-model="draft.price"
      :label="t('atlas.price')"
      :options="['1', '2', '3', '4'].map((value) => ({ value, label: t(`price.${value}`) }))" />
    <PickOne
      v-model="draft.availability"
      :label="t('cut.sold')"
      :options="availabilities.map((value) => ({ value, label: t(`availability.${value}`) }))" />
    <label class="wide">{{ t('cut.recognise') }}<InputText v-model="draft.recognise" maxlength="240" /></label>
    <ul v-if="problems.length + wrong.length > 0" class="wrong" role="alert"
      ><li v-for="problem in [...wrong, ...problems]" :key="problem">{{ problem }}</li></ul
    >
    <div class="wide go"
      ><button type="submit" class="strong" :disabled="save.isPending.value || wrong.length > 0" data-testid="own-save">{{
        t('own.save')
      }}</button
      ><button type="button" class="plain" @click="emit('cancel')">{{ t('own.cancel') }}</button></div
    >
  </form>
</template>

<style scoped>
.own {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 10px 14px;
  background: #fff;
  border: 1px solid var(--line);
  padding: 12px 16px;
}
.like,
.wide,
.wrong {
  grid-column: 1 / -1;
  margin: 0;
}
fieldset {
  grid-column: span 2;
  border: 0;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
legend {
  grid-column: 1 / -1;
}
label {
  margin: 0;
  min-width: 0;
}
input,
select {
  display: block;
  width: 100%;
  min-height: 44px;
  font: 400 17px var(--text);
  padding: 0 8px;
  border: 1px solid var(--line);
  background: #fff;
}
fieldset label {
  font-weight: 400;
}
.go {
  display: flex;
  gap: 10px;
}
@media (max-width: 700px) {
  .own {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
