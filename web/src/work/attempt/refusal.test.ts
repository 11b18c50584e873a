import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { Refusal } from '@/api/client'
import { refusalWords } from './refusal'

/** The rules as core names them, each on a line of its own in an enum. */
const named = (file: string) =>
  [...readFileSync(file, 'utf8').matchAll(/^\s{4,8}([A-Z][A-Z_]{3,})(?:\("|,$|$)/gm)].map(
    (found) => found[1]!,
  )

it('every rule that may refuse a move is told in short words', () => {
  const core = '../core/src/main/java/gladtile/core/'
  const rules = [...named(`${core}attempt/MoveResult.java`), ...named(`${core}assigned/BlockReason.java`)]
  expect(rules.length).toBeGreaterThan(25)
  for (const rule of rules) {
    const words = refusalWords(new Refusal(409, 'as the server says it', rule))
    expect(words, rule).not.toBe('as the server says it')
    expect(
      words.split(/[.?] /).every((sentence) => sentence.split(' ').length <= 9),
      words,
    ).toBe(true)
  }
})

it('what has no rule is told as the server tells it', () => {
  expect(refusalWords(new Refusal(500, 'The server had a slip.'))).toBe('The server had a slip.')
})
