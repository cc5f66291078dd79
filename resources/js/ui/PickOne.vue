<script setup lang="ts" generic="T extends string | number">
import Select from 'primevue/select'
import { computed, useId } from 'vue'

// One of several, under its label. The field is named by the label's own words, not by what is chosen.
export interface Option<V> {
  value: V
  label: string
}
const props = defineProps<{
  label: string
  options?: Option<T>[]
  groups?: { label: string; options: Option<T>[] }[]
  hiddenLabel?: boolean
  disabled?: boolean
  filter?: boolean
  testid?: string
}>()
const chosen = defineModel<T>({ required: true })
const id = useId()
/** Where nothing is chosen, the words of the empty option stand in the field. */
const nothing = computed(
  () => [...(props.options ?? []), ...(props.groups ?? []).flatMap((group) => group.options)].find((option) => option.value === '')?.label,
)
</script>

<template>
  <div class="pick-one">
    <span :id="id" :class="hiddenLabel ? 'sr-only' : 'pick-label'">{{ label }}</span>
    <Select
      v-model="chosen"
      :options="groups ?? options"
      option-label="label"
      option-value="value"
      :option-group-label="groups ? 'label' : undefined"
      :option-group-children="groups ? 'options' : undefined"
      :disabled="disabled"
      :filter="filter"
      :placeholder="nothing"
      :aria-labelledby="id"
      :data-testid="testid"
      fluid />
  </div>
</template>

<style scoped>
.pick-one {
  min-width: 0;
}
.pick-label {
  display: block;
  font: 700 14px/20px var(--text);
  color: var(--soft);
  margin: 0 0 3px;
}
.pick-one :deep(.p-select) {
  height: 46px;
}
.pick-one :deep(.p-select-label) {
  padding: 0 10px;
  font: 600 16.5px/44px var(--figures);
}
</style>
