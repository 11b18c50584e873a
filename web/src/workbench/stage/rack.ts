import { t } from '@/i18n'
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
  {
    kind: 'words',
    get name() {
      return t('shared.words')
    },
    icon: PhTextAa,
  },
  {
    kind: 'picture',
    get name() {
      return t('shared.picture')
    },
    icon: PhImageSquare,
  },
  {
    kind: 'shape',
    get name() {
      return t('workbench.shape')
    },
    icon: PhShapes,
  },
  {
    kind: 'line',
    get name() {
      return t('workbench.line')
    },
    icon: PhLineSegment,
  },
  {
    kind: 'ink',
    get name() {
      return t('workbench.ink')
    },
    icon: PhPen,
  },
  {
    kind: 'note',
    get name() {
      return t('workbench.note')
    },
    icon: PhNotePencil,
  },
  {
    kind: 'table',
    get name() {
      return t('workbench.table')
    },
    icon: PhTable,
  },
  {
    kind: 'zone',
    get name() {
      return t('workbench.drop-zone')
    },
    icon: PhTarget,
  },
  {
    kind: 'gap',
    get name() {
      return t('workbench.gap')
    },
    icon: PhTextbox,
  },
  {
    kind: 'area',
    get name() {
      return t('workbench.hot-area')
    },
    icon: PhHandPointing,
  },
  {
    kind: 'video',
    get name() {
      return t('workbench.video')
    },
    icon: PhFilmStrip,
  },
  {
    kind: 'cover',
    get name() {
      return t('workbench.cover')
    },
    icon: PhRectangle,
  },
  {
    kind: 'lens',
    get name() {
      return t('workbench.lens')
    },
    icon: PhMagnifyingGlassPlus,
  },
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
