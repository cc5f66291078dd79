import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'

/** Whether the first sale is still shown step by step, on this device. */
export const useGuide = defineStore('guide', () => {
  const isOn = useLocalStorage('nessmark.guide', true)
  return { isOn }
})
