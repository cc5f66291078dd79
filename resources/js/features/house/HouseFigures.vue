<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import PickOne from '@/ui/PickOne.vue'

// Portions, margin, units, money, language: the shop's own figures.
const props = defineProps<{ sheet: Schemas['House']; errors: Record<string, string> }>()
const emit = defineEmits<{ save: [change: Schemas['HouseRules']] }>()
const { t } = useI18n()
const form = reactive({
  portions: String(props.sheet.rules.portions_pct ?? 100),
  margin: props.sheet.rules.margin_pct === null || props.sheet.rules.margin_pct === undefined ? '' : String(props.sheet.rules.margin_pct),
  namesKept: String(props.sheet.rules.names_kept_months ?? 36),
  units: props.sheet.rules.units ?? 'metric',
  currency: props.sheet.rules.currency ?? 'EUR',
  language: props.sheet.rules.language ?? 'en',
  timeZone: props.sheet.rules.time_zone ?? 'UTC',
})
const figure = (text: string) =>
  text.trim() === '' ? null : Number.isFinite(Number(text.replace(',', '.'))) ? Number(text.replace(',', '.')) : (text as unknown as number)
const save = () => {
  emit('save', {
    portions_pct: figure(form.portions) ?? 100,
    margin_pct: figure(form.margin),
    names_kept_months: figure(form.namesKept) ?? 36,
    units: form.units,
    currency: form.currency,
    language: form.language,
    time_zone: form.timeZone,
  })
}
const zones = computed(() => [...new Set([form.timeZone, 'UTC', ...Intl.supportedValuesOf('timeZone')])])
</script>

<template>
  <form class="figures" @submit.prevent="save">
    <label
      >{{ t('house.portions')
      }}<InputText
        v-model="form.portions"
        inputmode="decimal"
        :disabled="!sheet.may_change"
        :invalid="Boolean(errors['portions_pct'])"
        data-testid="portions"
    /></label>
    <p v-if="errors['portions_pct']" class="wrong" role="alert">{{ errors['portions_pct'] }}</p>
    <label
      >{{ t('house.margin')
      }}<InputText
        v-model="form.margin"
        inputmode="decimal"
        :disabled="!sheet.may_change"
        :invalid="Boolean(errors['margin_pct'])"
        data-testid="margin"
    /></label>
    <p v-if="errors['margin_pct']" class="wrong" role="alert">{{ errors['margin_pct'] }}</p>
    <label
      >{{ t('house.namesKept')
      }}<InputText
        v-model="form.namesKept"
        inputmode="numeric"
        :disabled="!sheet.may_change"
        :invalid="Boolean(errors['names_kept_months'])"
        data-testid="names-kept"
    /></label>
    <p v-if="errors['names_kept_months']" class="wrong" role="alert">{{ errors['names_kept_months'] }}</p>
    <PickOne
      v-model="form.units"
      :label="t('house.units')"
      :disabled="!sheet.may_change"
      :options="(['metric', 'imperial'] as const).map((value) => ({ value, label: t(`app.${value}`) }))" />
    <PickOne
      v-model="form.currency"
      :label="t('house.currency')"
      :disabled="!sheet.may_change"
      :options="sheet.currencies.map((value) => ({ value, label: value }))" />
    <PickOne
      v-model="form.language"
      :label="t('house.language')"
      :disabled="!sheet.may_change"
      :options="sheet.languages.map((value) => ({ value, label: t(`languageName.${value}`) }))" />
    <PickOne
      v-model="form.timeZone"
      class="zone"
      filter
      :label="t('house.timeZone')"
      :disabled="!sheet.may_change"
      :options="zones.map((value) => ({ value, label: value.replaceAll('_', ' ') }))"
      testid="time-zone" />
    <p v-if="errors['time_zone']" class="wrong" role="alert">{{ errors['time_zone'] }}</p>
    <button v-if="sheet.may_change" type="submit" class="strong" data-testid="save-figures">{{ t('house.save') }}</button>
  </form>
</template>

<style scoped>
.figures {
  background: #fff;
  padding: 14px 18px;
  display: grid;
  gap: 12px;
  justify-items: start;
}
label {
  display: grid;
  grid-template-columns: 420px 130px;
  gap: 14px;
  align-items: center;
  font-size: 16px;
  margin: 0;
}
label :deep(.p-inputtext) {
  height: 42px;
  width: 130px;
  border: 1px solid var(--line);
  background: #fff;
  color: var(--ink);
  font: 600 18px var(--figures);
  padding: 0 8px;
  text-align: right;
}
.figures :deep(.pick-one) {
  display: grid;
  grid-template-columns: 420px 230px;
  gap: 14px;
  align-items: center;
}
.figures :deep(.pick-label) {
  font-size: 16px;
  margin: 0;
}
@media (max-width: 640px) {
  label,
  .figures :deep(.pick-one) {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
