import { describe, expect, it } from 'vitest'
import { widthsOf } from './widths'

const byLength = (text: string) => text.length * 0.5

describe('the widths of words in other scripts', () => {
  it('are not asked for where the page font has all letters', async () => {
    expect(
      await widthsOf('Čas', [{ cells: ['Łódź', 'Δ', 'Ж', '½ ≤ 3 €'] }], 'L’[été]', byLength),
    ).toBeUndefined()
  })

  it('are those of whole words and of their signs, as they are read', async () => {
    const widths = await widthsOf('', [{ cells: ['नमस्ते Mars'] }], 'The [चाँद|moon] is', byLength)
    expect(Object.keys(widths!)).toEqual(['चाँद', 'चाँ', 'द', 'नमस्ते', 'न', 'म', 'स्ते'])
    expect(widths!['नमस्ते']).toBe(3)
  })

  it('stay within what the server takes', async () => {
    const rows = Array.from({ length: 6000 }, (_, i) => ({ cells: [`न${i}`] }))
    expect(Object.keys((await widthsOf('', rows, 'न'.repeat(300), byLength))!)).toHaveLength(5000)
  })
})
