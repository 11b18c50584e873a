import { t } from '@/i18n'
import type { Activity, Edit, Item, MapSpot, Page, PageLinks, Link } from '@/api/schema'
import { newId } from '@/api/id'
import { USUAL_LINKS, linksOf } from '@/page/pageOrder'
import { fitSaid } from '@/page/wordFit'
import { composite } from '@/workbench/edits/copies'

/** A page's links with some of them changed; what is undefined goes. */
export function setWays(page: Page, change: Partial<PageLinks>): Edit {
  const next = { ...linksOf(page), ...change }
  const links = Object.fromEntries(
    Object.entries(next).filter(([, value]) => value !== undefined),
  ) as unknown as PageLinks
  return { kind: 'set-page-links', pageId: page.id, links: { ...USUAL_LINKS, ...links } }
}

/** Where a page stands from now on. */
export const placeOn = (page: Page, spot: MapSpot) =>
  setWays(page, { spot: { x: Math.round(spot.x), y: Math.round(spot.y) } })

/** Every page stands where the map puts it; null when none was moved by hand. */
export function tidied(activity: Activity): Edit | null {
  const moved = activity.pages.filter((page) => page.links?.spot)
  return moved.length ? composite(moved.map((page) => setWays(page, { spot: undefined }))) : null
}

const TILE = { width: 300, height: 84 }

/** A tile on a page, at a free place near the lower edge, that leads to another one. */
export function tileTo(page: Page, to: Page): Edit {
  const link: Link = { kind: 'page', pageId: to.id }
  const taken = (x: number, y: number) =>
    page.items.some(
      ({ frame }) =>
        x < frame.x + frame.width &&
        frame.x < x + TILE.width &&
        y < frame.y + frame.height &&
        frame.y < y + TILE.height,
    )
  let at = { x: 1600 - TILE.width - 40, y: 1000 - TILE.height - 30 }
  search: for (let y = at.y; y >= 20; y -= 40) {
    for (let x = at.x; x >= 20; x -= 40) {
      if (!taken(x, y)) {
        at = { x, y }
        break search
      }
    }
  }
  const style = { size: 36, bold: true, colour: '#07444b', align: 'CENTRE' as const }
  const item: Item = {
    kind: 'shape',
    id: newId(),
    frame: { ...at, ...TILE, turn: 0 },
    movement: { kind: 'fixed' },
    description: '',
    traits: { transparency: 0, groups: [], link },
    look: { form: 'RECTANGLE', sides: 5, fill: '#dcebea', outline: '#0b5d66', thickness: 4, dash: 'SOLID' },
    words: fitSaid({ text: to.name || t('shared.go-on'), style, spans: [], paragraphs: [] }, TILE.width - 40)
      .content,
  }
  return { kind: 'add-item', pageId: page.id, index: page.items.length, item }
}
