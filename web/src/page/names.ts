import type { Item } from '@/api/schema'
import { originalOf } from './items'
import { FORMS } from './shapes'

/** Plain words for an item, as core's Item.name. */
export function itemName(item: Item): string {
  const short = (text: string) => {
    const line = text.trim().replace(/\s+/g, ' ')
    return line.length > 60 ? `${[...line].slice(0, 60).join('')}…` : line
  }
  const described = short(item.description)
  switch (item.kind) {
    case 'zone':
      return short(item.label) || described || 'Drop zone'
    case 'words':
      return described || short(item.content.text) || 'Words'
    case 'shape':
      return (
        described || short(item.words?.text ?? '') || FORMS.find((one) => one.form === item.look.form)!.name
      )
    case 'note':
      return described || short(item.words.text) || 'Note'
    case 'cover':
      return described || short(item.label) || 'Cover'
    case 'line':
      return described || (item.look.from || item.look.to ? 'Connector' : item.look.curved ? 'Curve' : 'Line')
    case 'video':
      return described || short(item.video.name) || 'Video'
    default:
      return described || KINDS[item.kind]
  }
}

/** What an item of some pages is called, or the item that a copy came off; it may have been deleted since. */
export function nameIn(pages: { items: Item[] }[], id: string): string {
  const item = pages.flatMap((one) => one.items).find((one) => one.id === originalOf(id))
  return item ? itemName(item) : 'something that is not there any more'
}

/** The kinds of items as they are called on the screen. */
export const KINDS: Record<Item['kind'], string> = {
  words: 'Words',
  picture: 'Picture',
  shape: 'Shape',
  line: 'Line',
  ink: 'Ink',
  note: 'Note',
  table: 'Table',
  cover: 'Cover',
  lens: 'Lens',
  gap: 'Gap',
  area: 'Hot area',
  video: 'Video',
  zone: 'Drop zone',
}

export { isPiece } from './items'
