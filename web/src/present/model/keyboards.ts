import arabic from 'simple-keyboard-layouts/build/layouts/arabic'
import english from 'simple-keyboard-layouts/build/layouts/english'
import french from 'simple-keyboard-layouts/build/layouts/french'
import german from 'simple-keyboard-layouts/build/layouts/german'
import spanish from 'simple-keyboard-layouts/build/layouts/spanish'

/** Keys as they lie on the keyboards of a language; the layouts are those of a published package. */
export type KeyboardName = 'en' | 'de' | 'fr' | 'es' | 'ar' | 'numbers'
interface Layout {
  layout: Record<string, string[]>
}
const LAYOUTS: Record<Exclude<KeyboardName, 'numbers'>, Layout> = {
  en: english as Layout,
  de: german as Layout,
  fr: french as Layout,
  es: spanish as Layout,
  ar: arabic as Layout,
}
/** In the language itself, as everybody finds their own. */
export const KEYBOARDS: [KeyboardName, string][] = [
  ['en', 'English'],
  ['de', 'Deutsch'],
  ['fr', 'Français'],
  ['es', 'Español'],
  ['ar', 'العربية'],
  ['numbers', '123'],
]
const NUMBERS = ['7 8 9 + (', '4 5 6 − )', '1 2 3 × ²', '0 , . ÷ /', '= : % € °']

/**
 * Letters of a language that its keyboard types by dead keys or with Shift. With those of the layout they are the exemplar characters of Unicode's CLDR 41 (`common/main`).
 */
const ACCENTS: Partial<Record<KeyboardName, string>> = {
  fr: 'é è ê ë à â ç î ï ô œ ù û ü ÿ æ',
  es: 'á é í ó ú ü',
  ar: 'أ إ آ',
}

/** Signs of a layout that are no letters of their own here: the other keys are beside them. */
const CONTROL = /^\{.*\}$|^\.com$/

/** The rows of a keyboard, each key by what it types. @param shifted with Shift */
export function rowsOf(name: KeyboardName, shifted: boolean): string[][] {
  const rows = name === 'numbers' ? NUMBERS : LAYOUTS[name].layout[shifted ? 'shift' : 'default']!
  const accents = ACCENTS[name]
  return [...(accents ? [shifted ? accents.toLocaleUpperCase(name) : accents] : []), ...rows]
    .map((row) => row.split(' ').filter((key) => key && !CONTROL.test(key)))
    .filter((row) => row.length > 1)
}

/** The field that has the caret, where something can be typed into it. */
export function fieldOf(element: Element | null): HTMLInputElement | HTMLTextAreaElement | null {
  const typed = ['text', 'search', 'tel', 'url', '']
  if (element instanceof HTMLTextAreaElement) return element.readOnly || element.disabled ? null : element
  if (element instanceof HTMLInputElement && typed.includes(element.type))
    return element.readOnly || element.disabled ? null : element
  return null
}

function put(field: HTMLInputElement | HTMLTextAreaElement, sign: string, from: number, to: number) {
  field.setRangeText(sign, from, to)
  field.setSelectionRange(from + sign.length, from + sign.length)
}
/** Types where the caret stands, as a keyboard does; null takes away what is before it. */
export function typeInto(field: HTMLInputElement | HTMLTextAreaElement, sign: string | null) {
  const from = field.selectionStart ?? field.value.length
  const to = field.selectionEnd ?? from
  if (sign !== null) {
    const most = field.maxLength
    if (most >= 0 && field.value.length - (to - from) + sign.length > most) return
    put(field, sign, from, to)
  } else {
    // A sign of two units, such as a flag, goes as one.
    const before = from === to ? ([...field.value.slice(0, from)].at(-1)?.length ?? 0) : 0
    put(field, '', from - before, to)
  }
  field.dispatchEvent(new Event('input', { bubbles: true }))
}
/** What Enter does there. */
export function enter(field: HTMLElement) {
  field.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true, cancelable: true }))
  field.dispatchEvent(new Event('change', { bubbles: true }))
}
