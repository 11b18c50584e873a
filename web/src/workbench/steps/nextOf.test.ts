import { describe, expect, it } from 'vitest'
import { nextOf } from './nextOf'

const row = (first: string) => {
  const all = [first]
  for (let next = nextOf(first); next !== null; next = nextOf(next)) all.push(next)
  return all.join('')
}

describe('the next letter or number', () => {
  it('goes through an alphabet in its order and ends with it', () => {
    expect(row('a')).toBe('abcdefghijklmnopqrstuvwxyz')
    expect(row('A')).toBe('ABCDEFGHIJKLMNOPQRSTUVWXYZ')
    expect(row('α')).toContain('πρστυφχψω')
    expect(row('а').slice(0, 32)).toBe('абвгдежзийклмнопрстуфхцчшщъыьэюя')
  })
  it('counts on', () => {
    expect(nextOf('9')).toBe('10')
    expect(nextOf(' 41 ')).toBe('42')
    expect(nextOf('9999')).toBeNull()
  })
  it('knows nothing after words, signs or nothing', () => {
    for (const text of ['', 'ab', 'Moon', '?', '🔭', '1.5', '-3', 'z', 'Z']) expect(nextOf(text)).toBeNull()
  })
})
