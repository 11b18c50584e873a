import MessageFormat from '@messageformat/core'
import compileModule from '@messageformat/core/compile-module'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Plugin } from 'vite'

/**
 * Sentences are written in ICU's MessageFormat, as on the server, and become functions when the front end is built: a
 * tablet reads no grammar. `virtual:messages/student/de` is `student/de.json` of the folder.
 */
const PREFIX = 'virtual:messages/'

export function compiled(language: string, messages: Record<string, string>): string {
  return compileModule(new MessageFormat(language), messages)
}

export function icuMessages(folder: string): Plugin {
  return {
    name: 'icu-messages',
    resolveId: (id) => (id.startsWith(PREFIX) ? `\0${id}` : null),
    load(id) {
      if (!id.startsWith(`\0${PREFIX}`)) return null
      const name = id.slice(PREFIX.length + 1)
      const file = join(folder, `${name}.json`)
      this.addWatchFile(file)
      const messages = JSON.parse(readFileSync(file, 'utf8')) as Record<string, string>
      return compiled(name.split('/').at(-1)!, messages)
    },
  }
}
