import { onMounted, onUnmounted, watch } from 'vue'
import { useRoute } from 'vue-router'

/** Whoever arrives at a page is told where: the tab bears its heading, and so has the focus, unless somebody is at work there already. */
export function useArrival(name: string): void {
  const route = useRoute()
  let left: { heading: Element | null; text: string } | null = null

  function arrive(): void {
    const heading = document.querySelector('h1')
    if (heading === null) return
    const text = heading.textContent.trim()
    document.title = `${text} · ${name}`
    if (left === null || (heading === left.heading && text === left.text)) return
    left = null
    if (document.activeElement?.closest('#work')) return
    heading.tabIndex = -1
    heading.focus({ preventScroll: true })
  }

  const observer = new MutationObserver(arrive)
  onMounted(() => {
    observer.observe(document.body, { subtree: true, childList: true, characterData: true })
  })
  onUnmounted(() => {
    observer.disconnect()
  })
  watch(
    () => route.path,
    () => {
      const heading = document.querySelector('h1')
      left = { heading, text: heading?.textContent.trim() ?? '' }
    },
    { flush: 'sync' },
  )
}
