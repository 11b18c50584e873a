import { t } from '@/i18n'
import {
  PhArrowsLeftRight,
  PhCards,
  PhColumns,
  PhIntersect,
  PhKeyboard,
  PhListNumbers,
  PhMapPin,
  PhNumberSquareFive,
  PhShuffle,
  PhTextT,
  PhUserMinus,
} from '@phosphor-icons/vue'
import type { Starter } from '@/api/schema'

export type StarterKind = Starter['kind']

/** What each starter is called, how its list is written, and an example of it. */
export const STARTERS: {
  kind: StarterKind
  name: string
  short: string
  icon: typeof PhColumns
  how: string
  example: string
}[] = [
  {
    kind: 'SORT',
    get name() {
      return t('starters.sort')
    },
    get short() {
      return t('starters.into-groups')
    },
    icon: PhColumns,
    get how() {
      return t('starters.one-a-line-its-group-behind')
    },
    get example() {
      return t('starters.mars-planet-vega-star-venus-planet')
    },
  },
  {
    kind: 'VENN',
    get name() {
      return t('starters.circles')
    },
    get short() {
      return t('starters.that-cross')
    },
    icon: PhIntersect,
    get how() {
      return t('starters.one-a-line-and-behind-it')
    },
    get example() {
      return t('starters.mercury-small-mars-small-has-moons')
    },
  },
  {
    kind: 'PAIR',
    get name() {
      return t('starters.pair')
    },
    get short() {
      return t('starters.two-by-two')
    },
    icon: PhArrowsLeftRight,
    get how() {
      return t('starters.two-that-go-together-in-each')
    },
    get example() {
      return t('starters.day-sun-night-moon-summer-heat')
    },
  },
  {
    kind: 'ORDER',
    get name() {
      return t('starters.order')
    },
    get short() {
      return t('starters.first-to-last')
    },
    icon: PhListNumbers,
    get how() {
      return t('starters.one-a-line-the-first-one')
    },
    get example() {
      return t('starters.mercury-venus-earth-mars')
    },
  },
  {
    kind: 'LABEL',
    get name() {
      return t('starters.label')
    },
    get short() {
      return t('starters.a-picture')
    },
    icon: PhMapPin,
    get how() {
      return t('starters.one-label-a-line-what-the')
    },
    example: 'lens\ntube\nstand\neyepiece',
  },
  {
    kind: 'FILL_GAPS',
    get name() {
      return t('starters.fill-gaps')
    },
    get short() {
      return t('starters.in-a-text')
    },
    icon: PhTextT,
    get how() {
      return t('starters.write-or-paste-a-text-then')
    },
    get example() {
      return t('starters.the-sun-is-a-star-the')
    },
  },
  {
    kind: 'UNSCRAMBLE',
    get name() {
      return t('starters.unscramble')
    },
    get short() {
      return t('starters.letters')
    },
    icon: PhShuffle,
    get how() {
      return t('starters.one-word-a-line-a-clue')
    },
    get example() {
      return t('starters.comet-it-has-a-tail-rocket')
    },
  },
  {
    kind: 'SPELL',
    get name() {
      return t('starters.spell')
    },
    get short() {
      return t('starters.from-a-bank')
    },
    icon: PhKeyboard,
    get how() {
      return t('starters.one-word-a-line-a-clue-2')
    },
    get example() {
      return t('starters.star-it-shines-by-itself-moon')
    },
  },
  {
    kind: 'COUNT_OUT',
    get name() {
      return t('starters.count-out')
    },
    get short() {
      return t('starters.so-many')
    },
    icon: PhNumberSquareFive,
    get how() {
      return t('starters.one-thing-a-line-and-how')
    },
    example: 'star, 5\nmoon, 3',
  },
  {
    kind: 'MEMORY',
    get name() {
      return t('starters.memory-pairs')
    },
    get short() {
      return t('starters.turn-and-match')
    },
    icon: PhCards,
    get how() {
      return t('starters.two-that-go-together-in-each-2')
    },
    get example() {
      return t('starters.hot-cold-day-night-full-empty')
    },
  },
  {
    kind: 'ODD_ONE_OUT',
    get name() {
      return t('starters.odd-one-out')
    },
    get short() {
      return t('starters.in-each-row')
    },
    icon: PhUserMinus,
    get how() {
      return t('starters.three-to-six-in-a-line')
    },
    get example() {
      return t('starters.mars-venus-earth-vega-summer-winter')
    },
  },
]
