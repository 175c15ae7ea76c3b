import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { reactive, ref } from 'vue'
import SearchSlip from './SearchSlip.vue'
import ThingCard from './ThingCard.vue'
import type { Stash, Thing, Wanted } from './useStash'

const square = [
  [0, 0],
  [300, 0],
  [300, 400],
  [0, 400],
]
const thing = (over = {}) =>
  ({
    id: 'a',
    code: 'R7',
    kind: 'REMNANT',
    kindWords: 'remnant',
    name: 'bit of canvas',
    tag: { place: 'chest', washed: true, note: '', cost: '', missed: 'SOME', missedWords: '' },
    facts: ['30 cm × 40 cm at its largest'],
    stock: '',
    free: '',
    isFree: true,
    descent: '',
    drawing: { outlines: [square], edges: [], flaws: [] },
    holds: [],
    ...over,
  }) as unknown as Thing

describe('a thing of the stash', () => {
  it('is drawn to the scale of its neighbours and tells code and place', () => {
    const card = mount(ThingCard, { props: { thing: thing(), across: 1000, picked: false } })
    expect(card.find('svg').attributes('viewBox')).toBe('-350 -700 1000 1000')
    expect(card.text()).toContain('R7')
    expect(card.text()).toContain('chest')
  })

  it('is drawn by itself with the part that was looked for lying on it', () => {
    const served = {
      slack: '5 cm to spare',
      on: square,
      place: [
        [0, 0],
        [150, 0],
        [150, 200],
        [0, 200],
      ],
    }
    const card = mount(ThingCard, { props: { thing: thing({ served }), across: 1000, picked: false } })
    expect(card.findAll('path')).toHaveLength(2)
    expect(card.find('svg').attributes('viewBox')).toBe('-62 -412 424 424')
    expect(card.text()).toContain('5 cm to spare')
  })

  it('tells how much is free and who holds the rest', () => {
    const holds = [{ project: 'p', name: 'Smock', hold: 'RESERVED', words: 'reserved', amount: '4' }]
    const card = mount(ThingCard, {
      props: { thing: thing({ stock: '6', free: '2', holds }), across: 1000, picked: false },
    })
    expect(card.text()).toContain('2 of 6 free')
    expect(card.text()).toContain('reserved for Smock: 4')
  })
})

const at = (slip: VueWrapper, which: string, i: number) => {
  const found = slip.findAll(which)[i]
  if (!found) throw new Error(`no ${which}`)
  return found
}
const role = (slip: VueWrapper) => at(slip, 'select', 0)
const size = (slip: VueWrapper, i: number) => at(slip, 'input[inputmode=text]', i)

describe('looking in the stash', () => {
  const stash = () => {
    const asked: unknown[] = []
    const wanted = reactive<Wanted>({ from: 0, size: {} })
    const fake = {
      wanted,
      asked,
      shelf: ref(undefined),
      busy: ref(false),
      look: () => asked.push(JSON.parse(JSON.stringify(wanted))),
      lookForAnything: () => asked.push('anything'),
    }
    return { asked, fake: fake as unknown as Stash }
  }

  it('asks for a size only where the role has one, and sends it when told to look', async () => {
    const { asked, fake } = stash()
    const slip = mount(SearchSlip, { props: { stash: fake } })
    expect(slip.text()).not.toContain('across the grain')
    await role(slip).setValue('STRIP')
    expect(asked).toEqual([])
    await size(slip, 0).setValue('4')
    await size(slip, 1).setValue('1,2 m')
    await slip.find('form').trigger('submit')
    await flushPromises()
    expect(asked).toEqual([{ from: 0, role: 'STRIP', size: { across: '4', along: '1,2 m' } }])
  })

  it('forgets the size of another role', async () => {
    const { fake } = stash()
    const slip = mount(SearchSlip, { props: { stash: fake } })
    await role(slip).setValue('SHEET')
    await size(slip, 0).setValue('60')
    await role(slip).setValue('BUTTONS')
    expect(fake.wanted.size).toEqual({})
  })
})
