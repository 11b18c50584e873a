import type { Activity, Edit, Frame, Item, Page } from '@/api/schema'
import type { Decision } from './answerKey'
import { arranged, transformed } from '@/page/arrange'
import { alwaysFixed, idsOf, withTraits, zonesIn, zonesOf } from '@/page/items'
import {
  without,
  withDecision,
  withFacts,
  withoutPage,
  withRule,
  withSets,
  withTerms,
  withTyped,
} from './answerKey'

/**
 * Edits on the activity as the browser shows it. For drawing only: the server's core is the truth, and both are held
 * to the same cases (core/src/test/resources/edit-cases).
 */
const MOST_PAGES = 200
const MOST_ITEMS = 2000

/** The activity with the edit made, or null when it does not fit. */
export function apply(activity: Activity, edit: Edit): Activity | null {
  switch (edit.kind) {
    case 'set-title':
      return { ...activity, title: edit.title }
    case 'add-page':
      if (activity.pages.some((page) => page.id === edit.page.id) || activity.pages.length >= MOST_PAGES)
        return null
      if (taken(activity, edit.page.items.flatMap(idsOf))) return null
      return { ...activity, pages: inserted(activity.pages, edit.index, edit.page) }
    case 'remove-page':
      return removePage(activity, edit.pageId)
    case 'move-page': {
      const page = activity.pages.find((one) => one.id === edit.pageId)
      if (!page) return null
      const others = activity.pages.filter((one) => one !== page)
      return { ...activity, pages: inserted(others, edit.index, page) }
    }
    case 'rename-page':
      return onPage(activity, edit.pageId, (page) => ({ ...page, name: edit.name }))
    case 'set-paper':
      return onPage(activity, edit.pageId, (page) => ({ ...page, paper: edit.paper }))
    case 'add-item':
      if (taken(activity, idsOf(edit.item))) return null
      return onPage(activity, edit.pageId, (page) =>
        page.items.length >= MOST_ITEMS
          ? null
          : { ...page, items: inserted(page.items, edit.index, edit.item) },
      )
    case 'remove-item': {
      const gone = itemOf(activity, edit.pageId, edit.itemId)
      const left = onPage(activity, edit.pageId, (page) =>
        gone ? { ...page, items: page.items.filter((item) => item !== gone) } : null,
      )
      return left && { ...left, key: idsOf(gone!).reduce(without, left.key) }
    }
    case 'move-depth':
      return onPage(activity, edit.pageId, (page) => {
        const item = page.items.find((one) => one.id === edit.itemId)
        if (!item) return null
        const others = page.items.filter((one) => one !== item)
        return { ...page, items: inserted(others, edit.index, item) }
      })
    case 'set-frame':
      return onItem(activity, edit.pageId, edit.itemId, (item) => ({
        ...item,
        frame: { ...edit.frame, turn: ((edit.frame.turn % 360) + 360) % 360 },
      }))
    case 'set-movement': {
      const moved = onItem(activity, edit.pageId, edit.itemId, (item) =>
        alwaysFixed(item) ? null : ({ ...item, movement: edit.movement } as Item),
      )
      return moved && edit.movement.kind === 'fixed'
        ? { ...moved, key: without(moved.key, edit.itemId) }
        : moved
    }
    case 'set-description':
      return onItem(activity, edit.pageId, edit.itemId, (item) => ({
        ...item,
        description: edit.description,
      }))
    case 'set-words':
      return onItem(activity, edit.pageId, edit.itemId, (item) =>
        item.kind === 'words' ? { ...item, content: edit.content, frame: edit.frame } : null,
      )
    case 'set-zone-label':
      return onItem(activity, edit.pageId, edit.itemId, (item) =>
        item.kind === 'zone' ? { ...item, label: edit.label } : null,
      )
    case 'decide':
      return decide(activity, edit.pageId, edit.zoneId, edit.pieceId, edit.decision)
    case 'set-rule': {
      const page = activity.pages.find((one) => one.id === edit.pageId)
      if (!page || !zonesOf(page.items).some((zone) => zone.id === edit.zoneId)) return null
      return { ...activity, key: withRule(activity.key, edit.zoneId, edit.rule) }
    }
    case 'set-facts': {
      const piece = itemOf(activity, edit.pageId, edit.itemId)
      if (!piece || piece.movement.kind === 'fixed') return null
      return { ...activity, key: withFacts(activity.key, edit.itemId, edit.facts) }
    }
    case 'set-typed':
      if (itemOf(activity, edit.pageId, edit.itemId)?.kind !== 'gap') return null
      return { ...activity, key: withTyped(activity.key, edit.itemId, edit.typed ?? null) }
    case 'set-sets': {
      const zones = new Set(activity.pages.flatMap((page) => zonesOf(page.items)).map((zone) => zone.id))
      const sets = edit.sets.filter((set) => set.zoneIds.every((id) => zones.has(id)))
      return { ...activity, key: withSets(activity.key, sets) }
    }
    case 'set-terms':
      return { ...activity, key: withTerms(activity.key, edit.terms) }
    case 'set-made-from': {
      const { madeFrom: _, ...rest } = activity
      return edit.madeFrom ? { ...rest, madeFrom: edit.madeFrom } : rest
    }
    case 'set-passage': {
      const { passage: _, ...rest } = activity
      return edit.passage ? { ...rest, passage: edit.passage } : rest
    }
    case 'set-page-links':
      return onPage(activity, edit.pageId, ({ links: _, ...page }) =>
        edit.links ? { ...page, links: edit.links } : page,
      )
    case 'set-traits':
      return onItem(activity, edit.pageId, edit.itemId, (item) => withTraits(item, edit.traits))
    case 'set-body':
      return setBody(activity, edit.pageId, edit.item)
    case 'set-page-words':
      return onPage(activity, edit.pageId, ({ words: _, ...page }) =>
        edit.words ? { ...page, words: edit.words } : page,
      )
    case 'arrange':
      return onFrames(activity, edit.pageId, edit.itemIds, (frames) => arranged(frames, edit.how))
    case 'transform':
      return onFrames(activity, edit.pageId, edit.itemIds, (frames) =>
        frames.map((frame) => transformed(frame, edit.by)),
      )
    case 'composite': {
      let now: Activity | null = activity
      for (const one of edit.edits) now = now && apply(now, one as Edit)
      return now
    }
  }
}

export { decisionOf, ruleOf } from './answerKey'

function inserted<T>(list: T[], index: number, one: T): T[] {
  const at = Math.min(index, list.length)
  return [...list.slice(0, at), one, ...list.slice(at)]
}

function onPage(activity: Activity, pageId: string, change: (page: Page) => Page | null): Activity | null {
  const page = activity.pages.find((one) => one.id === pageId)
  const changed = page && change(page)
  return changed ? { ...activity, pages: activity.pages.map((one) => (one === page ? changed : one)) } : null
}

function onItem(activity: Activity, pageId: string, itemId: string, change: (item: Item) => Item | null) {
  return onPage(activity, pageId, (page) => {
    const item = page.items.find((one) => one.id === itemId)
    const changed = item && change(item)
    return changed ? { ...page, items: page.items.map((one) => (one === item ? changed : one)) } : null
  })
}

const itemOf = (activity: Activity, pageId: string, itemId: string) =>
  activity.pages.find((page) => page.id === pageId)?.items.find((item) => item.id === itemId)

function taken(activity: Activity, ids: string[]) {
  const wanted = new Set(ids)
  return activity.pages.some((page) => page.items.some((item) => idsOf(item).some((id) => wanted.has(id))))
}

/** The look is the new item's, everything else stays. */
function setBody(activity: Activity, pageId: string, body: Item): Activity | null {
  const now = itemOf(activity, pageId, body.id)
  if (now?.kind !== body.kind) return null
  const { frame, movement, description } = now
  const changed = withTraits(
    { ...body, frame, movement, description } as Item,
    now.traits ?? { transparency: 0, groups: [] },
  )
  const were = zonesIn(now).map((zone) => zone.id)
  const are = zonesIn(changed).map((zone) => zone.id)
  const fresh = are.filter((id) => !were.includes(id))
  if (fresh.length && taken(activity, fresh)) return null
  const next = onItem(activity, pageId, body.id, () => changed)
  return next && { ...next, key: were.filter((id) => !are.includes(id)).reduce(without, next.key) }
}

function onFrames(
  activity: Activity,
  pageId: string,
  itemIds: string[],
  change: (frames: Frame[]) => Frame[],
) {
  return onPage(activity, pageId, (page) => {
    const wanted = new Set(itemIds)
    const chosen = page.items.filter((item) => wanted.has(item.id))
    if (chosen.length < wanted.size) return null
    const frames = new Map(change(chosen.map((item) => item.frame)).map((frame, i) => [chosen[i]!.id, frame]))
    return {
      ...page,
      items: page.items.map((item) =>
        frames.has(item.id) ? { ...item, frame: frames.get(item.id)! } : item,
      ),
    }
  })
}

function removePage(activity: Activity, pageId: string): Activity | null {
  const page = activity.pages.find((one) => one.id === pageId)
  if (!page || activity.pages.length === 1) return null
  const key = withoutPage(page.items.flatMap(idsOf).reduce(without, activity.key), pageId)
  return { ...activity, pages: activity.pages.filter((one) => one !== page), key }
}

function decide(activity: Activity, pageId: string, zoneId: string, pieceId: string, decision: Decision) {
  const page = activity.pages.find((one) => one.id === pageId)
  const zone = page && zonesOf(page.items).some((one) => one.id === zoneId)
  const piece = itemOf(activity, pageId, pieceId)
  if (!zone || !piece || piece.movement.kind === 'fixed') return null
  return { ...activity, key: withDecision(activity.key, zoneId, pieceId, decision) }
}
