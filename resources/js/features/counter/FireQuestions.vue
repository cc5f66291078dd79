<script setup lang="ts">
import Select from 'primevue/select'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { useAsks } from '@/asks/useAsks'
import type { Surface } from '@/asks/openAsk'

// Two questions about the fire at most, and how wet the piece goes on it; each starts with the usual answer.
defineProps<{ method: Schemas['MethodSummary'] | undefined; surface: string }>()
const { t } = useI18n()
const asks = useAsks()
const surfaces: Surface[] = ['patted', 'dried', 'wet']

// Another sort of appliance has another usual setting.
const choose = (of: string, sort: string) => {
  asks.setHand({ fires: { ...asks.piece.fires, [of]: sort }, ...(of === 'burner' ? {} : { heat_c: undefined }) }, of === 'burner' ? undefined : 'heat')
}
</script>

<template>
  <div v-if="method" class="fires" data-testid="fires">
    <div v-for="choice in method.fires" :key="choice.of">
      <span :id="`fire-${choice.of}`" class="label">{{ t(`piece.of.${choice.of}`) }}</span>
      <Select
        :model-value="asks.piece.fires?.[choice.of] ?? choice.sorts[0]" :options="choice.sorts" :option-label="(sort: string) => t(`fire.${sort}`)" :aria-labelledby="`fire-${choice.of}`"
        :data-testid="`fire-${choice.of}`" @update:model-value="(sort: string) => { choose(choice.of, sort) }"
      />
    </div>
    <div v-if="method.dries">
      <span id="fire-surface" class="label">{{ t('piece.surface') }}</span>
      <Select
        :model-value="surface" :options="surfaces" :option-label="(each: string) => t(`surface.${each}`)" aria-labelledby="fire-surface" data-testid="surface"
        @update:model-value="(now: Surface) => { asks.setHand({ surface: now }) }"
      />
    </div>
  </div>
</template>

<style scoped>
.fires { display: grid; grid-template-columns: 1fr 1fr; gap: 6px 8px; }
.fires > div { min-width: 0; }
.label { display: block; font: 700 14px/20px var(--text); color: var(--soft); }
.fires :deep(.p-select) { width: 100%; height: 38px; }
.fires :deep(.p-select-label) { padding: 0 8px; font: 600 16px/36px var(--figures); }
</style>
