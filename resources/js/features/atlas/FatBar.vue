<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'

// Fat inside the muscle as a band on a line from 0 to 40 %, with how far it may be off.
const props = defineProps<{ fat: Schemas['FatBand'] }>()
const { t } = useI18n()
const most = 40
const at = (percent: number) => `${(100 * Math.min(most, Math.max(0, percent))) / most}%`
const width = (from: number, to: number) => `${(100 * (Math.min(most, to) - Math.min(most, Math.max(0, from)))) / most}%`
const high = computed(() => props.fat.high_pct ?? most)
const words = computed(() =>
  props.fat.high_pct === null
    ? t('grade.fatFrom', { low: props.fat.low_pct, off: props.fat.uncertainty_points })
    : t('grade.fatBand', { low: props.fat.low_pct, high: props.fat.high_pct, off: props.fat.uncertainty_points }),
)
</script>

<template>
  <div class="bar">
    <p
      ><b class="num">{{ words }}</b> {{ t('grade.inside') }}<i v-if="fat.is_unsure"> {{ t('grade.unsure') }}</i></p
    >
    <div class="line" aria-hidden="true">
      <span
        class="off"
        :style="{
          left: at(fat.low_pct - fat.uncertainty_points),
          width: width(fat.low_pct - fat.uncertainty_points, high + fat.uncertainty_points),
        }" />
      <span class="band" :style="{ left: at(fat.low_pct), width: width(fat.low_pct, high) }" />
      <small v-for="tick in [0, 10, 20, 30, 40]" :key="tick" :style="{ left: at(tick) }">{{ tick }} %</small>
    </div>
  </div>
</template>

<style scoped>
p {
  margin: 8px 0 4px;
}
b {
  font: 700 20px var(--figures);
}
.line {
  position: relative;
  height: 34px;
  border-top: 14px solid #fff;
  box-shadow: 0 0 0 1px var(--hair);
  margin: 0 12px;
}
.off,
.band {
  position: absolute;
  top: -14px;
  height: 14px;
}
.off {
  background: #e2c9cc;
}
.band {
  background: var(--oxblood);
  min-width: 3px;
}
small {
  position: absolute;
  top: 3px;
  transform: translateX(-50%);
  white-space: nowrap;
  font: 500 13px var(--figures);
  color: var(--soft);
}
</style>
