import type { StarterKind } from '@/api/types'

/** The bounds of core's Starter, for what is told before anything is sent. */
export const MOST_ROWS = 5000
const MOST_COLUMNS = 12
const MOST_CELL = 200

/** One line in cells: a tab parts what came from a spreadsheet, else a comma or semicolon; quotes hold them together. */
export function cellsOf(line: string): string[] {
  const sign = line.includes('\t') ? '\t' : line.includes(';') && !line.includes(',') ? ';' : ','
  const cells: string[] = []
  let cell = ''
  let quoted = false
  for (let i = 0; i < line.length; i++) {
    const c = line[i]!
    if (c === '"' && quoted && line[i + 1] === '"') {
      cell += '"'
      i++
    } else if (c === '"' && (quoted || cell.trim() === '')) quoted = !quoted
    else if (c === sign && !quoted) {
      cells.push(cell)
      cell = ''
    } else cell += c
  }
  cells.push(cell)
  return cells.map((one) => [...one.trim()].slice(0, MOST_CELL).join('')).slice(0, MOST_COLUMNS)
}

/** The list as it was typed or pasted, one row a line. 'planet: Mars, Venus' is short for two rows of one group. */
export function rowsOf(kind: StarterKind, written: string): { cells: string[] }[] {
  const rows: { cells: string[] }[] = []
  for (const line of written.split(/\r?\n/)) {
    if (!line.trim()) continue
    const group = kind === 'SORT' && !line.includes('\t') ? /^([^:,;]+):(.+)$/.exec(line) : null
    if (group) for (const entry of cellsOf(group[2]!)) rows.push({ cells: [entry, group[1]!.trim()] })
    else rows.push({ cells: cellsOf(line) })
  }
  return rows.filter((row) => row.cells.some((cell) => cell !== '')).filter((row) => row.cells[0] !== '')
}

/** A text in its words and what stands between them, each word with whether it is missing. */
export interface TickedWord {
  text: string
  word: boolean
  missing: boolean
}

export function wordsOf(text: string): TickedWord[] {
  const parts: TickedWord[] = []
  for (const part of text.split(/(\[[^[\]\n]{1,80}\])/)) {
    if (/^\[.+\]$/.test(part)) {
      parts.push({ text: part.slice(1, -1), word: true, missing: true })
      continue
    }
    for (const one of part.split(/([\p{L}\p{M}\p{N}]+(?:['’-][\p{L}\p{M}\p{N}]+)*)/u)) {
      if (one) parts.push({ text: one, word: /[\p{L}\p{N}]/u.test(one), missing: false })
    }
  }
  return parts
}
export const textOf = (words: TickedWord[]) =>
  words.map((one) => (one.missing ? `[${one.text}]` : one.text)).join('')
