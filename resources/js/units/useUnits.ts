import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { type Units } from './units'

/** The units everything is shown in, kept on this device. */
export const useUnits = defineStore('units', () => {
  const units = useLocalStorage<Units>('nessmark.units', 'metric')
  const toggle = () => {
    units.value = units.value === 'metric' ? 'imperial' : 'metric'
  }
  return { units, toggle }
})
