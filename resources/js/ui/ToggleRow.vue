<script setup lang="ts" generic="T extends string">
// A row of tags of which any number may be on. Labels are short; each is a checkbox.
defineProps<{ legend: string; choices: { value: T; label: string }[]; hint?: string; hiddenLegend?: boolean; testid?: string }>()
const chosen = defineModel<T[]>({ required: true })
const toggle = (value: T) => {
  chosen.value = chosen.value.includes(value) ? chosen.value.filter((other) => other !== value) : [...chosen.value, value]
}
</script>

<template>
  <fieldset class="row" :data-testid="testid">
    <legend :class="{ 'sr-only': hiddenLegend }"
      >{{ legend }}<small v-if="hint">{{ hint }}</small></legend
    >
    <div class="tags">
      <label v-for="choice in choices" :key="choice.value" class="tag" :class="{ on: chosen.includes(choice.value) }">
        <input type="checkbox" class="sr-only" :checked="chosen.includes(choice.value)" @change="toggle(choice.value)" /><span>{{
          choice.label
        }}</span>
      </label>
      <slot />
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
legend small {
  font-weight: 400;
  margin-left: 6px;
  font-size: 12.5px;
}
.tags {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
}
.tag {
  position: relative;
  margin: 0;
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 9px;
  background: #fff;
  border: 1px solid var(--line);
  font: 600 16px/1 var(--figures);
  color: var(--ink);
  cursor: pointer;
}
.tag.on {
  background: var(--ink);
  border-color: var(--ink);
  color: #fff;
}
.tag:has(input:focus-visible) {
  outline: 3px solid var(--focus);
  outline-offset: 2px;
  z-index: 1;
}
</style>
