<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { refDebounced } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { useSay } from '@/i18n/useSay'
import type { Units } from '@/units/units'
import FatBar from './FatBar.vue'
import { gradesQuery } from '@/queries/grades'
import { gradeQuery } from './queries'
import PickOne from '@/ui/PickOne.vue'
import InputText from 'primevue/inputtext'

const props = defineProps<{ slug: string; scales: string[]; units: Units }>()
const { t } = useI18n()
const say = useSay()
const grades = useQuery(gradesQuery())
const choices = computed(() => grades.data.value?.scales.filter((scale) => props.scales.includes(scale.id)) ?? [])
const id = ref(props.scales[0] ?? '')
const value = ref('')
watch(
  () => props.scales,
  (scales) => {
    if (!scales.includes(id.value)) id.value = scales[0] ?? ''
  },
)
watch(id, () => {
  value.value = ''
})
const scale = computed(() => choices.value.find((choice) => choice.id === id.value))
const asked = refDebounced(value, 200)
const reading = useQuery(() => gradeQuery(id.value, asked.value, props.slug))
const shown = computed(() => (asked.value.trim() === '' || reading.isError.value ? null : (reading.data.value ?? null)))
</script>

<template>
  <div>
    <h2>{{ t('cut.grade') }}</h2>
    <div class="pick">
      <PickOne
        v-model="id"
        :label="t('grade.scale')"
        :options="choices.map((choice) => ({ value: choice.id, label: choice.name }))"
        testid="grade-scale" />
      <PickOne
        v-if="scale && scale.numbers === null"
        v-model="value"
        :label="t('grade.value')"
        :options="[{ value: '', label: t('grade.choose') }, ...scale.steps.map((step) => ({ value: step.value, label: step.label }))]"
        testid="grade-value" />
      <div v-else
        ><label for="grade-value">{{ t('grade.value') }}</label
        ><InputText
          id="grade-value"
          v-model="value"
          inputmode="numeric"
          autocomplete="off"
          :placeholder="scale?.range ?? ''"
          data-testid="grade-value"
      /></div>
    </div>
    <p v-if="reading.isError.value && asked.trim() !== ''" class="wrong" role="alert">{{ reading.error.value?.message }}</p>
    <div v-else-if="shown" data-testid="grade-reading">
      <FatBar v-if="shown.fat" :fat="shown.fat" />
      <p v-else>{{ shown.step.note ? `${shown.step.label}: ${shown.step.note}. ` : '' }}{{ t('grade.noFat') }}</p>
      <dl v-if="shown.neighbours.length > 0"
        ><div v-for="other in shown.neighbours" :key="other.scale"
          ><dt>{{ other.name }}</dt
          ><dd
            >{{ other.from === other.to ? other.from : t('grade.between', { from: other.from, to: other.to })
            }}<i v-if="other.is_unsure"> {{ t('grade.unsure') }}</i></dd
          ></div
        ></dl
      >
      <p v-if="shown.neighbours.length > 0" class="soft">{{ t('grade.likeNotEqual') }}</p>
      <p v-else-if="!shown.is_comparable && shown.fat" class="soft">{{ t('grade.noConversion') }}</p>
      <p v-for="effect in shown.effects" :key="effect.key" class="effect">{{ say(effect, units) }}</p>
    </div>
    <p class="soft">{{ scale?.note }} {{ scale ? t('grade.range', { range: scale.range }) : '' }}</p>
  </div>
</template>

<style scoped>
.pick {
  display: grid;
  grid-template-columns: 1.5fr 1fr;
  gap: 8px;
}
label {
  margin: 0;
  min-width: 0;
}
select,
input {
  display: block;
  width: 100%;
  min-height: 42px;
  font: 400 16px var(--text);
  padding: 0 8px;
  border: 1px solid var(--line);
  background: #fff;
}
dl {
  margin: 8px 0 0;
}
dl div {
  display: grid;
  grid-template-columns: 1.2fr 1fr;
  gap: 8px;
  padding: 3px 0;
  border-bottom: 1px solid var(--hair);
}
dt {
  color: var(--soft);
  font-size: 14px;
}
dd {
  margin: 0;
  font: 600 16.5px/1.3 var(--figures);
}
dd i {
  font: 400 13.5px var(--text);
  margin-left: 6px;
}
.soft {
  color: var(--soft);
  font-size: 13.5px;
  margin: 6px 0;
}
.effect {
  margin: 5px 0;
  font-weight: 700;
}
</style>
