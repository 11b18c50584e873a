import { afterEach, describe, expect, it } from 'vitest'
import { LANGUAGES, setLanguage, t, type MessageKey } from './index'
import english from './student/en.json'
import { clockTime, dateTime, listOf } from './format'
import { dueWords, timeWords } from '@/shared/times'

const keys = Object.keys(english) as MessageKey[]
afterEach(() => setLanguage('en'))

describe('the words of the screens', () => {
  it.each(LANGUAGES)('are put into $name, each of them', async ({ code }) => {
    await setLanguage(code)
    expect(document.documentElement.lang).toBe(code)
    expect(document.documentElement.dir).toBe(code === 'ar' ? 'rtl' : 'ltr')
    const values = new Proxy({} as Record<string, number>, { get: () => 3, has: () => true })
    for (const key of keys) {
      const words = t(key, values)
      expect(words, key).not.toBe(key)
      expect(words, key).not.toMatch(/undefined|NaN|[{}]/)
    }
  })

  it('count as each language counts', async () => {
    const left = () => [0, 1, 2, 3, 11, 100].map((seconds) => t('easier.scan-every', { seconds }))
    expect(left()).toEqual(['Off', '1 second', '2 seconds', '3 seconds', '11 seconds', '100 seconds'])
    await setLanguage('ar')
    // CLDR: zero, one, two, few for 3 to 10, many for 11 to 99, other for 100.
    expect(left().map((one) => one.replace(/[\d\u0660-\u0669]+ /, ''))).toEqual([
      'إيقاف',
      'ثانية واحدة',
      'ثانيتان',
      'ثوانٍ',
      'ثانية',
      'ثانية',
    ])
  })

  it('change on the screen when the language does, and the last one asked for stays', async () => {
    const slow = setLanguage('fr')
    await setLanguage('de')
    await slow
    expect(t('common.back')).toBe('Zurück')
  })

  it('tell times as one says them there', async () => {
    const now = '2027-03-01T08:00:00Z'
    expect(timeWords('2027-03-02T10:30:00Z', now)).toMatch(/^tomorrow at \d\d:\d\d$/)
    await setLanguage('de')
    expect(timeWords('2027-03-04T10:30:00Z', now)).toMatch(/^am Donnerstag um \d\d:\d\d$/)
    expect(dueWords('2027-02-10T10:30:00Z', now)).toMatch(/^war fällig am 10\. Februar um \d\d:\d\d$/)
    await setLanguage('es')
    expect(listOf(['Ada', 'Bo', 'Cy'])).toBe('Ada, Bo y Cy')
    expect(clockTime(new Date(2027, 1, 1, 9, 5))).toBe('09:05')
    await setLanguage('fr')
    expect(dateTime(new Date(2027, 1, 1, 9, 5))).toContain('févr. 2027')
  })
})
