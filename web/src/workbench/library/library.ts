import { ref } from 'vue'
import { get, post } from '@/api/client'
import type { components } from '@/api/schema'
import type { Activity, AnswerKey, Page } from '@/api/schema'
import { around, PAGE, type Point } from '@/page/geometry'
import type { Workbench } from '@/workbench/useWorkbench'
import { pageCopy, taken, composite, type Taken } from '@/workbench/edits/copies'

type Schemas = components['schemas']
export type PartHead = Schemas['PartHead']
export type Folders = Schemas['Folders']
export type Sharing = Schemas['Sharing']
export type PartVersion = Schemas['PartVersion']
export type KeptPart = Schemas['KeptPart']
export type PartKind = PartHead['kind']
export type From = 'ALL' | 'MINE' | 'COLLEAGUES' | 'READY'

/** What is about to be kept: things that are selected, or a page. */
export interface ToKeep {
  kind: PartKind
  name: string
  contents: Activity
}

export const find = (words: string, from: From, folder: string, cursor = '') =>
  get(`/api/v1/library?${new URLSearchParams({ words, from, folder, cursor })}`)
export const folders = () => get('/api/v1/library/folders')
/** How often something was kept, so that an open list of parts is read anew. */
export const keptTimes = ref(0)
export async function keep(what: ToKeep, name: string, folder: string) {
  const place = { name, folder }
  const kept = await post('/api/v1/library', { place, kind: what.kind, contents: what.contents })
  keptTimes.value++
  return kept
}

function holding(page: Page, what: Taken): Activity {
  const { decisions, rules, facts, typed } = what
  return {
    title: page.name,
    pages: [{ ...page, items: what.items }],
    key: { decisions, rules, facts: facts ?? {}, typed: typed ?? {} } as AnswerKey,
  }
}

/** The things that are selected, with what is decided between them. */
export function selectedToKeep(workbench: Workbench): ToKeep {
  const page = workbench.page.value
  const what = taken(page, workbench.chosen.value, workbench.editing.activity.value.key)
  const { links: _, ...bare } = page
  const said = what.items.length === 1 ? what.items[0]!.description.trim() : ''
  return { kind: 'ITEMS', name: said, contents: holding(bare, what) }
}

/** A whole page. Where it leads to stays behind with the pages it leads to. */
export function pageToKeep(page: Page, key: AnswerKey): ToKeep {
  const { links: _, ...bare } = page
  const all = page.items.map((item) => item.id)
  return { kind: 'PAGE', name: page.name, contents: holding(bare, taken(page, all, key)) }
}

/** How far a part is moved so that it lies around a point; or, put by a key, beside what lies in its place. */
export function shift(part: Page, page: Page, at: Point | null): Point {
  const box = around(part.items.map((item) => item.frame))
  if (at) {
    return { x: at.x - (box.left + box.right) / 2, y: at.y - (box.top + box.bottom) / 2 }
  }
  const by = { x: 0, y: 0 }
  const first = part.items[0]!.frame
  const lies = () =>
    page.items.some(
      (item) =>
        Math.hypot(item.frame.x - first.x - by.x, item.frame.y - first.y - by.y) < 20 &&
        Math.abs(item.frame.width - first.width) < 1,
    )
  while (lies() && box.left + by.x < PAGE.width - 80 && box.top + by.y < PAGE.height - 80) {
    by.x += 40
    by.y += 40
  }
  return by
}

/** Puts a part on the page, or a page behind it. @returns the id of the page that was made, if one was */
export async function put(
  workbench: Workbench,
  part: Pick<PartHead, 'id' | 'kind' | 'name'>,
  at: Point | null,
): Promise<string | null> {
  const contents = await get(`/api/v1/library/${part.id}`)
  const from = contents.pages[0]!
  if (part.kind === 'PAGE') {
    const pages = workbench.editing.activity.value.pages
    const index = pages.findIndex((page) => page.id === workbench.pageId.value) + 1
    const copy = pageCopy(from, contents.key, index, part.name.slice(0, 300))
    return workbench.edit(composite(copy.edits)) ? copy.pageId : null
  }
  const all = from.items.map((item) => item.id)
  const what = { ...taken(from, all, contents.key), pageId: '' }
  workbench.put(what, shift(from, workbench.page.value, at))
  return null
}

/** The part of a page that a part takes up, with some room around it, as the view box of its picture. */
export function viewOf(part: PartHead): string | undefined {
  if (part.kind === 'PAGE' || !part.page?.items.length) return undefined
  const box = around(part.page.items.map((item) => item.frame))
  const room = 50
  return [
    box.left - room,
    box.top - room,
    Math.max(1, box.right - box.left) + 2 * room,
    Math.max(1, box.bottom - box.top) + 2 * room,
  ].join(' ')
}
