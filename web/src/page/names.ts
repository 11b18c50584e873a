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

/** What a kind of item is called on the screen. */
export const kindName = (kind: Item['kind']) => t(`kind.${kind}`)

export { isPiece } from './items'
