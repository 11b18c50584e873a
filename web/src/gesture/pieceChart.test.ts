import { describe, expect, it } from 'vitest'
import { FAR_ENOUGH, step, type Effect, type Event, type State } from './pieceChart'

function play(...events: Event[]) {
  let state: State = { is: 'idle' }
  const effects: Effect[] = []
  for (const event of events) {
    const result = step(state, event)
    state = result.state
    effects.push(...result.effects)
  }
  return { state, effects }
}
const at = (x: number, y = 0) => ({ x, y })

describe('moving a piece', () => {
  it('by dragging keeps where in the piece it was gripped', () => {
    const { state, effects } = play(
      { type: 'press', piece: 'sun', at: at(100) },
      { type: 'move', at: at(160) },
      { type: 'lift', at: at(300, 40) },
    )
    expect(state.is).toBe('idle')
    expect(effects.at(-1)).toEqual({ do: 'drop', piece: 'sun', by: { x: 200, y: 40 } })
  })

  it('by a finger that trembles is a tap, and the next tap says where', () => {
    const { effects } = play(
      { type: 'press', piece: 'sun', at: at(100) },
      { type: 'move', at: at(100 + FAR_ENOUGH - 1) },
      { type: 'lift', at: at(100) },
      { type: 'point', at: at(500, 300) },
    )
    expect(effects.map((one) => one.do)).toEqual(['held', 'putAt'])
  })

  it('by tapping it twice puts it back', () => {
    const tap: Event[] = [
      { type: 'press', piece: 'sun', at: at(1) },
      { type: 'lift', at: at(1) },
    ]
    const { state, effects } = play(...tap, ...tap)
    expect(state.is).toBe('idle')
    expect(effects.map((one) => one.do)).toEqual(['held', 'returned'])
  })

  it('by keyboard walks the zones in a ring and puts with Enter', () => {
    const right: Event = { type: 'step', by: 1, zones: 3 }
    const { effects } = play({ type: 'pick', piece: 'sun' }, right, right, right, right, { type: 'put' })
    expect(effects.filter((one) => one.do === 'target').map((one) => one.zone)).toEqual([0, 1, 2, 0])
    expect(effects.at(-1)).toEqual({ do: 'putInZone', piece: 'sun', zone: 0 })
  })

  it('by keyboard backwards starts at the last zone; picking again puts', () => {
    const { effects } = play(
      { type: 'pick', piece: 'sun' },
      { type: 'step', by: -1, zones: 3 },
      { type: 'pick', piece: 'sun' },
    )
    expect(effects.at(-1)).toEqual({ do: 'putInZone', piece: 'sun', zone: 2 })
  })

  it('returns with Esc from everywhere, and Enter over no zone returns too', () => {
    expect(play({ type: 'pick', piece: 'sun' }, { type: 'cancel' }).effects.at(-1)?.do).toBe('returned')
    expect(play({ type: 'pick', piece: 'sun' }, { type: 'put' }).effects.at(-1)?.do).toBe('returned')
    const dragging = play(
      { type: 'press', piece: 'sun', at: at(0) },
      { type: 'move', at: at(99) },
      { type: 'cancel' },
    )
    expect(dragging.state.is).toBe('idle')
    expect(dragging.effects.at(-1)?.do).toBe('returned')
  })

  it('never drops two pieces at once: a second finger does nothing', () => {
    const { state } = play(
      { type: 'press', piece: 'sun', at: at(0) },
      { type: 'move', at: at(99) },
      { type: 'press', piece: 'moon', at: at(5) },
    )
    expect(state).toMatchObject({ is: 'dragging', piece: 'sun' })
  })

  it('answers every event in every state without falling over', () => {
    const events: Event[] = [
      { type: 'press', piece: 'a', at: at(0) },
      { type: 'move', at: at(50) },
      { type: 'lift', at: at(50) },
      { type: 'point', at: at(9) },
      { type: 'pick', piece: 'b' },
      { type: 'step', by: 1, zones: 0 },
      { type: 'step', by: 1, zones: 2 },
      { type: 'put' },
      { type: 'cancel' },
    ]
    let seed = 7
    const random = () => (seed = (seed * 16807) % 2147483647)
    let state: State = { is: 'idle' }
    for (let i = 0; i < 5000; i++) {
      const { state: next, effects } = step(state, events[random() % events.length]!)
      // Whatever is put down was up before.
      if (effects.some((one) => ['drop', 'putAt', 'putInZone'].includes(one.do))) {
        expect(state.is === 'dragging' || state.is === 'held').toBe(true)
      }
      state = next
    }
  })

  it('comes by its own place after the last zone, where somebody has one switch only', () => {
    let state: State = { is: 'held', piece: 'sun', zone: null }
    const seen: (number | null)[] = []
    for (let i = 0; i < 4; i++) {
      const next = step(state, { type: 'step', by: 1, zones: 2, orBack: true })
      state = next.state
      seen.push(state.is === 'held' ? state.zone : -1)
    }
    expect(seen).toEqual([0, 1, null, 0])
    const back = step({ is: 'held', piece: 'sun', zone: null }, { type: 'pick', piece: 'sun' })
    expect(back.effects).toEqual([{ do: 'returned', piece: 'sun' }])
  })
})
