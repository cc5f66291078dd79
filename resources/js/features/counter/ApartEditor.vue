<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import type { Eater } from '@/asks/openAsk'

// Somebody at the table who eats it otherwise: a piece of their own, marked.
defineProps<{ words: { value: string; label: string }[] }>()
const emit = defineEmits<{ done: [eater: Eater]; cancel: [] }>()
const { t } = useI18n()
const count = ref(1)
const doneness = ref('')
const avoid = ref('')
const done = () => {
  const words = avoid.value
    .split(',')
    .map((word) => word.trim().toLowerCase())
    .filter(Boolean)
  emit('done', { count: count.value, ...(doneness.value ? { doneness: doneness.value } : {}), avoid: words })
}
</script>

<template>
  <form class="editor" data-testid="apart-editor" @submit.prevent="done">
    <div class="count" role="group" :aria-label="t('ask.eaters')">
      <button type="button" :aria-label="t('ask.fewer')" @click="count = Math.max(1, count - 1)">−</button><output>{{ count }}</output
      ><button type="button" :aria-label="t('ask.more')" @click="count++">+</button>
    </div>
    <ChoiceRow
      v-model="doneness"
      testid="apart-doneness"
      hidden-legend
      tight
      :legend="t('ask.doneness')"
      :choices="words.map(({ value, label }) => ({ value, label }))" />
    <InputText
      v-model="avoid"
      :placeholder="t('ask.without')"
      :aria-label="t('ask.without')"
      autocomplete="off"
      data-testid="apart-avoid" />
    <div class="row"
      ><button type="submit" class="go" data-testid="apart-done">{{ t('ask.add') }}</button
      ><button type="button" class="leave" @click="emit('cancel')">{{ t('own.cancel') }}</button></div
    >
  </form>
</template>

<style scoped>
.editor {
  display: grid;
  gap: 7px;
  margin-top: 6px;
  padding: 8px;
  background: #fff;
  border: 1px solid var(--ink);
}
.count {
  display: inline-flex;
  border: 1px solid var(--ink);
  width: max-content;
}
.count button {
  width: 44px;
  height: 44px;
  border: 0;
  background: #fff;
  font: 600 20px/1 var(--figures);
  cursor: pointer;
}
.count output {
  min-width: 44px;
  text-align: center;
  font: 700 20px/44px var(--figures);
  border-inline: 1px solid var(--line);
}
.row {
  display: flex;
  gap: 6px;
}
.go,
.leave {
  min-height: 44px;
  padding: 0 12px;
  font: 600 16px/1 var(--figures);
  cursor: pointer;
  border: 1px solid var(--ink);
  background: #fff;
  color: var(--ink);
}
.go {
  background: var(--ink);
  color: #fff;
}
.editor :deep(.p-inputtext) {
  height: 44px;
  width: 100%;
}
</style>
