import { DOMParser as Reader } from 'prosemirror-model'
import type { Page } from '@/api/schema'
import type { Said } from '@/page/wordFit'
import { styleOf } from '@/workbench/edits/make'
import { fromDoc, schema } from './schema'

/**
 * What markup from the clipboard says, in our own small schema; null where it says nothing. It is read in a document of
 * its own that runs and fetches nothing.
 */
export function saidIn(html: string, page: Page): Said | null {
  const body = new DOMParser().parseFromString(html, 'text/html').body
  body.querySelectorAll('script, style, template, noscript').forEach((one) => one.remove())
  const said = fromDoc(Reader.fromSchema(schema).parse(body), styleOf(page))
  return said.text.trim() === '' ? null : said
}
