<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import { useUnits } from '@/units/useUnits'

defineProps<{ name: Schemas['AmbiguousName'] }>()
const { t } = useI18n()
const say = useSay()
const units = useUnits()
</script>

<template>
  <div class="note" role="note" data-testid="ambiguous">
    <p
      ><b>{{ t('atlas.ambiguous', { name: name.name }) }}</b> {{ name.question ? say(name.question, units.units) : '' }}</p
    >
    <ul
      ><li v-for="meaning in name.means" :key="meaning.slug"
        ><RouterLink :to="{ name: 'cut', params: { slug: meaning.slug } }">{{ meaning.name }}</RouterLink>
        <span>{{ meaning.places.join(', ') }}</span></li
      ></ul
    >
  </div>
</template>

<style scoped>
.note {
  background: var(--mustard-wash);
  border-left: 5px solid var(--mustard);
  padding: 8px 14px;
}
.note p {
  margin: 0 0 4px;
}
.note ul {
  margin: 0;
  padding: 0;
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 24px;
}
.note a {
  font: 700 18px/1.5 var(--figures);
  color: var(--ink);
}
.note span {
  color: #5c4a10;
  font-size: 13.5px;
}
</style>
