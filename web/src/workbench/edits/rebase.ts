import type { Edit } from '@/api/schema'

/** An edit as it follows another that it did not know of, or null when that one took away what it changes. As core. */
export function rebase(edit: Edit, over: Edit): Edit | null {
  if (edit.kind === 'composite') {
    const left = edit.edits.map((one) => rebase(one as Edit, over)).filter((one) => one !== null)
    if (left.length === 0) return null
    return left.length === 1 ? left[0]! : ({ kind: 'composite', edits: left } as Edit)
  }
  if (over.kind === 'composite') {
    return over.edits.reduce<Edit | null>((left, one) => left && rebase(left, one as Edit), edit)
  }
  if (over.kind === 'remove-page' && 'pageId' in edit && edit.pageId === over.pageId) return null
  if (over.kind === 'remove-item' && 'pageId' in edit && edit.pageId === over.pageId) {
    if (edit.kind === 'arrange' || edit.kind === 'transform') {
      const itemIds = edit.itemIds.filter((id) => id !== over.itemId)
      return itemIds.length ? { ...edit, itemIds } : null
    }
    if (itemsOf(edit).includes(over.itemId)) return null
  }
  const fixes = over.kind === 'set-movement' && over.movement.kind === 'fixed'
  if (fixes && edit.kind === 'decide' && edit.pieceId === over.itemId) return null
  if (fixes && edit.kind === 'set-facts' && edit.itemId === over.itemId) return null
  if (edit.kind === 'add-item' && over.kind === 'add-item' && edit.pageId === over.pageId) {
    return over.index <= edit.index ? { ...edit, index: edit.index + 1 } : edit
  }
  if (edit.kind === 'add-page' && over.kind === 'add-page' && over.index <= edit.index) {
    return { ...edit, index: edit.index + 1 }
  }
  return edit
}

function itemsOf(edit: Edit): string[] {
  if ('itemId' in edit) return [edit.itemId]
  if (edit.kind === 'set-body') return [edit.item.id]
  if (edit.kind === 'decide') return [edit.zoneId, edit.pieceId]
  return edit.kind === 'set-rule' ? [edit.zoneId] : []
}
