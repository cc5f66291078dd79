<script setup lang="ts">
import Skeleton from 'primevue/skeleton'

// Where something will be in a moment.
defineProps<{ label: string; rows?: number }>()
</script>

<template>
  <div class="waiting" role="status">
    <span class="sr-only">{{ label }}</span>
    <Skeleton v-for="row in rows ?? 6" :key="row" height="40px" />
  </div>
</template>

<style scoped>
.waiting {
  display: grid;
  gap: 8px;
}
</style>
