import { fontsReady, inBrowser } from '@/page/wordFit'

/** The bounds of core's WordWidths. */
const MOST_WORDS = 5_000
const MOST_LETTERS = 200

/** Beyond Latin, Greek, Cyrillic and the usual signs, whose letters the page font has. */
const OTHER = /[\u0530-\u1dff\u1f00-\u1fff\u2300-\u{10ffff}]/u
const signs = new Intl.Segmenter(undefined, { granularity: 'grapheme' })

/**
 * How wide the words are whose letters the page font lacks, in letter sizes, as this browser shapes and draws them:
 * whole words, and each of their signs, for words that are cut into letters or broken.
 */
export async function widthsOf(
  title: string,
  rows: { cells: string[] }[],
  text: string,
  widthOf = inBrowser,
): Promise<Record<string, number> | undefined> {
  const all = [title, text, ...rows.flatMap((row) => row.cells)]
  if (!all.some((one) => OTHER.test(one))) return undefined
  await fontsReady(['ANDIKA'])
  const found = new Map<string, number>()
  const measure = (word: string) => {
    if (!word || word.length > MOST_LETTERS || found.size >= MOST_WORDS || found.has(word)) return
    const width = widthOf(word, { size: 1, bold: true, italic: false, font: 'ANDIKA' })
    if (width > 0) found.set(word, Math.ceil(width * 1000) / 1000)
  }
  for (const one of all)
    for (const word of one.split(/[\s[\]|]+/)) {
      if (!OTHER.test(word)) continue
      measure(word)
      for (const { segment } of signs.segment(word)) if (OTHER.test(segment)) measure(segment)
    }
  return found.size ? Object.fromEntries(found) : undefined
}
