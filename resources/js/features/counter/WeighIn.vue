<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed, ref, watch } from 'vue'
import { useI18n } from 'vue-i18n'
import { api, orThrow } from '@/api/client'
import { useSay } from '@/i18n/useSay'
import { useUnits } from '@/units/useUnits'

// Takes a weight off the scale: waits for a steady one, says why there is none, and lets go.
const emit = defineEmits<{ g: [grams: number] }>()
const LOOK_MS = 450
const { t } = useI18n()
const say = useSay()
const units = useUnits()
const isOn = ref(false)
const scale = useQuery(
  computed(() => ({
    queryKey: ['scale'] as const,
    queryFn: () => orThrow(api.GET('/scale')),
    enabled: isOn.value,
    refetchInterval: LOOK_MS,
    retry: false,
    gcTime: 0,
  })),
)
watch(
  () => scale.data.value,
  (seen) => {
    if (!isOn.value || !seen?.is_steady || seen.g === null || seen.g <= 0) return
    emit('g', seen.g)
    isOn.value = false
  },
)
const waits = computed(() => (isOn.value && scale.data.value ? say(scale.data.value.says, units.units) : null))
</script>

<template>
  <button type="button" class="plain" :aria-pressed="isOn" data-testid="off-the-scale" @click="isOn = !isOn">{{
    t(isOn ? 'scale.stop' : 'scale.take_it')
  }}</button>
  <span v-if="waits" class="waits" role="status">{{ waits }}</span>
</template>

<style scoped>
.plain {
  font-size: 16px;
  padding: 0 10px;
}
.waits {
  font: 500 14px/1.2 var(--text);
  max-width: 220px;
}
</style>
