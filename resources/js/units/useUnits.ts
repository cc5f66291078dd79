import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { type Units } from './units'

/** The units everything is shown in: as chosen on this device, or the shop's own until somebody chooses. */
export const useUnits = defineStore('units', () => {
  const chosen = useLocalStorage<Units | ''>('nessmark.units', '')
  const house = ref<Units>('metric')
  const units = computed({
    get: (): Units => (chosen.value === '' ? house.value : chosen.value),
    set: (value: Units) => {
      chosen.value = value
    },
  })
  const toggle = () => {
    units.value = units.value === 'metric' ? 'imperial' : 'metric'
  }
  return { units, house, toggle }
})
