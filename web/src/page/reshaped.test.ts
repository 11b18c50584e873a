import { describe, expect, it } from 'vitest'
import type { Item } from '@/api/schema'
import { cornersOf, isReshapable, mayReshape, pathThrough } from './reshaped'
import { FORMS, shapePath } from './shapes'

type Shape = Extract<Item, { kind: 'shape' }>
const shape = (form: Shape['look']['form'], turn = 0): Shape => ({
  kind: 'shape',
  id: 's',
  frame: { x: 100, y: 200, width: 300, height: 120, turn },
  movement: { kind: 'fixed' },
  description: '',
  look: { form, sides: 7, thickness: 4, dash: 'SOLID' },
})
const numbers = (path: string) => path.match(/-?[\d.]+/g)!.map(Number)

describe('shapes whose corners are pulled', () => {
  it('are drawn as before until one is pulled, however they are turned', () => {
    for (const { form } of FORMS)
      for (const turn of [0, 30, -115]) {
        const one = shape(form, turn)
        const at = cornersOf(one)
        if (!at) continue
        const drawn = numbers(pathThrough(one, at))
        const before = numbers(shapePath(form, 7, 300, 120))
        expect(drawn).toHaveLength(before.length)
        drawn.forEach((value, i) => expect(value).toBeCloseTo(before[i]!, 1))
      }
  })

  it('have corners unless they are round', () => {
    const round = FORMS.filter(({ form }) => !cornersOf(shape(form))).map(({ form }) => form)
    expect(round).toEqual(['ELLIPSE', 'HEART', 'SPEECH', 'THOUGHT'])
  })

  it('are pulled only where the teacher lets them, and never as pieces', () => {
    const one: Item = { ...shape('TRIANGLE'), traits: { transparency: 0, groups: [], reshapable: true } }
    expect(isReshapable(one)).toBe(true)
    expect(isReshapable(shape('TRIANGLE'))).toBe(false)
    expect(mayReshape({ ...one, movement: { kind: 'free' } } as Item)).toBe(false)
    expect(isReshapable({ ...one, movement: { kind: 'free' } } as Item)).toBe(false)
  })
})
