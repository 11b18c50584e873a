import { reactive, watch } from 'vue'

/** How a student sees and works the pages; kept on the device under their name. */
export interface Ease {
  /** How large the page is drawn, in per cent of what fits. */
  size: number
  ruler: boolean
  contrast: boolean
  still: boolean
  /** Seconds for which a switch rests on each thing; 0 for no switch. */
  scan: number
}

const USUAL: Ease = { size: 100, ruler: false, contrast: false, still: false, scan: 0 }
export const SIZES = [100, 125, 150, 200]
export const SCANS = [0, 1, 2, 4]

export const ease = reactive<Ease>({ ...USUAL })
let key = ''

function read(): Ease {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? '{}') as Partial<Ease>
    return {
      size: SIZES.includes(kept.size ?? 0) ? kept.size! : 100,
      ruler: kept.ruler === true,
      contrast: kept.contrast === true,
      still: kept.still === true,
      scan: SCANS.includes(kept.scan ?? -1) ? kept.scan! : 0,
    }
  } catch {
    return { ...USUAL }
  }
}

/** Takes up what that student chose on this device before. */
export function easeOf(personId: string) {
  key = `ease:${personId}`
  Object.assign(ease, read())
}

watch(ease, (now) => {
  document.documentElement.classList.toggle('contrast', now.contrast)
  document.documentElement.classList.toggle('still', now.still)
  if (!key) return
  try {
    localStorage.setItem(key, JSON.stringify(now))
  } catch {
    // A browser that lets nothing be kept forgets it with the page.
  }
})

/** Back to the usual, for the next child at this tablet. */
export function easeAway() {
  key = ''
  Object.assign(ease, USUAL)
}
