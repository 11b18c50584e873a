/**
 * The parts of the screen that F6 goes round in, marked by data-region: somebody who cannot point need not walk through
 * every item of a full page to get to its settings.
 */
const FOCUSABLE =
  'button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea, a[href], [tabindex="0"]'

export function nextRegion(root: ParentNode, by: 1 | -1): boolean {
  const regions = [...root.querySelectorAll<HTMLElement>('[data-region]')]
  const here = regions.findIndex((region) => region.contains(document.activeElement))
  for (let i = 1; i <= regions.length; i++) {
    const at = (here + by * i + (here < 0 && by < 0 ? 1 : 0) + regions.length * 2) % regions.length
    const to = firstOf(regions[at]!)
    if (to) {
      to.focus()
      return true
    }
  }
  return false
}

/** What is selected or shown there, else where it begins, else the first thing that can be reached. */
function firstOf(region: HTMLElement): HTMLElement | SVGElement | null {
  return (
    region.querySelector<SVGElement>('[data-item][aria-pressed="true"]') ??
    region.querySelector<HTMLElement>('[aria-current]') ??
    region.querySelector<SVGElement>('[data-region-start]') ??
    region.querySelector<HTMLElement>(FOCUSABLE)
  )
}
