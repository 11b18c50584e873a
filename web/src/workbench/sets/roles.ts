import type { Edit, Item, Page, WordStyle, ZoneLook } from '@/api/schema'
import { relaid, startOf } from '@/page/wordFit'
import { lookOf } from '@/page/zones'

/** What a thing is to whoever looks at a page; found by what it is, so that nobody has to say it. */
export type Role = 'TITLE' | 'TEXT' | 'CARD' | 'ZONE' | 'LABEL' | 'LINE'
export const ROLES: Role[] = ['TITLE', 'TEXT', 'CARD', 'ZONE', 'LABEL', 'LINE']

/** Bold words that stay where they are are a title from this size on. */
export const TITLE_SIZE = 48

/** What may be said of a role; each role has some of these. */
export interface RoleLook {
  font?: WordStyle['font']
  size?: number
  bold?: boolean
  colour?: string
  fill?: string
  kind?: ZoneLook['kind']
  label?: NonNullable<ZoneLook['label']>
  thickness?: number
}

export const FIELDS: Record<Role, (keyof RoleLook)[]> = {
  TITLE: ['font', 'size', 'colour'],
  TEXT: ['font', 'size', 'colour'],
  CARD: ['font', 'size', 'bold', 'colour'],
  ZONE: ['kind', 'colour', 'fill'],
  LABEL: ['label'],
  LINE: ['colour', 'thickness'],
}

/** Circles of glass that cross are told apart by their colours, and of a hidden zone nothing is seen: each keeps its own. */
const ownLook = (item: Extract<Item, { kind: 'zone' }>) => ['GLASS', 'HIDDEN'].includes(lookOf(item).kind)

export function hasRole(item: Item, role: Role): boolean {
  switch (role) {
    case 'TITLE':
    case 'TEXT': {
      if (item.kind !== 'words' || item.movement.kind !== 'fixed') return false
      const { bold, size } = item.content.style
      return (bold && size >= TITLE_SIZE) === (role === 'TITLE')
    }
    case 'CARD':
      return item.kind === 'words' && item.movement.kind !== 'fixed'
    case 'ZONE':
      return item.kind === 'zone' && !ownLook(item)
    case 'LABEL':
      return item.kind === 'zone' && lookOf(item).kind !== 'HIDDEN' && item.label.trim() !== ''
    case 'LINE':
      return item.kind === 'line'
  }
}

function lookOfItem(item: Item): RoleLook {
  if (item.kind === 'words') {
    const { font, size, bold, colour } = item.content.style
    return { font: font ?? 'ANDIKA', size, bold, colour }
  }
  if (item.kind === 'zone') {
    const { kind, colour, fill, label } = lookOf(item)
    return { kind, colour, fill, label: label ?? 'TAB' }
  }
  return item.kind === 'line' ? { colour: item.look.colour, thickness: item.look.thickness } : {}
}

/** How a role looks on these pages: for each of its fields what most of its things have. @returns count 0 for none */
export function roleOn(pages: Page[], role: Role): { count: number; look: RoleLook } {
  const looks = pages.flatMap((page) => page.items.filter((item) => hasRole(item, role)).map(lookOfItem))
  const look = Object.fromEntries(
    FIELDS[role].map((field) => {
      const times = new Map<unknown, number>()
      for (const one of looks) times.set(one[field], (times.get(one[field]) ?? 0) + 1)
      return [field, [...times].sort((a, b) => b[1] - a[1])[0]?.[0]]
    }),
  ) as RoleLook
  return { count: looks.length, look }
}

/** What makes everything of a role look otherwise, page by page; nothing else of it changes. */
export function restyled(pages: Page[], role: Role, change: RoleLook): Edit[][] {
  return pages.map((page) =>
    page.items.flatMap((item) => {
      const edit = hasRole(item, role) ? restyle(page.id, item, change) : null
      return edit ? [edit] : []
    }),
  )
}

function restyle(pageId: string, item: Item, change: RoleLook): Edit | null {
  const was = lookOfItem(item)
  if (Object.entries(change).every(([field, value]) => was[field as keyof RoleLook] === value)) return null
  if (item.kind === 'words') {
    const { content, frame } = item
    const { font, size, bold, colour } = change
    const style = {
      ...content.style,
      ...(font ? { font } : {}),
      ...(size ? { size } : {}),
      ...(bold === undefined ? {} : { bold }),
      ...(colour ? { colour } : {}),
    }
    const fit = relaid(content, { style }, content.wraps ? frame.width : null)
    const left = fit.content.wraps || style.align === 'LEFT' ? 0 : (frame.width - fit.width) / 2
    return {
      kind: 'set-words',
      pageId,
      itemId: item.id,
      content: fit.content,
      frame: { ...frame, x: startOf(frame, fit) + left, width: fit.width, height: fit.height },
    }
  }
  if (item.kind === 'zone')
    return { kind: 'set-body', pageId, item: { ...item, look: { ...lookOf(item), ...change } as ZoneLook } }
  if (item.kind !== 'line') return null
  const { colour, thickness } = change
  const look = { ...item.look, ...(colour ? { colour } : {}), ...(thickness ? { thickness } : {}) }
  return { kind: 'set-body', pageId, item: { ...item, look } }
}
