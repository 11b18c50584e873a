import type { Overlay, Panel, Tool } from './tools'

/**
 * What a key does in front of a class; the letters stand in the tools' tooltips. None is one that a piece needs while it
 * has the keys: R, T and O turn it, turn it over and open it.
 */
export type KeyDoes =
  | { is: 'tool'; tool: Tool }
  | { is: 'overlay'; overlay: Overlay }
  | { is: 'cover' }
  | { is: 'record' }
  | { is: 'panel'; panel: Panel }
  | { is: 'page'; by: 1 | -1 }
  | { is: 'undo' }
  | { is: 'leave' }

const LETTERS: Record<string, KeyDoes> = {
  m: { is: 'tool', tool: 'move' },
  p: { is: 'tool', tool: 'pen' },
  h: { is: 'tool', tool: 'highlighter' },
  e: { is: 'tool', tool: 'eraser' },
  a: { is: 'tool', tool: 'lasso' },
  f: { is: 'tool', tool: 'fading' },
  l: { is: 'tool', tool: 'pointer' },
  c: { is: 'cover' },
  s: { is: 'overlay', overlay: 'spotlight' },
  g: { is: 'overlay', overlay: 'magnifier' },
  b: { is: 'overlay', overlay: 'blank' },
  u: { is: 'panel', panel: 'measure' },
  k: { is: 'panel', panel: 'timer' },
  n: { is: 'panel', panel: 'class' },
  x: { is: 'panel', panel: 'clear' },
  v: { is: 'record' },
  q: { is: 'panel', panel: 'more' },
}

/** Letters mean nothing to them. */
const PRESSED = new Set(['checkbox', 'radio', 'range', 'button', 'file', 'color'])

/** Null for what belongs to the page, or to whatever is being typed into. */
export function keyOf(event: KeyboardEvent): KeyDoes | null {
  const { target } = event
  const typing =
    (target instanceof HTMLInputElement && !PRESSED.has(target.type)) ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement
  if (event.key === 'z' && (event.ctrlKey || event.metaKey) && !event.shiftKey)
    return typing ? null : { is: 'undo' }
  if (typing || event.ctrlKey || event.metaKey || event.altKey) return null
  if (event.key === 'PageDown') return { is: 'page', by: 1 }
  if (event.key === 'PageUp') return { is: 'page', by: -1 }
  // What is held goes back by it.
  const onPiece = target instanceof Element && target.closest('[data-piece]') !== null
  if (event.key === 'Escape') return onPiece ? null : { is: 'leave' }
  return LETTERS[event.key.toLowerCase()] ?? null
}
