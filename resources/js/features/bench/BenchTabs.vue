<script setup lang="ts">
import { useI18n } from 'vue-i18n'

// The rooms of the bench: the queue, cutting up a whole piece, mincing, and what meat really costs.
const { t } = useI18n()
</script>

<template>
  <nav class="tabs" :aria-label="t('queue.rooms')">
    <RouterLink v-for="screen in ['bench', 'cut-plan', 'mince', 'offers'] as const" :key="screen" :to="{ name: screen }">{{
      t(`queue.room.${screen}`)
    }}</RouterLink>
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  flex-wrap: wrap;
  border-bottom: 2px solid var(--ink);
  background: #fff;
  padding: 0 10px;
}
a {
  color: var(--ink);
  text-decoration: none;
  font: 600 18px/48px var(--figures);
  padding: 0 14px;
  border-bottom: 5px solid transparent;
}
a:hover {
  background: #e8eceb;
}
a.router-link-exact-active {
  border-color: var(--oxblood);
}
</style>
