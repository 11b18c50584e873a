import { ref, shallowRef } from 'vue'
import type present from './present/en.json'
import type staff from './staff/en.json'
import type student from './student/en.json'
import type workbench from './workbench/en.json'
import { LOAD, type Messages, type Part } from './parts'

export type { Part } from './parts'

/**
 * The words of the screens. A sentence has a key, the same in each language; its words are in
 * `<part>/<language>.json`, written in ICU's MessageFormat. The language is set before anything is drawn, and can change
 * at any time. Parts come as screens need them: students' tablets fetch none of the teachers' words.
 */
export type MessageKey =
  keyof typeof student | keyof typeof staff | keyof typeof workbench | keyof typeof present
export type Values = Record<string, string | number>

/** As BCP 47 has them, each by its own name. */
export const LANGUAGES = [
  { code: 'en', name: 'English' },
  { code: 'de', name: 'Deutsch' },
  { code: 'fr', name: 'Français' },
  { code: 'es', name: 'Español' },
  { code: 'ar', name: 'العربية' },
] as const
export type Language = (typeof LANGUAGES)[number]['code']
const RIGHT_TO_LEFT = new Set<string>(['ar'])

const NONE: Messages = {}
const messages = shallowRef<Messages>(NONE)
/** What `messages` is made of. */
let held: { language: Language; parts: Set<Part> } = { language: 'en', parts: new Set() }
/** In which language the screen is now. */
export const language = ref<Language>('en')

export const isLanguage = (code: string | undefined | null): code is Language =>
  LANGUAGES.some((one) => one.code === code)

/** A sentence in the language of the screen. */
export function t(key: MessageKey, values: Values = {}): string {
  const message = messages.value[key]
  if (message) return message(values)
  // A key that nobody wrote does not compile, so its part was not fetched.
  if (messages.value !== NONE) console.error(`The words of ${key} are not here`)
  return key
}

let newest: Promise<void> | null = null
const needed = new Set<Part>(['student'])
/**
 * Puts the screen into another language, and has the words of these parts there beside those that were there before.
 * Where they cannot be fetched, it stays as it is.
 */
export async function setLanguage(to: Language, parts: readonly Part[] = []): Promise<void> {
  parts.forEach((part) => needed.add(part))
  const mine: Promise<void> = load(to, () => mine === newest)
  newest = mine
  await mine
  // What was asked for meanwhile holds, and needs these parts too.
  if (newest !== mine) await newest
}
async function load(to: Language, isNewest: () => boolean) {
  const wanted = [...needed]
  if (to === held.language && wanted.every((part) => held.parts.has(part))) return
  const loaded = await Promise.all(wanted.map((part) => LOAD[part][to]())).catch((error) => {
    // Without words there is nothing to show; with some, it stays as it is.
    const missing = wanted.filter((part) => !held.parts.has(part))
    // A screen that could not come without a network keeps nobody from those whose words are here.
    missing.filter((part) => part !== 'student').forEach((part) => needed.delete(part))
    if (missing.length > 0) throw error
    return null
  })
  if (!loaded || !isNewest()) return
  messages.value = Object.assign({}, ...loaded.map((one) => one.default)) as Messages
  held = { language: to, parts: new Set(wanted) }
  language.value = to
  document.documentElement.lang = to
  document.documentElement.dir = RIGHT_TO_LEFT.has(to) ? 'rtl' : 'ltr'
}

const KEY = 'glad-tile-language'
/** The language of this device: what was chosen on it last, else one that its browser asks for. */
export function deviceLanguage(): Language {
  let kept: string | null = null
  try {
    kept = localStorage.getItem(KEY)
  } catch {
    // Where nothing may be kept, the browser's own language is as good a guess as any.
  }
  if (isLanguage(kept)) return kept
  const wanted = navigator.languages.map((one) => one.split('-')[0])
  return wanted.find(isLanguage) ?? 'en'
}
export function keepDeviceLanguage(code: Language) {
  try {
    localStorage.setItem(KEY, code)
  } catch {
    // It is asked of the browser again the next time.
  }
}
