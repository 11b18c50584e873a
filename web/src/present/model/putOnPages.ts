import { t } from '@/i18n'
import { get, post, Refusal } from '@/api/client'
import { newId } from '@/api/id'
import type { Edit, Frame, Item, Page } from '@/api/schema'
import { PAGE } from '@/page/geometry'
import { upload } from '@/workbench/pictures/upload'
import { composite } from '@/workbench/edits/copies'

/** What is put on the pages of an activity from in front of the class: only ever what the teacher asked to put there. */

/** Largest sides of a picture that comes onto a page that has other things on it, in page units. */
const BESIDE = { width: 700, height: 500 }
const ALONE = { width: PAGE.width - 120, height: PAGE.height - 120 }

/** In the middle of the page, no larger than there is room. */
export function middle(width: number, height: number, alone: boolean): Frame {
  const room = alone ? ALONE : BESIDE
  const scale = Math.min(room.width / width, room.height / height)
  const [wide, high] = [Math.max(8, Math.round(width * scale)), Math.max(8, Math.round(height * scale))]
  return {
    x: Math.round((PAGE.width - wide) / 2),
    y: Math.round((PAGE.height - high) / 2),
    width: wide,
    height: high,
    turn: 0,
  }
}

/** The edits that put items on top of a page, or on a new page after it. */
export function puttingEdits(
  pages: Page[],
  pageId: string,
  items: Item[],
  fresh: { id: string; name: string } | null,
): Edit[] {
  const at = pages.findIndex((one) => one.id === pageId)
  const page = pages[at]
  if (!page) return []
  if (fresh)
    return [
      {
        kind: 'add-page',
        index: at + 1,
        page: { ...fresh, paper: page.paper, items, ...(page.words ? { words: page.words } : {}) },
      },
    ]
  return items.map((item, i) => ({ kind: 'add-item', pageId, index: page.items.length + i, item }))
}

/**
 * @param fresh whether a page of their own is made for them, after that one
 * @returns the page on which they lie; rejects with a refusal that says what to do
 */
export async function putOnPage(
  activityId: string,
  pageId: string,
  items: Item[],
  fresh: boolean,
): Promise<string> {
  const now = await get(`/api/v1/activities/${activityId}`)
  const { pages } = now.activity
  if (!now.mayEdit) throw new Refusal(403, t('present.this-activity-was-shared-with-you'))
  const made = fresh ? { id: newId(), name: t('present.page-pages', { pages: pages.length + 1 }) } : null
  const edits = puttingEdits(pages, pageId, items, made)
  if (!edits.length) throw new Refusal(404, t('present.this-page-is-not-in-the'))
  await post(`/api/v1/activities/${activityId}/edits`, {
    seq: now.seq,
    edits: [{ id: newId(), edit: composite(edits) }],
  })
  return made?.id ?? pageId
}

/** A picture as an item. @param fresh whether it has a page of its own */
export async function pictureItem(
  picture: Blob,
  fresh: boolean,
  progress: (share: number) => void,
): Promise<Item> {
  const stored = await upload(new File([picture], 'page.png', { type: 'image/png' }), '', progress)
  return {
    kind: 'picture',
    id: newId(),
    frame: middle(stored.width, stored.height, fresh),
    movement: { kind: 'fixed' },
    description: '',
    picture: { from: 'FILE', name: stored.sha256 },
    credit: '',
  }
}
