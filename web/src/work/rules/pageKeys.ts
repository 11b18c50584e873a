import type { Ref } from 'vue'
import { newId } from '@/api/id'
import type { DrawnStroke, Item } from '@/api/schema'
import { canErase, erasingAll } from '@/page/erased'
import { itemName } from '@/page/names'
import type { PlacedItem } from '@/page/placedItems'
import { SCANNED } from '@/work/access/scan'
import type { usePickUp } from './pickUp'
import { stepOnAxes, type Target } from './places'
import type { useStudentActions } from './studentActions'
import type { useThings } from './things'

const ARROWS: Record<string, { x: number; y: number }> = {
  ArrowRight: { x: 1, y: 0 },
  ArrowLeft: { x: -1, y: 0 },
  ArrowDown: { x: 0, y: 1 },
  ArrowUp: { x: 0, y: -1 },
  [SCANNED]: { x: 1, y: 0 },
}

/** In page units: what an arrow key moves a piece by, and with Shift. */
const NUDGE = { usual: 5, far: 50 }

/**
 * What keys do on a page, and taps on what cannot be moved.
 *
 * @param reading the note that is open
 */
export function usePageKeys(
  { movable, canTurn, canTurnOver, original }: ReturnType<typeof useThings>,
  { held, target, picked, send, nudge, putNudged }: ReturnType<typeof usePickUp>,
  { turnOver, turnBy }: Pick<ReturnType<typeof useStudentActions>, 'turnOver' | 'turnBy'>,
  targets: Ref<Target[]>,
  reading: Ref<string | null>,
  on: { say(words: string): void; erase(strokes: DrawnStroke[]): void },
) {
  function key(one: PlacedItem, event: KeyboardEvent) {
    if (event.key === 't' && canTurnOver(one)) turnOver(one)
    else if ((event.key === 'r' || event.key === 'R') && canTurn(one))
      void turnBy(one, event.shiftKey ? -1 : 1)
    else if ((event.key === ',' || event.key === '.') && canTurn(one))
      void turnBy(one, event.key === ',' ? -1 : 1, true)
    else if (event.key === 'o' && one.item.kind === 'note') reading.value = one.id
    else if (!movable(one)) {
      if (event.key !== 'Enter' && event.key !== ' ') return
      if (!tapped(one)) return
    } else if (event.key === 'Enter' || event.key === ' ') {
      if (!putNudged()) {
        const id = picked(one)
        if (id) send({ type: 'pick', piece: id })
      }
    } else if (event.key === 'Escape') send({ type: 'cancel' })
    else {
      const to = ARROWS[event.key]
      if (!to || held.value === null) return
      const rail = original(one.id).movement.kind === 'rail'
      const zones = rail || event.shiftKey ? 0 : targets.value.length
      const far = event.shiftKey ? NUDGE.far : NUDGE.usual
      const at = target.value ? targets.value.indexOf(target.value) : -1
      const next = event.key === SCANNED ? null : stepOnAxes(targets.value, at, to)
      const by = next ?? (to.x + to.y > 0 ? 1 : -1)
      if (zones) send({ type: 'step', by, zones, orBack: event.key === SCANNED })
      else nudge({ x: to.x * far, y: to.y * far })
    }
    event.preventDefault()
  }

  function eraseWhole(item: Extract<Item, { kind: 'ink' }>) {
    on.erase(erasingAll(item).map((stroke) => ({ id: newId(), stroke })))
    on.say(`Erased: ${itemName(item)}`)
  }

  /** What a tap does on something that cannot be moved: it is turned over, or read. */
  function tapped(one: PlacedItem): boolean {
    if (canErase(one.item)) eraseWhole(one.item as Extract<Item, { kind: 'ink' }>)
    else if (canTurnOver(one)) turnOver(one)
    else if (one.item.kind === 'note') reading.value = one.id
    else return false
    return true
  }
  return { key, tapped }
}
