<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { computed, reactive } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import { duration, field, temperature, typed } from '@/units/units'
import { useUnits } from '@/units/useUnits'
import TickBox from '@/ui/TickBox.vue'

// Whose published rules, and how much stricter. There is nothing here that could make a rule less strict: the server refuses it by name.
const props = defineProps<{ sheet: Schemas['House']; errors: Record<string, string> }>()
const emit = defineEmits<{ save: [change: Schemas['HouseRules']] }>()
const { t } = useI18n()
const units = useUnits()
const own = reactive<Record<string, string>>(
  Object.fromEntries(Object.entries(props.sheet.rules.minimum_c ?? {}).map(([key, value]) => [key, field.temperature(value, units.units)])),
)
const profile = computed({
  get: () => props.sheet.rules.profile ?? 'us',
  set: (value) => {
    emit('save', { profile: value, minimum_c: {} })
  },
})
function save() {
  const minimum = Object.fromEntries(
    Object.entries(own)
      .filter(([, text]) => text.trim() !== '')
      .map(([key, text]) => [key, typed.temperature(text, units.units) ?? (text as unknown as number)]),
  )
  emit('save', { minimum_c: minimum })
}
</script>

<template>
  <div class="safety">
    <ChoiceRow
      v-model="profile"
      :legend="t('house.profile')"
      testid="profile"
      :choices="
        (['us', 'uk', 'eu'] as const)
          .filter((value) => sheet.may_change || value === profile)
          .map((value) => ({ value, label: t(`house.profiles.${value}`) }))
      " />
    <TickBox
      :model-value="sheet.rules.stops_below ?? false"
      :disabled="!sheet.may_change"
      testid="stops-below"
      @update:model-value="
        (is) => {
          emit('save', { stops_below: is })
        }
      "
      >{{ t('house.stopsBelow') }}</TickBox
    >
    <p class="hint">{{ t('house.stricter') }}</p>
    <form @submit.prevent="save">
      <table>
        <thead
          ><tr
            ><th scope="col">{{ t('house.food') }}</th
            ><th scope="col">{{ t('house.official') }}</th
            ><th scope="col">{{ t('house.own', { unit: units.units === 'metric' ? '°C' : '°F' }) }}</th></tr
          ></thead
        >
        <tbody
          ><tr v-for="rule in sheet.minimums" :key="rule.food_class">
            <th scope="row">{{ t(`foodClass.${rule.food_class}`) }}</th><td
              >{{ temperature(rule.official_c, units.units)
              }}<template v-if="rule.rest_s">{{ ' ' + t('house.held', { rest: duration(rule.rest_s) }) }}</template></td
            >
            <td
              ><InputText
                v-model="own[rule.food_class]"
                inputmode="decimal"
                autocomplete="off"
                :disabled="!sheet.may_change"
                :invalid="Boolean(errors[`minimum_c.${rule.food_class}`])"
                :aria-label="`${t(`foodClass.${rule.food_class}`)}, ${t('house.own', { unit: '' })}`"
                :data-testid="`minimum-${rule.food_class}`" />
              <p v-if="errors[`minimum_c.${rule.food_class}`]" class="wrong" role="alert">{{
                errors[`minimum_c.${rule.food_class}`]
              }}</p></td
            >
          </tr></tbody
        >
      </table>
      <button v-if="sheet.may_change" type="submit" class="strong" data-testid="save-minimums">{{ t('house.save') }}</button>
    </form>
  </div>
</template>

<style scoped>
.safety {
  background: #fff;
  padding: 14px 18px;
  display: grid;
  gap: 12px;
}
.tick {
  display: flex;
  gap: 9px;
  align-items: center;
  font-size: 16px;
  color: var(--ink);
  min-height: 36px;
  margin: 0;
  cursor: pointer;
}
.tick input {
  width: 22px;
  height: 22px;
  accent-color: var(--ink);
}
.hint {
  margin: 0;
  color: var(--soft);
}
table {
  border-collapse: collapse;
  margin-bottom: 12px;
}
th,
td {
  text-align: left;
  padding: 4px 22px 4px 0;
  border-bottom: 1px solid var(--hair);
  font: 600 17px/1.3 var(--figures);
}
thead th {
  font: 700 14px/1.3 var(--text);
  color: var(--soft);
}
td :deep(.p-inputtext) {
  width: 90px;
  height: 38px;
  text-align: right;
  font: 700 18px var(--figures);
}
</style>
