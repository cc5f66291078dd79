<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import { useId } from 'vue'

// One thing that is so or is not.
defineProps<{ disabled?: boolean; testid?: string }>()
const is = defineModel<boolean>({ required: true })
const id = useId()
</script>

<template>
  <label class="tick" :for="id"
    ><Checkbox v-model="is" :input-id="id" binary :disabled="disabled" :data-testid="testid" /> <span><slot /></span
  ></label>
</template>

<style scoped>
.tick {
  display: flex;
  gap: 9px;
  align-items: center;
  min-height: 34px;
  margin: 0;
  font: 400 15px/1.3 var(--text);
  color: var(--ink);
  cursor: pointer;
}
</style>
