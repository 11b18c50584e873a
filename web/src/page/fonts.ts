import type { Look, WordStyle } from '@/api/schema'

type FontName = NonNullable<WordStyle['font']>
export const FONTS: { font: FontName; name: string; family: string }[] = [
  { font: 'ANDIKA', name: 'Andika', family: 'Andika' },
  { font: 'ATKINSON', name: 'Atkinson', family: 'Atkinson Hyperlegible' },
  { font: 'LEXEND', name: 'Lexend', family: 'Lexend' },
  { font: 'OPEN_DYSLEXIC', name: 'OpenDyslexic', family: 'OpenDyslexic' },
]

/** The family a page's letters are drawn in; a letter that it lacks comes from the next one. */
export const familyOf = (font: FontName | undefined) =>
  `${FONTS.find((one) => one.font === (font ?? 'ANDIKA'))!.family.replace(/(.* .*)/, "'$1'")}, Andika, sans-serif`

/** How letters look that are set in a box of that style, all told. */
export interface Whole {
  size: number
  bold: boolean
  italic: boolean
  underline: boolean
  colour: string
  font: FontName
  /** Page units that the letters stand below the line's own baseline; less than 0 above it. */
  drop: number
}

const SCRIPT = 0.65

export function wholeLook(style: WordStyle, look: Look): Whole {
  const size = look.size ?? style.size
  return {
    size: look.script ? size * SCRIPT : size,
    bold: look.bold ?? style.bold,
    italic: look.italic ?? false,
    underline: look.underline ?? look.link !== undefined,
    colour: look.colour ?? style.colour,
    font: look.font ?? style.font ?? 'ANDIKA',
    drop: look.script === 'SUB' ? size * 0.18 : look.script === 'SUPER' ? size * -0.36 : 0,
  }
}
