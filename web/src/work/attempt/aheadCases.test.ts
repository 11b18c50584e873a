import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import type { Act, Activity, AttemptState, StudentPage } from '@/api/schema'
import { withAhead } from './ahead'

interface Case {
  activity: number
  before: AttemptState
  act: Act
  after: AttemptState
}
const file = '../core/src/test/resources/ahead-cases/cases.json'
const { activities, cases } = JSON.parse(readFileSync(file, 'utf8')) as {
  activities: Activity[]
  cases: Case[]
}

/** What of a state the device looks ahead to; numbers of moves and pages that were met are the server's. */
function seen(state: AttemptState, act: Act) {
  const { pageId, standing, slid, written, over, spots, came, own } = state
  const piece = act.kind === 'put' ? state.pieces[act.pieceId] : undefined
  return {
    pageId,
    standing,
    slid: slid ?? {},
    written: written ?? {},
    over: [...(over ?? [])].sort(),
    spots: [...(spots ?? [])].sort(),
    came: came ?? [],
    own: own ?? {},
    piece: piece && { x: piece.x, y: piece.y, settled: piece.settled, zoneId: piece.zoneId },
  }
}

describe('what is done while the network is away', () => {
  it.each(cases.map((one, i) => [i, one.act.kind, one] as const))(
    'looks in case %i, %s, as core will say',
    (_, __, one) => {
      const pages = activities[one.activity]!.pages as unknown as StudentPage[]
      const move = { id: 'm', act: one.act, deviceTime: '' }
      expect(seen(withAhead(one.before, [move], pages), one.act)).toEqual(seen(one.after, one.act))
    },
  )
})
