import { computed } from 'vue'
import type { Activity, MapSpot, Page, PagesMap } from '@/api/schema'
import { linksOf } from '@/page/pageOrder'
import { arrowsOf, CARD } from './arrows'

const MARGIN = 60

/** What the page map draws: a card for each page, the arrows between them, and the field that holds them all. */
export function useMapCards(
  props: { activity: Activity; map: PagesMap; chosen: string | null },
  dragged: () => { id: string; spot: MapSpot } | null,
) {
  /** Where each page stands: by hand, else by computation; what was set aside stands below. */
  const spots = computed(() => {
    const all = new Map<string, MapSpot>()
    for (const page of props.activity.pages) {
      const spot = linksOf(page).spot ?? props.map.spots[page.id]
      if (spot) all.set(page.id, spot)
    }
    const low = Math.max(0, ...[...all.values()].map((spot) => spot.y + CARD.height))
    let x = 0
    for (const page of props.activity.pages) {
      if (all.has(page.id)) continue
      all.set(page.id, { x, y: low + 90 })
      x += CARD.width + 40
    }
    const moved = dragged()
    if (moved) all.set(moved.id, moved.spot)
    return all
  })
  const origin = computed(() => {
    const all = [...spots.value.values()]
    return {
      x: Math.min(0, ...all.map((spot) => spot.x)) - MARGIN,
      y: Math.min(0, ...all.map((spot) => spot.y)) - MARGIN,
    }
  })
  const size = computed(() => {
    const all = [...spots.value.values()]
    return {
      width: Math.max(...all.map((spot) => spot.x)) + CARD.width + MARGIN - origin.value.x,
      height: Math.max(...all.map((spot) => spot.y)) + CARD.height + MARGIN + 60 - origin.value.y,
    }
  })
  /** Ways back to the start stand as a sign on the page, and as arrows only where they are asked for: most pages have one. */
  const home = (way: { from: string; to: string }) =>
    way.to === props.map.start && way.from !== way.to && props.activity.pages.length > 2
  const arrows = computed(() =>
    arrowsOf(
      props.map.links.filter((way) => !home(way) || way.from === props.chosen),
      spots.value,
    ),
  )
  const homing = computed(() => new Set(props.map.links.filter(home).map((way) => way.from)))
  const met = computed(() => new Set(props.map.met))
  const ends = computed(() => new Set(props.map.ends))
  const signOf = (page: Page): '' | 'start' | 'end' | 'unlinked' | 'archived' => {
    if (linksOf(page).aside) return 'archived'
    if (page.id === props.map.start) return 'start'
    if (!met.value.has(page.id)) return 'unlinked'
    return ends.value.has(page.id) ? 'end' : ''
  }
  const cards = computed(() =>
    props.activity.pages.map((page, i) => {
      const spot = spots.value.get(page.id)!
      return {
        page,
        number: i + 1,
        style: { left: `${spot.x - origin.value.x}px`, top: `${spot.y - origin.value.y}px` },
        goesHome: homing.value.has(page.id),
        sign: signOf(page),
      }
    }),
  )

  return { spots, origin, size, arrows, cards }
}
