<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, orThrowEmpty } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import { seasoningQuery } from '@/queries/seasonings'
import Failed from '@/ui/Failed.vue'
import FigureField from '@/ui/FigureField.vue'
import Waiting from '@/ui/Waiting.vue'
import { spoons } from '@/units/spoons'
import { mass, money } from '@/units/units'
import { useUnits } from '@/units/useUnits'

// One seasoning: what it is for, what is in it, and so much of it as so much meat wants.
const props = defineProps<{ slug: string; currency: string; mayChange: boolean }>()
const emit = defineEmits<{ edit: []; gone: [] }>()
const { t } = useI18n()
const say = useSay()
const units = useUnits()
const queries = useQueryClient()
const USUAL_KG = 1
const STEP_KG = 0.5
const MOST_KG = 200
const typed = ref(String(USUAL_KG))
const kg = computed(() => Number(typed.value.replace(',', '.')))
const isSane = computed(() => Number.isFinite(kg.value) && kg.value >= 0.001 && kg.value <= MOST_KG)
const seasoning = useQuery(() => seasoningQuery(props.slug, isSane.value ? kg.value * 1000 : USUAL_KG * 1000))
const of = computed(() => seasoning.data.value)
const step = (by: -1 | 1) => {
  typed.value = String(Math.min(MOST_KG, Math.max(STEP_KG, (isSane.value ? kg.value : USUAL_KG) + by * STEP_KG)))
}
const remove = useMutation({
  mutationFn: () => orThrowEmpty(api.DELETE('/seasonings/{slug}', { params: { path: { slug: props.slug } } })),
  onSuccess: async () => {
    await queries.invalidateQueries({ queryKey: ['seasonings'] })
    emit('gone')
  },
})
const has = (list: string[]) => list.map((each) => t(`allergen.${each}`)).join(', ')
const contents = computed(() => {
  const per = of.value?.per_100g
  return per
    ? [
        t('seasonings.saltOf', { g: per.salt_g }),
        t('seasonings.sodiumOf', { mg: per.sodium_mg }),
        ...(per.sugar_g > 0 ? [t('seasonings.sugarOf', { g: per.sugar_g })] : []),
        ...(per.acid_g > 0 ? [t('seasonings.acidOf', { g: per.acid_g })] : []),
        ...(per.alcohol_g > 0 ? [t('seasonings.alcoholOf', { g: per.alcohol_g })] : []),
        ...(per.fat_g > 0 ? [t('seasonings.fatOf', { g: per.fat_g })] : []),
      ].join(', ')
    : ''
})
</script>

<template>
  <Failed v-if="seasoning.isError.value" :problem="seasoning.error.value?.message ?? ''" @again="seasoning.refetch()" />
  <Waiting v-else-if="!of" :label="t('seasonings.loading')" />
  <article v-else class="seasoning" data-testid="seasoning">
    <h2>{{ of.name }}</h2>
    <p class="sub"
      >{{ t(`seasoning_kind.${of.kind}`) }}, {{ t(`seasonings.strength.${of.strength}`) }};
      {{ of.groups.length === 0 ? t('seasonings.anyMeat') : of.groups.map((group) => t(`seasonings.group.${group}`)).join(', ')
      }}<template v-if="of.target_salt_pct !== null">; {{ t('seasonings.target', { pct: of.target_salt_pct }) }}</template></p
    >
    <ul class="why"
      ><li v-for="each in of.why" :key="each.key">{{ say(each, units.units) }}</li></ul
    >
    <div class="scale">
      <FigureField
        :label="t('seasonings.forMeat')"
        :text="typed"
        unit="kg"
        :less="t('seasonings.less')"
        :more="t('seasonings.more')"
        :error="isSane ? null : t('seasonings.wrongKg', { least: 0.001, most: MOST_KG })"
        testid="season-meat-kg"
        @typed="typed = $event"
        @step="step" />
      <p class="batch" data-testid="season-batch">{{
        t('seasonings.batch', { total_g: mass(of.batch.total_g, units.units), cost: money(of.batch.cost, currency) })
      }}</p>
    </div>
    <table>
      <thead
        ><tr
          ><th scope="col">{{ t('seasonings.ingredient') }}</th
          ><th scope="col">{{ t('seasonings.weight') }}</th
          ><th scope="col">{{ t('seasonings.spoon') }}</th
          ><th scope="col">{{ t('seasonings.inKg') }}</th></tr
        ></thead
      >
      <tbody
        ><tr v-for="(amount, i) in of.batch.amounts" :key="amount.name"
          ><th scope="row">{{ amount.name }}</th
          ><td>{{ mass(amount.g, units.units) }}</td
          ><td>{{ spoons(amount, t) }}</td
          ><td>{{ of.parts[i]?.g_per_kg ?? '' }}</td></tr
        ></tbody
      >
    </table>
    <p v-if="of.allergens.length || of.may_contain.length" class="allergens" data-testid="season-allergens"
      ><b v-if="of.allergens.length">{{ t('season.contains', { list: has(of.allergens) }) }}</b>
      <span v-if="of.may_contain.length"> {{ t('season.mayContain', { list: has(of.may_contain) }) }}</span></p
    >
    <p class="faint">{{ t('seasonings.per100') }}: {{ contents }}.</p>
    <p class="faint"
      >{{ t('seasonings.keeps', { days: of.keeps_days }) }}. {{ t('seasonings.cost', { cost: money(of.cost_per_kg_meat, currency) })
      }}<template v-if="of.price_per_kg !== null">; {{ t('seasonings.price', { price: money(of.price_per_kg, currency) }) }}</template
      >. <template v-if="of.is_fresh_in_oil">{{ t('seasonings.freshInOil') }}</template></p
    >
    <p v-if="of.nitrite_ppm !== null" class="curing" role="note"
      >{{ t('seasonings.curing', { ppm: of.nitrite_ppm, ion: of.nitrite_ion_ppm, most: of.nitrite_most_ppm }) }}
      <b v-if="of.is_locked" data-testid="locked">{{ t('seasonings.locked') }}</b></p
    >
    <div class="do">
      <a
        class="plain"
        :href="`/api/v1/seasonings/${of.slug}/label.pdf?meat_g=${of.batch.meat_g}`"
        target="_blank"
        data-testid="season-label"
        >{{ t('seasonings.label') }}</a
      >
      <template v-if="of.is_own && mayChange"
        ><button type="button" class="plain" data-testid="edit-seasoning" @click="emit('edit')">{{ t('seasonings.edit') }}</button
        ><button type="button" class="plain" data-testid="remove-seasoning" @click="remove.mutate()">{{
          t('seasonings.remove')
        }}</button></template
      >
    </div>
    <p v-if="remove.error.value" class="wrong" role="alert">{{ remove.error.value.message }}</p>
  </article>
</template>

<style scoped>
.seasoning {
  background: var(--paper);
  border-top: 6px solid var(--oxblood);
  padding: 8px 16px 12px;
  display: grid;
  gap: 7px;
  align-content: start;
}
h2 {
  font-size: 26px;
}
p {
  margin: 0;
}
.sub {
  color: var(--soft);
}
.why {
  margin: 0;
  padding-left: 18px;
}
.scale {
  display: flex;
  gap: 18px;
  align-items: end;
  flex-wrap: wrap;
}
.scale :deep(.figure) {
  flex: 0 1 240px;
}
.batch {
  font: 700 20px/46px var(--figures);
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
  padding: 3px 6px 3px 0;
  text-align: right;
  font-variant-numeric: tabular-nums;
}
th:first-child {
  text-align: left;
  font-weight: 600;
}
td {
  font: 600 16px/1.3 var(--figures);
}
thead th {
  font: 500 13px/1.3 var(--text);
  color: var(--soft);
}
.allergens {
  display: flex;
  flex-wrap: wrap;
  gap: 0 6px;
}
.faint {
  color: var(--soft);
  font-size: 14px;
}
.curing {
  background: #fbeecb;
  padding: 5px 9px;
  font-weight: 600;
}
.do {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
</style>
