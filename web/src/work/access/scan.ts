import { onBeforeUnmount, watch } from 'vue'
import { ease } from './accessibility'

const REACHED = 'button:not(:disabled), a[href], input, [tabindex="0"], [data-scan]'

/** The key that stands for a switch's step with a piece in hand: it comes by the piece's own place, too. */
export const SCANNED = 'ScanNext'

/** Whether it is a piece that is picked up: then a step goes to the next place. */
const held = (one: Element | null) => Boolean(one?.matches('.piece[aria-pressed="true"]'))

function press(key: string, on: Element) {
  on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
}

/**
 * Everything that can be reached now: what lies on the page first, then its buttons, then all else. An open dialog comes
 * before all of it.
 */
export function reachable(root: ParentNode): (HTMLElement | SVGElement)[] {
  const within = root.querySelector('dialog[open]') ?? root
  const all = [...within.querySelectorAll<HTMLElement | SVGElement>(REACHED)].filter(
    (one) => !one.closest('[hidden]') && !one.closest('[inert]') && one.getClientRects().length > 0,
  )
  const place = (one: Element) => (one.closest('.sheet') ? 0 : one.closest('.buttons') ? 1 : 2)
  return all
    .map((one, i) => ({ one, at: place(one), i }))
    .sort((a, b) => a.at - b.at || a.i - b.i)
    .map(({ one }) => one)
}

/** One step of a switch: on to the next thing, or with a piece in hand to the next place for it. */
export function scanStep(root: ParentNode) {
  const now = document.activeElement
  if (now && held(now)) {
    press(SCANNED, now)
    return
  }
  const all = reachable(root)
  const at = all.indexOf(now as HTMLElement)
  all[(at + 1) % all.length]?.focus()
}

/** What the switch does with the thing it rests on. */
export function scanChoose() {
  const now = document.activeElement
  if (!now || now === document.body) return
  if (now instanceof HTMLElement) now.click()
  else press('Enter', now)
}

/** Goes from thing to thing by itself; one switch, the space bar or a tap anywhere, chooses. */
export function useScan(root: () => ParentNode | undefined) {
  let timer: ReturnType<typeof setInterval> | undefined
  const keys = (event: KeyboardEvent) => {
    if ((event.key !== ' ' && event.key !== 'Enter') || !event.isTrusted) return
    const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement
    if (typing && event.key === ' ') return
    event.preventDefault()
    event.stopPropagation()
    begin()
    scanChoose()
  }
  /** A tap anywhere chooses too. In the dialog where this is switched off, a helper's taps are their own. */
  const taps = (event: PointerEvent) => {
    if (!event.isTrusted || (event.target as Element).closest('dialog.ease, [data-ease]')) return
    event.preventDefault()
    event.stopPropagation()
    begin()
    scanChoose()
  }
  const clicks = (event: MouseEvent) => {
    if (!event.isTrusted || (event.target as Element).closest('dialog.ease, [data-ease]')) return
    event.preventDefault()
    event.stopPropagation()
  }
  function begin() {
    clearInterval(timer)
    if (ease.scan > 0)
      timer = setInterval(() => {
        const where = root()
        if (where) scanStep(where)
      }, ease.scan * 1000)
  }
  function end() {
    clearInterval(timer)
    window.removeEventListener('keydown', keys, true)
    window.removeEventListener('pointerdown', taps, true)
    window.removeEventListener('click', clicks, true)
  }
  watch(
    () => ease.scan,
    (seconds) => {
      end()
      if (seconds === 0) return
      window.addEventListener('keydown', keys, true)
      window.addEventListener('pointerdown', taps, true)
      window.addEventListener('click', clicks, true)
      begin()
    },
    { immediate: true },
  )
  onBeforeUnmount(end)
}
