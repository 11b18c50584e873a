import type { Item, Sequence } from '@/api/schema'

/** What a piece says, where it is one letter or a few. */
const letterOf = (piece: Item): string => (piece.kind === 'words' ? piece.content.text.trim() : '')

/** Whether pieces are there that words could be spelled with. */
export const hasLetters = (pieces: Item[]): boolean =>
  pieces.filter((piece) => letterOf(piece) !== '' && letterOf(piece).length <= 3).length > 1

/** Letters of scripts that run leftwards. */
const LEFTWARDS = /[\p{Script=Hebrew}\p{Script=Arabic}\p{Script=Syriac}\p{Script=Thaana}\p{Script=Nko}]/u

export interface Spelled {
  sequence: Sequence
  /** The ids of all pieces with one of its letters: nobody can tell two of them apart. */
  belonging: Set<string>
}

/**
 * Which pieces spell a word, in order; or the letters there is no piece for. Large and small letters are told apart only
 * where both are there.
 */
export function spelled(letters: string[], pieces: Item[]): Spelled | { missing: string[] } {
  const wanted = letters.filter((one) => one.trim() !== '')
  const exact = new Set(pieces.map(letterOf))
  const same = (said: string, letter: string) =>
    exact.has(letter) ? said === letter : said.toLocaleLowerCase() === letter.toLocaleLowerCase()
  const places: Record<string, number> = {}
  const missing: string[] = []
  wanted.forEach((letter, i) => {
    const piece = pieces.find((one) => places[one.id] === undefined && same(letterOf(one), letter))
    if (piece) places[piece.id] = i + 1
    else missing.push(letter)
  })
  if (missing.length > 0) return { missing }
  const belonging = new Set(
    pieces.filter((piece) => wanted.some((letter) => same(letterOf(piece), letter))).map((piece) => piece.id),
  )
  const runs = wanted.some((letter) => LEFTWARDS.test(letter)) ? { direction: 'LEFTWARDS' as const } : {}
  return { sequence: { ...runs, places }, belonging }
}

/** The word that a zone wants spelled; empty where its pieces are not in order, or no letters. */
export function wordOf(sequence: Sequence | undefined, pieces: Item[]): string {
  if (!sequence) return ''
  const byId = new Map(pieces.map((piece) => [piece.id, letterOf(piece)]))
  const said = Object.entries(sequence.places)
    .sort(([, a], [, b]) => a - b)
    .map(([id]) => byId.get(id) ?? '')
  return said.every((one) => one !== '' && one.length <= 3) ? said.join('') : ''
}
