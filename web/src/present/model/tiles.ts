import { t } from '@/i18n'
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
  {
    name: 'move',
    is: 'tool',
    get says() {
      return t('present.move')
    },
    key: 'M',
  },
  {
    name: 'pen',
    is: 'tool',
    get says() {
      return t('present.pen')
    },
    key: 'P',
  },
  {
    name: 'highlighter',
    is: 'tool',
    get says() {
      return t('present.highlighter')
    },
    key: 'H',
  },
  {
    name: 'eraser',
    is: 'tool',
    get says() {
      return t('shared.eraser')
    },
    key: 'E',
  },
  {
    name: 'lasso',
    is: 'tool',
    get says() {
      return t('shared.lasso')
    },
    key: 'A',
  },
  {
    name: 'fading',
    is: 'tool',
    get says() {
      return t('present.fading-ink')
    },
    key: 'F',
  },
  {
    name: 'pointer',
    is: 'tool',
    get says() {
      return t('present.pointer')
    },
    key: 'L',
  },
  {
    name: 'cover',
    is: 'button',
    get says() {
      return t('present.cover')
    },
    key: 'C',
  },
  {
    name: 'spotlight',
    is: 'overlay',
    get says() {
      return t('present.spotlight')
    },
    key: 'S',
  },
  {
    name: 'magnifier',
    is: 'overlay',
    get says() {
      return t('present.magnify')
    },
    key: 'G',
  },
  {
    name: 'measure',
    is: 'panel',
    get says() {
      return t('present.measure')
    },
    key: 'U',
  },
  {
    name: 'timer',
    is: 'panel',
    get says() {
      return t('present.timer')
    },
    key: 'K',
  },
  {
    name: 'class',
    is: 'panel',
    get says() {
      return t('shared.class')
    },
    key: 'N',
  },
  {
    name: 'record',
    is: 'button',
    get says() {
      return t('shared.record')
    },
    key: 'V',
  },
  {
    name: 'clear',
    is: 'panel',
    get says() {
      return t('present.clear')
    },
    key: 'X',
  },
  {
    name: 'more',
    is: 'panel',
    get says() {
      return t('shared.more')
    },
    key: 'Q',
  },
  {
    name: 'undo',
    is: 'button',
    get says() {
      return t('shared.undo')
    },
    key: 'Ctrl+Z',
  },
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
