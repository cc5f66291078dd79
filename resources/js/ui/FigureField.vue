<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { ref, useId, watch } from 'vue'

// One figure with a smaller and a larger button. What is typed stays as typed, right or wrong.
const props = defineProps<{
  label: string
  text: string
  unit: string
  less: string
  more: string
  error?: string | null
  note?: string
  testid?: string
}>()
const emit = defineEmits<{ typed: [text: string]; step: [direction: -1 | 1] }>()
const id = useId()
const draft = ref(props.text)
const editing = ref(false)
watch(
  () => props.text,
  (text) => {
    if (!editing.value) draft.value = text
  },
)
function input(text: string | undefined) {
  draft.value = text ?? ''
  emit('typed', draft.value)
}
function step(direction: -1 | 1) {
  editing.value = false
  emit('step', direction)
}
</script>

<template>
  <div class="figure">
    <label :for="id"
      >{{ label }}<small v-if="note">{{ note }}</small></label
    >
    <div class="line" :class="{ bad: error }">
      <button type="button" :aria-label="less" @click="step(-1)">−</button>
      <InputText
        :id="id"
        :model-value="draft"
        inputmode="decimal"
        autocomplete="off"
        :invalid="Boolean(error)"
        :aria-describedby="error ? `${id}-error` : undefined"
        :data-testid="testid"
        @update:model-value="input"
        @focus="editing = true"
        @blur="editing = false" />
      <span class="unit">{{ unit }}</span>
      <button type="button" :aria-label="more" @click="step(1)">+</button>
    </div>
    <p v-if="error" :id="`${id}-error`" class="wrong" role="alert">{{ error }}</p>
  </div>
</template>

<style scoped>
.figure {
  min-width: 0;
  flex: 1;
}
label small {
  font-weight: 400;
  margin-left: 6px;
}
.line {
  display: flex;
  align-items: stretch;
  border: 1px solid var(--line);
  background: #fff;
  height: 46px;
}
.line.bad {
  border-color: var(--oxblood);
  box-shadow: inset 0 0 0 1px var(--oxblood);
}
button {
  width: 44px;
  flex: none;
  border: 0;
  background: #fff;
  font: 600 22px/1 var(--figures);
  cursor: pointer;
  color: var(--ink);
}
button:hover {
  background: #e8eceb;
}
.line :deep(input) {
  flex: 1;
  min-width: 0;
  width: 100%;
  border: 0;
  border-inline: 1px solid var(--line);
  background: #fff;
  text-align: right;
  padding: 0 2px;
  font: 700 20px/1 var(--figures);
  font-variant-numeric: tabular-nums;
  box-shadow: none;
}
.unit {
  align-self: center;
  padding: 0 6px 0 1px;
  font: 500 15px/1 var(--figures);
  border-right: 1px solid var(--line);
  height: 100%;
  display: flex;
  align-items: center;
}
</style>
