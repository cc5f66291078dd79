<script setup lang="ts">
import { ref } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import SchoolDifference from './SchoolDifference.vue'

const props = defineProps<{ school: Schemas['School']; mayChange: boolean }>()
const emit = defineEmits<{ choose: [option: string] }>()
const { t } = useI18n()
const open = ref(false)
const name = (option: string) => t(`school_option.${props.school.id}.${option}`)
</script>

<template>
  <article class="school" :data-testid="`school-${school.id}`">
    <div class="what"
      ><h2>{{ t(`school.${school.id}`) }}</h2
      ><p>{{ t(`schoolWhy.${school.id}`) }}</p></div
    >
    <div class="choice">
      <ChoiceRow
        v-if="mayChange"
        :model-value="school.chosen"
        hidden-legend
        tight
        :legend="t(`school.${school.id}`)"
        :testid="`choose-${school.id}`"
        :choices="
          school.options.map((option) => ({
            value: option,
            label: name(option),
            ...(option === school.default ? { note: t('house.default') } : {}),
          }))
        "
        @update:model-value="(option) => emit('choose', option)" />
      <p v-else class="chosen">{{ name(school.chosen) }}</p>
      <button
        v-if="school.is_computed"
        type="button"
        class="comes"
        :aria-expanded="open"
        :data-testid="`difference-${school.id}`"
        @click="open = !open"
        >{{ t('house.comesTo') }}</button
      >
      <span v-else class="none">{{ t('house.noFigures') }}</span>
    </div>
    <SchoolDifference v-if="open" class="difference" :school="school" />
  </article>
</template>

<style scoped>
.school {
  display: grid;
  grid-template-columns: minmax(240px, 5fr) 7fr;
  gap: 6px 18px;
  padding: 10px 14px;
  border-bottom: 1px solid var(--line);
}
h2 {
  font-size: 19px;
}
.what p {
  margin: 2px 0 0;
  color: var(--soft);
  font-size: 14px;
  line-height: 1.35;
}
.choice {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
  justify-content: space-between;
  align-content: start;
}
.comes {
  min-height: 36px;
  padding: 0 10px;
  border: 1px solid var(--line);
  background: #fff;
  color: var(--oxblood);
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
.chosen {
  margin: 0;
  font: 600 17px/1.3 var(--figures);
}
.none {
  font-size: 13.5px;
  color: var(--soft);
}
.difference {
  grid-column: 1 / -1;
}
@media (max-width: 760px) {
  .school {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
