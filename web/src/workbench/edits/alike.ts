import type { Edit, Item } from '@/api/schema'
import { alwaysFixed } from '@/page/items'
import { inStyle, styleOfItem } from './styles'

/** Boxes whose size follows from what is in them, or from how they were drawn. */
const sizesItself = (item: Item) => ['words', 'line', 'ink', 'area'].includes(item.kind)

function bodyLike(item: Item, model: Item): Item | null {
  if (item.kind === 'picture' && model.kind === 'picture') {
    const { bare: _, ...rest } = item
    return Boolean(item.bare) === Boolean(model.bare) ? null : model.bare ? { ...rest, bare: true } : rest
  }
  if (item.kind === 'zone' && model.kind === 'zone') {
    const { shape: _, look: __, ...rest } = item
    const { shape, look } = model
    const same = JSON.stringify([item.shape, item.look]) === JSON.stringify([shape, look])
    return same ? null : { ...rest, ...(shape ? { shape } : {}), ...(look ? { look } : {}) }
  }
  const style = styleOfItem(model)
  const changed = style ? inStyle(item, style) : null
  return changed && JSON.stringify(changed) !== JSON.stringify(item) ? changed : null
}

/**
 * The edits that make a new item as large as the one that was made before it, as movable, and in its look. Its words,
 * picture and place stay. Words are styled by whoever can measure them.
 *
 * @param restyled the edit by which words get another look; absent where the item has none
 */
export function madeAlike(pageId: string, item: Item, model: Item, restyled?: Edit | null): Edit[] {
  const itemId = item.id
  const edits: Edit[] = []
  const body = bodyLike(item, model)
  if (body) edits.push({ kind: 'set-body', pageId, item: body })
  if (restyled) edits.push(restyled)
  const { width, height } = model.frame
  if (!sizesItself(item) && (item.frame.width !== width || item.frame.height !== height)) {
    const { frame } = item
    const x = frame.x + (frame.width - width) / 2
    const y = frame.y + (frame.height - height) / 2
    edits.push({ kind: 'set-frame', pageId, itemId, frame: { ...frame, x, y, width, height } })
  }
  const moves = JSON.stringify(item.movement) !== JSON.stringify(model.movement)
  // A rail is a place on the page; another item has another one.
  if (moves && !alwaysFixed(item) && model.movement.kind !== 'rail')
    edits.push({ kind: 'set-movement', pageId, itemId, movement: model.movement })
  return edits
}
