<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, ApiError, orThrow, type Schemas } from '@/api/client'
import { useRefusal } from '@/i18n/useRefusal'
import { useSay } from '@/i18n/useSay'
import { caseQuery } from '@/queries/case'
import BenchTabs from './BenchTabs.vue'
import MakeLots from './MakeLots.vue'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import FigureField from '@/ui/FigureField.vue'
import PickOne from '@/ui/PickOne.vue'
import { mass, money } from '@/units/units'
import { useUnits } from '@/units/useUnits'

// A mince of today's lots: so lean, so many pieces, at the best price or flavour. The server works all of it out.
const PAUSE_MS = 200
const MOST_LOTS = 5
const { t } = useI18n()
const say = useSay()
const refusal = useRefusal()
const units = useUnits()
const sheet = useQuery(caseQuery())
/** Whatever lies there; what is not minced the server refuses, with why. */
const lots = computed(() => (sheet.data.value?.lots ?? []).filter((lot) => (lot.weight_g ?? 0) > 0 && lot.lead_days === 0))
const form = reactive({
  lots: [{ lot: '', fat: '' }] as { lot: string; fat: string }[],
  pieces: '8',
  total: '',
  each: '180',
  fat: '20',
  spare: '1',
  goal: 'price' as 'price' | 'flavour',
  form: 'burgers' as Schemas['Mince']['form'],
})
const figure = (text: string): number | null =>
  text.trim() === '' ? null : Number.isFinite(Number(text.replace(',', '.'))) ? Number(text.replace(',', '.')) : (text as unknown as number)
const asked = computed<Schemas['MinceAsked']>(() => ({
  lots: form.lots
    .filter((row) => row.lot !== '')
    .map((row) => ({ lot: row.lot, ...(row.fat.trim() === '' ? {} : { fat_pct: figure(row.fat) }) })),
  ...(form.total.trim() === '' ? { pieces: figure(form.pieces) } : { total_g: figure(form.total) }),
  each_g: figure(form.each),
  fat_pct: figure(form.fat),
  spare_pct: figure(form.spare) ?? 0,
  goal: form.goal,
  form: form.form,
}))
const settled = refDebounced(asked, PAUSE_MS)
const mince = useQuery(
  computed(() => ({
    queryKey: ['mince', settled.value] as const,
    queryFn: ({ signal }: { signal: AbortSignal }) => orThrow(api.POST('/mince', { body: settled.value, signal })),
    enabled: settled.value.lots.length > 0,
    retry: false,
  })),
)
const wrong = computed(() => {
  const error = mince.error.value
  if (!error || settled.value.lots.length === 0) return []
  return error instanceof ApiError && error.violations.length
    ? error.violations.map((violation) => refusal(violation, units.units))
    : [error.message]
})
const of = computed(() => (wrong.value.length ? null : (mince.data.value ?? null)))
type Figure = 'pieces' | 'total' | 'each' | 'fat' | 'spare'
const STEP: Record<Figure, number> = { pieces: 1, total: 100, each: 10, fat: 1, spare: 0.5 }
const step = (key: Figure, by: -1 | 1) => {
  if (key === 'pieces') form.total = ''
  form[key] = String(Math.max(0, (Number(form[key].replace(',', '.')) || 0) + by * STEP[key]))
}
const FIGURES: { key: Figure; unit: string }[] = [
  { key: 'pieces', unit: '' },
  { key: 'total', unit: 'g' },
  { key: 'each', unit: 'g' },
  { key: 'fat', unit: '%' },
  { key: 'spare', unit: '%' },
]
</script>

<template>
  <BenchTabs />
  <section class="page">
    <h1>{{ t('mince.title') }}</h1>
    <div class="halves">
      <form class="ask" @submit.prevent>
        <div v-for="(row, i) in form.lots" :key="i" class="lot">
          <PickOne
            v-model="row.lot"
            class="of"
            :label="t('mince.lot', { number: i + 1 })"
            :testid="`mince-lot-${i}`"
            :options="[
              { value: '', label: t('mince.pick') },
              ...lots.map((lot) => ({ value: lot.number, label: `${lot.number} ${lot.cut_name ?? lot.cut}` })),
            ]" />
          <FigureField
            class="fat"
            :label="t('mince.ownFat')"
            :text="row.fat"
            unit="%"
            :less="t('mince.leaner')"
            :more="t('mince.fatter')"
            :testid="`mince-fat-${i}`"
            @typed="row.fat = $event"
            @step="row.fat = String(Math.max(0, (Number(row.fat) || 0) + $event))" />
        </div>
        <button
          v-if="form.lots.length < MOST_LOTS"
          type="button"
          class="plain"
          data-testid="mince-add"
          @click="form.lots.push({ lot: '', fat: '' })"
          >{{ t('mince.add') }}</button
        >
        <ChoiceRow
          v-model="form.form"
          :legend="t('mince.as')"
          testid="mince-form"
          :choices="
            (['burgers', 'meatballs', 'sausages', 'loose'] as const).map((value) => ({ value, label: t(`mince.form.${value}`) }))
          " />
        <div class="figures">
          <FigureField
            v-for="each in FIGURES"
            :key="each.key"
            :label="t(`mince.${each.key}`)"
            :text="form[each.key]"
            :unit="each.unit"
            :less="t('mince.less', { what: t(`mince.${each.key}`) })"
            :more="t('mince.more', { what: t(`mince.${each.key}`) })"
            :testid="`mince-${each.key}`"
            @typed="form[each.key] = $event"
            @step="step(each.key, $event)" />
        </div>
        <ChoiceRow
          v-model="form.goal"
          :legend="t('mince.goal')"
          testid="mince-goal"
          :choices="(['price', 'flavour'] as const).map((value) => ({ value, label: t(`mince.goals.${value}`) }))" />
      </form>
      <div class="answer" aria-live="polite" :aria-busy="mince.isFetching.value">
        <ul v-if="wrong.length" class="wrong" role="alert" data-testid="mince-wrong"
          ><li v-for="each in wrong" :key="each">{{ each }}</li></ul
        >
        <p v-else-if="!of" class="note">{{ t('mince.none') }}</p>
        <article v-else class="card" data-testid="mince">
          <h2>{{
            t('mince.comes', {
              pieces: of.pieces,
              each: t('mince.both', { g: Math.round(of.each_g), oz: of.each_oz }),
              total: mass(of.total_g, units.units),
            })
          }}</h2>
          <p v-if="of.rest_g > 0" class="note">{{ t('mince.rest', { rest: mass(of.rest_g, units.units) }) }}</p>
          <p class="big" data-testid="mince-fat-is"
            >{{ t('mince.fatIs', { fat: of.fat_pct, lean: of.lean_pct }) }};
            {{ t('mince.costs', { each: money(of.cost_each, of.currency) }) }}</p
          >
          <table>
            <tbody
              ><tr v-for="part in of.parts" :key="part.lot"
                ><th scope="row"
                  >{{ part.name }}<small>{{ part.lot }}</small></th
                ><td>{{ mass(part.g, units.units) }}</td
                ><td>{{ part.share_pct }} %</td><td>{{ t('mince.fatOf', { fat: part.fat_pct }) }}</td
                ><td>{{ money(part.cost, of.currency) }}</td></tr
              ></tbody
            >
          </table>
          <ol
            ><li v-for="each in of.steps" :key="each.key">{{ say(each, units.units) }}</li></ol
          >
          <MakeLots
            v-if="sheet.data.value?.may_change"
            :key="`${of.parts.map((part) => part.lot).join()} ${of.total_g}`"
            :from="of.parts.filter((part) => part.g > 0).map((part) => ({ lot: part.lot, g: part.g }))"
            into="beef-burger"
            :parts="[{ g: of.total_g, mm: null }]"
            :loss-g="0"
            :per-kg="of.cost_per_kg"
            :stem="`M-${of.parts[0]?.lot ?? ''}`" />
          <p v-for="each in of.names" :key="each.key" class="note">{{ say(each, units.units) }}</p>
        </article>
      </div>
    </div>
  </section>
</template>

<style scoped>
.page {
  padding: 12px 22px;
}
h1 {
  font-size: 32px;
}
.halves {
  display: grid;
  grid-template-columns: minmax(0, 500px) minmax(0, 1fr);
  gap: 22px;
  margin-top: 8px;
}
.ask {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  align-content: start;
  justify-items: start;
}
.lot {
  display: flex;
  gap: 8px;
  align-items: end;
  width: 100%;
}
.of {
  flex: 1;
}
.fat {
  flex: 0 0 176px;
}
.figures {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 8px;
  width: 100%;
}
.card {
  background: var(--paper);
  border-top: 6px solid var(--oxblood);
  padding: 8px 16px 12px;
}
h2 {
  font-size: 24px;
}
.big {
  font: 700 20px/1.3 var(--figures);
  margin: 4px 0 8px;
}
table {
  border-collapse: collapse;
  width: 100%;
}
tr {
  border-bottom: 1px solid var(--hair);
}
th,
td {
  padding: 4px 8px 4px 0;
  text-align: right;
  font: 600 16px/1.25 var(--figures);
  font-variant-numeric: tabular-nums;
}
th {
  text-align: left;
}
small {
  font: 400 13px/1.2 var(--text);
  color: var(--soft);
  margin-left: 8px;
}
ol {
  padding-left: 22px;
  line-height: 1.35;
}
.note {
  margin: 4px 0;
  color: var(--soft);
}
.wrong {
  margin: 0;
  padding-left: 18px;
}
@media (max-width: 900px) {
  .page {
    padding: 10px 12px;
  }
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
  .lot {
    flex-wrap: wrap;
  }
  .of {
    flex: 1 1 200px;
  }
}
</style>
