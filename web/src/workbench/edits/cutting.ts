import { newId } from '@/api/id'
import type { Edit, Item, Page } from '@/api/schema'
import { PAGE } from '@/page/geometry'
import { fitSaid } from '@/page/wordFit'
import { composite } from './copies'

const GAP = 20
const MARGIN = 40

/** The edit by which a box of words becomes a row of pieces, each with one of the parts; null where there is one only. */
export function cutInto(page: Page, item: Extract<Item, { kind: 'words' }>, parts: string[]): Edit | null {
  if (parts.length < 2) return null
  const fits = parts.map((text) => fitSaid({ text, style: { ...item.content.style, align: 'CENTRE' } }, null))
  const height = Math.max(...fits.map((fit) => fit.height))
  let x = Math.max(MARGIN, item.frame.x)
  let y = item.frame.y
  const index = page.items.findIndex((one) => one.id === item.id)
  const pieces = fits.map((fit, i): Edit => {
    const width = Math.max(fit.width, height * 0.8)
    if (x + width > PAGE.width - MARGIN && x > MARGIN) {
      x = MARGIN
      y += height + GAP
    }
    const frame = { x, y, width, height, turn: 0 }
    x += width + GAP
    const content = fitSaid(
      { text: parts[i]!, style: { ...item.content.style, align: 'CENTRE' } },
      width,
    ).content
    const piece: Item = {
      kind: 'words',
      id: newId(),
      frame,
      movement: { kind: 'free' },
      description: '',
      content,
    }
    return { kind: 'add-item', pageId: page.id, index: index + i, item: piece }
  })
  return composite([{ kind: 'remove-item', pageId: page.id, itemId: item.id }, ...pieces])
}
