import { clientsClaim } from 'workbox-core'
import { ExpirationPlugin } from 'workbox-expiration'
import { matchPrecache, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'
import { CacheFirst } from 'workbox-strategies'

declare const self: ServiceWorkerGlobalScope
/** What a student's screens are made of; laid in by the build. */
declare const STUDENT_FILES: PrecacheEntry[]

/**
 * Stands between a student's browser and the network, so that a page that is loaded anew without a network comes up all
 * the same. It keeps the program, never anybody's work: that lies in the browser's database (work/attempt/device.ts).
 */
const MOST_FILES = 400
const PATIENCE_MS = 4000

// The network has the newest program; there is no waiting for all tabs to be closed.
void self.skipWaiting()
clientsClaim()
precacheAndRoute(STUDENT_FILES, { directoryIndex: '', cleanURLs: false })

registerRoute(
  new NavigationRoute(
    async ({ request }) => {
      try {
        return await fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) })
      } catch (error) {
        const page = await matchPrecache('/index.html')
        if (page) return page
        throw error
      }
    },
    { denylist: [/^\/api\//] },
  ),
)

// Names of these hold what is in them, or a picture of the library that never changes.
registerRoute(
  ({ url, sameOrigin }) => sameOrigin && /^\/(assets|library)\//.test(url.pathname),
  new CacheFirst({
    cacheName: 'glad-tile-files',
    plugins: [new ExpirationPlugin({ maxEntries: MOST_FILES, purgeOnQuotaError: true })],
  }),
)
