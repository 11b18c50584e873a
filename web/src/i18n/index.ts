import { ref, shallowRef } from 'vue'
import type english from './student/en.json'

/**
 * The words of the screens. A sentence has a key, the same in each language; its words are in `student/<language>.json`,
 * written in ICU's MessageFormat. The language is set before anything is drawn, and can change at any time.
 */
export type MessageKey = keyof typeof english
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

type Messages = Record<string, (values: Values) => string>
const LOAD: Record<Language, () => Promise<{ default: Messages }>> = {
  en: () => import('virtual:messages/student/en'),
  de: () => import('virtual:messages/student/de'),
  fr: () => import('virtual:messages/student/fr'),
  es: () => import('virtual:messages/student/es'),
  ar: () => import('virtual:messages/student/ar'),
}

const NONE: Messages = {}
const messages = shallowRef<Messages>(NONE)
/** In which language the screen is now. */
export const language = ref<Language>('en')

export const isLanguage = (code: string | undefined | null): code is Language =>
  LANGUAGES.some((one) => one.code === code)

/** A sentence in the language of the screen. */
export function t(key: MessageKey, values: Values = {}): string {
  const message = messages.value[key]
  // Only before the first language is there; a key that is missing does not compile.
  return message ? message(values) : key
}

let asked = 0
/** Puts the screen into another language. Where its words cannot be fetched, it stays as it is. */
export async function setLanguage(to: Language): Promise<void> {
  const mine = ++asked
  if (to === language.value && messages.value !== NONE) return
  const loaded = await LOAD[to]().catch((error) => {
    // Without any words there is nothing to show; with some, it stays as it is.
    if (messages.value === NONE) throw error
    return null
  })
  if (!loaded || mine !== asked) return
  messages.value = loaded.default
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
