<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, ApiError, orThrow } from '@/api/client'
import { useAsks } from '@/asks/useAsks'
import { useRefusal } from '@/i18n/useRefusal'
import { useSay } from '@/i18n/useSay'
import { length, mass, money, span } from '@/units/units'
import { useUnits } from '@/units/useUnits'

// The same ask at three thicknesses side by side, the best of them said with its reason.
const { t } = useI18n()
const say = useSay()
const refusal = useRefusal()
const asks = useAsks()
const units = useUnits()
const ask = computed(() => asks.shown?.ask ?? null)
const thick = useQuery(
  computed(() => ({
    queryKey: ['how-thick', ask.value] as const,
    queryFn: ({ signal }: { signal: AbortSignal }) => orThrow(api.POST('/how-thick', { body: ask.value ?? ({} as never), signal })),
    enabled: ask.value !== null,
    retry: false,
  })),
)
const of = computed(() => thick.data.value ?? null)
const problem = computed(() => {
  const error = thick.error.value
  if (!error) return null
  if (error instanceof ApiError && error.violations.some((each) => each.key === 'cut' && each.reason === 'not_supported'))
    return t('thick.notSliced', { cut: asks.shown?.ticket?.cut.name ?? '' })
  return error instanceof ApiError && error.violations[0] ? refusal(error.violations[0], units.units) : error.message
})
const take = (mm: number) => {
  asks.setHand({ thickness_mm: mm, points_mm: undefined }, 'thickness')
}
</script>

<template>
  <section class="thick" :aria-label="t('thick.title')" :aria-busy="thick.isFetching.value" data-testid="how-thick">
    <p v-if="problem" class="says">{{ problem }}</p>
    <template v-else-if="of">
      <p class="says" data-testid="thick-says"
        ><b>{{ t('thick.title') }}</b> {{ say(of.says, units.units) }}</p
      >
      <table>
        <thead
          ><tr
            ><th></th
            ><th v-for="(row, i) in of.rows" :key="row.thickness_mm" scope="col" :class="{ best: i === of.best }"
              ><button type="button" :data-testid="`thick-${i}`" @click="take(row.thickness_mm)">{{
                length(row.thickness_mm, units.units)
              }}</button></th
            ></tr
          ></thead
        >
        <tbody>
          <tr
            ><th scope="row">{{ t('thick.each') }}</th
            ><td v-for="row in of.rows" :key="row.thickness_mm"
              ><template v-if="row.pieces">{{ row.pieces }} × </template>{{ mass(row.each_g, units.units) }}</td
            ></tr
          ><tr
            ><th scope="row">{{ t('thick.time') }}</th
            ><td v-for="row in of.rows" :key="row.thickness_mm"
              >{{ span(row.time.low_s, row.time.high_s) }}<small v-if="!row.in_time">{{ t('thick.late') }}</small></td
            ></tr
          ><tr
            ><th scope="row">{{ t('thick.crust') }}</th
            ><td v-for="row in of.rows" :key="row.thickness_mm">{{ row.crust_mm.toFixed(1) }} mm</td></tr
          ><tr
            ><th scope="row">{{ t('thick.grey') }}</th
            ><td v-for="row in of.rows" :key="row.thickness_mm">{{ row.grey_mm === null ? '–' : `${row.grey_mm.toFixed(1)} mm` }}</td></tr
          ><tr
            ><th scope="row">{{ t('thick.margin') }}</th
            ><td v-for="row in of.rows" :key="row.thickness_mm">{{ Math.round(row.margin_s) }} s</td></tr
          ><tr v-if="of.rows[0]?.a_head != null"
            ><th scope="row">{{ t('thick.head') }}</th
            ><td v-for="row in of.rows" :key="row.thickness_mm">{{ row.a_head === null ? '–' : money(row.a_head, of.currency) }}</td></tr
          >
        </tbody>
      </table>
    </template>
    <p v-else class="says">{{ t('thick.working') }}</p>
  </section>
</template>

<style scoped>
.thick {
  background: var(--paper);
  border-left: 5px solid var(--bay);
  padding: 6px 12px 8px;
}
.says {
  margin: 0 0 4px;
  font-size: 15.5px;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  padding: 2px 8px;
  text-align: right;
  font: 600 16px/1.3 var(--figures);
  font-variant-numeric: tabular-nums;
  border-bottom: 1px solid var(--hair);
}
th[scope='row'] {
  text-align: left;
  font-weight: 500;
  color: var(--soft);
}
button {
  min-height: 44px;
  min-width: 92px;
  border: 1px solid var(--ink);
  background: #fff;
  font: 700 19px/1 var(--figures);
  cursor: pointer;
}
.best button {
  background: var(--ink);
  color: #fff;
}
small {
  display: block;
  color: var(--oxblood);
  font: 700 12.5px/1.2 var(--text);
}
</style>
