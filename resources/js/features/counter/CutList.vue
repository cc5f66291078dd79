<script setup lang="ts">
import { computed, useId } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'

const props = defineProps<{ cuts: Schemas['CutSummary'][] }>()
const chosen = defineModel<string>({ required: true })
const { t } = useI18n()
const name = useId()
const groups = computed(() => {
  const order = ['beef', 'pork', 'lamb', 'game', 'poultry', 'fish'] as const
  return order.map((group) => ({ group, cuts: props.cuts.filter((cut) => cut.group === group) })).filter((row) => row.cuts.length > 0)
})
</script>

<template>
  <fieldset class="cuts" data-testid="cuts">
    <legend>{{ t('piece.cut') }}</legend>
    <div v-for="row in groups" :key="row.group" class="group">
      <span class="name">{{ t(`group.${row.group}`) }}</span>
      <div class="of">
        <label v-for="cut in row.cuts" :key="cut.slug" class="cut" :class="{ on: chosen === cut.slug }">
          <input v-model="chosen" type="radio" class="sr-only" :name="name" :value="cut.slug" /><span>{{ cut.name }}</span>
        </label>
      </div>
    </div>
  </fieldset>
</template>

<style scoped>
.cuts { border: 0; margin: 0; padding: 0; min-width: 0; }
.group { display: grid; grid-template-columns: 52px 1fr; border-top: 1px solid var(--hair); }
.name { font: 600 14px/32px var(--figures); color: var(--soft); }
.of { display: grid; }
.cut { position: relative; margin: 0; padding: 5px 9px; min-height: 31px; font: 600 16.5px/21px var(--figures); cursor: pointer; border-left: 5px solid transparent; }
.cut:hover { background: #e8eceb; }
.cut.on { background: #fff; border-left-color: var(--oxblood); outline: 1px solid var(--ink); }
.cut:has(input:focus-visible) { outline: 3px solid var(--focus); outline-offset: -1px; }
</style>
