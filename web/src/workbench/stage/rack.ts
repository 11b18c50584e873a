import {
  PhFilmStrip,
  PhHandPointing,
  PhImageSquare,
  PhLineSegment,
  PhMagnifyingGlassPlus,
  PhNotePencil,
  PhPen,
  PhRectangle,
  PhShapes,
  PhTable,
  PhTarget,
  PhTextAa,
  PhTextbox,
} from '@phosphor-icons/vue'
import { computed } from 'vue'
import { preferences } from '@/workbench/edits/pens'

/** Everything that can be put on a page by a tile of the rack. */
const TILES = [
  { kind: 'words', name: 'Words', icon: PhTextAa },
  { kind: 'picture', name: 'Picture', icon: PhImageSquare },
  { kind: 'shape', name: 'Shape', icon: PhShapes },
  { kind: 'line', name: 'Line', icon: PhLineSegment },
  { kind: 'ink', name: 'Ink', icon: PhPen },
  { kind: 'note', name: 'Note', icon: PhNotePencil },
  { kind: 'table', name: 'Table', icon: PhTable },
  { kind: 'zone', name: 'Drop zone', icon: PhTarget },
  { kind: 'gap', name: 'Gap', icon: PhTextbox },
  { kind: 'area', name: 'Hot area', icon: PhHandPointing },
  { kind: 'video', name: 'Video', icon: PhFilmStrip },
  { kind: 'cover', name: 'Cover', icon: PhRectangle },
  { kind: 'lens', name: 'Lens', icon: PhMagnifyingGlassPlus },
] as const

/** The tiles in the order that somebody gave them; new kinds come last. */
export function useRack() {
  const ordered = computed(() => {
    const place = (kind: string) => {
      const at = preferences.value.rack.indexOf(kind)
      return at < 0 ? 1000 + TILES.findIndex((tile) => tile.kind === kind) : at
    }
    return [...TILES].sort((a, b) => place(a.kind) - place(b.kind))
  })
  return { ordered }
}
