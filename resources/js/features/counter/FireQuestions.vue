<script setup lang="ts">
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useAsks } from '@/asks/useAsks'
import type { Surface } from '@/asks/openAsk'
import PickOne from '@/ui/PickOne.vue'

// Two questions about the fire at most, how the cook is carried out, and how wet the piece goes on it; each starts with the usual answer.
type Manner = Schemas['MannerChoice']
defineProps<{ method: Schemas['MethodSummary'] | undefined; manners: Manner[]; surface: Surface }>()
const { t } = useI18n()
const asks = useAsks()
const USUAL = ''
const said = (of: Manner['of']) => {
  const value = asks.piece[of]
  return value === undefined ? USUAL : typeof value === 'boolean' ? (value ? 'yes' : 'no') : value
}
const say = (of: Manner['of'], sort: string) => {
  asks.setHand({ [of]: sort === USUAL ? undefined : of === 'covered' ? sort === 'yes' : sort })
}
const surfaces: Surface[] = ['patted', 'dried', 'wet']

// Another sort of appliance has another usual setting.
const choose = (of: string, sort: string) => {
  asks.setHand(
    { fires: { ...asks.piece.fires, [of]: sort }, ...(of === 'burner' ? {} : { heat_c: undefined }) },
    of === 'burner' ? undefined : 'heat',
  )
}
</script>

<template>
  <div v-if="method" class="fires" data-testid="fires">
    <PickOne
      v-for="choice in method.fires"
      :key="choice.of"
      :model-value="asks.piece.fires?.[choice.of] ?? choice.sorts[0] ?? ''"
      :label="t(`piece.of.${choice.of}`)"
      :options="choice.sorts.map((value) => ({ value, label: t(`fire.${value}`) }))"
      :testid="`fire-${choice.of}`"
      @update:model-value="
        (sort: string) => {
          choose(choice.of, sort)
        }
      " />
    <PickOne
      v-for="manner in manners"
      :key="manner.of"
      :model-value="said(manner.of)"
      :label="t(`manner.${manner.of}.of`)"
      :options="[USUAL, ...manner.sorts].map((value) => ({ value, label: t(`manner.${manner.of}.${value || 'usual'}`) }))"
      :testid="`manner-${manner.of}`"
      @update:model-value="
        (sort: string) => {
          say(manner.of, sort)
        }
      " />
    <PickOne
      v-if="method.dries"
      :model-value="surface"
      :label="t('piece.surface')"
      :options="surfaces.map((value) => ({ value, label: t(`surface.${value}`) }))"
      testid="surface"
      @update:model-value="
        (now: Surface) => {
          asks.setHand({ surface: now })
        }
      " />
  </div>
</template>

<style scoped>
.fires {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 8px;
}
</style>
