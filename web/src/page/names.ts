import type { Item } from '@/api/types'

/** Plain words for an item, as core's Item.name. */
export function itemName(item: Item): string {
  const short = (text: string) => {
    const line = text.trim().replace(/\s+/g, ' ')
    return line.length > 60 ? `${[...line].slice(0, 60).join('')}…` : line
  }
  if (item.kind === 'zone') return short(item.label || item.description) || 'Drop zone'
  if (item.description.trim()) return short(item.description)
  if (item.kind === 'words') return short(item.content.text) || 'Words'
  return 'Picture'
}

export const isPiece = (item: Item) => item.movement.kind !== 'fixed'
