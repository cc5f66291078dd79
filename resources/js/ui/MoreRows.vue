<script setup lang="ts">
import { onBeforeUnmount, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'

// Stands below a list drawn in steps: reaching it is asking for more, and so is pressing it.
const props = defineProps<{ left: number }>()
const emit = defineEmits<{ more: [] }>()
const { t } = useI18n()
const button = useTemplateRef<HTMLButtonElement>('button')
const observer = new IntersectionObserver(
  (entries) => {
    if (entries.some((entry) => entry.isIntersecting)) emit('more')
  },
  { rootMargin: '200px' },
)
// Observed anew after each step, so that a list still short of the screen's end goes on.
watch(
  [() => props.left, button],
  () => {
    observer.disconnect()
    if (button.value) observer.observe(button.value)
  },
  { flush: 'post', immediate: true },
)
onBeforeUnmount(() => {
  observer.disconnect()
})
</script>

<template>
  <button ref="button" type="button" class="plain more" data-testid="more-rows" @click="emit('more')">{{
    t('list.more', { left })
  }}</button>
</template>

<style scoped>
.more {
  margin: 10px 0;
}
</style>
