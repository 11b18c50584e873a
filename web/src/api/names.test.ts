import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'

/** What only the front end calls so: tools on the wall, labels' cards, ways to lay copies, elements, HTTP's verbs. */
const OWN = new Set(['BRUSH', 'CARD', 'FITS', 'INPUT', 'PATCH'])
const files = (...paths: string[]) =>
  execFileSync('git', ['ls-files', '-co', '--exclude-standard', ...paths], { encoding: 'utf8' })
    .split('\n')
    .filter((one) => one && !/\.test\.ts$|schema\.d\.ts$/.test(one))
const text = (path: string) => {
  try {
    return readFileSync(path, 'utf8')
  } catch {
    return ''
  }
}

/** A rule or a value that is spelled otherwise here than on the server would be looked for in vain, and no compiler tells. */
it('every value in capitals is one that the server knows', () => {
  const java = files('../core/src/main/*.java', '../server/src/main/*.java', '../formats/src/main/*.java')
    .map(text)
    .join('\n')
  const known = new Set(java.match(/\b[A-Z]+(?:_[A-Z0-9]+)*\b/g))
  const unknown = files('src/*.ts', 'src/*.vue').flatMap((path) =>
    [...text(path).matchAll(/'([A-Z]{4,}(?:_[A-Z0-9]+)*)'/g)]
      .map((found) => found[1]!)
      .filter((value) => !known.has(value) && !OWN.has(value))
      .map((value) => `${path}: ${value}`),
  )
  expect(known.size).toBeGreaterThan(200)
  expect(unknown).toEqual([])
})

/** Names of fields as text: nothing else would notice that one was renamed. */
it('every field that is looked for in text is one of the published document', () => {
  const document = JSON.parse(text('../server/api/openapi.json')) as {
    components: { schemas: Record<string, { properties?: Record<string, unknown> }> }
  }
  const fields = new Set(
    Object.values(document.components.schemas).flatMap((one) => Object.keys(one.properties ?? {})),
  )
  const looked = files('src/*.ts', 'src/*.vue').flatMap((path) =>
    [...text(path).matchAll(/'"(\w+)":/g)].map((found) => found[1]!),
  )
  expect(looked.length).toBeGreaterThan(0)
  expect(looked.filter((one) => !fields.has(one))).toEqual([])
})
