import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { button, field, seat, settle } from '../testing/hand'
import SheetStripes from './SheetStripes.vue'

const linen = (stripes: object[] = []) => ({ mark: 'b', kind: 'SHEET', name: 'linen', roles: [], stripes })

describe('stripes of cloth that was brought', () => {
  it('are sent as they run, both ways for a check', async () => {
    const { wrapper, asked } = seat(SheetStripes, { cloth: linen() })
    await field(wrapper, 'It has').setValue('CHECK')
    await settle(wrapper, 'from line to line', '4 cm')
    await settle(wrapper, 'left edge to the first line', '1 cm')
    await settle(wrapper, 'from line to line, up the grain', '5 cm')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(asked[0]).toMatchObject({
      method: 'PUT',
      path: '/api/projects/p/cloths/b/stripes?version=3',
      body: {
        stripes: [
          { across: true, period: '4 cm', first: '1 cm', matched: true },
          { across: false, period: '5 cm', first: '', matched: true },
        ],
      },
    })
  })

  it('are shown as they were told, and can be taken off', async () => {
    const told = [{ across: true, period: '2.4 cm', first: '0.6 cm', matched: false }]
    const { wrapper, asked } = seat(SheetStripes, { cloth: linen(told) })
    expect(wrapper.text()).toContain('every 2.4 cm')
    expect(wrapper.get('summary').text()).not.toContain('meet')
    await field(wrapper, 'It has').setValue('NONE')
    await button(wrapper, 'Keep the stripes').trigger('submit')
    await flushPromises()
    expect(asked[0]?.body).toEqual({ stripes: [] })
  })
})
