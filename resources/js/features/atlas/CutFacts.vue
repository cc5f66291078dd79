<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import { length, mass, type Units } from '@/units/units'
import Meter from './Meter.vue'
import { tenderSteps } from './steps'

const props = defineProps<{ cut: Schemas['CutPage']; units: Units }>()
const { t } = useI18n()
const say = useSay()
const covering = computed(() => {
  const has = props.cut.covering
  return [
    has.bone === 'none' ? t('bone.none') : t('cut.boneShare', { bone: t(`bone.${has.bone}`), share: has.bone_pct }),
    ...(has.skin ? [t('cut.skin')] : []),
    ...(has.pin_bones ? [t('cut.pinBones')] : []),
    ...(has.membrane === 'none' ? [] : [t(`membrane.${has.membrane}`)]),
    ...(has.fat_cap_mm > 0 ? [t('cut.cap', { cap: length(has.fat_cap_mm, props.units) })] : []),
  ].join(' · ')
})
</script>

<template>
  <dl class="facts">
    <div
      ><dt>{{ t('atlas.tender') }}</dt
      ><dd
        ><Meter :value="tenderSteps(cut.tenderness)" :of="5" :label="t(`tenderness.${cut.tenderness}`)" />
        {{ t(`tenderness.${cut.tenderness}`) }}</dd
      ></div
    >
    <div
      ><dt>{{ t('atlas.flavour') }}</dt
      ><dd><Meter :value="cut.flavour" :of="5" :label="t('atlas.ofFive', { value: cut.flavour })" /></dd
    ></div>
    <div
      ><dt>{{ t('atlas.price') }}</dt
      ><dd><Meter :value="cut.price_class" :of="4" :label="t(`price.${cut.price_class}`)" /> {{ t(`price.${cut.price_class}`) }}</dd></div
    >
    <div
      ><dt>{{ t('atlas.fat') }}</dt
      ><dd>{{ cut.fat_pct }} %, {{ t(`fat.${cut.fat}`) }}</dd></div
    >
    <div
      ><dt>{{ t(cut.is_round ? 'piece.diameter' : 'piece.thickness') }}</dt
      ><dd
        >{{ length(cut.thickness_mm.typical, units) }}
        <small>({{ length(cut.thickness_mm.min, units) }} – {{ length(cut.thickness_mm.max, units) }})</small></dd
      ></div
    >
    <div
      ><dt>{{ t('cut.weight') }}</dt
      ><dd
        >{{ mass(cut.weight_g.typical, units) }}
        <small>({{ mass(cut.weight_g.low, units) }} – {{ mass(cut.weight_g.high, units) }})</small></dd
      ></div
    >
    <div v-if="cut.per_animal !== null"
      ><dt>{{ t('cut.perAnimal') }}</dt
      ><dd>{{ cut.per_animal }}</dd></div
    >
    <div
      ><dt>{{ t('cut.sold') }}</dt
      ><dd>{{ t(`form.${cut.form}`) }}, {{ t(`availability.${cut.availability}`) }}</dd></div
    >
    <div
      ><dt>{{ t('cut.covering') }}</dt
      ><dd>{{ covering }}</dd></div
    >
    <div
      ><dt>{{ t('cut.done') }}</dt
      ><dd>{{ t(`word.${cut.doneness.default}`) }}</dd></div
    >
    <div
      ><dt>{{ t('cut.slice') }}</dt
      ><dd>{{ say(cut.slice, units) }}</dd></div
    >
    <div
      ><dt>{{ t('cut.yields') }}</dt
      ><dd>{{
        t('cut.yieldsLine', {
          trim: `${cut.yields_pct.trim.low}–${cut.yields_pct.trim.high}`,
          cooking: `${cut.yields_pct.cooking.low}–${cut.yields_pct.cooking.high}`,
        })
      }}</dd></div
    >
    <div v-if="cut.item_numbers.length > 0"
      ><dt>{{ t('cut.numbers') }}</dt
      ><dd>{{ cut.item_numbers.map((item) => `${item.system} ${item.number}`).join(', ') }}</dd></div
    >
  </dl>
</template>

<style scoped>
.facts {
  margin: 0;
}
.facts div {
  display: grid;
  grid-template-columns: 104px 1fr;
  gap: 10px;
  padding: 5px 0;
  border-bottom: 1px solid var(--hair);
  align-items: baseline;
}
dt {
  color: var(--soft);
  font-size: 14px;
}
dd {
  margin: 0;
  font: 600 17px/1.25 var(--figures);
}
small {
  font: 500 14.5px var(--figures);
  color: var(--soft);
  white-space: nowrap;
}
</style>
