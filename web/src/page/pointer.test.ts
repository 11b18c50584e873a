import { expect, it } from 'vitest'
import { pointNear, pointOn, unitsPerPixel } from './pointer'

const page = (left: number, top: number, width: number) =>
  ({ getBoundingClientRect: () => ({ left, top, width, height: width / 1.6 }) }) as Element

it('tells where a pointer is in page units, however large the page is drawn', () => {
  for (const width of [320, 800, 1600, 3200]) {
    const sheet = page(40, 70, width)
    const scale = 1600 / width
    expect(unitsPerPixel(sheet)).toBeCloseTo(scale)
    expect(pointOn(sheet, { clientX: 40, clientY: 70 })).toEqual({ x: 0, y: 0 })
    const end = pointOn(sheet, { clientX: 40 + width, clientY: 70 + width / 1.6 })
    expect(end.x).toBeCloseTo(1600)
    expect(end.y).toBeCloseTo(1000)
  }
})

it('goes no farther beside the page than it is let', () => {
  const sheet = page(0, 0, 1600)
  expect(pointNear(sheet, { clientX: -500, clientY: 1_700 }, 20)).toEqual({ x: -20, y: 1020 })
  expect(pointNear(sheet, { clientX: 12, clientY: 34 }, 20)).toEqual({ x: 12, y: 34 })
})
