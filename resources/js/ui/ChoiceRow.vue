<script setup lang="ts" generic="T extends string">
import { useId } from 'vue'

// A row of choices of which one holds: radio buttons that look like tags. Arrow keys move within, Tab leaves.
defineProps<{
  legend: string
  choices: { value: T; label: string; note?: string }[]
  hiddenLegend?: boolean
  stacked?: boolean
  tight?: boolean
  hint?: string
  testid?: string
}>()
const chosen = defineModel<T>({ required: true })
const name = useId()
</script>

<template>
  <fieldset class="row" :data-testid="testid">
    <legend :class="{ 'sr-only': hiddenLegend }">{{ legend }}</legend>
    <p v-if="hint" class="hint">{{ hint }}</p>
    <div class="tags" :class="{ stacked, tight }">
      <label v-for="choice in choices" :key="choice.value" class="tag" :class="{ on: chosen === choice.value }">
        <input v-model="chosen" type="radio" class="sr-only" :name="name" :value="choice.value" />
        <span>{{ choice.label }}</span><small v-if="choice.note">{{ choice.note }}</small>
      </label>
    </div>
  </fieldset>
</template>

<style scoped>
.row {
  border: 0;
  margin: 0;
  padding: 0;
  min-width: 0;
}
.hint {
  margin: 0 0 4px;
  font-size: 12.5px;
  color: var(--soft);
}
.tags {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.tag {
  position: relative;
  margin: 0;
  display: inline-flex;
  gap: 7px;
  min-height: 44px;
  min-width: 44px;
  align-items: center;
  padding: 7px 10px;
  background: #fff;
  border: 1px solid var(--line);
  font: 600 17px/22px var(--figures);
  cursor: pointer;
}
.tag small {
  font: 500 14px/22px var(--figures);
  color: var(--soft);
  font-variant-numeric: tabular-nums;
}
/* Many in little room. */
.tight {
  gap: 3px;
}
.tight .tag {
  min-height: 44px;
  padding: 6px;
  font-size: 15.5px;
  gap: 4px;
}
.tight .tag small {
  font-size: 12.5px;
}
/* One under the other, what belongs to each at the right. */
.stacked {
  display: grid;
  gap: 0;
}
.stacked .tag {
  justify-content: space-between;
  min-height: 44px;
  padding-block: 5px;
}
.stacked .tag + .tag {
  border-top: 0;
}
.tag.on {
  background: var(--ink);
  border-color: var(--ink);
  color: #fff;
}
.tag.on small {
  color: #cfd8d5;
}
.tag:has(input:focus-visible) {
  outline: 3px solid var(--focus);
  outline-offset: 2px;
  z-index: 1;
}
</style>
