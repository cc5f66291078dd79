import { computed, ref, watch, type ComputedRef } from 'vue'

/** Rows drawn at a time: more than a screen of them, few enough to be there at once. */
const STEP = 36

/** A long list is drawn as far as somebody reads it. Everything is searched and counted; only the drawing waits. */
export function useInSteps<Row>(all: ComputedRef<Row[]>, startsAnewWith: () => unknown) {
  const drawn = ref(STEP)
  watch(startsAnewWith, () => {
    drawn.value = STEP
  })
  return {
    rows: computed(() => all.value.slice(0, drawn.value)),
    left: computed(() => Math.max(0, all.value.length - drawn.value)),
    more: () => {
      drawn.value += STEP
    },
  }
}
