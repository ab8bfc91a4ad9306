/// <reference lib="webworker" />
import { clientsClaim } from 'workbox-core'
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'
import { CacheFirst, NetworkFirst } from 'workbox-strategies'
import { isKept } from './domain/kept-answers'

declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: { url: string; revision: string | null }[] }

/**
 * What keeps the app going without a network: its pages, and the last answer to what a list says.
 * The network always comes first; what is kept is only shown while it does not answer.
 */

/** Answers of the server; emptied when somebody signs out. The page knows it by the same name. */
const ANSWERS = 'answers'
const SOUND = 'sound'
/** A hall's network that is this slow is as good as none. */
const PATIENCE_SECONDS = 4

// Pages that are open already are kept going from the first visit on.
clientsClaim()
precacheAndRoute(self.__WB_MANIFEST)
cleanupOutdatedCaches()

registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//] }))

registerRoute(
  ({ url, request }) => request.method === 'GET' && url.pathname === '/api/sound/voice',
  new CacheFirst({ cacheName: SOUND }),
)

/** Says on an answer that it was kept, so that a page can say so too. */
const kept = {
  cachedResponseWillBeUsed: async ({ cachedResponse }: { cachedResponse?: Response }) => {
    if (!cachedResponse) return cachedResponse
    const headers = new Headers(cachedResponse.headers)
    headers.set('X-Kept', 'true')
    return new Response(cachedResponse.body, { status: cachedResponse.status, headers })
  },
}

registerRoute(
  ({ url, request }) => request.method === 'GET' && isKept(url.pathname),
  new NetworkFirst({ cacheName: ANSWERS, networkTimeoutSeconds: PATIENCE_SECONDS, plugins: [kept] }),
)

/** A teach that is laid out is computed from what is sent, and the same as long as that is the same. */
async function laidOut(request: Request): Promise<Response> {
  const body = await request.clone().arrayBuffer()
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', body))
  const key = `${request.url}?body=${Array.from(digest, (byte) => byte.toString(16).padStart(2, '0')).join('')}`
  const cache = await caches.open(ANSWERS)
  try {
    const answer = await fetch(request)
    if (answer.ok) await cache.put(key, answer.clone())
    return answer
  } catch (e) {
    const found = await cache.match(key)
    if (found) return found
    throw e
  }
}
registerRoute(
  ({ url }) => /^\/api\/dances\/\d+\/teach$/.test(url.pathname),
  ({ request }) => laidOut(request),
  'POST',
)

self.addEventListener('message', (event) => {
  if (event.data === 'TAKE_OVER') void self.skipWaiting()
})
