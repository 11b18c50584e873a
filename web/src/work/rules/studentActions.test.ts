import { expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { Act, Item, Verdict } from '@/api/schema'
import type { PlacedItem } from '@/page/placedItems'
import type { Work } from '@/work/attempt/work'
import { useStudentActions } from './studentActions'
import type { Things } from './things'

const dial = {
  kind: 'picture',
  id: 'dial',
  frame: { x: 500, y: 650, width: 100, height: 100, turn: 0 },
  movement: { kind: 'turns', step: 45 },
  description: 'dial',
} as unknown as Item

/** A network that answers when it is let, and a page with one piece. */
function page() {
  const answers: ((verdict: Verdict) => void)[] = []
  const remembered: Act[] = []
  const states = ref<Record<string, object>>({})
  const things = {
    state: ref({}),
    states,
    zones: ref([]),
    original: () => dial,
    find: () => ({ id: 'dial', item: dial }),
    spoken: () => '',
  } as unknown as Things
  const work = {
    make: () => new Promise<Verdict>((done) => answers.push(done)),
    said: ref({}),
  } as unknown as Work
  const actions = useStudentActions(
    () => 'p',
    () => work,
    things,
    ref({}),
    { say: vi.fn(), hint: vi.fn(), goOnFrom: vi.fn(), remember: (act) => remembered.push(act) },
  )
  const turn = (to: number) => actions.put({ id: 'dial', item: dial } as PlacedItem, dial.frame, to)
  return { answers, remembered, turn }
}
const stays: Verdict = { says: 'NOT_JUDGED', x: 500, y: 650, rests: 'WHERE_PUT' }

it('takes a piece that was turned twice before the first was answered back by one turn', async () => {
  const { answers, remembered, turn } = page()
  const first = turn(90)
  const second = turn(0)
  answers.forEach((answer) => answer(stays))
  await Promise.all([first, second])
  expect(remembered).toMatchObject([{ turn: 0 }, { turn: 90 }])
})
