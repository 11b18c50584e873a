import { computed, onBeforeUnmount, onMounted, shallowRef, watch } from 'vue'
import type { Act, AttemptState, Frame, Verdict } from '@/api/schema'

/** What was done before, to be taken back step by step, as long as the page stays open in this browser. */
export function useUndo(page: () => string) {
  const steps = shallowRef<(() => Promise<unknown>)[]>([])
  watch(page, () => (steps.value = []))
  return {
    can: computed(() => steps.value.length > 0),
    remember: (step: () => Promise<unknown>) => (steps.value = [...steps.value, step]),
    forget: () => (steps.value = []),
    async takeBack() {
      const last = steps.value.at(-1)
      if (!last) return
      steps.value = steps.value.slice(0, -1)
      await last()
    },
  }
}
export type Undo = ReturnType<typeof useUndo>

/**
 * What was done last may still be on its way, and only its answer says whether and how it is taken back: who is quicker
 * than the network must not take back what was before it. Without a network nothing is waited for.
 */
export function onceSent(work: { kept: { value: string }; waiting?: { value: unknown[] } }): Promise<void> {
  const onItsWay = () => (work.waiting?.value.length ?? 0) > 0 && work.kept.value === 'waiting'
  return new Promise((done) => {
    if (!onItsWay()) return done()
    const stop = watch([() => work.waiting?.value, () => work.kept.value], () => {
      if (onItsWay()) return
      stop()
      // After all that waits for the same answer.
      setTimeout(done)
    })
  })
}

type Put = Extract<Act, { kind: 'put' }>

/** How a piece lies; undefined for one that was never put anywhere. */
export type PiecePlace = Pick<AttemptState['pieces'][string], 'x' | 'y' | 'turn' | 'zoneId' | 'waits'>

/**
 * How a piece lies once it was put. Who goes on with it before that is answered takes it back to there, and not to what
 * was before.
 *
 * @param verdict null where the put was refused
 */
export function liesAfter(
  act: Put,
  was: PiecePlace | undefined,
  verdict: Verdict | null,
): PiecePlace | undefined {
  if (!verdict) return was
  if (verdict.rests === 'TAKEN_BACK') return undefined
  const turn = act.turn ?? was?.turn
  return {
    x: verdict.x,
    y: verdict.y,
    ...(turn === undefined ? {} : { turn }),
    ...(verdict.zoneId ? { zoneId: verdict.zoneId, waits: verdict.says === 'NOT_JUDGED' } : {}),
  }
}

/**
 * What puts a piece back where it was before it was put; null where nothing is to be taken back. What was found right
 * rests, and where a piece was told that it does not belong, it would be told so once more.
 *
 * @param home of the piece, or of the supply that a copy came off
 * @param was how the attempt had it before
 */
export function backFrom(
  act: Put,
  home: Frame,
  was: PiecePlace | undefined,
  verdict: Verdict | null,
): Put | null {
  const copy = act.pieceId.includes('~')
  if (!verdict || verdict.says === 'BELONGS') return null
  if (verdict.rests === 'HOME' || (verdict.rests === 'TAKEN_BACK' && !was)) return null
  if (was?.zoneId && !was.waits) return null
  const at = was ?? home
  if (!was && !copy && act.x === home.x && act.y === home.y && act.turn === undefined) return null
  const turn = act.turn === undefined ? {} : { turn: was?.turn ?? home.turn }
  return { kind: 'put', pageId: act.pageId, pieceId: act.pieceId, x: at.x, y: at.y, ...turn }
}

/** What undoes a thing that is not judged; null for what cannot be undone. */
export function inverse(act: Act, state: AttemptState): Act | null {
  switch (act.kind) {
    case 'turn-over':
      return act
    case 'write':
      return { ...act, text: state.written?.[act.noteId] ?? '' }
    case 'slide':
      return { ...act, share: state.slid?.[act.coverId] ?? 0 }
    default:
      return null
  }
}

/** What was typed before, where nothing was found of what is typed now. */
export function untyped(
  act: Extract<Act, { kind: 'type' }>,
  state: AttemptState,
  verdict: Verdict | null,
): Act | null {
  return verdict?.says === 'NOT_JUDGED' ? { ...act, text: state.typed?.[act.gapId]?.text ?? '' } : null
}

export type Remember = (act: Act) => void

/** Ctrl+Z takes back, unless somebody writes or is asked something. */
export function useUndoKey(can: () => boolean, takeBack: () => unknown) {
  function pressed(event: KeyboardEvent) {
    const typing = event.target instanceof HTMLInputElement || event.target instanceof HTMLTextAreaElement
    if (typing || event.key !== 'z' || event.shiftKey || !(event.ctrlKey || event.metaKey)) return
    if (document.querySelector('dialog[open]') || !can()) return
    event.preventDefault()
    void takeBack()
  }
  onMounted(() => window.addEventListener('keydown', pressed))
  onBeforeUnmount(() => window.removeEventListener('keydown', pressed))
}
