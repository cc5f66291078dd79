<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRoute, useRouter } from 'vue-router'
import type { Schemas } from '@/api/client'
import { show } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import AnimalDrawing from './AnimalDrawing.vue'
import { compareQuery } from './queries'
import { useCompared } from './useCompared'

const { t, te } = useI18n()
const route = useRoute()
const router = useRouter()
const units = useUnits()
const compared = useCompared()
const slugs = computed(() => (typeof route.query['cuts'] === 'string' ? route.query['cuts'].split(',').filter((slug) => slug !== '') : []))
const report = useQuery(() => compareQuery(slugs.value))

const vocabulary: Record<string, string> = {
  tenderness: 'tenderness',
  collagen: 'collagen',
  grain: 'grain',
  bone: 'bone',
  membrane: 'membrane',
  doneness: 'word',
  slice: 'say.swap.slice',
  availability: 'availability',
}
function words(key: string, value: Schemas['ComparedRow']['values'][number]): string {
  if (Array.isArray(value)) return value.map((item) => (key === 'suits' ? t(`method.${item}`) : item)).join(', ')
  if (typeof value === 'string') {
    const path = key === 'slice' ? `say.swap.slice_${value}` : `${vocabulary[key]}.${value}`
    return te(path) ? t(path) : value
  }
  if (key === 'flavour') return t('atlas.ofFive', { value })
  if (key === 'price_class') return t(`price.${value}`)
  if (key.endsWith('_pct')) return `${value} %`
  return value === 0 ? '–' : show(key, value, units.units)
}
function drop(slug: string) {
  if (compared.slugs.value.includes(slug)) compared.toggle(slug)
  const left = slugs.value.filter((one) => one !== slug)
  void (left.length > 1 ? router.replace({ query: { cuts: left.join(',') } }) : router.push({ name: 'atlas' }))
}
</script>

<template>
  <div class="page">
    <p class="back"
      ><RouterLink :to="{ name: 'atlas' }">{{ t('atlas.back') }}</RouterLink></p
    >
    <header
      ><h1>{{ t('compare.title') }}</h1
      ><button type="button" class="plain" @click="units.toggle()">{{
        t(units.units === 'metric' ? 'app.metric' : 'app.imperial')
      }}</button></header
    >
    <p v-if="report.isError.value" class="wrong" role="alert">{{ report.error.value?.message }}</p>
    <p v-else-if="slugs.length === 0">{{ t('compare.none') }}</p>
    <p v-else-if="!report.data.value">{{ t('atlas.loading') }}</p>
    <table v-else data-testid="compared">
      <thead
        ><tr
          ><td class="corner">{{ t('compare.mark') }}</td>
          <th v-for="cut in report.data.value.cuts" :key="cut.slug" scope="col"
            ><AnimalDrawing :animal="cut.animal" :marked="cut.region" label="" aria-hidden="true" /><RouterLink
              :to="{ name: 'cut', params: { slug: cut.slug } }"
              >{{ cut.name }}</RouterLink
            ><button type="button" class="drop" :aria-label="t('compare.drop', { name: cut.name })" @click="drop(cut.slug)">×</button></th
          ></tr
        ></thead
      >
      <tbody>
        <tr v-for="row in report.data.value.rows" :key="row.key" :class="{ differs: row.differs }">
          <th scope="row">{{ t(`compare.${row.key}`) }} <b v-if="row.differs" :aria-label="t('compare.differs')">≠</b></th>
          <td v-for="(value, i) in row.values" :key="i">{{ words(row.key, value) }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.page {
  padding: 8px 22px 30px;
  max-width: 1240px;
}
.back {
  margin: 0;
}
.back a {
  color: var(--oxblood);
  font-weight: 700;
  display: inline-block;
  padding: 8px 0;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  margin-bottom: 10px;
}
h1 {
  font-size: 30px;
}
table {
  width: 100%;
  border-collapse: collapse;
  background: #fff;
  table-layout: fixed;
}
thead th {
  vertical-align: bottom;
  padding: 8px 12px;
  text-align: left;
  border-bottom: 2px solid var(--ink);
  position: relative;
}
thead svg {
  max-width: 190px;
}
thead a {
  font: 700 21px/1.2 var(--figures);
  color: var(--ink);
}
.corner {
  width: 150px;
  vertical-align: bottom;
  padding: 8px 12px;
  color: var(--soft);
  font-size: 14px;
  border-bottom: 2px solid var(--ink);
}
.drop {
  position: absolute;
  top: 6px;
  right: 6px;
  width: 36px;
  height: 36px;
  border: 1px solid var(--line);
  background: #fff;
  font-size: 20px;
  cursor: pointer;
}
tbody th {
  text-align: left;
  font: 400 14.5px/1.3 var(--text);
  color: var(--soft);
  padding: 5px 12px;
}
tbody td {
  font: 500 17px/1.25 var(--figures);
  padding: 5px 12px;
  border-left: 1px solid var(--hair);
  overflow-wrap: anywhere;
  color: var(--soft);
}
tbody tr {
  border-bottom: 1px solid var(--hair);
}
.differs td {
  font-weight: 700;
  color: var(--ink);
}
.differs th {
  color: var(--ink);
  font-weight: 700;
}
.differs b {
  color: var(--oxblood);
}
@media (max-width: 700px) {
  .page {
    padding: 6px;
    overflow-x: auto;
  }
  table {
    min-width: 620px;
  }
}
</style>
