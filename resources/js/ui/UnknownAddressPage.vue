<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import { useRoute } from 'vue-router'

const { t } = useI18n()
const route = useRoute()
</script>

<template>
  <section class="unknown" data-testid="unknown-address">
    <h1>{{ t('unknown.title') }}</h1>
    <p>{{ t('unknown.says', { path: route.path }) }}</p>
    <RouterLink class="plain" :to="{ name: 'counter' }">{{ t('nav.counter') }}</RouterLink>
  </section>
</template>

<style scoped>
.unknown {
  padding: 22px 22px 40px;
}
.unknown p {
  margin: 8px 0 16px;
  overflow-wrap: anywhere;
}
</style>
