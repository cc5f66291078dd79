<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import AnimalDrawing from './AnimalDrawing.vue'

// A cut in the list: where it lies, what it is called, and by which name it was found.
defineProps<{ cut: Schemas['CutLine']; places: Record<string, string> }>()
const { t } = useI18n()
</script>

<template>
  <div class="cut">
    <AnimalDrawing class="thumb" :animal="cut.animal" :marked="cut.region" label="" aria-hidden="true" />
    <RouterLink class="name" :to="{ name: 'cut', params: { slug: cut.slug } }">
      <b>{{ cut.name }}</b>
      <span
        >{{ t(`group.${cut.group}`)
        }}<template v-if="cut.found_as"> · “{{ cut.found_as.name }}”, {{ places[cut.found_as.place] ?? cut.found_as.place }}</template>
        <em v-if="cut.is_own">{{ t('atlas.own') }}</em><em v-if="cut.is_hidden">{{ t('atlas.hidden') }}</em></span
      >
    </RouterLink>
  </div>
</template>

<style scoped>
.cut {
  display: grid;
  grid-template-columns: 66px minmax(0, 1fr);
  gap: 12px;
  align-items: center;
}
.name {
  color: var(--ink);
  text-decoration: none;
  display: grid;
  padding: 2px 0;
  min-width: 0;
}
.name b {
  font: 700 19px/1.1 var(--figures);
  overflow-wrap: anywhere;
}
.name:hover b {
  text-decoration: underline;
}
.name span {
  color: var(--soft);
  font-size: 13.5px;
  line-height: 1.2;
}
.name em {
  font-style: normal;
  font-weight: 700;
  margin-left: 6px;
  color: var(--oxblood);
}
</style>
