<script setup lang="ts">
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import type { Units } from '@/units/units'
import CutSubstitutes from './CutSubstitutes.vue'
import PickOne from '@/ui/PickOne.vue'

const props = defineProps<{ slug: string; methods: Schemas['MethodFit'][]; units: Units }>()
const { t } = useI18n()
const say = useSay()
const shown = computed(() => props.methods.filter((method) => method.fit !== 'poor'))
const poor = computed(() => props.methods.filter((method) => method.fit === 'poor'))
const why = (method: Schemas['MethodFit']) =>
  method.exception ??
  [...method.reasons.map((phrase) => say(phrase, props.units)), ...method.doubts.map((phrase) => say(phrase, props.units))].join('. ')
const chosen = ref('')
const method = computed(() => shown.value.find((fit) => fit.method === chosen.value)?.method ?? shown.value[0]?.method ?? '')
const swapFor = computed({
  get: () => method.value,
  set: (value: string) => {
    chosen.value = value
  },
})
</script>

<template>
  <div>
    <h2>{{ t('cut.methods') }}</h2>
    <table class="methods"
      ><tbody>
        <tr v-for="fit in shown" :key="fit.method"
          ><th scope="row">{{ t(`method.${fit.method}`) }}</th
          ><td :class="['fit', fit.fit]">{{ t(`fit.${fit.fit}`) }}</td
          ><td>{{ why(fit) }}</td></tr
        >
      </tbody></table
    >
    <details v-if="poor.length > 0"
      ><summary>{{ t('cut.notFor') }}</summary
      ><table class="methods"
        ><tbody>
          <tr v-for="fit in poor" :key="fit.method"
            ><th scope="row">{{ t(`method.${fit.method}`) }}</th
            ><td>{{ why(fit) || t('cut.noReason') }}</td></tr
          >
        </tbody></table
      ></details
    >
    <template v-if="method !== ''">
      <h2>{{ t('cut.instead') }}</h2>
      <PickOne
        v-model="swapFor"
        class="swap"
        :label="t('cut.insteadFor')"
        :options="shown.map((fit) => ({ value: fit.method, label: t(`method.${fit.method}`) }))"
        testid="swap-method" />
      <CutSubstitutes :slug="slug" :method="method" :units="units" />
    </template>
  </div>
</template>

<style scoped>
.methods {
  width: 100%;
  border-collapse: collapse;
  font-size: 14.5px;
}
th {
  text-align: left;
  font: 700 16.5px/1.3 var(--figures);
  padding: 5px 8px 5px 0;
  vertical-align: top;
  white-space: nowrap;
}
td {
  padding: 5px 0 5px 8px;
  vertical-align: top;
  border-bottom: 1px solid var(--hair);
}
th {
  border-bottom: 1px solid var(--hair);
}
.fit {
  font: 600 15px/1.4 var(--figures);
  padding: 5px 8px;
  border-left: 5px solid;
  white-space: nowrap;
}
.good {
  border-left-color: var(--bay);
  background: var(--bay-wash);
}
.possible {
  border-left-color: var(--mustard);
  background: var(--mustard-wash);
}
summary {
  cursor: pointer;
  padding: 9px 0;
  color: var(--soft);
  font-weight: 700;
  font-size: 14px;
}
label {
  display: flex;
  gap: 8px;
  align-items: center;
  margin: 6px 0;
}
select {
  min-height: 42px;
  font: 400 16px var(--text);
  padding: 0 8px;
  border: 1px solid var(--line);
  background: #fff;
}
</style>
