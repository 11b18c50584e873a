import { describe, expect, it } from 'vitest'
import { fieldOf, KEYBOARDS, rowsOf, typeInto } from './keyboards'

describe('the keyboard on the screen', () => {
  // Source: exemplarCharacters of common/main/{en,de,fr,es,ar}.xml, Unicode CLDR 41; Arabic without its vowel signs.
  it('has every letter of each language', () => {
    const letters: Record<string, string> = {
      en: 'abcdefghijklmnopqrstuvwxyz',
      de: 'aäbcdefghijklmnoöpqrsßtuüvwxyz',
      fr: 'aàâæbcçdeéèêëfghiîïjklmnoôœpqrstuùûüvwxyÿz',
      es: 'aábcdeéfghiíjklmnñoópqrstuúüvwxyz',
      ar: 'ءأؤإئاآبةتثجحخدذرزسشصضطظعغفقكلمنهوىي',
      numbers: '0123456789+−×÷',
    }
    for (const [name] of KEYBOARDS) {
      const keys = new Set([...rowsOf(name, false), ...rowsOf(name, true)].flat())
      for (const letter of letters[name]!) expect(keys, `${name} ${letter}`).toContain(letter)
      for (const key of keys) expect(key.length, key).toBeLessThanOrEqual(2)
    }
  })

  it('types where the caret stands, within what the field takes, and is heard by the page', () => {
    const field = document.createElement('input')
    field.maxLength = 5
    let heard = 0
    field.addEventListener('input', () => heard++)
    for (const sign of 'abd') typeInto(field, sign)
    field.setSelectionRange(2, 2)
    typeInto(field, 'c')
    expect(field.value).toBe('abcd')
    typeInto(field, 'ß')
    typeInto(field, 'x')
    expect(field.value).toBe('abcßd')
    field.setSelectionRange(0, 5)
    typeInto(field, null)
    expect(field.value).toBe('')
    field.maxLength = 20
    for (const sign of ['a', '🇩', '🪐']) typeInto(field, sign)
    typeInto(field, null)
    expect(field.value).toBe('a🇩')
    expect(heard).toBe(10)
  })

  it('knows what can be typed into', () => {
    const box = document.createElement('input')
    box.type = 'checkbox'
    expect(fieldOf(box)).toBeNull()
    const field = document.createElement('textarea')
    expect(fieldOf(field)).toBe(field)
    field.disabled = true
    expect(fieldOf(field)).toBeNull()
    expect(fieldOf(null)).toBeNull()
  })
})
