import type { Overlay, Tool } from './tools'

/** What stands among the tools, each called by its name. */
export type TileName =
  | Tool
  | Exclude<Overlay, 'blank'>
  | 'cover'
  | 'measure'
  | 'timer'
  | 'class'
  | 'record'
  | 'clear'
  | 'more'
  | 'undo'
export interface Tile {
  name: TileName
  is: 'tool' | 'overlay' | 'panel' | 'button'
  says: string
  key: string
}

const TILES: Tile[] = [
  { name: 'move', is: 'tool', says: 'Move', key: 'M' },
  { name: 'pen', is: 'tool', says: 'Pen', key: 'P' },
  { name: 'highlighter', is: 'tool', says: 'Highlighter', key: 'H' },
  { name: 'eraser', is: 'tool', says: 'Eraser', key: 'E' },
  { name: 'lasso', is: 'tool', says: 'Lasso', key: 'A' },
  { name: 'fading', is: 'tool', says: 'Fading ink', key: 'F' },
  { name: 'pointer', is: 'tool', says: 'Pointer', key: 'L' },
  { name: 'cover', is: 'button', says: 'Cover', key: 'C' },
  { name: 'spotlight', is: 'overlay', says: 'Spotlight', key: 'S' },
  { name: 'magnifier', is: 'overlay', says: 'Magnify', key: 'G' },
  { name: 'measure', is: 'panel', says: 'Measure', key: 'U' },
  { name: 'timer', is: 'panel', says: 'Timer', key: 'K' },
  { name: 'class', is: 'panel', says: 'Class', key: 'N' },
  { name: 'record', is: 'button', says: 'Record', key: 'V' },
  { name: 'clear', is: 'panel', says: 'Clear', key: 'X' },
  { name: 'more', is: 'panel', says: 'More', key: 'Q' },
  { name: 'undo', is: 'button', says: 'Undo', key: 'Ctrl+Z' },
]

/** All of them, those first that are named, in that order; names that nobody knows any more are passed over. */
export function inOrder(names: string[]): Tile[] {
  const at = (tile: Tile) => {
    const place = names.indexOf(tile.name)
    return place < 0 ? names.length : place
  }
  return [...TILES].sort((a, b) => at(a) - at(b))
}
/** The names in their order once a tile went so many places on; it stays within the row. */
export function moved(names: string[], name: TileName, by: number): string[] {
  const now = inOrder(names).map((tile) => tile.name as string)
  const from = now.indexOf(name)
  const to = Math.max(0, Math.min(now.length - 1, from + by))
  now.splice(from, 1)
  now.splice(to, 0, name)
  return now
}
