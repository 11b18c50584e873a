/** Beyond this numbers are no rows of counters any more. */
const MOST = 9_999
/** The end form of sigma stands within the Greek letters, and is none of their row. */
const SIGMA = 'ς'

/** What comes after a letter or a whole number in its row: b after a, 4 after 3. Null where nothing does. */
export function nextOf(text: string): string | null {
  const said = text.trim()
  if (/^\d{1,4}$/.test(said)) return Number(said) < MOST ? String(Number(said) + 1) : null
  if ([...said].length !== 1) return null
  for (const kind of [/^\p{Lu}$/u, /^\p{Ll}$/u, /^\p{Lo}$/u]) {
    if (!kind.test(said)) continue
    let next = String.fromCodePoint(said.codePointAt(0)! + 1)
    if (next === SIGMA) next = 'σ'
    return kind.test(next) && script(next) === script(said) ? next : null
  }
  return null
}

const SCRIPTS = ['Latin', 'Greek', 'Cyrillic', 'Arabic', 'Hebrew', 'Devanagari', 'Hiragana', 'Katakana']
const script = (letter: string) =>
  SCRIPTS.find((name) => new RegExp(`^\\p{Script=${name}}$`, 'u').test(letter)) ?? ''
