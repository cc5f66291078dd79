<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { length, mass, span, type Units } from '@/units/units'

// What was measured on the piece, and how it is cut so that its parts are done alike.
const props = defineProps<{ inspected: Schemas['Inspected']; units: Units }>()
const { t } = useI18n()
const thickest = computed(() => Math.max(...props.inspected.sections.map((each) => each.thickness_mm)))
</script>

<template>
  <section class="inspected" data-testid="inspected">
    <p
      ><b>{{ t('inspect.seen', { mean: length(inspected.mean_mm, units), spread: length(inspected.spread_mm, units) }) }}</b>
      {{
        t(inspected.sections.length ? 'inspect.sections' : inspected.spread_mm > 0 ? 'inspect.evenEnough' : 'inspect.even', {
          count: inspected.sections.length,
        })
      }}</p
    >
    <ol v-if="inspected.sections.length">
      <li v-for="(each, i) in inspected.sections" :key="i">
        <i :style="{ height: `${(26 * each.thickness_mm) / thickest}px` }"></i>
        <b>{{ length(each.thickness_mm, units) }}</b> <span>{{ mass(each.raw_g, units) }}</span>
        <b>{{ each.time === null ? t('inspect.never') : span(each.time.low_s, each.time.high_s) }}</b>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.inspected {
  border-left: 3px solid var(--bay);
  padding: 2px 0 2px 10px;
  margin: 4px 0;
}
p {
  margin: 0;
}
ol {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
  display: flex;
  gap: 4px;
}
li {
  flex: 1;
  display: grid;
  gap: 1px;
  justify-items: center;
  align-content: end;
  font: 500 14px/1.2 var(--figures);
  border: 1px solid var(--hair);
  background: #fff;
  padding: 4px;
}
li b {
  font: 700 17px/1.15 var(--figures);
}
i {
  width: 100%;
  background: #d9939b;
  border: 1px solid var(--ink);
}
</style>
