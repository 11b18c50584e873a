const WRITTEN = /^(text|search|number|email|url|tel|password|date|time)$/

/**
 * Whether keys, or what is pasted, are meant for a field or a dialog and not for the page. A tick or a list takes plain
 * keys only: after one, Ctrl+Z is still the activity's.
 */
export function elsewhere(event: Event): boolean {
  const target = event.target as HTMLElement | null
  if (target?.closest?.('textarea, [contenteditable], .el-overlay, dialog')) return true
  const field = target?.closest?.<HTMLInputElement>('input, select')
  if (!field) return false
  if (field.tagName === 'INPUT' && WRITTEN.test(field.type)) return true
  const { ctrlKey, metaKey, altKey } = event as KeyboardEvent
  return event.type.startsWith('key') && !ctrlKey && !metaKey && !altKey
}
