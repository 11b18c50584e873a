import { describe, expect, it } from 'vitest'
import present from './present/en.json'
import staff from './staff/en.json'
import student from './student/en.json'
import workbench from './workbench/en.json'

const sources = import.meta.glob('/src/**/*.{ts,vue}', { query: '?raw', import: 'default', eager: true })
const FILES = new Map(
  Object.entries(sources as Record<string, string>).filter(
    ([name]) => !/\.test\.ts$|schema\.d\.ts$/.test(name),
  ),
)
const IMPORT = /(?:from|import)\s*\(?\s*'([^']+)'/g
const KEY = /\bt\(\s*(?:[^'`)]*\?\s*)?'([a-z-]+\.[^']+)'/g

function resolved(from: string, name: string): string | undefined {
  const path = name.startsWith('@/')
    ? `/src/${name.slice(2)}`
    : name.startsWith('.')
      ? new URL(name, `file://${from}`).pathname
      : ''
  return [path, `${path}.ts`, `${path}.vue`, `${path}/index.ts`].find((one) => FILES.has(one))
}
/** All that a screen is made of, also what it fetches later. */
function madeOf(screens: string[]): string[] {
  const met = new Set<string>()
  const meet = (file: string) => {
    if (met.has(file)) return
    met.add(file)
    for (const [, name] of FILES.get(file)!.matchAll(IMPORT)) {
      const next = resolved(file, name!)
      if (next && next !== '/src/router.ts') meet(next)
    }
  }
  screens.forEach(meet)
  return [...met]
}
const screensIn = (folder: RegExp) =>
  [...FILES.keys()].filter((name) => folder.test(name) && name.endsWith('Screen.vue'))

describe('the words of a screen', () => {
  it.each([
    ['students', /\/student\//, { ...student }],
    [
      'teachers',
      /\/(accounts|activities|assigned|classes|notices|progress|review|school)\//,
      { ...student, ...staff },
    ],
    ['the workbench', /\/workbench\//, { ...student, ...staff, ...workbench }],
    ['presenting', /\/present\//, { ...student, ...staff, ...present }],
  ])('of %s are all in the parts that it fetches', (_, folder, words) => {
    const screens = screensIn(folder)
    expect(screens).not.toEqual([])
    const missing = madeOf(screens).flatMap((file) =>
      [...FILES.get(file)!.matchAll(KEY)]
        .map(([, key]) => key!)
        .filter((key) => !(key in words))
        .map((key) => `${file} ${key}`),
    )
    expect(missing).toEqual([])
  })

  it('are all said somewhere', () => {
    const all = [...FILES.values()].join('\n')
    // Families whose last part is a value of the program.
    const FAMILY = /^(kind|form|notice|refused|picture|gap|colour|why|target)\./
    const unused = Object.keys({ ...student, ...staff, ...workbench, ...present }).filter(
      (key) => !FAMILY.test(key) && !all.includes(`'${key}'`),
    )
    expect(unused).toEqual([])
  })
})
