import { shallowRef } from 'vue'
import type { Item, LineLook, ShapeLook, WordStyle } from '@/api/schema'
import { relaid } from '@/page/wordFit'

/** How an item looks, apart from what it says and where it lies. */
export interface Style {
  words?: WordStyle
  shape?: Omit<ShapeLook, 'form' | 'sides'>
  line?: Pick<LineLook, 'colour' | 'thickness' | 'dash' | 'start' | 'end'>
  colour?: string
}

/** The style that was copied last in this browser. */
export const copiedStyle = shallowRef<Style | null>(null)

export function styleOfItem(item: Item): Style | null {
  switch (item.kind) {
    case 'words':
      return { words: item.content.style }
    case 'note':
      return { words: item.words.style, colour: item.colour }
    case 'shape': {
      const { form: _, sides: __, ...shape } = item.look
      return { shape, ...(item.words ? { words: item.words.style } : {}) }
    }
    case 'line': {
      const { colour, thickness, dash, start, end } = item.look
      return { line: { colour, thickness, dash, start, end } }
    }
    case 'gap':
      return { words: item.style }
    default:
      return null
  }
}

/**
 * The item in another style, as far as it has such parts; null where nothing of it applies. A shape keeps its form. The box
 * of words is measured by whoever puts them: see `restyles`.
 */
export function inStyle(item: Item, style: Style): Item | null {
  const { words, shape, line, colour } = style
  switch (item.kind) {
    case 'note': {
      if (!words && !colour) return null
      const change = words ? { style: words } : {}
      return {
        ...item,
        colour: colour ?? item.colour,
        words: relaid(item.words, change, item.frame.width - 28).content,
      }
    }
    case 'shape': {
      if (!shape && !(words && item.words)) return null
      const { form, sides } = item.look
      const look = shape ? { ...shape, form, sides } : item.look
      return item.words && words
        ? { ...item, look, words: relaid(item.words, { style: words }, item.frame.width).content }
        : { ...item, look }
    }
    case 'line':
      return line ? { ...item, look: { ...item.look, ...line } } : null
    case 'gap':
      return words ? { ...item, style: words } : null
    default:
      return null
  }
}

/** Whether a style that was copied says something of this item. */
export const restyles = (item: Item, style: Style | null): boolean =>
  style !== null && (item.kind === 'words' ? Boolean(style.words) : inStyle(item, style) !== null)
