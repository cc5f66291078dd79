<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, orThrow, type Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import { caseQuery } from '@/queries/case'
import FigureField from '@/ui/FigureField.vue'
import PickOne from '@/ui/PickOne.vue'
import { mass, money } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import BenchTabs from './BenchTabs.vue'
import { figure, given, useAsked } from './useAsked'

// Two offers or more, from the price on the ticket to the price on the plate.
const MOST = 6
const { t } = useI18n()
const say = useSay()
const units = useUnits()
const sheet = useQuery(caseQuery())
const blank = () => ({ lot: '', name: '', price: '', trim: '', loss: '', work: '' })
const form = reactive({ rows: [blank(), blank()], eaten: '150', perHour: '', margin: '' })
type Row = ReturnType<typeof blank>
const lots = computed(() => sheet.data.value?.lots ?? [])
const isSaid = (row: Row) => row.lot !== '' || row.price.trim() !== ''
const offer = (row: Row): Schemas['OfferAsked'] => ({
  ...(row.lot === '' ? {} : { lot: row.lot }),
  ...(row.name.trim() === '' ? {} : { name: row.name.trim() }),
  ...given('price_per_kg', row.price),
  ...given('trim_pct', row.trim),
  ...given('cooking_loss_pct', row.loss),
  ...given('work_min_per_kg', row.work),
})
const asked = computed<Schemas['OffersAsked'] | null>(() => {
  const rows = form.rows.filter(isSaid)
  return rows.length === 0
    ? null
    : {
        offers: rows.map(offer),
        ...(figure(form.eaten) === null ? {} : given('eaten_g', form.eaten)),
        ...given('work_per_hour', form.perHour),
        ...given('margin_pct', form.margin),
      }
})
const offers = useAsked('offers', asked, (body, signal) =>
  orThrow(api.POST('/true-price', { body: body as Schemas['OffersAsked'], signal })),
)
const of = computed(() => offers.answer.value)
const FIGURES = [
  { key: 'price', step: 0.5, unit: '' },
  { key: 'trim', step: 1, unit: '%' },
  { key: 'loss', step: 1, unit: '%' },
  { key: 'work', step: 1, unit: 'min' },
] as const
const step = (row: Row, key: (typeof FIGURES)[number]['key'], by: number) => {
  row[key] = String(Math.max(0, Math.round(100 * ((Number(row[key].replace(',', '.')) || 0) + by)) / 100))
}
const currency = computed(() => sheet.data.value?.currency ?? 'EUR')
</script>

<template>
  <div class="page">
    <BenchTabs />
    <section class="all">
      <h1>{{ t('offers.title') }}</h1>
      <form @submit.prevent>
        <div v-for="(row, i) in form.rows" :key="i" class="row">
          <PickOne
            v-model="row.lot"
            class="lot"
            :label="t('offers.lot', { number: i + 1 })"
            :testid="`offer-lot-${i}`"
            :options="[
              { value: '', label: t('offers.typed') },
              ...lots.map((lot) => ({ value: lot.number, label: `${lot.number} ${lot.cut_name ?? lot.cut}` })),
            ]" />
          <FigureField
            v-for="each in FIGURES"
            :key="each.key"
            :label="t(`offers.${each.key}`)"
            :text="row[each.key]"
            :unit="each.unit || currency"
            :note="row[each.key] === '' && row.lot !== '' && each.key !== 'work' ? t('offers.asLot') : ''"
            :less="t('mince.less', { what: t(`offers.${each.key}`) })"
            :more="t('mince.more', { what: t(`offers.${each.key}`) })"
            :testid="`offer-${each.key}-${i}`"
            @typed="row[each.key] = $event"
            @step="step(row, each.key, $event * each.step)" />
        </div>
        <div class="row whole">
          <button v-if="form.rows.length < MOST" type="button" class="plain" data-testid="offer-add" @click="form.rows.push(blank())">{{
            t('offers.add')
          }}</button>
          <FigureField
            v-for="[key, unit, by] in [
              ['eaten', 'g', 10],
              ['perHour', currency, 1],
              ['margin', '%', 1],
            ] as const"
            :key="key"
            :label="t(`offers.${key}`)"
            :text="form[key]"
            :unit="unit"
            :less="t('mince.less', { what: t(`offers.${key}`) })"
            :more="t('mince.more', { what: t(`offers.${key}`) })"
            :testid="`offers-${key}`"
            @typed="form[key] = $event"
            @step="form[key] = String(Math.max(0, (Number(form[key].replace(',', '.')) || 0) + $event * by))" />
        </div>
      </form>
      <ul v-if="offers.wrong.value.length" class="wrong" role="alert" data-testid="offers-wrong"
        ><li v-for="each in offers.wrong.value" :key="each">{{ each }}</li></ul
      >
      <p v-else-if="!of" class="note">{{ t('offers.first') }}</p>
      <div v-else class="answer" aria-live="polite" data-testid="offers">
        <p v-for="each in of.turned" :key="String(each.args.name)" class="turned" data-testid="turned">{{ say(each, units.units) }}</p>
        <table>
          <thead
            ><tr
              ><th></th
              ><th v-for="(each, i) in of.offers" :key="i" scope="col" :class="{ best: i === 0 }"
                >{{ each.name }}<small v-if="i === 0">{{ t('offers.best') }}</small></th
              ></tr
            ></thead
          >
          <tbody>
            <tr
              ><th scope="row">{{ t('offers.bought') }}</th
              ><td v-for="(each, i) in of.offers" :key="i">{{ money(each.per_kg_bought, of.currency) }}</td></tr
            ><tr
              ><th scope="row">{{ t('offers.trimmed') }}</th
              ><td v-for="(each, i) in of.offers" :key="i"
                >{{ money(each.per_kg_trimmed, of.currency) }}<small>{{ t('offers.lost', { pct: each.trim_pct }) }}</small></td
              ></tr
            ><tr
              ><th scope="row">{{ t('offers.cooked') }}</th
              ><td v-for="(each, i) in of.offers" :key="i"
                >{{ money(each.per_kg_cooked, of.currency) }}<small>{{ t('offers.lost', { pct: each.cooking_loss_pct }) }}</small></td
              ></tr
            ><tr class="main"
              ><th scope="row">{{ t('offers.portion', { eaten: mass(of.eaten_g, units.units) }) }}</th
              ><td v-for="(each, i) in of.offers" :key="i" :data-testid="`portion-${i}`">{{ money(each.a_portion, of.currency) }}</td></tr
            ><tr
              ><th scope="row">{{ t('offers.toBuy') }}</th
              ><td v-for="(each, i) in of.offers" :key="i">{{ mass(each.bought_g, units.units) }}</td></tr
            ><tr v-if="of.offers.length > 1"
              ><th scope="row">{{ t('offers.even') }}</th
              ><td v-for="(each, i) in of.offers" :key="i">{{
                each.even_per_kg === null ? '' : money(each.even_per_kg, of.currency)
              }}</td></tr
            ><tr v-if="of.offers[0]?.sale_per_kg != null"
              ><th scope="row">{{ t('offers.sale', { margin: form.margin }) }}</th
              ><td v-for="(each, i) in of.offers" :key="i"
                >{{ money(each.sale_per_kg ?? 0, of.currency)
                }}<small>{{ t('offers.salePortion', { each: money(each.sale_portion ?? 0, of.currency) }) }}</small></td
              ></tr
            >
          </tbody>
        </table>
      </div>
    </section>
  </div>
</template>

<style scoped>
.all {
  padding: 12px 22px;
}
h1 {
  font-size: 30px;
  margin-bottom: 8px;
}
form {
  display: grid;
  gap: 8px;
  margin-bottom: 12px;
}
.row {
  display: grid;
  grid-template-columns: minmax(180px, 1.4fr) repeat(4, minmax(140px, 1fr));
  gap: 8px;
  align-items: end;
}
.whole {
  grid-template-columns: auto repeat(3, minmax(150px, 240px));
  justify-content: start;
}
table {
  border-collapse: collapse;
  background: var(--paper);
  width: 100%;
  border-top: 6px solid var(--oxblood);
}
th,
td {
  text-align: right;
  padding: 6px 14px;
  border-bottom: 1px solid var(--hair);
  font: 600 19px/1.2 var(--figures);
  font-variant-numeric: tabular-nums;
}
th[scope='row'] {
  text-align: left;
  font-size: 16px;
  color: var(--soft);
}
small {
  display: block;
  font: 400 13px/1.3 var(--text);
  color: var(--soft);
}
.main td {
  font-size: 30px;
  font-weight: 700;
}
.best {
  background: var(--bay-wash);
}
.turned {
  background: var(--mustard-wash);
  border-left: 5px solid var(--mustard);
  padding: 8px 12px;
  margin: 0 0 8px;
  font-size: 16px;
}
.note {
  color: var(--soft);
}
.wrong {
  padding-left: 18px;
}
.answer {
  overflow-x: auto;
}
@media (max-width: 1000px) {
  .row,
  .whole {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  .lot {
    grid-column: 1 / -1;
  }
  .all {
    padding: 10px 12px;
  }
}
</style>
