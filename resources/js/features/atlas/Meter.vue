<script setup lang="ts">
// A few steps of which some are filled: for what has an order but no unit.
defineProps<{ value: number; of: number; label: string }>()
</script>

<template>
  <span class="meter" role="img" :aria-label="label" :title="label"
    ><i v-for="step in of" :key="step" :class="{ on: step <= value }"
  /></span>
</template>

<style scoped>
.meter {
  display: inline-flex;
  gap: 2px;
  align-items: center;
}
i {
  width: 9px;
  height: 9px;
  border: 1px solid var(--ink);
}
i.on {
  background: var(--ink);
}
</style>
