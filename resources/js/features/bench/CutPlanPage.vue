<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, orThrow, type Schemas } from '@/api/client'
import { caseQuery } from '@/queries/case'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import FigureField from '@/ui/FigureField.vue'
import PickOne from '@/ui/PickOne.vue'
import { length, mass, money } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import BenchTabs from './BenchTabs.vue'
import CutPlanDrawing from './CutPlanDrawing.vue'
import MakeLots from './MakeLots.vue'
import { given, useAsked } from './useAsked'

// A whole piece of the case, and where to cut it. The server finds the plan.
const MOST_ORDERS = 6
const { t } = useI18n()
const units = useUnits()
const sheet = useQuery(caseQuery())
const wholes = computed(() => (sheet.data.value?.lots ?? []).filter((lot) => lot.is_whole && (lot.weight_g ?? 0) >= 100))
type Text = 'weight_g' | 'length_mm' | 'taper_pct' | 'ribs' | 'least_mm' | 'most_mm' | 'wanted_g' | 'wanted_mm'
const form = reactive({
  lot: '',
  goal: 'even_weight' as NonNullable<Schemas['CutPlanAsked']['goal']>,
  text: { weight_g: '', length_mm: '', taper_pct: '', ribs: '', least_mm: '', most_mm: '', wanted_g: '', wanted_mm: '' } as Record<
    Text,
    string
  >,
  orders: [{ pieces: '2', thickness_mm: '30', each_g: '' }],
})
const asked = computed<Schemas['CutPlanAsked'] | null>(() =>
  form.lot === ''
    ? null
    : {
        lot: form.lot,
        goal: form.goal,
        ...Object.assign({}, ...(Object.keys(form.text) as Text[]).map((key) => given(key, form.text[key]))),
        ...(form.goal === 'orders'
          ? {
              orders: form.orders.map((order) => ({
                ...given('pieces', order.pieces),
                ...given('thickness_mm', order.thickness_mm),
                ...given('each_g', order.each_g),
              })),
            }
          : {}),
      },
)
const plan = useAsked('cut-plan', asked, (body, signal) =>
  orThrow(api.POST('/cut-plan', { body: body as Schemas['CutPlanAsked'], signal })),
)
const of = computed(() => plan.answer.value)
const FIELDS: { key: Text; unit: string; step: number; from: (plan: Schemas['CutPlan']) => number | null }[] = [
  { key: 'weight_g', unit: 'g', step: 50, from: (now) => now.weight_g },
  { key: 'length_mm', unit: 'mm', step: 10, from: (now) => now.length_mm },
  { key: 'taper_pct', unit: '%', step: 5, from: (now) => now.taper_pct },
  { key: 'ribs', unit: '', step: 1, from: (now) => now.ribs },
]
const limits = computed<Text[]>(() =>
  form.goal === 'orders' ? [] : form.goal === 'even_weight' ? ['least_mm', 'most_mm', 'wanted_g'] : ['least_mm', 'most_mm', 'wanted_mm'],
)
const step = (key: Text, by: number, from: number) => {
  const now = Number(form.text[key].replace(',', '.'))
  form.text[key] = String(Math.max(1, (form.text[key].trim() === '' || Number.isNaN(now) ? from : now) + by))
}
const source = computed(() => wholes.value.find((lot) => lot.number === form.lot) ?? null)
/** One lot, as thick as its slices are on average; of orders a lot each. */
const parts = computed(() => {
  const portions = of.value?.portions ?? []
  const groups = [...new Set(portions.map((portion) => portion.order))].map((order) =>
    portions.filter((portion) => portion.order === order),
  )
  return groups.map((group) => ({
    g: group.reduce((sum, portion) => sum + portion.g, 0),
    mm: Math.round(group.reduce((sum, portion) => sum + portion.thickness_mm, 0) / group.length),
  }))
})
</script>

<template>
  <div class="page">
    <BenchTabs />
    <section class="halves">
      <form class="ask" @submit.prevent>
        <h1>{{ t('plan.title') }}</h1>
        <PickOne
          v-model="form.lot"
          :label="t('plan.lot')"
          testid="plan-lot"
          :options="[
            { value: '', label: t('plan.pick') },
            ...wholes.map((lot) => ({
              value: lot.number,
              label: `${lot.number} ${lot.cut_name ?? lot.cut}, ${mass(lot.weight_g ?? 0, units.units)}`,
            })),
          ]" />
        <p v-if="sheet.data.value && wholes.length === 0" class="note">{{ t('plan.noWhole') }}</p>
        <ChoiceRow
          v-model="form.goal"
          :legend="t('plan.goal')"
          testid="plan-goal"
          :choices="
            (['most_pieces', 'even_weight', 'least_offcut', 'orders'] as const).map((value) => ({ value, label: t(`plan.goals.${value}`) }))
          " />
        <div class="figures">
          <FigureField
            v-for="each in FIELDS"
            :key="each.key"
            :label="t(`plan.${each.key}`)"
            :text="form.text[each.key]"
            :unit="each.unit"
            :note="form.text[each.key] === '' && of ? t('plan.taken', { value: each.from(of) ?? t('plan.none') }) : ''"
            :less="t('mince.less', { what: t(`plan.${each.key}`) })"
            :more="t('mince.more', { what: t(`plan.${each.key}`) })"
            :testid="`plan-${each.key}`"
            @typed="form.text[each.key] = $event"
            @step="step(each.key, $event * each.step, (of && each.from(of)) || 0)" />
          <FigureField
            v-for="key in limits"
            :key="key"
            :label="t(`plan.${key}`)"
            :text="form.text[key]"
            :unit="key.endsWith('_g') ? 'g' : 'mm'"
            :note="form.text[key] === '' ? t('plan.usual') : ''"
            :less="t('mince.less', { what: t(`plan.${key}`) })"
            :more="t('mince.more', { what: t(`plan.${key}`) })"
            :testid="`plan-${key}`"
            @typed="form.text[key] = $event"
            @step="step(key, $event * (key.endsWith('_g') ? 10 : 1), key.endsWith('_g') ? 250 : 25)" />
        </div>
        <template v-if="form.goal === 'orders'">
          <div v-for="(order, i) in form.orders" :key="i" class="order">
            <FigureField
              v-for="[key, unit] in [
                ['pieces', '×'],
                ['thickness_mm', 'mm'],
                ['each_g', 'g'],
              ] as const"
              :key="key"
              :label="t(`plan.order.${key}`, { number: i + 1 })"
              :text="order[key]"
              :unit="unit"
              :less="t('mince.less', { what: t(`plan.order.${key}`, { number: i + 1 }) })"
              :more="t('mince.more', { what: t(`plan.order.${key}`, { number: i + 1 }) })"
              :testid="`order-${i}-${key}`"
              @typed="order[key] = $event"
              @step="order[key] = String(Math.max(1, (Number(order[key]) || 0) + $event * (key === 'each_g' ? 10 : 1)))" />
          </div>
          <button
            v-if="form.orders.length < MOST_ORDERS"
            type="button"
            class="plain"
            data-testid="order-add"
            @click="form.orders.push({ pieces: '1', thickness_mm: '', each_g: '' })"
            >{{ t('plan.addOrder') }}</button
          >
        </template>
      </form>
      <div class="answer" aria-live="polite" :aria-busy="plan.query.isFetching.value">
        <ul v-if="plan.wrong.value.length" class="wrong" role="alert" data-testid="plan-wrong"
          ><li v-for="each in plan.wrong.value" :key="each">{{ each }}</li></ul
        >
        <p v-else-if="!of" class="note">{{ t('plan.first') }}</p>
        <article v-else class="card" data-testid="plan">
          <h2 data-testid="plan-says">{{
            t('plan.comes', { count: of.portions.length, name: of.into.name, mass: mass(of.portions_g, units.units) })
          }}</h2>
          <CutPlanDrawing :plan="of" :units="units.units" />
          <dl>
            <div
              ><dt>{{ t('plan.left') }}</dt
              ><dd>{{ mass(of.offcut_g, units.units) }}</dd></div
            ><div v-if="of.rest_g"
              ><dt>{{ t('plan.rest') }}</dt
              ><dd>{{ mass(of.rest_g, units.units) }}</dd></div
            ><div v-if="of.dust_g"
              ><dt>{{ t('plan.dust') }}</dt
              ><dd>{{ mass(of.dust_g, units.units) }}</dd></div
            ><div
              ><dt>{{ t('plan.spread') }}</dt
              ><dd>{{ mass(of.spread_g, units.units) }}</dd></div
            ><div
              ><dt>{{ t('plan.bears') }}</dt
              ><dd>{{ money(of.per_kg_bears, of.currency) }}</dd></div
            >
          </dl>
          <p v-if="of.unfilled.length" class="wrong" data-testid="unfilled">{{ t('plan.unfilled', { list: of.unfilled.join(', ') }) }}</p>
          <MakeLots
            v-if="source && sheet.data.value?.may_change"
            :key="`${of.lot} ${of.portions_g}`"
            :from="[{ lot: of.lot, g: of.weight_g - of.rest_g }]"
            :into="of.into.slug"
            :parts="parts"
            :loss-g="of.offcut_g + of.dust_g"
            :per-kg="of.per_kg_bears"
            :stem="`${of.lot}-C`" />
          <table
            ><thead
              ><tr
                ><th>{{ t('plan.nr') }}</th
                ><th>{{ t('plan.thick') }}</th
                ><th>{{ t('plan.weight') }}</th
                ><th v-if="of.ribs !== null">{{ t('plan.ribs') }}</th
                ><th v-if="form.goal === 'orders'">{{ t('plan.for') }}</th
                ><th>{{ t('plan.bearsEach') }}</th></tr
              ></thead
            ><tbody
              ><tr v-for="(portion, i) in of.portions" :key="i"
                ><td>{{ i + 1 }}</td
                ><td>{{ length(portion.thickness_mm, units.units) }}</td
                ><td>{{ mass(portion.g, units.units) }}</td
                ><td v-if="of.ribs !== null">{{ portion.ribs }}</td
                ><td v-if="form.goal === 'orders'">{{ portion.order }}</td
                ><td>{{ money(portion.cost, of.currency) }}</td></tr
              ></tbody
            ></table
          >
        </article>
      </div>
    </section>
  </div>
</template>

<style scoped>
.halves {
  display: grid;
  grid-template-columns: minmax(0, 440px) minmax(0, 1fr);
  gap: 22px;
  padding: 12px 22px;
}
h1 {
  font-size: 30px;
}
.ask {
  display: grid;
  gap: 10px;
  align-content: start;
}
.figures {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px;
}
.order {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 6px;
}
.order :deep(button) {
  width: 32px;
}
.card {
  background: var(--paper);
  border-top: 6px solid var(--oxblood);
  padding: 8px 16px 14px;
}
h2 {
  font-size: 24px;
}
dl {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 26px;
  margin: 6px 0 8px;
}
dt {
  color: var(--soft);
  font-size: 13.5px;
}
dd {
  margin: 0;
  font: 700 20px/1.2 var(--figures);
}
table {
  border-collapse: collapse;
  width: 100%;
  margin-top: 10px;
}
th,
td {
  text-align: right;
  padding: 3px 8px;
  border-bottom: 1px solid var(--hair);
  font: 600 16px/1.3 var(--figures);
  font-variant-numeric: tabular-nums;
}
th {
  color: var(--soft);
  font-weight: 500;
}
.note {
  color: var(--soft);
  margin: 0;
}
.wrong {
  margin: 0 0 6px;
  padding-left: 18px;
}
@media (max-width: 900px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
    padding: 10px 12px;
  }
}
</style>
