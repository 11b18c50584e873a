/**
 * Where a button took its whole screen away, the keys and the screen reader would be nowhere: they go on at the heading of
 * what is there now. Whoever has a place already keeps it.
 */
export function findFocus(root: ParentNode = document) {
  const at = document.activeElement
  if (at && at !== document.body) return
  const heading = root.querySelector<HTMLElement>('main h1, h1')
  if (!heading) return
  heading.tabIndex = -1
  heading.focus({ preventScroll: true })
}
