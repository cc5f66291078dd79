<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import type { Units } from '@/units/units'
import Checkbox from 'primevue/checkbox'

// What safety says of this plan. Each caution is ticked as it is read out; a stop has nothing to tick.
defineProps<{ verdict: Schemas['Verdict']; units: Units; readable: boolean }>()
const read = defineModel<string[]>('read', { default: () => [] })
const { t } = useI18n()
const say = useSay()
</script>

<template>
  <div v-if="verdict.findings.length === 0" class="bar clear" data-testid="verdict"
    ><b>{{ t('verdict.clear') }}</b></div
  >
  <div v-for="finding in verdict.findings" v-else :key="finding.id ?? finding.key" :class="['bar', finding.level]" data-testid="verdict">
    <span class="mark" aria-hidden="true">{{ finding.level === 'stop' ? '■' : '▲' }}</span>
    <span
      ><b
        >{{ t(`verdict.${finding.level}`) }}<template v-if="finding.pieces?.length">{{ `, ${finding.pieces.join(', ')}` }}</template
        >:</b
      >
      {{ say(finding, units) }}</span
    >
    <label v-if="readable && verdict.may_be_handed_over" class="said" :for="`said-${finding.id}`"
      ><Checkbox
        v-model="read"
        :input-id="`said-${finding.id}`"
        :value="finding.id"
        :pt="{ input: { 'data-testid': `read-${finding.id}` } }" />
      {{ t('ticket.read') }}</label
    >
  </div>
</template>

<style scoped>
.bar {
  display: flex;
  gap: 9px;
  align-items: center;
  padding: 6px 10px;
  border-left: 6px solid;
  font-size: 14.5px;
  line-height: 1.3;
}
.clear {
  border-color: var(--bay);
  background: var(--bay-wash);
  padding-block: 4px;
}
.caution {
  border-color: var(--mustard);
  background: var(--mustard-wash);
}
.stop {
  border-color: var(--oxblood);
  background: var(--red-wash);
}
.mark {
  font-size: 15px;
}
.said {
  margin: 0 0 0 auto;
  display: flex;
  gap: 7px;
  align-items: center;
  font: 600 16px/1 var(--figures);
  color: var(--ink);
  white-space: nowrap;
  cursor: pointer;
  min-height: 34px;
  padding: 0 8px;
  border: 1px solid var(--mustard);
  background: #fff;
}
.said input {
  width: 20px;
  height: 20px;
  accent-color: var(--ink);
}
</style>
