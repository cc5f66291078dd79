<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useI18n } from 'vue-i18n'
import { useSay } from '@/i18n/useSay'
import type { Units } from '@/units/units'
import { substitutesQuery } from './queries'

const props = defineProps<{ slug: string; method: string; units: Units }>()
const { t } = useI18n()
const say = useSay()
const found = useQuery(() => substitutesQuery(props.slug, props.method))
</script>

<template>
  <p v-if="found.isError.value" class="wrong" role="alert">{{ found.error.value?.message }}</p>
  <ul v-else-if="found.data.value" data-testid="substitutes" :aria-busy="found.isFetching.value">
    <li v-for="other in found.data.value.substitutes" :key="other.slug"
      ><RouterLink :to="{ name: 'cut', params: { slug: other.slug } }">{{ other.name }}</RouterLink>
      <span>{{
        other.changes.length === 0 ? t('cut.nothingChanges') : other.changes.map((phrase) => say(phrase, units)).join(' · ')
      }}</span></li
    >
    <li v-if="found.data.value.substitutes.length === 0">{{ t('cut.noSubstitute') }}</li>
  </ul>
  <p v-else>{{ t('atlas.loading') }}</p>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  padding: 4px 0;
  border-bottom: 1px solid var(--hair);
}
a {
  font: 700 17px/1.4 var(--figures);
  color: var(--oxblood);
}
span {
  display: block;
  font-size: 14.5px;
}
</style>
