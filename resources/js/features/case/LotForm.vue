<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import InputText from 'primevue/inputtext'
import { computed, reactive, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, ApiError, orThrow, type Schemas } from '@/api/client'
import { once, useOnceKey } from '@/api/once'
import { gradeChoices, gradesQuery } from '@/queries/grades'
import { houseQuery } from '@/queries/house'
import { useRefusal } from '@/i18n/useRefusal'
import { useUnits } from '@/units/useUnits'
import { catalogueQuery, findCutQuery } from '@/queries/catalogue'
import PickOne from '@/ui/PickOne.vue'
import TickBox from '@/ui/TickBox.vue'
import { useToast } from 'primevue/usetoast'

// Takes a lot in, or changes what is known of one. What is typed stays, right or wrong; the server names what is wrong by its field.
const props = defineProps<{ lot?: Schemas['CaseLot'] }>()
const emit = defineEmits<{ done: []; cancel: [] }>()
const { t } = useI18n()
const refusal = useRefusal()
const units = useUnits()
const queries = useQueryClient()
const keyFor = useOnceKey()
const toast = useToast()
const text = (value: string | number | null | undefined) => (value === null || value === undefined ? '' : String(value))
const form = reactive({
  number: text(props.lot?.number),
  cut: text(props.lot?.cut),
  grade: text(props.lot?.grade),
  thickness_mm: text(props.lot?.thickness_mm),
  weight_g: text(props.lot?.weight_g),
  price_per_kg: text(props.lot?.price_per_kg),
  aged_days: text(props.lot?.aged_days),
  packed: props.lot?.packed ?? ('wet' as 'wet' | 'dry'),
  origin: text(props.lot?.origin),
  use_by: text(props.lot?.use_by),
  parasite_frozen: props.lot?.parasite_frozen ?? false,
  pierced: props.lot?.pierced ?? false,
  stuffed: props.lot?.stuffed ?? false,
  rearing: (props.lot?.rearing ?? '') as '' | 'farmed' | 'wild',
  lead_days: text(props.lot?.lead_days || ''),
  trim_pct: text(props.lot?.trim_pct),
})
const catalogue = useQuery(catalogueQuery())
const find = ref(props.lot?.cut_name ?? '')
const asked = refDebounced(
  computed(() => find.value.trim()),
  150,
)
const found = useQuery(() => findCutQuery(asked.value))
const chosen = computed(() => catalogue.data.value?.find((cut) => cut.slug === form.cut))
const offers = computed(() =>
  chosen.value?.name === find.value || asked.value === ''
    ? []
    : (found.data.value ?? [])
        .slice(0, 6)
        .map((slug) => catalogue.data.value?.find((cut) => cut.slug === slug))
        .filter((cut) => cut !== undefined),
)
const take = (cut: Schemas['CutSummary']) => {
  form.cut = cut.slug
  find.value = cut.name
}
/** A number where it is one; what is none goes as typed, for the server to refuse by name. */
const figure = (value: string): number | null =>
  value.trim() === ''
    ? null
    : Number.isFinite(Number(value.replace(',', '.')))
      ? Number(value.replace(',', '.'))
      : (value as unknown as number)
const body = () => ({
  number: form.number.trim(),
  cut: form.cut,
  grade: form.grade.trim() || null,
  thickness_mm: figure(form.thickness_mm),
  weight_g: figure(form.weight_g),
  price_per_kg: figure(form.price_per_kg) ?? (undefined as unknown as number),
  aged_days: figure(form.aged_days),
  packed: form.packed,
  origin: form.origin.trim() || null,
  use_by: form.use_by || null,
  parasite_frozen: form.parasite_frozen,
  pierced: form.pierced,
  stuffed: form.stuffed,
  rearing: form.rearing || null,
  lead_days: figure(form.lead_days) ?? 0,
  trim_pct: figure(form.trim_pct),
})
const grades = useQuery(gradesQuery())
const gradeGroups = computed(() => gradeChoices(grades.data.value?.scales ?? [], chosen.value?.group, t('case.ungraded')))
const rearings = computed(() => (['', 'farmed', 'wild'] as const).map((value) => ({ value, label: t(`rearing.${value || 'unknown'}`) })))
const house = useQuery(houseQuery())
const cost = ref('')
const price = useMutation({
  mutationFn: () =>
    orThrow(
      api.GET('/price', {
        params: { query: { cost_per_kg: Number(cost.value.replace(',', '.')), margin_pct: house.data.value?.rules.margin_pct ?? 0 } },
      }),
    ),
  onSuccess: (priced) => {
    form.price_per_kg = priced.price_per_kg.toFixed(2)
  },
})
const save = useMutation({
  mutationFn: () =>
    props.lot
      ? orThrow(api.PUT('/case/lots/{lot}', { params: { path: { lot: props.lot.id } }, body: body() }))
      : orThrow(api.POST('/case/lots', { body: body(), headers: once(keyFor(JSON.stringify(body()))) })),
  onSuccess: async () => {
    await Promise.all(['case', 'counter'].map((key) => queries.invalidateQueries({ queryKey: [key] })))
    toast.add({ severity: 'success', summary: t(props.lot ? 'case.changed' : 'case.tookIn', { number: form.number }), life: 2500 })
    emit('done')
  },
})
const errors = computed<Record<string, string>>(() =>
  save.error.value instanceof ApiError
    ? Object.fromEntries(save.error.value.violations.map((violation) => [violation.key, refusal(violation, units.units)]))
    : {},
)
const fields = [
  'number',
  'weight_g',
  'price_per_kg',
  'thickness_mm',
  'grade',
  'aged_days',
  'origin',
  'use_by',
  'lead_days',
  'trim_pct',
] as const
const shown = computed(() => fields.filter((field) => !props.lot || (field !== 'number' && field !== 'weight_g')))
</script>

<template>
  <form class="form" data-testid="lot-form" @submit.prevent="save.mutate()">
    <div class="cut">
      <label for="lot-cut">{{ t('case.cut') }}</label>
      <InputText
        id="lot-cut"
        v-model="find"
        autocomplete="off"
        :disabled="Boolean(lot)"
        :invalid="Boolean(errors['cut'])"
        data-testid="lot-cut" />
      <ul v-if="offers.length"
        ><li v-for="cut in offers" :key="cut.slug"
          ><button type="button" data-testid="lot-cut-offer" @click="take(cut)">{{ cut.name }}</button></li
        ></ul
      >
      <p v-if="errors['cut']" class="wrong" role="alert">{{ errors['cut'] }}</p>
    </div>
    <div v-for="field in shown" :key="field">
      <PickOne v-if="field === 'grade'" v-model="form.grade" :label="t(`lot.${field}`)" :groups="gradeGroups" testid="lot-grade" />
      <template v-else>
        <label :for="`lot-${field}`">{{ t(`lot.${field}`) }}</label>
        <InputText
          :id="`lot-${field}`"
          v-model="form[field]"
          :type="field === 'use_by' ? 'date' : 'text'"
          :inputmode="['number', 'origin', 'use_by'].includes(field) ? undefined : 'decimal'"
          autocomplete="off"
          :invalid="Boolean(errors[field])"
          :data-testid="`lot-${field}`" />
      </template>
      <p v-if="errors[field]" class="wrong" role="alert">{{ errors[field] }}</p>
    </div>
    <div v-if="house.data.value?.rules.margin_pct != null">
      <label for="lot-cost">{{ t('case.cost', { margin: house.data.value.rules.margin_pct }) }}</label>
      <InputText id="lot-cost" v-model="cost" inputmode="decimal" autocomplete="off" data-testid="lot-cost" @change="price.mutate()" />
      <p v-if="price.error.value" class="wrong" role="alert">{{ price.error.value.message }}</p>
    </div>
    <PickOne
      v-model="form.packed"
      class="narrow"
      :label="t('case.packedHow')"
      :options="(['wet', 'dry'] as const).map((value) => ({ value, label: t(`case.packed.${value}`) }))"
      testid="lot-packed" />
    <TickBox v-if="chosen?.may_carry_parasites" v-model="form.parasite_frozen" class="low">{{ t('piece.frozen') }}</TickBox>
    <TickBox v-if="chosen?.can_be_pierced" v-model="form.pierced" class="low">{{ t('piece.pierced') }}</TickBox>
    <TickBox v-if="chosen" v-model="form.stuffed" class="low">{{ t('piece.stuffed') }}</TickBox>
    <PickOne
      v-if="chosen?.asks_rearing"
      v-model="form.rearing"
      class="narrow"
      :label="t('piece.rearing')"
      :options="rearings"
      testid="lot-rearing" />
    <p v-if="errors['pierced']" class="wrong" role="alert">{{ errors['pierced'] }}</p>
    <div class="row"
      ><button type="submit" class="strong" :disabled="save.isPending.value" data-testid="lot-save">{{
        t(lot ? 'case.save' : 'case.takeIn')
      }}</button
      ><button type="button" class="plain" @click="emit('cancel')">{{ t('own.cancel') }}</button>
      <p v-if="save.error.value && Object.keys(errors).length === 0" class="wrong" role="alert">{{ save.error.value.message }}</p></div
    >
  </form>
</template>

<style scoped>
.form {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 10px;
  align-items: start;
  background: #fff;
  border: 1px solid var(--ink);
  padding: 10px 12px;
  margin-bottom: 12px;
}
.form > div {
  width: 130px;
}
.form > .cut {
  width: 240px;
  position: relative;
}
.form > .row {
  width: 100%;
  display: flex;
  gap: 8px;
  align-items: center;
}
.form :deep(.p-inputtext) {
  width: 100%;
  height: 42px;
  font: 600 17px var(--figures);
  border: 1px solid var(--line);
  background: #fff;
  color: var(--ink);
  padding: 0 8px;
}
ul {
  position: absolute;
  z-index: 3;
  left: 0;
  right: 0;
  margin: 0;
  padding: 0;
  list-style: none;
  background: #fff;
  border: 1px solid var(--ink);
}
li button {
  width: 100%;
  min-height: 38px;
  text-align: left;
  border: 0;
  border-bottom: 1px solid var(--hair);
  background: #fff;
  padding: 0 10px;
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
.form > .narrow {
  width: 170px;
}
.form > .low {
  margin-top: 23px;
  min-height: 42px;
}
</style>
