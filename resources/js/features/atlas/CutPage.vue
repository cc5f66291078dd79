<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { useI18n } from 'vue-i18n'
import { useSay } from '@/i18n/useSay'
import { useSession } from '@/queries/session'
import { useUnits } from '@/units/useUnits'
import AmbiguousNote from './AmbiguousNote.vue'
import AnimalDrawing from './AnimalDrawing.vue'
import CutFacts from './CutFacts.vue'
import CutMethods from './CutMethods.vue'
import CutMuscles from './CutMuscles.vue'
import CutNames from './CutNames.vue'
import GradeReader from './GradeReader.vue'
import HeadButcherBar from './HeadButcherBar.vue'
import { cutQuery } from './queries'
import { useCompared } from './useCompared'
import TickBox from '@/ui/TickBox.vue'

const props = defineProps<{ slug: string }>()
const { t } = useI18n()
const say = useSay()
const units = useUnits()
const session = useSession()
const compared = useCompared()
const page = useQuery(() => cutQuery(props.slug))
</script>

<template>
  <div class="page">
    <p class="back"
      ><RouterLink :to="{ name: 'atlas' }">{{ t('atlas.back') }}</RouterLink></p
    >
    <p v-if="page.isError.value" class="wrong" role="alert">{{ page.error.value?.message }}</p>
    <p v-else-if="!page.data.value">{{ t('atlas.loading') }}</p>
    <article v-else class="cut" data-testid="cut-page">
      <header>
        <div
          ><h1>{{ page.data.value.name }}</h1
          ><p
            >{{ t(`group.${page.data.value.group}`) }} · {{ page.data.value.region_name }}
            <em v-if="page.data.value.is_own">{{ t('atlas.own') }}</em><em v-if="page.data.value.is_hidden">{{ t('atlas.hidden') }}</em></p
          ></div
        >
        <TickBox
          class="lay"
          :model-value="compared.slugs.value.includes(slug)"
          :disabled="compared.isFull.value && !compared.slugs.value.includes(slug)"
          @update:model-value="compared.toggle(slug)"
          >{{ t('atlas.compare') }}</TickBox
        >
        <RouterLink
          v-if="compared.slugs.value.length > 1"
          class="plain"
          :to="{ name: 'compare', query: { cuts: compared.slugs.value.join(',') } }"
          >{{ t('atlas.compareNow') }} ({{ compared.slugs.value.length }})</RouterLink
        >
        <button type="button" class="plain" @click="units.toggle()">{{
          t(units.units === 'metric' ? 'app.metric' : 'app.imperial')
        }}</button>
      </header>
      <AmbiguousNote v-for="name in page.data.value.ambiguous" :key="name.name" :name="name" />
      <HeadButcherBar v-if="session.data.value?.may_change_catalogue" :cut="page.data.value" />
      <div class="columns">
        <section>
          <AnimalDrawing
            class="drawing"
            :animal="page.data.value.animal"
            :marked="page.data.value.region"
            :label="t('cut.where', { region: page.data.value.region_name })" />
          <h2>{{ t('cut.recognise') }}</h2>
          <p>{{ page.data.value.recognise }}</p>
          <template v-if="page.data.value.look_alikes.length > 0">
            <h2>{{ t('cut.confused') }}</h2>
            <dl class="alikes"
              ><template v-for="other in page.data.value.look_alikes" :key="other.slug"
                ><dt
                  ><RouterLink :to="{ name: 'cut', params: { slug: other.slug } }">{{ other.name }}</RouterLink></dt
                ><dd>{{ say(other.tell, units.units) }}</dd></template
              ></dl
            >
          </template>
          <h2>{{ t('cut.cautions') }}</h2>
          <ul class="cautions"
            ><li v-for="caution in page.data.value.cautions" :key="caution.key">{{ say(caution, units.units) }}</li></ul
          >
        </section>
        <section>
          <CutFacts :cut="page.data.value" :units="units.units" />
          <CutMuscles :muscles="page.data.value.muscles" />
          <CutNames :cut="page.data.value" :may-change="session.data.value?.may_change_catalogue ?? false" />
        </section>
        <section>
          <CutMethods :slug="slug" :methods="page.data.value.methods" :units="units.units" />
          <GradeReader v-if="page.data.value.grades.length > 0" :slug="slug" :scales="page.data.value.grades" :units="units.units" />
          <div v-if="page.data.value.instead_of_grades"
            ><h2>{{ t('cut.grade') }}</h2
            ><p>{{ page.data.value.instead_of_grades.text }}</p
            ><ul class="cautions"
              ><li v-for="sign in page.data.value.instead_of_grades.signs" :key="sign">{{ sign }}</li></ul
            ></div
          >
        </section>
      </div>
      <details class="sources"
        ><summary>{{ t('ticket.sources') }}</summary
        ><ul
          ><li v-for="source in page.data.value.sources" :key="source.id"
            >{{ source.text }} <i>({{ t(`source.${source.kind}`) }})</i></li
          ></ul
        ></details
      >
    </article>
  </div>
</template>

<style scoped>
.page {
  padding: 8px 22px 30px;
}
.back {
  margin: 0;
}
.back a {
  color: var(--oxblood);
  font-weight: 700;
  display: inline-block;
  padding: 8px 0;
}
header {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 10px;
}
header > div {
  margin-right: auto;
}
h1 {
  font-size: 34px;
}
header p {
  margin: 2px 0 0;
  color: var(--soft);
}
em {
  font-style: normal;
  font-weight: 700;
  margin-left: 8px;
  color: var(--oxblood);
}
.lay {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: 44px;
  color: var(--ink);
  margin: 0;
  cursor: pointer;
}
.lay input {
  width: 22px;
  height: 22px;
  accent-color: var(--ink);
}
.columns {
  display: grid;
  grid-template-columns: minmax(250px, 1fr) minmax(280px, 1.15fr) minmax(320px, 1.35fr);
  gap: 26px;
  margin-top: 12px;
}
.columns > section {
  min-width: 0;
}
.drawing {
  background: #fff;
  border: 1px solid var(--hair);
  padding: 6px;
}
.columns :deep(h2) {
  font-size: 19px;
  margin: 16px 0 4px;
  padding-bottom: 3px;
  border-bottom: 2px solid var(--ink);
}
.columns > section:last-child > :deep(:first-child h2:first-child) {
  margin-top: 0;
}
.columns p {
  margin: 4px 0;
}
.alikes {
  margin: 0;
}
.alikes dt a {
  font: 700 17px/1.4 var(--figures);
  color: var(--oxblood);
}
.alikes dd {
  margin: 0 0 8px;
  font-size: 14.5px;
}
.cautions {
  margin: 4px 0;
  padding-left: 18px;
  font-size: 14.5px;
}
.sources {
  margin-top: 20px;
  font-size: 13.5px;
  color: var(--soft);
}
.sources summary {
  cursor: pointer;
  font-weight: 700;
  padding: 6px 0;
}
@media (max-width: 1080px) {
  .columns {
    grid-template-columns: 1fr 1fr;
  }
}
@media (max-width: 700px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
  .page {
    padding: 6px 12px 24px;
  }
}
</style>
