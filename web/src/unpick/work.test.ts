import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { button, field, project, seat, settle } from '../testing/hand'
import LeastSheet from './LeastSheet.vue'
import SittingsSheet from './SittingsSheet.vue'

const trousers = project({
  source: {
    parts: [
      { id: 'front-left', name: 'front left leg', main: true },
      { id: 'pocket', name: 'pocket bag', main: false },
      { id: 'back-left', name: 'back left leg', main: true },
    ],
  },
  takeApart: {
    joins: [
      { id: 'inseam', name: 'inseam', finishedEdge: false },
      { id: 'hem', name: 'hem', finishedEdge: true },
    ],
    ownRates: ['overlock 9 min a metre'],
  },
  steps: [{}],
} as never)

describe('the least work', () => {
  it('is asked for the main parts, and for no finished edge', async () => {
    const answers = [{ minutes: 12, more: '', joins: { inseam: 'UNPICK', hem: 'LEAVE' } }]
    const { wrapper, asked } = seat(LeastSheet, { project: trousers }, undefined, answers)
    expect(wrapper.text()).toContain('front left leg')
    expect(wrapper.text()).not.toContain('pocket bag')
    expect(wrapper.text()).toContain('Joins kept closed (0)')
    await button(wrapper, 'Find the least work').trigger('click')
    await flushPromises()
    expect(asked[0]?.body).toMatchObject({ flat: ['front-left', 'back-left'], count: 0, cutAway: true })
    expect(wrapper.text()).toContain('The least')
    expect(wrapper.text().toLowerCase()).toContain('the inseam')
    expect(wrapper.text()).not.toContain('the hem')
    await button(wrapper, 'Take this plan').trigger('click')
    await flushPromises()
    expect(asked[1]).toMatchObject({
      method: 'PUT',
      path: '/api/projects/p/joins?version=3',
      body: { joins: { inseam: 'UNPICK', hem: 'LEAVE' } },
    })
  })

  it('may be asked for any panels of a size', async () => {
    const { wrapper, asked } = seat(LeastSheet, { project: trousers }, undefined, [])
    await field(wrapper, 'any panels of a size will do').setValue(true)
    await field(wrapper, 'how many').setValue(3)
    await settle(wrapper, 'at least so wide', '20 cm')
    await settle(wrapper, 'and so long', '50 cm')
    await button(wrapper, 'Find the least work').trigger('click')
    await flushPromises()
    expect(asked[0]?.body).toMatchObject({ count: 3, width: '20 cm', length: '50 cm' })
  })

  it('wants at least one part', async () => {
    const { wrapper } = seat(LeastSheet, { project: trousers })
    for (const box of wrapper.findAll('fieldset input')) await box.setValue(false)
    expect(button(wrapper, 'Find the least work').attributes('disabled')).toBeDefined()
  })
})

describe('sittings', () => {
  const sittings = [
    {
      minutes: 24,
      safeEnd: 'Both legs still hold together.',
      joins: [
        { id: 'inseam', name: 'inseam', decision: 'UNPICK', minutes: 14, done: false },
        { id: 'fly', name: 'fly', decision: 'CUT_AWAY', minutes: 10, done: true },
      ],
    },
  ]
  beforeEach(() => vi.useFakeTimers({ toFake: ['Date', 'setInterval', 'clearInterval'] }))
  afterEach(() => vi.useRealTimers())

  it('tell what is done and where a pause does no harm', async () => {
    const { wrapper, asked } = seat(SittingsSheet, { project: trousers }, undefined, sittings)
    await flushPromises()
    expect(asked[0]?.path).toBe('/api/projects/p/sittings?minutes=30')
    expect(wrapper.text()).toContain('Both legs still hold together.')
    expect(wrapper.text()).toContain('overlock 9 min a metre')
    await button(wrapper, 'Not done yet: fly').trigger('click')
    await flushPromises()
    expect(asked.find((a) => a.method === 'PUT')).toMatchObject({
      path: '/api/projects/p/steps/open-fly?version=3',
      body: { done: false },
    })
  })

  it('are timed, and the minutes go with the join', async () => {
    const { wrapper, asked } = seat(SittingsSheet, { project: trousers }, undefined, sittings)
    await flushPromises()
    await button(wrapper, 'Start the clock: inseam').trigger('click')
    vi.advanceTimersByTime(6.5 * 60_000)
    await flushPromises()
    expect(wrapper.text()).toContain('6:30')
    await button(wrapper, 'Done, stop the clock: inseam').trigger('click')
    await flushPromises()
    expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({ done: true, minutes: 6.5 })
  })

  it('cannot be checked off before there are steps', async () => {
    const { wrapper } = seat(SittingsSheet, { project: { ...trousers, steps: [] } }, undefined, sittings)
    await flushPromises()
    expect(button(wrapper, 'Done: inseam').attributes('disabled')).toBeDefined()
    expect(wrapper.text()).toContain('to check joins off')
  })
})
