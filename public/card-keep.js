// Keeps a card that was opened on this phone, so that it opens again where there is no signal. What the server has, goes first; a card the
// shop has ended is thrown away here as well.
const KEPT = 'cards'

self.addEventListener('install', () => self.skipWaiting())
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))
self.addEventListener('fetch', (event) => {
  const { request } = event
  if (request.method !== 'GET') return
  event.respondWith(
    (async () => {
      const cards = await caches.open(KEPT)
      try {
        const answer = await fetch(request)
        if (answer.ok) await cards.put(request, answer.clone())
        else if (answer.status === 404) await cards.delete(request, { ignoreSearch: true })
        return answer
      } catch (lost) {
        const kept = await cards.match(request, { ignoreSearch: !request.url.includes('?') })
        if (kept) return kept
        throw lost
      }
    })(),
  )
})
