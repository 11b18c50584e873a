import type { Act, AttemptState, PathProgress, Move, StudentPage } from '@/api/schema'
import { withAlong } from '@/page/placedItems'
import { ownAfter } from './own'

/**
 * The state as it looks with moves that the server has not seen yet: things lie where they were put and say what was
 * written, and nothing is judged.
 */
export function withAhead(state: AttemptState, moves: Move[], pages: StudentPage[] = []): AttemptState {
  return moves.reduce((now, move) => after(now, move.act, pages), state)
}

/**
 * Where one can go on from a page that was opened without the network: to the next page of the way as it was known last.
 * At its end the work can be handed in.
 */
export function courseAhead(course: PathProgress, pageId: string): PathProgress {
  const next = course.pages[course.pages.indexOf(pageId) + 1]
  return { pages: course.pages, ...(next && course.pages.includes(pageId) ? { next, onward: next } : {}) }
}

function after(state: AttemptState, act: Act, pages: StudentPage[]): AttemptState {
  switch (act.kind) {
    case 'put': {
      const was = state.pieces[act.pieceId]
      const piece = {
        settled: false,
        tries: 0,
        solvedAt: 0,
        ...was,
        x: act.x,
        y: act.y,
        putAt: state.seq + 1,
        ...(act.turn === undefined ? {} : { turn: act.turn }),
      }
      delete piece.zoneId
      const items = pages.find((page) => page.id === act.pageId)?.items ?? []
      const pieces = { ...withAlong(items, state.pieces, act.pieceId, act), [act.pieceId]: piece }
      return { ...state, seq: state.seq + 1, pieces }
    }
    case 'type': {
      const was = state.typed?.[act.gapId]
      const gap = { tries: 0, solvedAt: 0, ...was, text: act.text, says: 'NOT_JUDGED' as const }
      return { ...state, typed: { ...state.typed, [act.gapId]: gap } }
    }
    case 'write':
      return { ...state, written: { ...state.written, [act.noteId]: act.text } }
    case 'slide':
      return { ...state, slid: { ...state.slid, [act.coverId]: act.share } }
    case 'turn-over':
      return { ...state, over: flipped(state.over, act.itemId) }
    case 'reveal':
      return { ...state, spots: act.itemIds.reduce(flipped, state.spots ?? []) }
    case 'open':
      return { ...state, pageId: act.pageId, came: cameAfter(state, act.pageId, act.back) }
    case 'hand-in':
      return { ...state, standing: 'HANDED_IN' }
    case 'draw':
    case 'say':
    case 'unsay':
      return { ...state, own: ownAfter(state.own, act) }
    default:
      // What only the server can answer, such as a check, waits for it.
      return state
  }
}

function flipped(ids: string[] | undefined, id: string) {
  const all = ids ?? []
  return all.includes(id) ? all.filter((one) => one !== id) : [...all, id]
}

export function cameAfter(state: AttemptState, pageId: string, back: boolean | undefined) {
  const came = state.came ?? []
  if (back && came.at(-1) === pageId) return came.slice(0, -1)
  return pageId === state.pageId ? came : [...came, state.pageId]
}
