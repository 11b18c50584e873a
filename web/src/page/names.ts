import { t } from '@/i18n'
import type { Item } from '@/api/schema'
import { originalOf } from './items'

/** Plain words for an item, as core's Item.name. */
export function itemName(item: Item): string {
  const short = (text: string) => {
    const line = text.trim().replace(/\s+/g, ' ')
    return line.length > 60 ? `${[...line].slice(0, 60).join('')}…` : line
  }
  const described = short(item.description)
  switch (item.kind) {
    case 'zone':
      return short(item.label) || described || t('kind.zone')
    case 'words':
      return described || short(item.content.text) || t('kind.words')
    case 'shape':
      return described || short(item.words?.text ?? '') || t(`form.${item.look.form}`)
    case 'note':
      return described || short(item.words.text) || t('kind.note')
    case 'cover':
      return described || short(item.label) || t('kind.cover')
    case 'line':
      return (
        described ||
        t(item.look.from || item.look.to ? 'kind.connector' : item.look.curved ? 'kind.curve' : 'kind.line')
      )
    case 'video':
      return described || short(item.video.name) || t('kind.video')
    default:
      return described || t(`kind.${item.kind}`)
  }
}

/** What an item of some pages is called, or the item that a copy came off; it may have been deleted since. */
export function nameIn(pages: { items: Item[] }[], id: string): string {
  const item = pages.flatMap((one) => one.items).find((one) => one.id === originalOf(id))
  return item ? itemName(item) : t('kind.gone')
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
