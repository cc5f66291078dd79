<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { useI18n } from 'vue-i18n'
import { useRouter } from 'vue-router'
import { shelfQuery } from '@/queries/seasonings'
import { useSession } from '@/queries/session'
import Failed from '@/ui/Failed.vue'
import PickOne from '@/ui/PickOne.vue'
import Waiting from '@/ui/Waiting.vue'
import OwnSeasoningForm from './OwnSeasoningForm.vue'
import SeasoningDetail from './SeasoningDetail.vue'
import SeasoningFiles from './SeasoningFiles.vue'

// The shelf: what there is, by sort and by meat; one of them open, weighed for so much meat.
const props = withDefaults(defineProps<{ slug?: string }>(), { slug: '' })
const { t } = useI18n()
const router = useRouter()
const shelf = useQuery(shelfQuery())
const session = useSession()
const mayChange = computed(() => session.data.value?.may_change_catalogue ?? false)
const find = ref('')
const family = ref('')
const meat = ref('')
const without = ref('')
const editing = ref<string | null>(null)
const all = computed(() => shelf.data.value?.seasonings ?? [])
const OWN = 'own'
const families = computed(() => [...new Set(all.value.map((each) => each.family))])
const MEATS = ['beef', 'veal', 'pork', 'lamb', 'game', 'poultry', 'fish', 'offal']
const ALLERGENS = [
  'gluten',
  'milk',
  'eggs',
  'nuts',
  'peanuts',
  'soya',
  'sesame',
  'mustard',
  'celery',
  'sulphites',
  'fish',
  'crustaceans',
  'molluscs',
  'lupin',
]
const shown = computed(() => {
  const words = find.value.trim().toLowerCase()
  return all.value.filter(
    (each) =>
      (family.value === '' || (family.value === OWN ? each.is_own : each.family === family.value)) &&
      (meat.value === '' || each.groups.length === 0 || each.groups.includes(meat.value)) &&
      (without.value === '' || (!each.allergens.includes(without.value) && !each.may_contain.includes(without.value))) &&
      (words === '' || [each.name, t(`seasoning_kind.${each.kind}`), ...each.made_of].join(' ').toLowerCase().includes(words)),
  )
})
const open = (slug: string) => {
  editing.value = null
  void router.push({ name: 'seasoning', params: { slug } })
}
const done = (slug: string | null) => {
  editing.value = null
  if (slug) open(slug)
}
</script>

<template>
  <section class="page">
    <header>
      <h1>{{ t('seasonings.title') }}</h1>
      <p v-if="shelf.data.value" class="count" data-testid="season-count">{{ t('seasonings.count', { count: shown.length }) }}</p>
      <button v-if="mayChange" type="button" class="strong" data-testid="write-seasoning" @click="editing = ''">{{
        t('seasonings.write')
      }}</button>
    </header>
    <div class="tools">
      <InputText
        v-model="find"
        type="search"
        class="find"
        :placeholder="t('seasonings.find')"
        :aria-label="t('seasonings.find')"
        data-testid="find-seasoning" />
      <PickOne
        v-model="family"
        class="choose"
        hidden-label
        :label="t('seasonings.sort')"
        testid="season-family"
        :options="[
          { value: '', label: t('seasonings.all') },
          { value: OWN, label: t('seasonings.own') },
          ...families.map((value) => ({ value, label: t(`season.family.${value}`) })),
        ]" />
      <PickOne
        v-model="meat"
        class="choose"
        hidden-label
        :label="t('seasonings.meat')"
        testid="season-meat"
        :options="[
          { value: '', label: t('seasonings.anyMeat') },
          ...MEATS.map((value) => ({ value, label: t(`seasonings.group.${value}`) })),
        ]" />
      <PickOne
        v-model="without"
        class="choose"
        hidden-label
        :label="t('seasonings.without')"
        testid="season-without"
        :options="[
          { value: '', label: t('seasonings.withAll') },
          ...ALLERGENS.map((value) => ({ value, label: t('ask.no', { word: t(`allergen.${value}`) }) })),
        ]" />
      <SeasoningFiles :may-change="mayChange" />
    </div>
    <Failed v-if="shelf.isError.value" :problem="shelf.error.value?.message ?? ''" @again="shelf.refetch()" />
    <Waiting v-else-if="!shelf.data.value" :label="t('seasonings.loading')" :rows="9" />
    <div v-else class="halves" :class="{ chosen: slug || editing !== null }">
      <ul class="list" data-testid="seasonings">
        <li v-if="shown.length === 0" class="empty">{{ t('seasonings.none') }}</li>
        <li v-for="each in shown" :key="each.slug">
          <button type="button" :aria-current="each.slug === props.slug ? 'true' : undefined" @click="open(each.slug)">
            <b>{{ each.name }}</b><small
              >{{ t(`seasoning_kind.${each.kind}`) }}<template v-if="each.is_own">, {{ t('seasonings.own') }}</template></small
            ><small class="for">{{
              each.groups.length === 0 ? t('seasonings.anyMeat') : each.groups.map((group) => t(`seasonings.group.${group}`)).join(', ')
            }}</small>
          </button>
        </li>
      </ul>
      <OwnSeasoningForm
        v-if="editing !== null"
        :key="editing"
        class="detail"
        :slug="editing"
        :ingredients="shelf.data.value.ingredients"
        :seasonings="all"
        @done="done" />
      <SeasoningDetail
        v-else-if="slug"
        :key="slug"
        class="detail"
        :slug="slug"
        :currency="shelf.data.value.currency"
        :may-change="mayChange"
        @edit="editing = slug"
        @gone="router.push({ name: 'seasonings' })" />
      <p v-else class="detail empty">{{ t('seasonings.pick') }}</p>
    </div>
  </section>
</template>

<style scoped>
.page {
  padding: 12px 22px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  height: 100%;
  min-height: 0;
}
header,
.tools {
  display: flex;
  gap: 8px 12px;
  align-items: center;
  flex-wrap: wrap;
}
h1 {
  font-size: 32px;
}
.count {
  margin: 0 auto 0 0;
  color: var(--soft);
}
.find {
  flex: 1 1 180px;
  max-width: 300px;
  height: 46px;
  font: 400 17px var(--text);
}
.choose {
  flex: 0 1 168px;
  min-width: 130px;
}
.halves {
  display: grid;
  grid-template-columns: 330px minmax(0, 1fr);
  gap: 16px;
  min-height: 0;
  flex: 1;
}
.list {
  margin: 0;
  padding: 0;
  list-style: none;
  overflow-y: auto;
  border-top: 1px solid var(--hair);
}
.list button {
  width: 100%;
  min-height: 48px;
  padding: 5px 10px;
  text-align: left;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--hair);
  border-left: 4px solid transparent;
  cursor: pointer;
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 8px;
  color: inherit;
}
.list button[aria-current] {
  background: #fff;
  border-left-color: var(--oxblood);
}
.list b {
  font: 700 17px/1.2 var(--figures);
  grid-column: 1 / -1;
}
.list small {
  font-size: 12.5px;
  color: var(--soft);
}
.list .for {
  text-align: right;
}
.detail {
  overflow-y: auto;
  min-width: 0;
}
.empty {
  font-size: 17px;
  padding: 8px 0;
}
@media (max-width: 900px) {
  .page {
    height: auto;
    padding: 10px 12px;
  }
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
  .halves.chosen .detail {
    order: -1;
  }
}
</style>
