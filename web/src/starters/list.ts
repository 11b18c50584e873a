import { t } from '@/i18n'
import Papa from 'papaparse'
import type { MadeFrom } from '@/api/schema'
import type { StarterKind } from '@/starters/kinds'

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
    const group = kind === 'SORT' && !line.includes('\t') ? /^([^:,;"]+):(.+)$/.exec(line) : null
    if (group) for (const entry of cellsOf(group[2]!)) rows.push({ cells: [entry, group[1]!.trim()] })
    else rows.push({ cells: cellsOf(line) })
  }
  return rows.filter((row) => row.cells.some((cell) => cell !== '')).filter((row) => row.cells[0] !== '')
}

/** A list as it would be typed, for changing it. */
export function writtenOf(starter: MadeFrom['starter']): string {
  if (starter.kind === 'FILL_GAPS') return starter.text ?? ''
  return starter.rows.map((row) => lineOf(row.cells)).join('\n')
}
const lineOf = (cells: string[]) =>
  cells.map((cell) => (/[,;:"\t]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell)).join(', ')

const MOST_BYTES = 4_000_000
/** A file of comma, semicolon or tab separated values as a list; or why it is none, in a sentence. */
export function fromFile(bytes: Uint8Array): { written: string } | { wrong: string } {
  if (bytes.length > MOST_BYTES) return { wrong: t('starters.that-file-is-larger-than-4') }
  if (bytes.subarray(0, 4000).includes(0) && !(bytes[0] === 0xff || bytes[0] === 0xfe))
    return { wrong: t('starters.that-is-no-file-of-plain') }
  const text = textIn(bytes)
  const first = /^.*/.exec(text.trimStart().replace(/"[^"]*"/g, ''))![0]
  // Where the comma is the decimal sign, cells are parted by semicolons.
  const delimiter = ['\t', ';'].find((sign) => first.includes(sign)) ?? ','
  const parsed = Papa.parse<string[]>(text, { delimiter, skipEmptyLines: 'greedy' })
  const lines = parsed.data.map((cells) => lineOf(cells.map((cell) => cell.trim().replace(/\s*\n\s*/g, ' '))))
  return lines.length ? { written: lines.join('\n') } : { wrong: t('starters.there-is-nothing-in-that-file') }
}
/** UTF-16 and UTF-8 by their mark, else UTF-8 where it is that, else what spreadsheets of the West write. */
function textIn(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes)
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes)
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    return new TextDecoder('windows-1252').decode(bytes)
  }
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
