import { passOver } from '@/shared/passOver'
/**
 * Has the browser keep the program of a student's screens, so that they come up without a network too. Browsers do so
 * only for addresses that are safe: https, or this very machine.
 */
export function comeUpWithoutNetwork() {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return
  // Where it is not allowed, pages that are open go on as before; only loading one anew needs the network.
  navigator.serviceWorker
    .register('/sw.js')
    .catch(passOver('without it everything works as long as there is a network'))
}
