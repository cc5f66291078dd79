<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Wish } from '@/asks/openAsk'
import { useAsks } from '@/asks/useAsks'
import { length, mass } from '@/units/units'
import { useUnits } from '@/units/useUnits'

// What was said of the meat itself, each as a chip that goes at a tap; the rest of the ask has its own rows below.
const { t } = useI18n()
const asks = useAsks()
const units = useUnits()
const chips = computed(() => {
  const { wish } = asks
  const said: { key: string; text: string; drop: Partial<Wish> }[] = []
  if (wish.named) said.push({ key: 'named', text: wish.named, drop: { named: null } })
  for (const kind of wish.kinds ?? [])
    said.push({ key: `kind ${kind}`, text: kind, drop: { kinds: (wish.kinds ?? []).filter((other) => other !== kind) } })
  if (wish.thickness_mm) said.push({ key: 'thickness', text: length(wish.thickness_mm, units.units), drop: { thickness_mm: null } })
  if (wish.raw_g) said.push({ key: 'weight', text: mass(wish.raw_g, units.units), drop: { raw_g: null } })
  for (const method of wish.methods ?? [])
    said.push({
      key: `method ${method}`,
      text: t(`method.${method}`),
      drop: { methods: (wish.methods ?? []).filter((other) => other !== method) },
    })
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
  min-height: 36px;
  padding: 0 9px;
  border: 1px solid var(--ink);
  background: var(--ink);
  color: #fff;
  font: 600 16px/1 var(--figures);
  cursor: pointer;
}
</style>
