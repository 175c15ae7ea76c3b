import { describe, expect, it, vi } from 'vitest'
import PracticeNote from '../aim/PracticeNote.vue'
import { field, seat } from '../testing/hand'
import PracticeSlip from './PracticeSlip.vue'
import ToolsSlip from './ToolsSlip.vue'
import UnitSlip from './UnitSlip.vue'
import WordPicture from './WordPicture.vue'

const tools = [
  {
    tool: 'IRON',
    kind: 'TOOL',
    kindWords: 'in the sewing box',
    words: 'steam iron',
    owned: true,
    instead: 'No iron: finger-press.',
  },
  {
    tool: 'OVERLOCKER',
    kind: 'MACHINE',
    kindWords: 'the machine has',
    words: 'overlocker',
    owned: false,
    instead: 'No overlocker: zigzag.',
  },
]

describe('what the table has', () => {
  it('says what serves instead of what is missing, and stores all that is owned', async () => {
    const { wrapper, asked } = seat(ToolsSlip, {}, undefined, tools)
    await vi.waitUntil(() => wrapper.text().includes('overlocker'))
    expect(wrapper.text()).toContain('No overlocker: zigzag.')
    expect(wrapper.text()).not.toContain('finger-press')
    await field(wrapper, 'overlocker').setValue(true)
    await vi.waitUntil(() => asked.some((a) => a.method === 'PUT'))
    expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({ owned: ['IRON', 'OVERLOCKER'] })
  })
})

describe('what lengths are told in', () => {
  it('is said once for the household', async () => {
    const { wrapper, asked } = seat(UnitSlip, {}, undefined, { unit: 'CM' })
    await field(wrapper, 'Told in').setValue('INCH')
    await vi.waitUntil(() => asked.some((a) => a.method === 'PUT'))
    expect(asked.find((a) => a.method === 'PUT')).toMatchObject({
      path: '/api/account/unit',
      body: { unit: 'INCH' },
    })
  })
})

describe('a picture of a word', () => {
  it('draws what is measured apart from the cloth', () => {
    const { wrapper } = seat(WordPicture, { picture: 'girth' })
    const paths = wrapper.findAll('path')
    expect(paths).toHaveLength(2)
    expect(paths[0]?.attributes('d')).not.toBe(paths[1]?.attributes('d'))
    expect(wrapper.attributes('aria-hidden')).toBe('true')
  })
})

const figures = [
  {
    figure: 'GAP',
    group: 'TABLE',
    groupWords: 'at the cutting table',
    words: 'Between two pieces',
    why: 'room for chalk and scissors in a lay',
    text: '1/8 in',
    shipped: '2 mm',
    own: true,
  },
  {
    figure: 'USABLE_STRETCH',
    group: 'CLOTH',
    groupWords: 'what cloth gives',
    words: 'Stretch that wear may use',
    why: '',
    text: '60 %',
    shipped: '60 %',
    own: false,
  },
]

describe('figures that a household goes by', () => {
  it('shows what is shipped beside its own, sends only what changed, and goes back', async () => {
    const { wrapper, asked } = seat(PracticeSlip, {}, undefined, figures)
    await vi.waitUntil(() => wrapper.text().includes('Between two pieces'))
    expect(wrapper.text()).toContain('shipped: 2 mm')
    expect(wrapper.text()).not.toContain('shipped: 60 %')
    await field(wrapper, 'Stretch that wear may use').setValue('55')
    await vi.waitUntil(() => asked.some((a) => a.method === 'PUT'))
    expect(asked.filter((a) => a.method === 'PUT').map((a) => a.body)).toEqual([
      { figures: { USABLE_STRETCH: '55' } },
    ])
    await wrapper.get('button[aria-label="Between two pieces: back to 2 mm"]').trigger('click')
    await vi.waitUntil(() => asked.filter((a) => a.method === 'PUT').length === 2)
    expect(asked.filter((a) => a.method === 'PUT')[1]?.body).toEqual({ figures: { GAP: '' } })
  })
})

describe('a project begun under other figures', () => {
  it('says what differs and takes the household’s over', async () => {
    const { wrapper, asked } = seat(PracticeNote, {
      practice: [{ words: 'Between two pieces', here: '2 mm', household: '3.2 mm' }],
    })
    expect(wrapper.text()).toContain('2 mm here, 3.2 mm in the household')
    await wrapper.get('button').trigger('click')
    await vi.waitUntil(() => asked.length > 0)
    expect(asked[0]?.path).toContain('/practice?version=')
    expect(seat(PracticeNote, { practice: [] }).wrapper.text()).toBe('')
  })
})
