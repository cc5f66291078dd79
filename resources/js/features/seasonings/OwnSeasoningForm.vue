<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { computed, reactive, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, ApiError, orThrow, type Schemas } from '@/api/client'
import { useRefusal } from '@/i18n/useRefusal'
import { seasoningQuery } from '@/queries/seasonings'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import PickOne from '@/ui/PickOne.vue'
import { useUnits } from '@/units/useUnits'
import ToggleRow from '@/ui/ToggleRow.vue'

// Writes a seasoning of the shop's own, by weight. What is typed stays, right or wrong; the server names what is wrong.
const props = defineProps<{
  slug: string
  ingredients: Schemas['IngredientSummary'][]
  seasonings: Schemas['SeasoningSummary'][]
}>()
const emit = defineEmits<{ done: [slug: string | null] }>()
const { t, tm } = useI18n()
const refusal = useRefusal()
const units = useUnits()
const queries = useQueryClient()
const kinds = computed(() => Object.keys(tm('seasoning_kind') as Record<string, string>))
const GROUPS = ['beef', 'veal', 'pork', 'lamb', 'game', 'poultry', 'fish', 'offal']
const form = reactive({
  name: '',
  kind: 'rub',
  strength: '1',
  groups: [] as string[],
  g_per_kg: '20',
  target_salt_pct: '',
  price_per_kg: '',
  cure_use: '',
  parts: [{ of: '', g: '' }],
})
const known = useQuery(() => seasoningQuery(props.slug, 1000))
watch(
  () => known.data.value?.recipe,
  (recipe) => {
    if (!recipe || props.slug === '') return
    Object.assign(form, {
      name: recipe.name,
      kind: recipe.kind,
      strength: String(recipe.strength ?? 1),
      groups: recipe.groups ?? [],
      g_per_kg: String(recipe.g_per_kg ?? ''),
      target_salt_pct: String(recipe.target_salt_pct ?? ''),
      price_per_kg: String(recipe.price_per_kg ?? ''),
      cure_use: recipe.cure_use ?? '',
      parts: recipe.parts.map((part) => ({ of: part.of, g: String(part.g ?? '') })),
    })
  },
  { immediate: true },
)
const sources = computed(() => [
  { label: t('seasonings.ingredient'), options: props.ingredients.map((each) => ({ value: each.slug, label: each.name })) },
  {
    label: t('seasonings.title'),
    options: props.seasonings.filter((each) => each.slug !== props.slug).map((each) => ({ value: each.slug, label: each.name })),
  },
])
const CURE_USES = ['minced', 'immersed', 'bacon', 'dry_cured'] as const
const isCuring = computed(() => form.parts.some((part) => props.ingredients.find((each) => each.slug === part.of)?.is_curing))
/** A number where it is one; what is none goes as typed, for the server to refuse by name. */
const figure = (text: string): number | null =>
  text.trim() === '' ? null : Number.isFinite(Number(text.replace(',', '.'))) ? Number(text.replace(',', '.')) : (text as unknown as number)
const save = useMutation({
  mutationFn: () =>
    orThrow(
      api.POST('/seasonings', {
        body: {
          ...(props.slug === '' ? {} : { slug: props.slug }),
          name: form.name.trim(),
          kind: form.kind,
          strength: Number(form.strength),
          groups: form.groups,
          g_per_kg: figure(form.g_per_kg),
          ...(figure(form.target_salt_pct) === null ? {} : { target_salt_pct: figure(form.target_salt_pct) }),
          ...(figure(form.price_per_kg) === null ? {} : { price_per_kg: figure(form.price_per_kg) }),
          ...(isCuring.value && form.cure_use ? { cure_use: form.cure_use as (typeof CURE_USES)[number] } : {}),
          parts: form.parts.map((part) => ({ of: part.of, g: figure(part.g) })),
        },
      }),
    ),
  onSuccess: async ({ slug }) => {
    await queries.invalidateQueries({ queryKey: ['seasonings'] })
    emit('done', slug)
  },
})
const wrong = computed(() =>
  save.error.value instanceof ApiError
    ? save.error.value.violations.length
      ? save.error.value.violations.map((violation) => refusal(violation, units.units))
      : [save.error.value.message]
    : save.error.value
      ? [save.error.value.message]
      : [],
)
</script>

<template>
  <form class="own" data-testid="own-seasoning" @submit.prevent="save.mutate()">
    <h2>{{ slug === '' ? t('ownSeasoning.title') : t('ownSeasoning.change', { name: form.name }) }}</h2>
    <label class="wide"
      ><span>{{ t('ownSeasoning.name') }}</span
      ><InputText v-model="form.name" maxlength="60" autocomplete="off" data-testid="own-name"
    /></label>
    <PickOne
      v-model="form.kind"
      :label="t('ownSeasoning.kind')"
      testid="own-kind"
      :options="kinds.map((value) => ({ value, label: t(`seasoning_kind.${value}`) }))" />
    <label
      ><span>{{ t('ownSeasoning.gPerKg') }}</span
      ><InputText v-model="form.g_per_kg" inputmode="decimal" autocomplete="off" data-testid="own-g-per-kg"
    /></label>
    <label v-if="form.kind.endsWith('_brine') && form.kind !== 'dry_brine'"
      ><span>{{ t('ownSeasoning.target') }}</span
      ><InputText v-model="form.target_salt_pct" inputmode="decimal" autocomplete="off" data-testid="own-target"
    /></label>
    <label
      ><span>{{ t('ownSeasoning.price') }}</span
      ><InputText v-model="form.price_per_kg" inputmode="decimal" autocomplete="off" data-testid="own-price"
    /></label>
    <ChoiceRow
      v-if="isCuring"
      v-model="form.cure_use"
      class="wide"
      testid="own-cure-use"
      :legend="t('ownSeasoning.cureUse')"
      :choices="CURE_USES.map((value) => ({ value, label: t(`ownSeasoning.cure.${value}`) }))" />
    <ChoiceRow
      v-model="form.strength"
      class="wide"
      :legend="t('ownSeasoning.strength')"
      :choices="['1', '2', '3'].map((value) => ({ value, label: t(`seasonings.strength.${value}`) }))" />
    <ToggleRow
      v-model="form.groups"
      class="wide"
      testid="own-groups"
      :legend="t('ownSeasoning.groups')"
      :choices="GROUPS.map((value) => ({ value, label: t(`seasonings.group.${value}`) }))" />
    <fieldset class="wide parts">
      <legend>{{ t('ownSeasoning.parts') }}</legend>
      <div v-for="(part, i) in form.parts" :key="i" class="part">
        <PickOne
          v-model="part.of"
          class="of"
          hidden-label
          filter
          :label="t('ownSeasoning.of')"
          :groups="[{ label: '', options: [{ value: '', label: t('ownSeasoning.of') }] }, ...sources]"
          :testid="`own-of-${i}`" />
        <InputText
          v-model="part.g"
          inputmode="decimal"
          class="g"
          autocomplete="off"
          :aria-label="`${t('ownSeasoning.g')} ${i + 1}`"
          :placeholder="t('ownSeasoning.g')"
          :data-testid="`own-g-${i}`" />
        <button
          v-if="form.parts.length > 1"
          type="button"
          class="plain"
          :aria-label="t('ownSeasoning.drop')"
          @click="form.parts.splice(i, 1)"
          >×</button
        >
      </div>
      <button type="button" class="plain" data-testid="own-add" @click="form.parts.push({ of: '', g: '' })">{{
        t('ownSeasoning.add')
      }}</button>
    </fieldset>
    <p v-if="isCuring" class="wide curing" role="note">{{ t('ownSeasoning.curing') }}</p>
    <ul v-if="wrong.length" class="wide wrong" role="alert"
      ><li v-for="each in wrong" :key="each">{{ each }}</li></ul
    >
    <div class="wide do">
      <button type="submit" class="strong" :disabled="save.isPending.value" data-testid="own-save">{{ t('ownSeasoning.save') }}</button>
      <button type="button" class="plain" @click="emit('done', null)">{{ t('ownSeasoning.cancel') }}</button>
    </div>
  </form>
</template>

<style scoped>
.own {
  background: var(--paper);
  border-top: 6px solid var(--oxblood);
  padding: 8px 16px 12px;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(190px, 1fr));
  gap: 10px 14px;
  align-content: start;
  align-items: end;
}
.wide,
h2 {
  grid-column: 1 / -1;
}
h2 {
  font-size: 24px;
}
label span {
  display: block;
  font-size: 13.5px;
  color: var(--soft);
}
label :deep(input) {
  width: 100%;
  height: 46px;
}
.parts {
  border: 1px solid var(--line);
  padding: 6px 10px 10px;
  display: grid;
  gap: 6px;
  justify-items: start;
}
.part {
  display: flex;
  gap: 6px;
  width: 100%;
}
.of {
  flex: 1;
}
.g {
  width: 90px;
}
.part button {
  min-width: 44px;
}
.curing {
  background: #fbeecb;
  padding: 5px 9px;
  font-weight: 600;
  margin: 0;
}
.wrong {
  margin: 0;
  padding-left: 18px;
}
.do {
  display: flex;
  gap: 8px;
}
</style>
