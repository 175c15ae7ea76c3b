import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import GarmentSheet from '../aim/GarmentSheet.vue'
import { spread, tapes } from '../aim/figure'
import MeasureRow from '../aim/MeasureRow.vue'
import { button, project, seat, settle } from '../testing/hand'
import BringSheet from './BringSheet.vue'
import ChangeDoor from './ChangeDoor.vue'
import ChangesSheet from './ChangesSheet.vue'
import SeamsSheet from './SeamsSheet.vue'
import SizesSheet from './SizesSheet.vue'
import { piece } from './example'
import { bars } from './levels'
import { apart, recall } from './tags'

describe('sizes and seams', () => {
  const size = (over = {}) => ({
    what: 'hip, over all',
    kind: 'GIRTH',
    finished: '68 cm',
    finishedMm: 680,
    tolerance: '4 mm',
    body: '60 cm',
    bodyMm: 600,
    ease: '+ 8 cm',
    formula: '2 × front 17 cm',
    fits: true,
    fit: 'EASY',
    fitWords: 'easy',
    wear: '',
    ...over,
  })

  it('draws girths as rings of half their width, and no lengths', () => {
    const rows = bars([size(), size({ kind: 'LENGTH' }), size({ what: 'waist', fits: false })] as never)
    expect(rows).toHaveLength(2)
    expect(rows[0]).toMatchObject({ what: 'hip', purpose: 'over all', body: 150, finished: 170, fit: 'EASY' })
    expect(rows[1]?.words).toBe('too tight')
    expect(rows[1]?.y).toBeLessThan(rows[0]?.y ?? 0)
  })

  it('says where a size is too small', () => {
    const { wrapper } = seat(SizesSheet, {
      sizes: [size({ fits: false })],
      openings: [],
      needs: [
        { cloth: 'SHELL', words: 'outer cloth', pieces: 1, area: '3 dm²', longest: '60 cm', widest: '30 cm' },
      ],
    })
    expect(wrapper.text()).toContain('too small: give more room')
    expect(wrapper.text()).toContain('± 4 mm')
    expect(wrapper.text()).toContain('1 piece')
  })

  it('opens the stretches of the picked seam', async () => {
    const walk = {
      name: 'side',
      one: '40 cm',
      other: '43 cm',
      agrees: false,
      sentence: 'the back is 3 cm too long',
      stretches: [{ from: 'end', to: 'knee', one: '20 cm', other: '20 cm', difference: '0 cm' }],
    }
    const { wrapper } = seat(SeamsSheet, {
      walks: [walk],
      picked: 'side',
      crossings: [{ seam: 'side', sentence: 'Over the hem: 4 layers.' }],
      proposed: [],
      pieces: [],
      tapped: [],
    })
    expect(wrapper.text()).toContain('differ')
    expect(wrapper.text()).toContain('end → knee')
    expect(wrapper.text()).toContain('Over the hem: 4 layers.')
    await wrapper.get('button').trigger('click')
    expect(wrapper.emitted('pick')?.[0]).toEqual(['side'])
  })

  it('sews what is proposed, and two edges that were tapped', async () => {
    const proposed = {
      name: 'side, front to back',
      one: { piece: 'front', edge: 'side', times: 1 },
      other: { piece: 'back', edge: 'side', times: 1 },
      copies: 'EACH_SIDE',
      length: '40 cm',
    }
    const tapped = [
      { piece: 'front', edge: 'right' },
      { piece: 'front', edge: 'left' },
    ]
    const { wrapper, asked } = seat(SeamsSheet, {
      walks: [],
      proposed: [proposed],
      crossings: [],
      pieces: [piece()],
      tapped: [],
    })
    await button(wrapper, 'Sew')?.trigger('click')
    await flushPromises()
    expect(asked[0]?.body).toMatchObject({ kind: 'SEAM', piece: 'front', other: 'back', copies: 'EACH_SIDE' })
    await wrapper.setProps({ tapped })
    await button(wrapper, 'Sew them')?.trigger('click')
    await flushPromises()
    // One of a pair, closed on itself: a sleeve.
    expect(asked[1]?.body).toMatchObject({ edge: 'right', otherEdge: 'left', copies: 'ITSELF' })
    expect(wrapper.emitted('sewn')).toBeTruthy()
  })
})

describe('bringing pieces in', () => {
  const yoke = {
    outline: 'LAYER-3',
    name: 'yoke',
    meaning: 'CUT' as const,
    allowance: '5/8 in',
    quantity: 2,
    turn: 0,
    pair: true,
    cloth: 'SHELL' as const,
  }

  it('proposes a new name but never what its line means', () => {
    expect(recall('apron_body#1', 'apron_body#1', [])).toMatchObject({ name: 'apron body 1', meaning: '' })
  })

  it('remembers what was said of a layer or block', () => {
    expect(recall('LAYER-3', 'LAYER-3', [yoke])).toEqual({ ...yoke, outline: undefined })
    expect(recall('LAYER-4', 'LAYER-4', [yoke]).meaning).toBe('')
    expect(recall('cuff layer-3', 'LAYER-3', [yoke])).toMatchObject({ name: 'cuff layer 3', meaning: 'CUT' })
  })

  it('calls no two outlines of a drawing alike', () => {
    const names = new Set<string>()
    const tags = ['CUT', 'cut', 'CUT 2'].map((n) => apart(recall(n, 'CUT', []), names).name)
    expect(tags).toEqual(['CUT', 'cut 2', 'CUT 2 2'])
  })

  it('shows why a drawing was refused', async () => {
    const { wrapper } = seat(BringSheet, { project: project() })
    expect(wrapper.text()).toContain('A drawing of your own')
    expect(wrapper.findAll('fieldset')).toHaveLength(0)
  })
})

describe('the wearer', () => {
  const measure = {
    id: 'HIP',
    words: 'hip girth',
    landmark: 'round the fullest of the seat',
    alone: 'a mirror helps',
    text: '60 cm',
    origin: 'TAPE',
    again: '62 cm',
    differs: true,
    on: '2025-03-01',
    tolerance: '1 cm',
    grows: '+ 3 cm in a year at this pace',
  }

  it('asks for a third reading when two differ', async () => {
    const { wrapper } = seat(MeasureRow, { measure, asked: false })
    expect(wrapper.get('[role=alert]').text()).toContain('a third time')
    await settle(wrapper, 'read a second time', '60.2 cm')
    expect(wrapper.emitted('again')?.[0]).toEqual(['60.2 cm'])
    expect(wrapper.text()).toContain('taken 2025-03-01, ± 1 cm, + 3 cm in a year')
  })

  it('shows the landmark while it is asked, and no second reading of a proposal', () => {
    const { wrapper } = seat(MeasureRow, {
      measure: { ...measure, origin: 'PROPOSED', differs: false, again: '' },
      asked: true,
    })
    expect(wrapper.text()).toContain('round the fullest of the seat; a mirror helps')
    expect(wrapper.text()).not.toContain('second time')
  })

  it('has a tape on the figure for every measure, its words never touching', () => {
    const right = Object.values(tapes).filter((t) => t.words[0] > 0)
    const placed = spread(right.map((t) => t.words[1])).sort((a, b) => a - b)
    for (let i = 1; i < placed.length; i++) {
      expect((placed[i] ?? 0) - (placed[i - 1] ?? 0)).toBeGreaterThan(0.05)
    }
    expect(Math.min(...placed)).toBeGreaterThanOrEqual(0)
    expect(Object.keys(tapes)).toHaveLength(23)
  })
})

describe('a garment that fits, and sums', () => {
  const girth = { id: 'HIP', words: 'hip girth', text: '60 cm', mm: 600, origin: 'TAPE' }

  it('sends the levels that were measured and no others', async () => {
    const { wrapper, asked } = seat(GarmentSheet, {
      measures: [
        girth,
        { ...girth, id: 'WAIST', words: 'waist girth' },
        { id: 'INSIDE_LEG', words: 'inside leg' },
      ],
    })
    expect(wrapper.findAll('fieldset')).toHaveLength(2)
    await settle(wrapper, 'across, doubled', '32 cm')
    await settle(wrapper, 'ease there', '4 cm')
    await button(wrapper, 'Take these measures').trigger('click')
    await flushPromises()
    expect(asked.at(-1)).toMatchObject({
      path: '/api/projects/p/aim/garment?version=3',
      body: { anchor: 'underarm', levels: [{ measure: 'HIP', down: '', flat: '32 cm', ease: '4 cm' }] },
    })
  })

  it('notes a change for next time instead of doing it', async () => {
    const { wrapper, asked } = seat(ChangeDoor, { change: { kind: 'TRUE_UP', piece: 'front' } }, undefined, {
      words: 'both halves alike',
      sentences: ['Nothing else changes.'],
    })
    await flushPromises()
    await button(wrapper, 'Note it for next time').trigger('click')
    await flushPromises()
    expect(asked.at(-1)?.path).toBe('/api/projects/p/pattern/lessons?version=3')
    expect(wrapper.emitted('done')).toHaveLength(1)
  })

  it('offers lessons that the pattern has not learned', async () => {
    const note = { at: '', text: '', lesson: 'longer by 2 cm', learned: false }
    const { wrapper, asked } = seat(ChangesSheet, {
      pieces: [],
      changes: [],
      log: [{ ...note, lesson: '' }, note, { ...note, learned: true }],
    })
    expect(wrapper.findAll('button').filter((b) => b.text() === 'Do it now')).toHaveLength(1)
    await button(wrapper, 'Do it now').trigger('click')
    await flushPromises()
    expect(asked.at(-1)?.path).toBe('/api/projects/p/pattern/lessons/1?version=3')
  })
})
