// Copies the picture library that ships, and makes the index of words it is found by.
// Pictures: OpenMoji (CC BY-SA 4.0), without variants of skin tone. Words: emojibase-data (MIT), joined by code.
import { copyFileSync, existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const web = fileURLToPath(new URL('..', import.meta.url))
const openmoji = join(web, 'node_modules/openmoji')
const target = join(web, 'public/library')
const LANGUAGES = ['en', 'de', 'fr', 'es']

const read = (...path) => JSON.parse(readFileSync(join(...path), 'utf8'))

// Both sides write codes in hexadecimal; one keeps the variation selector FE0F where the other may not.
const bare = (code) => code.toUpperCase().replace(/-FE0F/g, '')
const words = new Map()
for (const language of LANGUAGES) {
  for (const entry of read(web, 'node_modules/emojibase-data', language, 'data.json')) {
    const there = words.get(bare(entry.hexcode)) ?? []
    words.set(bare(entry.hexcode), [...there, entry.label, ...(entry.tags ?? [])])
  }
}

rmSync(target, { recursive: true, force: true })
mkdirSync(target, { recursive: true })
const pictures = []
for (const entry of read(openmoji, 'data/openmoji.json')) {
  const svg = join(openmoji, 'color/svg', `${entry.hexcode}.svg`)
  // Flags and signs of firms are no school pictures; components are parts of others.
  const left = entry.skintone || ['flags', 'component', 'extras-unicode'].includes(entry.group)
  if (left || /brand|flag/.test(entry.subgroups) || !existsSync(svg)) continue
  copyFileSync(svg, join(target, `${entry.hexcode}.svg`))
  const own = [
    ...entry.tags.split(','),
    ...entry.openmoji_tags.split(','),
    entry.subgroups.replace(/-/g, ' '),
  ]
  const all = [...own, ...(words.get(bare(entry.hexcode)) ?? [])].map((word) => word.trim()).filter(Boolean)
  const topic = entry.group.replace(/-/g, ' ').replace(/^extras /, 'more, ')
  pictures.push({ code: entry.hexcode, name: entry.annotation, topic, words: [...new Set(all)] })
}
const credit = 'OpenMoji, CC BY-SA 4.0'
writeFileSync(join(target, 'index.json'), JSON.stringify({ credit, pictures }))
console.log(`${pictures.length} pictures in the library`)
