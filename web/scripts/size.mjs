// How much script and style the student's page loads at first, compressed, fonts apart.
// Exits 1 above the bound, or when something of the workbench or of Element Plus is among it.
import { readFileSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'

const MOST_KB = 180
const dist = join(fileURLToPath(new URL('..', import.meta.url)), 'dist')
const manifest = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8'))

const parts = new Set()
const styles = new Set()
function load(key) {
  const part = manifest[key]
  if (!part || parts.has(part.file)) return
  parts.add(part.file)
  part.css?.forEach((style) => styles.add(style))
  part.imports?.forEach(load)
}
load('index.html')
load('src/student/StudentScreen.vue')

let total = 0
const files = [...parts, ...styles]
for (const file of files) {
  const size = statSync(join(dist, `${file}.gz`)).size
  total += size
  console.log(`${String(size).padStart(8)} ${file}`)
}
const kb = total / 1000
const strangers = files.filter(
  (file) => /workbench/i.test(file) || readFileSync(join(dist, file), 'utf8').includes('el-dialog__body'),
)
console.log(`${kb.toFixed(1)} kB of script and style, gzip (the most is ${MOST_KB} kB)`)
if (strangers.length) console.log(`does not belong here: ${strangers.join(', ')}`)
process.exitCode = kb > MOST_KB || strangers.length ? 1 : 0
