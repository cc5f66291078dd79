import { useSessionStorage } from '@vueuse/core'
import { computed } from 'vue'

/** As many cuts as can be read side by side; the server says so too. */
const most = 4

/** The cuts laid aside to be compared. */
export function useCompared() {
  const slugs = useSessionStorage<string[]>('nessmark.compared', [])
  const toggle = (slug: string) => {
    slugs.value = slugs.value.includes(slug) ? slugs.value.filter((one) => one !== slug) : [...slugs.value, slug].slice(0, most)
  }
  const isFull = computed(() => slugs.value.length >= most)
  const clear = () => {
    slugs.value = []
  }
  return { slugs, toggle, isFull, clear }
}
