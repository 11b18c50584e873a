/**
 * How a student moves a piece, by pointer and by keyboard in one chart.
 *
 *   idle ── press ──▶ pressed ── far enough ──▶ dragging ── lift ──▶ idle, put
 *     │                  └────── lift ──▶ held (tapped)
 *     └── pick (key) ──▶ held ── point / put ──▶ idle, put        held ── cancel ──▶ idle
 *
 * The chart knows no page: it says what to do, and its user does it.
 */
export interface At {
  x: number
  y: number
}

export type State =
  | { is: 'idle' }
  | { is: 'pressed'; piece: string; from: At }
  | { is: 'dragging'; piece: string; from: At; now: At }
  | { is: 'held'; piece: string; zone: number | null }

export type Event =
  | { type: 'press'; piece: string; at: At }
  | { type: 'move'; at: At }
  | { type: 'lift'; at: At }
  | { type: 'point'; at: At }
  | { type: 'pick'; piece: string }
  /** @param orBack after the last zone comes where it was: for those who have no key to let go with */
  | { type: 'step'; by: number; zones: number; orBack?: boolean }
  | { type: 'put' }
  | { type: 'cancel' }

export type Effect =
  | { do: 'drag'; piece: string; by: At }
  | { do: 'drop'; piece: string; by: At }
  | { do: 'putAt'; piece: string; at: At }
  | { do: 'putInZone'; piece: string; zone: number }
  | { do: 'held'; piece: string }
  | { do: 'target'; piece: string; zone: number }
  | { do: 'home'; piece: string }
  | { do: 'returned'; piece: string }

/** In the unit of the points given: a finger that trembles less than this has tapped. */
export const FAR_ENOUGH = 14

const idle: State = { is: 'idle' }
const between = (from: At, to: At): At => ({ x: to.x - from.x, y: to.y - from.y })

export function step(state: State, event: Event): { state: State; effects: Effect[] } {
  const stay = { state, effects: [] }
  switch (event.type) {
    case 'press':
      if (state.is === 'pressed' || state.is === 'dragging') return stay
      if (state.is === 'held' && state.piece === event.piece) {
        return { state: idle, effects: [{ do: 'returned', piece: state.piece }] }
      }
      return { state: { is: 'pressed', piece: event.piece, from: event.at }, effects: [] }
    case 'move': {
      if (state.is !== 'pressed' && state.is !== 'dragging') return stay
      const by = between(state.from, event.at)
      if (state.is === 'pressed' && Math.hypot(by.x, by.y) < FAR_ENOUGH) return stay
      return {
        state: { is: 'dragging', piece: state.piece, from: state.from, now: event.at },
        effects: [{ do: 'drag', piece: state.piece, by }],
      }
    }
    case 'lift':
      if (state.is === 'pressed') {
        const held: State = { is: 'held', piece: state.piece, zone: null }
        return { state: held, effects: [{ do: 'held', piece: state.piece }] }
      }
      if (state.is !== 'dragging') return stay
      return { state: idle, effects: [{ do: 'drop', piece: state.piece, by: between(state.from, event.at) }] }
    case 'point':
      if (state.is !== 'held') return stay
      return { state: idle, effects: [{ do: 'putAt', piece: state.piece, at: event.at }] }
    case 'pick':
      if (state.is === 'held' && state.piece === event.piece) return step(state, { type: 'put' })
      if (state.is === 'pressed' || state.is === 'dragging') return stay
      return {
        state: { is: 'held', piece: event.piece, zone: null },
        effects: [{ do: 'held', piece: event.piece }],
      }
    case 'step': {
      if (state.is !== 'held' || event.zones === 0) return stay
      if (event.orBack && state.zone === event.zones - 1) {
        return { state: { ...state, zone: null }, effects: [{ do: 'home', piece: state.piece }] }
      }
      const first = event.by > 0 ? 0 : event.zones - 1
      const zone = state.zone === null ? first : (state.zone + event.by + event.zones) % event.zones
      return { state: { ...state, zone }, effects: [{ do: 'target', piece: state.piece, zone }] }
    }
    case 'put':
      if (state.is !== 'held') return stay
      if (state.zone === null) return { state: idle, effects: [{ do: 'returned', piece: state.piece }] }
      return { state: idle, effects: [{ do: 'putInZone', piece: state.piece, zone: state.zone }] }
    case 'cancel':
      if (state.is === 'idle') return stay
      return { state: idle, effects: [{ do: 'returned', piece: state.piece }] }
  }
}
