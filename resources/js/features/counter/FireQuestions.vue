<script setup lang="ts">
import { watch } from 'vue'
import { useI18n } from 'vue-i18n'
import type { Schemas } from '@/api/client'
import { usePiece, type Surface } from './usePiece'

// Two questions about the fire at most, and how wet the piece goes on it; each starts with the usual answer.
const props = defineProps<{ method: Schemas['MethodSummary'] | undefined }>()
const { t } = useI18n()
const store = usePiece()
const surfaces: Surface[] = ['patted', 'dried', 'wet']

watch(() => props.method?.fires.map((choice) => choice.of) ?? [], (keys) => { store.fireKeys = keys }, { immediate: true })
// Another sort of appliance has another usual setting.
const choose = (of: string, event: Event) => {
  store.piece.fires = { ...store.piece.fires, [of]: (event.target as HTMLSelectElement).value }
  if (of !== 'burner') Object.assign(store.piece, { heatC: null, heatText: null })
}
</script>

<template>
  <div v-if="method" class="fires" data-testid="fires">
    <label v-for="choice in method.fires" :key="choice.of">{{ t(`piece.of.${choice.of}`) }}
      <select :value="store.piece.fires[choice.of] ?? choice.sorts[0]" :data-testid="`fire-${choice.of}`" @change="choose(choice.of, $event)">
        <option v-for="sort in choice.sorts" :key="sort" :value="sort">{{ t(`fire.${sort}`) }}</option>
      </select>
    </label>
    <label v-if="method.dries">{{ t('piece.surface') }}
      <select v-model="store.piece.surface" data-testid="surface">
        <option v-for="surface in surfaces" :key="surface" :value="surface">{{ t(`surface.${surface}`) }}</option>
      </select>
    </label>
  </div>
</template>

<style scoped>
.fires { display: grid; grid-template-columns: 1fr 1fr; gap: 6px 8px; }
label { font: 700 14px/20px var(--text); color: var(--soft); margin: 0; min-width: 0; }
select { display: block; width: 100%; height: 38px; border: 1px solid var(--line); background: #fff; color: var(--ink); font: 600 16px/1 var(--figures); padding: 0 6px; border-radius: 0; cursor: pointer; }
select:focus-visible { outline: 3px solid var(--focus); outline-offset: 2px; }
</style>
