import { flushPromises, mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import * as client from '@/api/client'
import CalculatorCard from './CalculatorCard.vue'

const third = { number: { fraction: '4/3', mixed: '1 1/3', decimal: '1.33333333333', exact: false } }

describe('the calculator', () => {
  it('says what was rounded, shows it as a fraction, and goes on with what is exact', async () => {
    const post = vi.spyOn(client, 'post').mockResolvedValue(third as never)
    const card = mount(CalculatorCard, { props: { x: 0, y: 0 }, attachTo: document.body })
    const field = card.get('input')
    await field.setValue('1 + 1/3')
    await field.trigger('keydown.enter')
    await flushPromises()
    expect(post).toHaveBeenCalledWith('/api/v1/calculations', { expression: '1 + 1/3' })
    expect(card.get('output').text()).toBe('≈ 1.33333333333')
    expect(card.get('.lines').text()).toBe('1 + 1/3 ≈ 1.33333333333')
    const press = (name: string) =>
      card
        .findAll('button')
        .find((one) => one.text().startsWith(name))!
        .trigger('click')
    await press('As a fraction')
    expect(card.get('output').text()).toBe('= 1 1/3')
    await press('Remember')
    await press('C')
    await press('Recall')
    expect(field.element.value).toBe('(4/3)')
    card.unmount()
  })
  it('says why something cannot be worked out, and forgets it once it is changed', async () => {
    vi.spyOn(client, 'post').mockResolvedValue({ refused: 'Nothing can be divided by 0.', at: 2 } as never)
    const card = mount(CalculatorCard, { props: { x: 0, y: 0 }, attachTo: document.body })
    await card.get('input').setValue('1 ÷ 0')
    await card.get('input').trigger('keydown.enter')
    await flushPromises()
    expect(card.get('output').text()).toBe('Nothing can be divided by 0.')
    expect(card.find('.lines').exists()).toBe(false)
    await card.get('input').setValue('1 ÷ 2')
    expect(card.get('output').text()).toBe('')
    card.unmount()
  })
})
