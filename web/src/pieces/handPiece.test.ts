import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { button, field, seat } from '../testing/hand'
import HandPiece from './HandPiece.vue'

const piece = {
  id: 'bib',
  name: 'bib',
  quantity: 2,
  pair: true,
  grain: 'lengthwise or crosswise',
  cloth: 'LINING',
  allowances: [
    { edge: 'hem', width: '3.0 cm' },
    { edge: 'side', width: '1.0 cm' },
    { edge: 'top', width: '1.0 cm' },
  ],
  wishes: [{ edge: 'hem', role: 'HEM', lap: '0 cm' }],
  corners: [
    { x: '0 mm', y: '0 mm', edge: 'hem', bow: '', mark: '' },
    { x: '200 mm', y: '0 mm', edge: 'side', bow: '4 mm', mark: 'side' },
    { x: '100 mm', y: '180 mm', edge: 'top', bow: '', mark: '' },
  ],
}

describe('a piece by its corners', () => {
  it('begins as a rectangle and needs a name', async () => {
    const { wrapper } = seat(HandPiece, {})
    expect(wrapper.findAll('fieldset')).toHaveLength(4)
    expect(button(wrapper, 'Put it on the table').attributes('disabled')).toBeDefined()
    await field(wrapper, 'Call it').setValue('bib')
    expect(button(wrapper, 'Put it on the table').attributes('disabled')).toBeUndefined()
  })

  it('takes corners in and out, never below three', async () => {
    const { wrapper } = seat(HandPiece, {})
    await button(wrapper, 'Corner after 1').trigger('click')
    expect(wrapper.findAll('fieldset')).toHaveLength(5)
    for (let i = 0; i < 4; i++) {
      const out = button(wrapper, 'Take corner 1 out')
      if (out.attributes('disabled') === undefined) await out.trigger('click')
    }
    expect(wrapper.findAll('fieldset')).toHaveLength(3)
  })

  it('sends a known piece back as it is', async () => {
    const { wrapper, asked } = seat(HandPiece, { piece })
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(asked[0]?.path).toBe('/api/projects/p/pieces/by-hand?version=3')
    expect(asked[0]?.body).toMatchObject({
      name: 'bib',
      quantity: 2,
      pair: true,
      acrossToo: true,
      lining: true,
    })
    const corners = (asked[0]?.body as { corners: Record<string, string | null>[] }).corners
    expect(corners[0]).toMatchObject({ x: '0 mm', name: 'hem', allowance: '3.0 cm', wish: 'HEM' })
    expect(corners[1]).toMatchObject({ bow: '4 mm', wish: null, mark: 'side' })
    expect(wrapper.emitted('saved')?.[0]).toEqual(['bib'])
  })

  it('puts a refusal at its own corner', () => {
    const refusal = { status: 422, title: '', detail: 'not a length', field: 'piece.corners[1].x' }
    const { wrapper } = seat(HandPiece, { piece }, refusal)
    const places = wrapper.findAll('fieldset')
    expect(places[0]?.text()).not.toContain('not a length')
    expect(places[1]?.text()).toContain('not a length')
  })

  it('shows how far a placket laps only where the edge lies on one', async () => {
    const { wrapper } = seat(HandPiece, { piece })
    const first = wrapper.findAll('fieldset')[0]
    expect(first?.text()).not.toContain('lap')
    await first?.get('select').setValue('CLOSURE')
    expect(first?.text()).toContain('lap')
  })
})
