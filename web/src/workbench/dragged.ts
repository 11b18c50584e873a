import type { PartHead } from '@/workbench/library/library'

/** What is dragged onto a page by mouse: a tile of the rack, a part of the library, or files from elsewhere. */
export type DraggedPart = Pick<PartHead, 'id' | 'kind' | 'name'>

/** Under these names what is dragged tells the page which one it is. */
const TILE = 'text/glad-tile'
const PART = 'text/glad-tile-part'

export const dragTile = (event: DragEvent, kind: string) => event.dataTransfer?.setData(TILE, kind)
export const dragPart = (event: DragEvent, { id, kind, name }: DraggedPart) =>
  event.dataTransfer?.setData(PART, JSON.stringify({ id, kind, name }))

export function draggedIn(event: DragEvent) {
  const part = event.dataTransfer?.getData(PART)
  return {
    part: part ? (JSON.parse(part) as DraggedPart) : null,
    tile: event.dataTransfer?.getData(TILE) || null,
    files: [...(event.dataTransfer?.files ?? [])],
  }
}
