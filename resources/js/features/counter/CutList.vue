<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import InputText from 'primevue/inputtext'
import { computed, nextTick, ref, useId, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { findCutQuery, type CounterCut } from '@/queries/catalogue'

// Every cut that can be computed: by its kind, or by any of its names. What is chosen stays in sight.
const props = defineProps<{ cuts: CounterCut[] }>()
const chosen = defineModel<string>({ required: true })
const { t } = useI18n()
const name = useId()
const order = ['beef', 'veal', 'pork', 'lamb', 'game', 'poultry', 'fish', 'offal'] as const
const cut = computed(() => props.cuts.find((candidate) => candidate.slug === chosen.value))
const group = ref<string>(cut.value?.group ?? 'beef')
const find = ref('')
const asked = refDebounced(
  computed(() => find.value.trim()),
  150,
)
const found = useQuery(() => findCutQuery(asked.value))
const shown = computed(() => {
  if (find.value.trim() === '') return props.cuts.filter((candidate) => candidate.group === group.value)
  return (found.data.value ?? [])
    .map((slug) => props.cuts.find((candidate) => candidate.slug === slug))
    .filter((candidate) => candidate !== undefined)
})
const list = useTemplateRef<HTMLElement>('list')
const bringIntoSight = () => void nextTick(() => list.value?.querySelector('.on')?.scrollIntoView({ block: 'nearest' }))
watch(chosen, () => {
  group.value = cut.value?.group ?? group.value
  bringIntoSight()
})
watch(shown, bringIntoSight, { immediate: true })
</script>

<template>
  <fieldset class="cuts">
    <legend class="sr-only">{{ t('piece.cut') }}</legend>
    <InputText
      v-model="find"
      class="find"
      :placeholder="t('piece.findCut')"
      :aria-label="t('piece.findCut')"
      autocomplete="off"
      data-testid="find-cut" />
    <div v-if="find.trim() === ''" class="groups" role="group" :aria-label="t('atlas.group')">
      <button v-for="each in order" :key="each" type="button" :aria-pressed="group === each" @click="group = each">{{
        t(`group.${each}`)
      }}</button>
    </div>
    <div ref="list" class="list" data-testid="cuts">
      <label v-for="each in shown" :key="each.slug" class="cut" :class="{ on: chosen === each.slug }">
        <input v-model="chosen" type="radio" class="sr-only" :name="name" :value="each.slug" /><span>{{ each.name }}</span>
      </label>
      <p v-if="shown.length === 0 && !found.isFetching.value" class="none">{{ t('piece.noCut') }}</p>
    </div>
    <RouterLink v-if="cut" class="about" :to="{ name: 'cut', params: { slug: cut.slug } }">{{
      t('piece.aboutCut', { name: cut.name })
    }}</RouterLink>
  </fieldset>
</template>

<style scoped>
.cuts {
  border: 0;
  margin: 0;
  padding: 0;
  min-width: 0;
}
.find {
  width: 100%;
  height: 44px;
  font: 400 17px var(--text);
}
.groups {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 4px;
  margin-top: 6px;
}
.groups button {
  min-height: 44px;
  border: 1px solid var(--line);
  background: #fff;
  color: var(--ink);
  font: 600 15px/1 var(--figures);
  cursor: pointer;
  padding: 0;
}
.groups [aria-pressed='true'] {
  background: var(--ink);
  border-color: var(--ink);
  color: #fff;
}
.list {
  position: relative;
  height: 168px;
  overflow-y: auto;
  margin-top: 6px;
  background: #fff;
  border: 1px solid var(--line);
  display: grid;
  align-content: start;
}
.cut {
  position: relative;
  margin: 0;
  padding: 6px 9px;
  min-height: 33px;
  font: 600 16.5px/21px var(--figures);
  color: var(--ink);
  cursor: pointer;
  border-left: 5px solid transparent;
  border-bottom: 1px solid var(--hair);
}
.cut:hover {
  background: #e8eceb;
}
.cut.on {
  background: var(--ink);
  color: #fff;
  border-left-color: var(--oxblood);
}
.cut:has(input:focus-visible) {
  outline: 3px solid var(--focus);
  outline-offset: -3px;
}
.none {
  margin: 10px;
  font-size: 14.5px;
}
.about {
  display: block;
  font-size: 14px;
  color: var(--oxblood);
  font-weight: 700;
  padding: 0;
  line-height: 44px;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
