<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import InputText from 'primevue/inputtext'
import { ref, useTemplateRef, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import ChoiceRow from '@/ui/ChoiceRow.vue'
import AmbiguousNote from './AmbiguousNote.vue'
import AtlasFilters from './AtlasFilters.vue'
import CutMap from './CutMap.vue'
import { cutsQuery } from './queries'
import { useAtlasQuery } from './useAtlasQuery'
import { useCompared } from './useCompared'
import { useMediaQuery } from '@vueuse/core'
import Column from 'primevue/column'
import DataTable from 'primevue/datatable'
import type { Schemas } from '@/api/client'
import Failed from '@/ui/Failed.vue'
import TickBox from '@/ui/TickBox.vue'
import Waiting from '@/ui/Waiting.vue'
import CutName from './CutName.vue'
import Meter from './Meter.vue'
import { tenderSteps } from './steps'

interface Row {
  data: Schemas['CutLine']
}
/** Every row is so high, so that only those in sight are drawn. */
const ROW_PX = 64
/** What a phone or a tablet draws at a time, where rows are as high as they need to be. */
const PAGE_ROWS = 25
const { t } = useI18n()
const isWide = useMediaQuery('(min-width: 1181px)')
const { find, filters, set, clear, view, query, isOpen } = useAtlasQuery()
const compared = useCompared()
const list = useQuery(() => cutsQuery(query.value))
const first = ref(0)
const found = useTemplateRef<HTMLElement>('found')
watch(query, () => (first.value = 0))
</script>

<template>
  <div class="atlas">
    <AtlasFilters :filters="filters" :is-open="isOpen" @set="set" @clear="clear" />
    <section ref="found" class="found" :aria-label="t('atlas.title')">
      <header>
        <h1 class="sr-only">{{ t('atlas.title') }}</h1>
        <label class="sr-only" for="find-cut">{{ t('atlas.find') }}</label>
        <InputText id="find-cut" v-model="find" class="find" :placeholder="t('atlas.find')" autocomplete="off" data-testid="atlas-find" />
        <ChoiceRow
          v-model="view"
          hidden-legend
          :legend="t('atlas.view')"
          testid="view"
          :choices="[
            { value: 'list', label: t('atlas.list') },
            { value: 'map', label: t('atlas.map') },
          ]" />
        <p class="count" role="status" data-testid="count">{{
          list.data.value ? t('atlas.count', { count: list.data.value.cuts.length }) : t('atlas.loading')
        }}</p>
      </header>
      <Failed v-if="list.isError.value" :problem="list.error.value?.message ?? ''" @again="list.refetch()" />
      <Waiting v-else-if="!list.data.value" class="soon" :label="t('atlas.loading')" :rows="10" />
      <template v-if="list.data.value">
        <AmbiguousNote v-if="list.data.value.ambiguous" :name="list.data.value.ambiguous" />
        <p v-if="list.data.value.cuts.length === 0" class="none">{{ t('atlas.none') }}</p>
        <CutMap v-else-if="view === 'map'" :cuts="list.data.value.cuts" />
        <DataTable
          v-else
          v-model:first="first"
          :value="list.data.value.cuts"
          data-key="slug"
          removable-sort
          scrollable
          :scroll-height="isWide ? 'flex' : undefined"
          class="cuts"
          :row-class="(cut: Schemas['CutLine']) => ({ hidden: cut.is_hidden })"
          :virtual-scroller-options="isWide ? { itemSize: ROW_PX } : undefined"
          :paginator="!isWide"
          :rows="isWide ? 0 : PAGE_ROWS"
          :always-show-paginator="false"
          paginator-template="PrevPageLink PageLinks NextPageLink"
          :pt="{ tbody: { 'data-testid': 'cuts-found' } }"
          @page="found?.scrollIntoView()">
          <Column field="name" sortable :header="t('cut.name')" class="cut">
            <template #body="{ data: cut }: Row"><CutName :cut="cut" :places="list.data.value?.places ?? {}" /></template>
          </Column>
          <Column
            field="tenderness"
            :sort-field="(cut: Schemas['CutLine']) => String(tenderSteps(cut.tenderness))"
            sortable
            :header="t('atlas.tender')"
            class="fact">
            <template #body="{ data: cut }: Row"
              ><Meter :value="tenderSteps(cut.tenderness)" :of="5" :label="t(`tenderness.${cut.tenderness}`)"
            /></template>
          </Column>
          <Column field="flavour" sortable :header="t('atlas.flavour')" class="fact">
            <template #body="{ data: cut }: Row"
              ><Meter :value="cut.flavour" :of="5" :label="t('atlas.ofFive', { value: cut.flavour })"
            /></template>
          </Column>
          <Column field="fat_pct" sortable :header="t('atlas.fat')" class="fact"
            ><template #body="{ data: cut }: Row">{{ cut.fat_pct }} %</template></Column
          >
          <Column field="price_class" sortable :header="t('atlas.price')" class="fact">
            <template #body="{ data: cut }: Row"
              ><Meter :value="cut.price_class" :of="4" :label="t(`price.${cut.price_class}`)"
            /></template>
          </Column>
          <Column :header="t('atlas.suits')" class="suits">
            <template #body="{ data: cut }: Row">{{
              cut.suits
                .slice(0, 3)
                .map((method: string) => t(`method.${method}`))
                .join(' · ') || t('atlas.onlyMaybe')
            }}</template>
          </Column>
          <Column class="lay">
            <template #header
              ><span class="sr-only">{{ t('atlas.compare') }}</span></template
            >
            <template #body="{ data: cut }: Row">
              <TickBox
                :model-value="compared.slugs.value.includes(cut.slug)"
                :disabled="compared.isFull.value && !compared.slugs.value.includes(cut.slug)"
                :testid="`compare-${cut.slug}`"
                @update:model-value="compared.toggle(cut.slug)"
                >{{ t('atlas.compare') }}<span class="sr-only"> {{ cut.name }}</span></TickBox
              >
            </template>
          </Column>
        </DataTable>
      </template>
      <footer v-if="compared.slugs.value.length > 0" class="tray">
        <p>{{ t('atlas.laidAside', { count: compared.slugs.value.length }) }}</p>
        <RouterLink
          v-if="compared.slugs.value.length > 1"
          class="strong"
          data-testid="compare"
          :to="{ name: 'compare', query: { cuts: compared.slugs.value.join(',') } }"
          >{{ t('atlas.compareNow') }}</RouterLink
        >
        <button type="button" class="plain" @click="compared.clear()">{{ t('atlas.putBack') }}</button>
      </footer>
    </section>
  </div>
</template>

<style scoped>
.atlas {
  display: grid;
  grid-template-columns: 262px minmax(0, 1fr);
  min-height: 100%;
}
.found {
  display: flex;
  flex-direction: column;
  min-width: 0;
  height: 100vh;
  overflow: hidden;
}
header {
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 12px 16px;
  border-bottom: 1px solid var(--line);
  flex-wrap: wrap;
}
.find {
  flex: 1 1 260px;
  height: 48px;
  font: 400 19px var(--text);
}
.count {
  margin: 0;
  font: 600 17px var(--figures);
  min-width: 76px;
}
.cuts {
  flex: 1;
  min-height: 0;
}
.cuts :deep(td) {
  padding: 0 10px;
  height: v-bind('`${ROW_PX}px`');
  border-bottom: 1px solid var(--hair);
}
.cuts :deep(th) {
  padding: 6px 10px;
  font-size: 13.5px;
  white-space: nowrap;
}
.cuts :deep(td.fact) {
  font: 600 16px/18px var(--figures);
  white-space: nowrap;
}
.cuts :deep(td.suits) {
  font-size: 14px;
  line-height: 1.25;
}
.cuts :deep(tr.hidden) {
  background: repeating-linear-gradient(135deg, #fff 0 8px, #eceff0 8px 16px);
}
.cuts :deep(.p-paginator > *),
.cuts :deep(.p-paginator-page) {
  min-width: 44px;
  height: 44px;
}
.soon {
  padding: 12px 16px;
}
@media (max-width: 640px) {
  .cuts :deep(thead) {
    display: none;
  }
  .cuts :deep(tr) {
    display: flex;
    flex-wrap: wrap;
    padding: 4px 0;
    border-bottom: 1px solid var(--line);
  }
  .cuts :deep(td) {
    height: auto;
    border: 0;
    padding: 3px 10px;
  }
  .cuts :deep(td.cut),
  .cuts :deep(td.suits) {
    flex-basis: 100%;
  }
}
.none {
  margin: 40px;
  font-size: 18px;
}
.tray {
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 10px 16px;
  background: #dbe1df;
  border-top: 1px solid var(--line);
  margin-top: auto;
}
.tray p {
  margin: 0 auto 0 0;
  font-weight: 700;
}
@media (max-width: 900px) {
  .atlas {
    grid-template-columns: minmax(0, 1fr);
  }
  .found {
    height: auto;
    overflow: visible;
  }
}
</style>
