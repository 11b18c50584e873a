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
    name: 'Sort',
    short: 'into groups',
    icon: PhColumns,
    how: 'One a line, its group behind it. Or a group with all that is in it: planet: Mars, Venus',
    example: 'Mars, planet\nVega, star\nVenus, planet\nSirius, star',
  },
  {
    kind: 'VENN',
    name: 'Circles',
    short: 'that cross',
    icon: PhIntersect,
    how: 'One a line, and behind it all groups it belongs in, two or three in all. What belongs in none stands alone.',
    example: 'Mercury, small\nMars, small, has moons\nSaturn, has moons\nSun',
  },
  {
    kind: 'PAIR',
    name: 'Pair',
    short: 'two by two',
    icon: PhArrowsLeftRight,
    how: 'Two that go together in each line.',
    example: 'day, sun\nnight, moon\nsummer, heat\nwinter, snow',
  },
  {
    kind: 'ORDER',
    name: 'Order',
    short: 'first to last',
    icon: PhListNumbers,
    how: 'One a line, the first one first.',
    example: 'Mercury\nVenus\nEarth\nMars',
  },
  {
    kind: 'LABEL',
    name: 'Label',
    short: 'a picture',
    icon: PhMapPin,
    how: 'One label a line. What the picture shows goes into the title; your own picture can be put in later. Then pull the ends of the lines.',
    example: 'lens\ntube\nstand\neyepiece',
  },
  {
    kind: 'FILL_GAPS',
    name: 'Fill gaps',
    short: 'in a text',
    icon: PhTextT,
    how: 'Write or paste a text, then tick the words that are to be missing.',
    example: 'The [sun] is a star. The [moon] goes round the [earth].',
  },
  {
    kind: 'UNSCRAMBLE',
    name: 'Unscramble',
    short: 'letters',
    icon: PhShuffle,
    how: 'One word a line, a clue behind it if you like.',
    example: 'comet, it has a tail\nrocket, it goes up',
  },
  {
    kind: 'SPELL',
    name: 'Spell',
    short: 'from a bank',
    icon: PhKeyboard,
    how: 'One word a line, a clue behind it if you like. The letters of all words lie in one bank.',
    example: 'star, it shines by itself\nmoon, it goes round us',
  },
  {
    kind: 'COUNT_OUT',
    name: 'Count out',
    short: 'so many',
    icon: PhNumberSquareFive,
    how: 'One thing a line, and how many of it.',
    example: 'star, 5\nmoon, 3',
  },
  {
    kind: 'MEMORY',
    name: 'Memory pairs',
    short: 'turn and match',
    icon: PhCards,
    how: 'Two that go together in each line; they lie face down.',
    example: 'hot, cold\nday, night\nfull, empty',
  },
  {
    kind: 'ODD_ONE_OUT',
    name: 'Odd one out',
    short: 'in each row',
    icon: PhUserMinus,
    how: 'Three to six in a line, the odd one last.',
    example: 'Mars, Venus, Earth, Vega\nsummer, winter, spring, Monday',
  },
]
