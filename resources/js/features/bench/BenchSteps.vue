<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import { hasUnit, show, type Units } from '@/units/units'

// Steps in their order, each a button as wide as the bench: what to do, and the figure to aim for.
defineProps<{ steps: Schemas['BenchStep'][]; done: number[]; next: number | null; units: Units; locked: boolean }>()
defineEmits<{ toggle: [step: number] }>()
const { t } = useI18n()
const say = useSay()
const figure = (step: Schemas['BenchStep'], units: Units): string => {
  const value = step.figure === null ? undefined : step.do.args[step.figure]
  if (typeof value !== 'number') return ''
  return step.figure !== null && hasUnit(step.figure) ? show(step.figure, value, units) : `× ${value}`
}
</script>

<template>
  <ol class="steps" data-testid="steps">
    <li v-for="(step, i) in steps" :key="step.do.key">
      <button
        type="button"
        :class="{ done: done.includes(i), next: i === next }"
        :aria-pressed="done.includes(i)"
        :disabled="locked"
        @click="$emit('toggle', i)">
        <span class="nr">{{ done.includes(i) ? '✓' : i + 1 }}</span>
        <span class="what"
          >{{ say(step.do, units) }}<small v-if="step.tool !== 'none'">{{ t(`tool.${step.tool}`) }}</small></span
        >
        <b>{{ figure(step, units) }}</b>
      </button>
    </li>
  </ol>
</template>

<style scoped>
.steps {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}
button {
  display: grid;
  grid-template-columns: 30px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  width: 100%;
  min-height: 54px;
  padding: 5px 8px;
  text-align: left;
  background: transparent;
  border: 0;
  border-bottom: 1px solid var(--hair);
  color: var(--ink);
  cursor: pointer;
}
button:disabled {
  cursor: default;
}
.next {
  background: #f6ece0;
}
.nr {
  font: 700 24px/1 var(--figures);
  color: var(--soft);
}
.what {
  font: 600 18px/1.2 var(--figures);
}
.what small {
  display: block;
  font: 400 13px/1.3 var(--text);
  color: var(--soft);
}
b {
  font: 700 27px/1 var(--figures);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
}
.done .what,
.done b {
  color: #66716d;
}
.done .nr {
  color: var(--bay);
}
</style>
