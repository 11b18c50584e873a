import { t } from '@/i18n'
import { computed, type Ref } from 'vue'
import type { Frame, Item, StudentPage } from '@/api/schema'
import { asDone, goesAlong, withAlong, type PlacedItem } from '@/page/placedItems'
import { carriersOf, isCopy, isPiece, originalOf, traitsOf, zonesOf } from '@/page/items'
import { itemName } from '@/page/names'
import type { Work } from '@/work/attempt/work'

/** Where a piece was put, while the server has not said what becomes of it. */
export type Ahead = Record<string, { x: number; y: number; turn?: number }>

/** The things of a page as they lie for somebody who works on it, and what can be done with each. */
export function useThings(
  page: () => StudentPage,
  work: () => Work,
  ahead: Ref<Ahead>,
  rests: () => boolean,
) {
  const state = computed(() => work().state.value)
  const states = computed(() => state.value.pieces)
  /** The work as it will be once the server has answered, if it agrees. */
  const hoped = computed(() => {
    let pieces = { ...states.value }
    for (const [id, at] of Object.entries(ahead.value)) {
      pieces = { ...withAlong(page().items, pieces, id, at) }
      const was = pieces[id] ?? { settled: false, tries: 0, solvedAt: 0, putAt: state.value.seq + 1 }
      pieces[id] = { ...was, ...at }
    }
    return { ...state.value, pieces }
  })
  const drawn = computed(() => asDone(page().items, hoped.value, work().sides?.value))
  const carriers = computed(() => carriersOf(page().items))
  /** The drop zones where they are now. */
  const zones = computed(() => {
    const now = new Map(drawn.value.map((one) => [one.id, one.item]))
    return zonesOf(page().items.map((item) => now.get(item.id) ?? item))
  })
  /** What moves along with a piece: zones that it carries, and what lies in them. */
  const along = (id: string) => goesAlong(carriers.value, states.value, id)
  const byId = computed(() => new Map(drawn.value.map((one) => [one.id, one])))
  const shown = computed(() => new Set(state.value.shown))

  const settled = (id: string) => (states.value[id]?.settled && !byId.value.get(id)?.source) ?? false
  const rejected = (id: string) =>
    Boolean(states.value[id]?.zoneId) && !settled(id) && !states.value[id]?.waits
  const disappeared = (id: string) => Boolean(states.value[id]?.disappeared)

  /** A thing of the page, or a copy that is just coming off its supply. */
  function find(id: string): PlacedItem {
    const there = byId.value.get(id)
    if (there) return there
    const source = byId.value.get(originalOf(id))!
    return { ...source, id, lead: id, source: false }
  }
  const original = (id: string): Item => page().items.find((item) => item.id === originalOf(id))!
  /** All that moves as a piece does: the rest of its group, and what it carries. */
  const carried = (id: string) => {
    const with_ = along(id)
    return drawn.value.filter(
      (one) => one.id !== id && (one.lead === id || with_.has(one.id) || with_.has(one.lead)),
    )
  }
  const framesNow = computed(
    () =>
      (id: string): Frame | undefined =>
        byId.value.get(id)?.item.frame,
  )
  /** Copies that a supply still gives. */
  const leftOver = (one: PlacedItem) => {
    const supply = traitsOf(one.item).supply
    if (!supply?.copies) return Infinity
    return (
      supply.copies -
      drawn.value.filter((other) => isCopy(other.id) && originalOf(other.id) === one.id).length
    )
  }

  const movable = (one: PlacedItem) =>
    isPiece(one.item) && one.lead === one.id && !settled(one.id) && !rests()
  const canTurn = (one: PlacedItem) => movable(one) && one.item.movement.kind === 'turns' && !one.source
  const canTurnOver = (one: PlacedItem) =>
    Boolean(traitsOf(one.item).otherSide?.byTap) && !one.source && !rests()
  /** Whether a tap opens it: a note is read, a thing with two sides is turned over. */
  const opens = (one: PlacedItem) => one.item.kind === 'note' || canTurnOver(one)

  /** Its name, with what is to be read on the side that is turned up. */
  function sideName(one: PlacedItem) {
    const name = itemName(one.item)
    if (!one.over) return name
    const side = traitsOf(one.item).otherSide
    const text = side?.description || side?.words?.text
    return text ? t('thing.turned-over-reads', { name, text }) : t('thing.turned-over', { name })
  }

  /** What a thing is called, with what has become of it. */
  function spoken(one: PlacedItem, held: boolean) {
    const name = sideName(one)
    const was = states.value[one.id]
    const zone = zones.value.find((other) => other.id === was?.zoneId)
    if (one.source) {
      const left = leftOver(one)
      return left === Infinity ? t('thing.endless', { name }) : t('thing.left', { name, count: left })
    }
    if (settled(one.id)) {
      const isShown = shown.value.has(one.id)
      if (!zone) return t(isShown ? 'thing.solution-somewhere' : 'thing.belongs-somewhere', { name })
      return t(isShown ? 'thing.solution' : 'thing.belongs', { name, zone: itemName(zone) })
    }
    if (was?.waits && zone) return t('thing.in', { name, zone: itemName(zone) })
    if (held) return t('thing.picked-up', { name })
    if (rejected(one.id) && zone) return t('thing.not-here', { name, zone: itemName(zone) })
    return one.written ? t('thing.written', { name, text: one.written }) : name
  }

  return {
    state,
    states,
    zones,
    carriers,
    along,
    drawn,
    byId,
    shown,
    settled,
    rejected,
    disappeared,
    find,
    original,
    carried,
    framesNow,
    leftOver,
    movable,
    canTurn,
    canTurnOver,
    opens,
    spoken,
  }
}
export type Things = ReturnType<typeof useThings>
