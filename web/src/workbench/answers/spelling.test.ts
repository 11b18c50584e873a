import { describe, expect, it } from 'vitest'
import type { Item } from '@/api/schema'
import { hasLetters, spelled, wordOf } from './spelling'

const piece = (id: string, text: string): Item =>
  ({ kind: 'words', id, content: { text }, movement: { kind: 'free' } }) as unknown as Item
const pieces = [...'capcatbat'].map((letter, i) => piece(`p${i}`, letter))

describe('spelling a word with pieces', () => {
  it('takes one piece for each letter; all with the same letters belong', () => {
    const made = spelled(['c', 'a', 't'], pieces)
    expect(made).toEqual({
      sequence: { places: { p0: 1, p1: 2, p5: 3 } },
      belonging: new Set(['p0', 'p3', 'p1', 'p4', 'p7', 'p5', 'p8']),
    })
    expect(wordOf('sequence' in made ? made.sequence : undefined, pieces)).toBe('cat')
  })
  it('takes as many pieces as the word has of a letter', () => {
    expect(spelled(['t', 'a', 't'], pieces)).toMatchObject({ sequence: { places: { p5: 1, p1: 2, p8: 3 } } })
    expect(spelled(['b', 'b'], pieces)).toEqual({ missing: ['b'] })
    expect(spelled(['ü', 'b'], pieces)).toEqual({ missing: ['ü'] })
  })
  it('tells large letters apart only where both sizes are there', () => {
    expect(spelled(['C', 'a', 'P'], pieces)).toMatchObject({ sequence: { places: { p0: 1, p1: 2, p2: 3 } } })
    const both = [piece('large', 'A'), piece('small', 'a')]
    expect(spelled(['a'], both)).toMatchObject({ belonging: new Set(['small']) })
  })
  it('runs leftwards in scripts that do', () => {
    const letters = [piece('1', 'ק'), piece('2', 'ת')]
    expect(spelled(['ק', 'ת'], letters)).toMatchObject({ sequence: { direction: 'LEFTWARDS' } })
  })
  it('is offered where there are letters', () => {
    expect(hasLetters(pieces)).toBe(true)
    expect(hasLetters([piece('a', 'Telescope'), piece('b', 'Dome'), piece('c', 'x')])).toBe(false)
    expect(wordOf({ places: { a: 1 } }, [piece('a', 'Telescope')])).toBe('')
    expect(wordOf(undefined, pieces)).toBe('')
  })
})
