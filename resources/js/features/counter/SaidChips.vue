<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Wish } from '@/asks/openAsk'
import { useAsks } from '@/asks/useAsks'
import { length, mass } from '@/units/units'
import { useUnits } from '@/units/useUnits'

// What was said of the meat itself or of how much, each as a chip that goes at a tap; a kind of the counter may take its place.
const props = defineProps<{ of: 'meat' | 'size' }>()
const { t } = useI18n()
const asks = useAsks()
const units = useUnits()
const chips = computed(() => {
  const { wish } = asks
  const said: { key: string; text: string; drop: Partial<Wish> }[] = []
  const put = (key: string, text: string | null | undefined | false, drop: Partial<Wish>) => {
    if (text) said.push({ key, text, drop })
  }
  if (props.of === 'size') {
    put('pieces', wish.pieces != null && t('heard.pieces', { count: wish.pieces }), { pieces: null })
    put('bones', wish.bones != null && t('heard.bones', { count: wish.bones }), { bones: null })
    put('part', wish.part != null && t('heard.half'), { part: null })
    put('each', wish.each_g != null && t('heard.each', { weight: mass(wish.each_g, units.units) }), { each_g: null })
    put('weight', wish.raw_g != null && mass(wish.raw_g, units.units), { raw_g: null })
    put('thickness', wish.thickness_mm != null && length(wish.thickness_mm, units.units), { thickness_mm: null })
    return said
  }
  put('named', wish.named, { named: null })
  put('like', wish.like && t('heard.like', { like: wish.like }), { like: null })
  put('dish', wish.dish && t(`dishes.${wish.dish}`), { dish: null })
  put('raw', wish.raw, { raw: null })
  put('grade', wish.grade && t('heard.grade', { grade: wish.grade.split(':').join(' ') }), { grade: null })
  put('aged', wish.aged_days != null && t('heard.aged', { days: wish.aged_days }), { aged_days: null })
  put('packed', wish.packed === 'dry' && t('heard.dry'), { packed: null })
  put('rearing', wish.rearing && t(`rearing.${wish.rearing}`), { rearing: null })
  put('origin', wish.origin && t('heard.from', { origin: wish.origin }), { origin: null })
  for (const kind of wish.kinds ?? []) put(`kind ${kind}`, kind, { kinds: (wish.kinds ?? []).filter((other) => other !== kind) })
  for (const or of wish.or ?? []) put(`or ${or}`, t('heard.or', { other: or }), { or: (wish.or ?? []).filter((other) => other !== or) })
  for (const method of wish.methods ?? [])
    put(`method ${method}`, t(`method.${method}`), { methods: (wish.methods ?? []).filter((other) => other !== method) })
  return said
})
</script>

<template>
  <div v-if="chips.length" class="said" data-testid="said">
    <button
      v-for="chip in chips"
      :key="chip.key"
      type="button"
      :aria-label="t('ask.drop', { what: chip.text })"
      @click="asks.patch(() => chip.drop)"
      >{{ chip.text }} <span aria-hidden="true">×</span></button
    >
  </div>
</template>

<style scoped>
.said {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
button {
  min-height: 44px;
  padding: 0 9px;
  border: 1px solid var(--ink);
  background: var(--ink);
  color: #fff;
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
</style>
