import { t } from '@/i18n'
import { pointOn } from '@/page/pointer'
import { computed, ref, shallowRef, watch, type ComputedRef, type Ref } from 'vue'
import { usePull } from '@/gesture/usePull'
import type { Frame } from '@/api/schema'
import { frameQueue } from '@/gesture/frameQueue'
import { step, type Effect, type Event as ChartEvent, type State } from '@/gesture/pieceChart'
import type { PlacedItem } from '@/page/placedItems'
import { PAGE, type Point } from '@/page/geometry'
import { originalOf } from '@/page/items'
import { itemName } from '@/page/names'
import { wholeOf } from '@/page/sized'
import { zoneHas, zonesUnder } from '@/page/zones'
import type { Target } from './places'
import { readingAt, type Reading } from '@/work/media/reading'
import { alongRail, nextCopy, stepOnRail } from './rules'
import type { Ahead, Things } from './things'

interface Page {
  root: Ref<SVGSVGElement | undefined>
  /** The layer that what is dragged lies on. */
  air: Ref<SVGSVGElement | undefined>
  ahead: Ref<Ahead>
  targets: ComputedRef<Target[]>
  /** Zones that cross with others, so that a piece may lie in several of them. */
  crossing: ComputedRef<Set<string>>
  things: Things
  put(one: PlacedItem, to: Frame): Promise<void>
  /** What a tap does on a piece, other than picking it up. @returns whether it did something */
  tap(one: PlacedItem): boolean
  say(words: string): void
}

/** Picking pieces up and putting them down: by dragging, by tap and tap, or by keyboard. */
export function usePickUp({ root, air, ahead, targets, crossing, things, put, tap, say }: Page) {
  const { states, zones, along, find, original, leftOver, movable } = things
  const chart = ref<State>({ is: 'idle' })
  const dragged = ref<string | null>(null)
  /** The zones that what is dragged is over: the topmost, or all that cross there. */
  const over = ref<string[]>([])
  /** What is read there on a number line. */
  const reading = shallowRef<Reading | null>(null)
  const queue = frameQueue()
  const held = computed(() => (chart.value.is === 'held' ? chart.value.piece : null))
  const target = computed(() =>
    chart.value.is === 'held' && chart.value.zone !== null ? targets.value[chart.value.zone] : null,
  )

  const pointAt = (event: PointerEvent) => pointOn(root.value!, event)

  function send(event: ChartEvent) {
    const result = step(chart.value, event)
    chart.value = result.state
    result.effects.forEach(run)
  }

  function run(effect: Effect) {
    const one = find(effect.piece)
    const { item } = one
    const frame = item.frame
    switch (effect.do) {
      case 'drag': {
        dragged.value = effect.piece
        const to = alongRail(original(one.id), {
          ...frame,
          x: frame.x + effect.by.x,
          y: frame.y + effect.by.y,
        })
        const others = zonesBut(effect.piece)
        const under = zonesUnder(others, crossing.value, to)
        if (over.value.join() !== under.join()) over.value = under
        const read = readingAt(others, under, to)
        if (
          read?.words !== reading.value?.words ||
          read?.x !== reading.value?.x ||
          read?.y !== reading.value?.y
        )
          reading.value = read
        queue('drag', () => {
          const scale = root.value!.getBoundingClientRect().width / PAGE.width
          if (air.value)
            air.value.style.transform = `translate(${(to.x - frame.x) * scale}px, ${(to.y - frame.y) * scale}px)`
        })
        return
      }
      case 'drop':
        dragged.value = null
        void put(one, onPage({ ...frame, x: frame.x + effect.by.x, y: frame.y + effect.by.y }))
        return
      case 'putAt':
        void put(
          one,
          onPage({ ...frame, x: effect.at.x - frame.width / 2, y: effect.at.y - frame.height / 2 }),
        )
        return
      case 'putInZone': {
        const m = targets.value[effect.zone]!.at
        void put(one, { ...frame, x: m.x - frame.width / 2, y: m.y - frame.height / 2 })
        return
      }
      case 'held':
        say(
          targets.value.length && original(one.id).movement.kind !== 'rail'
            ? t('pick.where', { name: itemName(item) })
            : t('pick.keys', { name: itemName(item) }),
        )
        return
      case 'target':
        say(t('pick.target', { target: targets.value[effect.zone]!.name, name: itemName(item) }))
        return
      case 'home':
        say(t('pick.home', { name: itemName(item) }))
        return
      case 'returned':
        dragged.value = null
        letGoOfNudged(effect.piece)
        say(t('pick.is-back', { name: itemName(item) }))
    }
  }

  /** The zones that a piece can be put in: none that goes with it. */
  function zonesBut(id: string) {
    const with_ = along(id)
    return with_.size ? zones.value.filter((zone) => !with_.has(zone.id)) : zones.value
  }

  /** Keeps the middle of a piece on the page, so that nothing is dropped out of reach. */
  function onPage(frame: Frame): Frame {
    const x = Math.min(Math.max(frame.x, -frame.width / 2), PAGE.width - frame.width / 2)
    const y = Math.min(Math.max(frame.y, -frame.height / 2), PAGE.height - frame.height / 2)
    return { ...frame, x, y }
  }

  /** The id that is picked up: of the piece, or of a new copy that comes off it; null when none is left. */
  function picked(one: PlacedItem): string | null {
    if (!one.source) return one.id
    if (held.value && originalOf(held.value) === one.id) return held.value
    if (leftOver(one) <= 0) {
      say(t('pick.no-more', { name: itemName(one.item) }))
      return null
    }
    return nextCopy(one.id, [...Object.keys(states.value), ...Object.keys(ahead.value)])
  }

  function press(one: PlacedItem, event: PointerEvent) {
    if (event.button !== 0) return
    const leader = find(one.lead)
    if (!movable(leader)) return
    // While something is picked up, a tap on a lying piece means the place, not the piece.
    if (chart.value.is === 'held' && chart.value.piece !== leader.id && inZone(pointAt(event))) return
    const id = picked(leader)
    if (!id) return
    event.stopPropagation()
    event.preventDefault()
    root.value?.querySelector<SVGElement>(`[data-piece="${leader.id}"]`)?.focus({ preventScroll: true })
    send({ type: 'press', piece: id, at: pointAt(event) })
    if (chart.value.is === 'pressed') listen()
  }

  const inZone = (point: Point) => zones.value.some((zone) => zoneHas(zone, point))

  function point(event: PointerEvent) {
    if (chart.value.is === 'held') send({ type: 'point', at: pointAt(event) })
  }

  const onMove = (event: PointerEvent) => send({ type: 'move', at: pointAt(event) })
  const onLift = (event: PointerEvent) => {
    if (chart.value.is === 'pressed' && tap(find(chart.value.piece))) {
      chart.value = { is: 'idle' }
      return
    }
    send({ type: 'lift', at: pointAt(event) })
  }
  const following = usePull()
  const listen = () => following.pull({ move: onMove, up: onLift, cancel: () => send({ type: 'cancel' }) })
  /** Whatever is in the hand is let go of, and stays where it was. */
  function drop() {
    following.stop()
    chart.value = { is: 'idle' }
    dragged.value = null
  }

  /** What the arrow keys have moved and nobody has put down yet. */
  const nudged = ref<string | null>(null)
  function letGoOfNudged(id: string) {
    if (nudged.value !== id) return
    nudged.value = null
    const rest = { ...ahead.value }
    delete rest[id]
    ahead.value = rest
  }
  /** Moves what is held by the arrow keys: along its rail, or where there is room. */
  function nudge(by: Point) {
    const id = held.value
    if (!id) return
    const home = original(id)
    // A zone may draw it smaller; it lies as the whole piece does.
    const frame = wholeOf(find(id).item.frame, home.frame)
    const to =
      home.movement.kind === 'rail'
        ? stepOnRail(home, frame, by.x + by.y > 0 ? 1 : -1)
        : onPage({ ...frame, x: frame.x + by.x, y: frame.y + by.y })
    nudged.value = id
    ahead.value = { ...ahead.value, [id]: { x: to.x, y: to.y } }
  }
  /** @returns whether something was moved by the arrow keys, and is put down there now */
  function putNudged(): boolean {
    const id = nudged.value
    if (!id) return false
    const one = find(id)
    const to = one.item.frame
    nudged.value = null
    chart.value = { is: 'idle' }
    void put(one, to)
    return true
  }

  watch(dragged, (id) => {
    if (id) return
    over.value = []
    reading.value = null
  })

  return { held, target, dragged, over, reading, pointAt, picked, press, point, send, drop, nudge, putNudged }
}
