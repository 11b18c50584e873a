import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Plugin } from 'vite'

/**
 * Each icon comes in six weights, and all six would ship. This leaves out those that no template asks for: what is
 * written as `weight="…"` or `:weight="…"` on an icon, `regular` for all, and for icons that are shown by `:is` whatever
 * weights are asked of a `<component>`.
 */
const ICON = /@phosphor-icons\/vue\/dist\/icons\/(\w+)\.vue\.mjs/
const WEIGHTS = ['thin', 'light', 'regular', 'bold', 'fill', 'duotone']

export function askedWeights(templates: string[]): Map<string, Set<string>> {
  const asked = new Map<string, Set<string>>()
  for (const template of templates) {
    // A tag ends at the first > that is not within quotes.
    for (const [, tag, attributes] of template.matchAll(/<(Ph\w+|component)\b((?:[^>"]|"[^"]*")*)>/g)) {
      const weight = /\s:?weight="([^"]*)"/.exec(attributes!)?.[1]
      if (!weight) continue
      const all = asked.get(tag!) ?? new Set<string>()
      for (const one of WEIGHTS) if (new RegExp(`\\b${one}\\b`).test(weight)) all.add(one)
      asked.set(tag!, all)
    }
  }
  return asked
}

/** The weights that an icon keeps. @param byIs icons that are shown by `:is`, so that no tag bears their name */
export function keptWeights(icon: string, asked: Map<string, Set<string>>, byIs: Set<string>): Set<string> {
  return new Set([
    'regular',
    ...(asked.get(icon) ?? []),
    ...(byIs.has(icon) ? (asked.get('component') ?? []) : []),
  ])
}

function templatesBelow(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((one) => one.isFile() && one.name.endsWith('.vue'))
    .map((one) => readFileSync(join(one.parentPath, one.name), 'utf8'))
}

function sourcesBelow(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((one) => one.isFile() && /\.(vue|ts)$/.test(one.name))
    .map((one) => readFileSync(join(one.parentPath, one.name), 'utf8'))
}

/** Icons that stand in a script otherwise than in an import: they are given to `:is` somewhere. */
export function iconsInScripts(sources: string[]): Set<string> {
  const names = new Set<string>()
  for (const source of sources) {
    const script = source
      .replace(/<template>[\s\S]*<\/template>/, '')
      .replace(/import\s*\{[^}]*\}\s*from\s*'[^']*'/g, '')
    for (const [name] of script.matchAll(/\bPh[A-Z]\w*/g)) names.add(name)
  }
  return names
}

export function iconWeights(folder: string): Plugin {
  let asked = new Map<string, Set<string>>()
  let byIs = new Set<string>()
  return {
    name: 'icon-weights',
    apply: 'build',
    buildStart() {
      asked = askedWeights(templatesBelow(folder))
      byIs = iconsInScripts(sourcesBelow(folder))
    },
    transform(code, id) {
      const icon = ICON.exec(id)?.[1]
      if (!icon) return null
      const kept = keptWeights(icon, asked, byIs)
      // A branch that is never taken, and with it what it draws, falls away when the code is made small.
      return code.replace(/\b\w+\.value === "(\w+)" \? \(/g, (whole, weight: string) =>
        WEIGHTS.includes(weight) && !kept.has(weight) ? 'false ? (' : whole,
      )
    },
  }
}
