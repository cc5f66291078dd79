<script setup lang="ts">
import { computed } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { length, type Units } from '@/units/units'

// What the bite will be: what stays of the weight, how far collagen has turned and a cap of fat has run out, and the crust.
const props = defineProps<{ ticket: Schemas['DishTicket']; units: Units }>()
const { t } = useI18n()
const percent = (share: number) => Math.round(share * 100)

const meters = computed(() => {
  const { losses, texture } = props.ticket
  if (!losses || !texture) return []
  const rows = [{ key: 'stays', share: 1 - losses.cooking_loss_share, note: t('meter.steam', { share: percent(losses.evaporated_share) }) }]
  if (texture.collagen_turned_share >= 0.05 || props.ticket.pull_by === 'fork')
    rows.push({ key: 'gelatin', share: texture.collagen_turned_share, note: '' })
  if (texture.fat_rendered_share !== null) rows.push({ key: 'rendered', share: texture.fat_rendered_share, note: '' })
  return rows
})
const crust = computed(() => props.ticket.losses?.crust_mm ?? 0)
</script>

<template>
  <dl v-if="meters.length" class="meters" :aria-label="t('meter.title')" data-testid="texture">
    <div v-for="meter in meters" :key="meter.key">
      <dt>{{ t(`meter.${meter.key}`) }}</dt>
      <dd
        ><span class="rod" aria-hidden="true"><i :style="{ width: `${percent(meter.share)}%` }" /></span><b>{{ percent(meter.share) }} %</b>
        <small v-if="meter.note">{{ meter.note }}</small></dd
      >
    </div>
    <div v-if="crust >= 0.1"
      ><dt>{{ t('meter.crust') }}</dt
      ><dd
        ><b>{{ length(crust, units) }}</b> <small>{{ t('meter.aSide') }}</small></dd
      ></div
    >
  </dl>
</template>

<style scoped>
.meters {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 22px;
  margin: 0;
}
.meters div {
  display: flex;
  align-items: center;
  gap: 7px;
}
dt,
dd {
  white-space: nowrap;
}
dt {
  font-size: 13px;
  color: var(--soft);
}
dd {
  margin: 0;
  display: flex;
  align-items: center;
  gap: 6px;
  font: 600 16px/1.3 var(--figures);
  font-variant-numeric: tabular-nums;
}
small {
  font: 500 13px/1.3 var(--text);
  color: var(--soft);
}
.rod {
  display: inline-block;
  width: 64px;
  height: 9px;
  background: #dfe5e3;
}
.rod i {
  display: block;
  height: 100%;
  background: var(--oxblood);
}
@media (max-width: 600px) {
  dd {
    flex-wrap: wrap;
  }
}
</style>
