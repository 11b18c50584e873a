import { computed, type Ref } from 'vue'
import type { StudentPage, Zone } from '@/api/schema'

/** With several zones to check on a page each that something waits in has a button of its own. */
export function useZonesToCheck(
  props: { page: StudentPage; resting: boolean },
  zones: Readonly<Ref<Zone[]>>,
  states: Readonly<Ref<Record<string, { waits?: boolean; zoneId?: string }>>>,
) {
  return computed(() => {
    const asked = zones.value.filter((zone) => props.page.onCheck?.includes(zone.id))
    if (asked.length < 2 || props.resting) return []
    const waiting = new Set(Object.values(states.value).flatMap((one) => (one.waits ? [one.zoneId] : [])))
    return asked.filter((zone) => waiting.has(zone.id))
  })
}
