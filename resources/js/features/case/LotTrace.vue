<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useI18n } from 'vue-i18n'
import { api, orThrow } from '@/api/client'
import { moment } from '@/units/clock'
import { mass, type Units } from '@/units/units'

// Where a lot came from, what became of it, and who took some of it home: the list to call back by.
const props = defineProps<{ lot: number; units: Units }>()
const { t, locale } = useI18n()
const trace = useQuery(() => ({
  queryKey: ['case', 'trace', props.lot] as const,
  queryFn: () => orThrow(api.GET('/case/lots/{lot}/trace', { params: { path: { lot: props.lot } } })),
}))
const at = (iso: string) => moment(iso, locale.value, { dateStyle: 'short', timeStyle: 'short' })
</script>

<template>
  <section class="trace" :aria-label="t('trace.title')" data-testid="trace">
    <p v-if="trace.isError.value" class="wrong" role="alert">{{ trace.error.value?.message }}</p>
    <template v-if="trace.data.value">
      <h3>{{ t('trace.madeOf') }}</h3>
      <p v-if="trace.data.value.made_of.length === 0" class="note">{{ t('trace.asReceived') }}</p>
      <ul v-else
        ><li v-for="each in trace.data.value.made_of" :key="each.id"
          ><b>{{ each.number }}</b> {{ mass(each.g ?? 0, units) }}<template v-if="each.origin">, {{ each.origin }}</template></li
        ></ul
      >
      <h3>{{ t('trace.became') }}</h3>
      <p v-if="trace.data.value.became.length === 0" class="note">{{ t('trace.nothing') }}</p>
      <ul v-else
        ><li v-for="each in trace.data.value.became" :key="each.id"
          ><b>{{ each.number }}</b> {{ mass(each.g ?? 0, units) }}, {{ t('match.left', { left: mass(each.left_g ?? 0, units) }) }}</li
        ></ul
      >
      <h3>{{ t('trace.sold', { count: trace.data.value.sold.length }) }}</h3>
      <ul
        ><li v-for="each in trace.data.value.sold" :key="`${each.ticket} ${each.lot}`" data-testid="trace-sold"
          ><RouterLink :to="{ name: 'ticket', params: { id: each.ticket } }">{{ t('trace.ticket', { number: each.number }) }}</RouterLink>
          {{ each.customer ?? t('trace.nobody') }}, {{ at(each.at) }}: <b>{{ mass(each.g, units) }}</b> {{ t('trace.of', { lot: each.lot })
          }}<template v-if="each.taken_back">, {{ t('trace.takenBack') }}</template></li
        ></ul
      >
      <ul
        ><li v-for="(each, i) in trace.data.value.otherwise" :key="i"
          ><b>{{ mass(each.g, units) }}</b> {{ t(`move.${each.kind}`) }}, {{ at(each.at) }}, {{ t('trace.of', { lot: each.lot })
          }}<template v-if="each.reason">, {{ each.reason }}</template></li
        ></ul
      >
      <p v-if="trace.data.value.sold.length + trace.data.value.otherwise.length === 0" class="note">{{ t('trace.nobodyYet') }}</p>
    </template>
  </section>
</template>

<style scoped>
.trace {
  border-top: 1px solid var(--line);
  padding: 6px 0 10px;
}
h3 {
  font: 700 17px/1.2 var(--figures);
  margin: 8px 0 2px;
}
ul {
  margin: 0;
  padding-left: 18px;
}
li {
  line-height: 1.5;
}
.note {
  margin: 0;
  color: var(--soft);
}
</style>
