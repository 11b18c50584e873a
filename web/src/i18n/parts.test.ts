import { parse, type Token } from '@messageformat/parser'
import ts from 'typescript'
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

/** What a sentence speaks of. */
function argumentsOf(tokens: Token[]): string[] {
  return tokens.flatMap((token) =>
    token.type === 'content' || token.type === 'octothorpe'
      ? []
      : [token.arg, ...('cases' in token ? token.cases.flatMap((one) => argumentsOf(one.tokens)) : [])],
  )
}
/** Each call of t(key, { … }): its key, and the names that are given; null where they are not written out. */
function callsIn(source: string): [key: string, given: string[] | null][] {
  const calls: [string, string[] | null][] = []
  for (const { index } of source.matchAll(/\bt\(\s*'/g)) {
    const read = ts.createSourceFile('x.ts', source.slice(index, index + 700), ts.ScriptTarget.Latest, true)
    const first = read.statements[0]
    const call = first && ts.isExpressionStatement(first) ? leftmostCall(first.expression) : undefined
    const [key, values] = call?.arguments ?? []
    if (!key || !ts.isStringLiteral(key)) continue
    const names =
      values === undefined
        ? []
        : ts.isObjectLiteralExpression(values) && !values.properties.some(ts.isSpreadAssignment)
          ? values.properties.map((one) => one.name!.getText(read))
          : null
    calls.push([key.text, names])
  }
  return calls
}
function leftmostCall(of: ts.Expression): ts.CallExpression | undefined {
  if (ts.isCallExpression(of) && ts.isIdentifier(of.expression)) return of
  const left = ts.isBinaryExpression(of)
    ? of.left
    : ts.isPropertyAccessExpression(of) || ts.isCallExpression(of)
      ? of.expression
      : ts.isConditionalExpression(of)
        ? of.condition
        : undefined
  return left && leftmostCall(left)
}

describe('the words of a screen', () => {
  it('are given what they speak of, and nothing else', () => {
    const all: Record<string, string> = { ...student, ...staff, ...workbench, ...present }
    let checked = 0
    const wrong: string[] = []
    for (const [file, source] of FILES) {
      for (const [key, given] of callsIn(source)) {
        if (!(key in all) || !given) continue
        checked++
        const wanted = [...new Set(argumentsOf(parse(all[key]!)))].sort()
        if (String(given.sort()) !== String(wanted)) wrong.push(`${file} ${key}: ${given} for ${wanted}`)
      }
    }
    expect(wrong).toEqual([])
    expect(checked).toBeGreaterThan(1_500)
  })

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
