<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { useI18n } from 'vue-i18n'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import AmbiguousNote from './AmbiguousNote.vue'
import AtlasFilters from './AtlasFilters.vue'
import CutMap from './CutMap.vue'
import CutRow from './CutRow.vue'
import { cutsQuery } from './queries'
import { useAtlasQuery } from './useAtlasQuery'
import { useCompared } from './useCompared'

const { t } = useI18n()
const { find, filters, set, clear, view, query, isOpen } = useAtlasQuery()
const compared = useCompared()
const list = useQuery(() => cutsQuery(query.value))
</script>

<template>
  <div class="atlas">
    <AtlasFilters :filters="filters" :is-open="isOpen" @set="set" @clear="clear" />
    <section class="found" :aria-label="t('atlas.title')">
      <header>
        <h1 class="sr-only">{{ t('atlas.title') }}</h1>
        <label class="sr-only" for="find-cut">{{ t('atlas.find') }}</label>
        <InputText id="find-cut" v-model="find" class="find" :placeholder="t('atlas.find')" autocomplete="off" data-testid="atlas-find" />
        <ChoiceRow v-model="view" hidden-legend :legend="t('atlas.view')" testid="view" :choices="[{ value: 'list', label: t('atlas.list') }, { value: 'map', label: t('atlas.map') }]" />
        <p class="count" role="status" data-testid="count">{{ list.data.value ? t('atlas.count', { count: list.data.value.cuts.length }) : t('atlas.loading') }}</p>
      </header>
      <p v-if="list.isError.value" class="wrong" role="alert">{{ list.error.value?.message }}</p>
      <template v-if="list.data.value">
        <AmbiguousNote v-if="list.data.value.ambiguous" :name="list.data.value.ambiguous" />
        <p v-if="list.data.value.cuts.length === 0" class="none">{{ t('atlas.none') }}</p>
        <CutMap v-else-if="view === 'map'" :cuts="list.data.value.cuts" />
        <ul v-else class="rows" data-testid="cuts-found">
          <CutRow v-for="cut in list.data.value.cuts" :key="cut.slug" :cut="cut" :places="list.data.value.places" :compared="compared.slugs.value.includes(cut.slug)" :full="compared.isFull.value" @compare="compared.toggle(cut.slug)" />
        </ul>
      </template>
      <footer v-if="compared.slugs.value.length > 0" class="tray">
        <p>{{ t('atlas.laidAside', { count: compared.slugs.value.length }) }}</p>
        <RouterLink v-if="compared.slugs.value.length > 1" class="strong" data-testid="compare" :to="{ name: 'compare', query: { cuts: compared.slugs.value.join(',') } }">{{ t('atlas.compareNow') }}</RouterLink>
        <button type="button" class="plain" @click="compared.clear()">{{ t('atlas.putBack') }}</button>
      </footer>
    </section>
  </div>
</template>

<style scoped>
.atlas { display: grid; grid-template-columns: 262px minmax(0, 1fr); min-height: 100%; }
.found { display: flex; flex-direction: column; min-width: 0; height: 100vh; overflow: hidden; }
header { display: flex; gap: 14px; align-items: center; padding: 12px 16px; border-bottom: 1px solid var(--line); flex-wrap: wrap; }
.find { flex: 1 1 260px; height: 48px; font: 400 19px var(--text); }
.count { margin: 0; font: 600 17px var(--figures); min-width: 76px; }
.rows { list-style: none; margin: 0; padding: 0; overflow: auto; flex: 1; position: relative; }
.none { margin: 40px; font-size: 18px; }
.tray { display: flex; gap: 12px; align-items: center; padding: 10px 16px; background: #dbe1df; border-top: 1px solid var(--line); margin-top: auto; }
.tray p { margin: 0 auto 0 0; font-weight: 700; }
@media (max-width: 900px) { .atlas { grid-template-columns: minmax(0, 1fr); } .found { height: auto; overflow: visible; } }
</style>
