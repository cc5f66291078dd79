<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import { duration, mass, type Units } from '@/units/units'

// What the cutter does first: steps in order, each with its figure, the tools, and what comes off.
const props = defineProps<{ bench: Schemas['BenchOrder']; units: Units }>()
const { t } = useI18n()
const say = useSay()
const comesOff = computed(() =>
  props.bench.comes_off_high_g > 0
    ? t('bench.comesOff', { low: mass(props.bench.comes_off_low_g, props.units), high: mass(props.bench.comes_off_high_g, props.units) })
    : '',
)
</script>

<template>
  <details v-if="bench.steps.length" class="bench" data-testid="bench">
    <summary
      >{{ t('bench.title') }}<small>{{ t('bench.work', { time: duration(bench.work_s), steps: bench.steps.length }) }}</small></summary
    >
    <ol data-testid="bench-steps"
      ><li v-for="step in bench.steps" :key="step.do.key">{{ say(step.do, units) }}</li></ol
    >
    <p v-if="bench.tools.length"
      ><b>{{ t('bench.tools') }}</b> {{ bench.tools.map((tool) => t(`tool.${tool}`)).join(', ') }}.
      {{ bench.hazards.map((each) => say(each, units)).join(' ') }}</p
    >
    <p v-if="comesOff || bench.offcuts.length">{{ comesOff }} {{ bench.offcuts.map((each) => say(each, units)).join(' ') }}</p>
  </details>
</template>

<style scoped>
.bench {
  border-left: 3px solid #55605d;
  padding-left: 10px;
  margin: 4px 0;
}
summary {
  cursor: pointer;
  min-height: 44px;
  font: 700 18px/44px var(--figures);
}
summary small {
  font: 500 13px/1.3 var(--text);
  color: var(--soft);
  margin-left: 8px;
}
ol {
  margin: 0 0 4px;
  padding-left: 22px;
}
li {
  line-height: 1.3;
  padding: 2px 0;
  font-size: 14.5px;
}
p {
  margin: 0 0 4px;
  font-size: 13px;
  line-height: 1.35;
}
</style>
