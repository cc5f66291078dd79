<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import { useAsks } from '@/asks/useAsks'
import { useGuide } from './useGuide'

// The first sale, step by step; it can be skipped, and shown again from the keys.
const { t } = useI18n()
const asks = useAsks()
const guide = useGuide()
const step = computed(() => {
  if (asks.ask.given) return 'done'
  if (asks.isPristine) return 'say'
  if (asks.shown?.ticket?.verdict.findings.length && asks.ask.read.ids.length === 0) return 'read'
  return asks.shown?.ticket ? 'give' : 'look'
})
const place = computed(() => ({ say: 1, look: 2, read: 2, give: 3, done: 4 })[step.value])
</script>

<template>
  <p v-if="guide.isOn" class="guide" role="status" data-testid="guide">
    <b>{{ t('guide.title') }} {{ place }}/4</b>
    <span>{{ t(`guide.${step}`) }}</span>
    <button type="button" data-testid="guide-skip" @click="guide.isOn = false">{{ t('guide.skip') }}</button>
  </p>
</template>

<style scoped>
.guide {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  padding: 2px 10px;
  background: var(--bay-wash);
  border-left: 5px solid var(--bay);
  font: 500 16px/1.25 var(--figures);
}
span {
  flex: 1 1 240px;
}
button {
  min-height: 44px;
  padding: 0 12px;
  border: 1px solid var(--ink);
  background: #fff;
  color: var(--ink);
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
</style>
