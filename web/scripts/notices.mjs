// Writes THIRD-PARTY-NOTICES.md from what really ships: the packages in the built front end, its fonts and pictures,
// and the libraries in the server's jar (their list comes from Maven's licence plugin, as the first argument).
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const web = fileURLToPath(new URL('..', import.meta.url))
const built = JSON.parse(readFileSync(join(web, 'dist/packages.json'), 'utf8'))
// The picture library is copied, not bundled, so the bundle does not know of it.
const COPIED = ['openmoji', 'emojibase-data']

function facts(name) {
  const dir = join(web, 'node_modules', name)
  const { version, license, homepage, author } = JSON.parse(readFileSync(join(dir, 'package.json'), 'utf8'))
  const file = readdirSync(dir).find((one) => /^(licen[cs]e|copying|ofl)/i.test(one))
  const text = file && existsSync(join(dir, file)) ? readFileSync(join(dir, file), 'utf8').trim() : ''
  const by = typeof author === 'string' ? author : (author?.name ?? '')
  return { name, version, license: license ?? 'see its text', homepage: homepage ?? '', by, text }
}

const packages = [...new Set([...built, ...COPIED])].sort().map(facts)
const kind = (one) =>
  one.name.startsWith('@fontsource') ? 'font' : one.name === 'openmoji' ? 'pictures' : 'code'
const rows = packages.map((one) => `| ${one.name} | ${one.version} | ${kind(one)} | ${one.license} |`)

const java = readFileSync(process.argv[2], 'utf8')
  .split('\n')
  .map((line) => /^\s*\((.+)\) ([^(]+) \((\S+) - /.exec(line))
  .filter(Boolean)
  .map(
    ([, licence, name, coordinates]) =>
      `| ${name.trim()} | ${coordinates} | ${licence.replaceAll(') (', ', ')} |`,
  )

const byText = new Map()
for (const one of packages.filter((p) => p.text)) {
  byText.set(one.text, [...(byText.get(one.text) ?? []), one.name])
}
const texts = [...byText].map(([text, names]) => `### ${names.join(', ')}\n\n\`\`\`text\n${text}\n\`\`\``)

writeFileSync(
  join(web, '..', 'THIRD-PARTY-NOTICES.md'),
  `# What ships with Glad Tile

Made by \`./glad notices\` from what is really in the build; do not edit by hand.

The pictures of the library are by OpenMoji, licence CC BY-SA 4.0: each keeps that credit wherever it goes.
The table of letter widths in core was read from the font Andika (SIL Open Font License 1.1), which also ships, regular and
bold, for printed pages; the pictures on sign-in cards are from Phosphor Icons (MIT).

## In the browser

| package | version | what | licence |
|---|---|---|---|
${rows.join('\n')}

## In the server

| library | coordinates | licence |
|---|---|---|
${java.join('\n')}

## Licence texts of what is in the browser

${texts.join('\n\n')}
`,
)
console.log(`${packages.length} packages and ${java.length} libraries`)
