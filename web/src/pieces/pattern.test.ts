import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import GarmentSheet from '../aim/GarmentSheet.vue'
import { byFamily } from '../aim/useDrafts'
import { spread, tapes } from '../aim/figure'
import MeasureRow from '../aim/MeasureRow.vue'
import { button, field, project, seat, settle } from '../testing/hand'
import BringSheet from './BringSheet.vue'
import ChangeDoor from './ChangeDoor.vue'
import ChangesSheet from './ChangesSheet.vue'
import DraftSheet from './DraftSheet.vue'
import LedgerSheet from './LedgerSheet.vue'
import SeamsSheet from './SeamsSheet.vue'
import SizesSheet from './SizesSheet.vue'
import { kinds, whole } from './changes'
import { bars } from './levels'
import { apart, recall } from './tags'

const dimension = (id: string, kind: string, text: string, more = {}) => ({
  id,
  words: id,
  kind,
  hint: '',
  text,
  usual: text,
  chosen: false,
  range: '',
  options: [],
  ...more,
})
const order = {
  draft: 'smock',
  words: 'smock',
  about: 'Loose and long.',
  cloth: 'shirt weight',
  formula: 'G/4 a quarter.',
  whole: ['front', 'back-yoke'],
  dimensions: [
    dimension('ease', 'LENGTH', '16 cm', { usual: '12 cm', chosen: true }),
    dimension('pockets', 'TICK', '1'),
    dimension('opening', 'CHOICE', '0', { options: ['at the back', 'in front'] }),
  ],
}
const piece = (over = {}) => ({
  id: 'front',
  name: 'front',
  quantity: 2,
  pair: true,
  grain: 'lengthwise, pile up',
  required: true,
  clothWords: 'outer cloth',
  cloth: 'SHELL',
  size: '30 × 40 cm',
  symmetry: '',
  wrongSideOut: false,
  uneven: false,
  marks: [{ kind: 'FOLD', words: 'fold', label: 'casing', until: 'while it lies flat', points: [] }],
  inner: [
    {
      kind: 'TURN',
      kindWords: 'turn',
      words: 'hem',
      of: 'hem',
      length: '29 cm',
      told: 'Folded on the stitch line, sewn down 3 cm inside it; ease it in.',
      forced: true,
      points: [],
    },
    {
      kind: 'FOLD',
      kindWords: 'fold',
      words: 'casing',
      of: '',
      length: '30 cm',
      told: 'Folded over.',
      points: [],
    },
  ],
  allowances: [
    {
      turn: 'FLAT',
      under: '',
      edge: 'side',
      length: '40 cm',
      width: '1 cm',
      sew: '',
      trim: '',
      why: 'seam',
      slip: '',
      points: [],
    },
    {
      turn: 'HEM',
      under: '',
      edge: 'hem',
      length: '30 cm',
      width: '3 cm',
      sew: '2 cm',
      trim: '1 mm',
      trimmedTooFar: true,
      why: 'turned up',
      slip: '+ 2 cm on every girth',
      points: [],
    },
  ],
  ...over,
})

describe('the drafts of a project', () => {
  const props = {
    orders: [order],
    notes: ['Mark all from one end.'],
    cautions: ['Buttons can be swallowed.'],
  }

  it('sends each free dimension by itself', async () => {
    const { wrapper, asked } = seat(DraftSheet, props, undefined, [])
    await settle(wrapper, 'ease', '20 cm')
    await field(wrapper, 'pockets').trigger('change')
    await field(wrapper, 'opening').setValue('1')
    await flushPromises()
    const sent = asked.filter((a) => a.method === 'PUT').map((a) => a.body)
    expect(sent).toContainEqual({ choices: { ease: '20 cm' } })
    expect(sent).toContainEqual({ choices: { pockets: '0' } })
    expect(sent).toContainEqual({ choices: { opening: '1' } })
    expect(asked.find((a) => a.method === 'PUT')?.path).toBe(
      '/api/projects/p/pattern/drafts/0/choices?version=3',
    )
  })

  it('tells what is usual only where it was chosen otherwise, and shows cautions first', () => {
    const { wrapper } = seat(DraftSheet, props, undefined, [])
    expect(wrapper.text()).toContain('usual 12 cm')
    expect(wrapper.text().match(/usual/g)).toHaveLength(1)
    expect(wrapper.get('[role=note]').text()).toContain('swallowed')
    expect(wrapper.text()).toContain('Not to be pieced: front, back yoke')
  })

  it('takes a draft out by its place', async () => {
    const { wrapper, asked } = seat(DraftSheet, props, undefined, [])
    await button(wrapper, 'Take out').trigger('click')
    await flushPromises()
    expect(asked.at(-1)).toMatchObject({
      method: 'DELETE',
      path: '/api/projects/p/pattern/drafts/0?version=3',
    })
  })

  it('shows what is missing when a second draft is refused', () => {
    const { wrapper } = seat(
      DraftSheet,
      props,
      {
        status: 422,
        title: '',
        detail: 'The head girth is missing; take it at Aim.',
        field: 'aim.measures.HEAD_GIRTH',
      },
      [],
    )
    expect(wrapper.get('[role=alert]').text()).toContain('head girth is missing')
  })

  it('groups drafts under their families in order', () => {
    const d = (id: string, familyWords: string) => ({ id, familyWords }) as never
    const groups = byFamily([d('a', 'legs'), d('b', 'tops'), d('c', 'legs')])
    expect(groups.map((g) => [g.words, g.drafts.length])).toEqual([
      ['legs', 2],
      ['tops', 1],
    ])
  })
})

describe('the ledger of an edge', () => {
  it('shows drawn, sewn and trimmed, and what a slip does', () => {
    const { wrapper } = seat(LedgerSheet, { piece: piece() })
    expect(wrapper.text()).toContain('sewn 2 cm')
    expect(wrapper.get('.text-madder').text()).toContain('to 1 mm')
    expect(wrapper.text()).toContain('+ 2 cm on every girth')
    expect(wrapper.text()).toContain('while it lies flat')
    expect(wrapper.get('a').attributes('href')).toBe('/api/projects/p/sheets/pattern.pdf?piece=front')
  })

  it('lists folds and turns as edges of their own', async () => {
    const { wrapper } = seat(LedgerSheet, { piece: piece() })
    expect(wrapper.get('li .text-stale').text()).toContain('ease it in')
    expect(wrapper.text()).toContain('fold, casing')
    await wrapper.get('li button').trigger('click')
    expect(wrapper.emitted('edge')?.[0]).toEqual(['hem'])
  })

  it('turns an edge into a casing with its raw edge folded under', async () => {
    const { wrapper, asked } = seat(LedgerSheet, { piece: piece(), edge: 'hem' }, undefined, {
      words: 'hem drawn 3 cm',
      sentences: [],
    })
    await wrapper.get('form select').setValue('CASING')
    await settle(wrapper, 'raw edge folded under', '8 mm')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(asked.at(-1)?.body).toMatchObject({ kind: 'LEDGER', turn: 'CASING', under: '8 mm' })
  })

  it('picks an edge by its row', async () => {
    const { wrapper } = seat(LedgerSheet, { piece: piece() })
    await wrapper.findAll('tbody tr')[1]?.trigger('click')
    expect(wrapper.emitted('edge')?.[0]).toEqual(['hem'])
  })

  it('draws more and takes what was alike along', async () => {
    const { wrapper, asked } = seat(LedgerSheet, { piece: piece(), edge: 'side' }, undefined, {
      words: 'side drawn 2 cm',
      sentences: ['The front is cut wider.'],
    })
    await settle(wrapper, 'drawn', '2 cm')
    await settle(wrapper, 'trimmed to', '6 mm')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(asked.at(-1)?.body).toMatchObject({
      kind: 'LEDGER',
      piece: 'front',
      edge: 'side',
      drawn: '2 cm',
      sew: '2 cm',
      trim: '6 mm',
    })
    expect(wrapper.text()).toContain('The front is cut wider.')
    await button(wrapper, 'Do it').trigger('click')
    await flushPromises()
    expect(asked.at(-1)?.path).toBe('/api/projects/p/pattern/changes?version=3')
  })
})

describe('named changes', () => {
  it('sends only what its kind asks for', async () => {
    const { wrapper, asked } = seat(ChangesSheet, { pieces: [piece()], changes: [] }, undefined, {
      words: '',
      sentences: [],
    })
    await wrapper.get('select').setValue('LENGTHEN')
    await wrapper.get('input[type=checkbox]').setValue(true)
    await settle(wrapper, 'line above', '15 cm')
    await settle(wrapper, 'by how much', '3 cm')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(asked.at(-1)?.body).toEqual({
      kind: 'LENGTHEN',
      name: '',
      pieces: ['front'],
      at: '15 cm',
      by: '3 cm',
      bothSides: false,
      pair: false,
      wrongSideOut: false,
      uneven: false,
      along: false,
    })
  })

  it('pieces along the grain with an allowance, and brings a motif onto a spot', async () => {
    const { wrapper, asked } = seat(ChangesSheet, { pieces: [piece()], changes: [] }, undefined, {
      words: '',
      sentences: [],
    })
    await wrapper.get('select').setValue('PIECING')
    await field(wrapper, 'Piece').setValue('front')
    await field(wrapper, 'along the grain, not across').setValue(true)
    await settle(wrapper, 'line at', '12 cm')
    await settle(wrapper, 'allowance on either side', '1 cm')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(asked.at(-1)?.body).toMatchObject({
      kind: 'PIECING',
      piece: 'front',
      along: true,
      at: '12 cm',
      drawn: '1 cm',
    })
  })

  it('brings a motif onto a spot', async () => {
    const { wrapper, asked } = seat(ChangesSheet, { pieces: [piece()], changes: [] }, undefined, {
      words: '',
      sentences: [],
    })
    await wrapper.get('select').setValue('MOTIF')
    await field(wrapper, 'Motif, as').setValue('rose')
    await field(wrapper, 'Spot on the piece').setValue('0 cm / 20 cm')
    await settle(wrapper, 'within', '5 mm')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(asked.at(-1)?.body).toMatchObject({
      kind: 'MOTIF',
      motif: 'rose',
      partner: '',
      points: '0 cm / 20 cm',
      by: '5 mm',
    })
  })

  it('fills in how a piece is cut now', async () => {
    const { wrapper } = seat(ChangesSheet, { pieces: [piece()], changes: [] })
    await wrapper.get('select').setValue('RECUT')
    await wrapper.findAll('select')[1]?.setValue('front')
    expect((wrapper.get('input[type=number]').element as HTMLInputElement).value).toBe('2')
  })

  it('lists what was changed and takes it back by its place', async () => {
    const { wrapper, asked } = seat(ChangesSheet, {
      pieces: [],
      changes: [
        { name: 'longer', words: 'front longer by 3 cm' },
        { name: 'plain', words: 'pocket left out' },
      ],
    })
    await wrapper.findAll('ol button')[1]?.trigger('click')
    await flushPromises()
    expect(asked.at(-1)?.path).toBe('/api/projects/p/pattern/changes/1?version=3')
  })

  it('knows a hint and fields for every kind', () => {
    for (const kind of kinds) {
      expect(kind.hint.length).toBeGreaterThan(10)
      expect(kind.fields.length).toBeGreaterThan(0)
    }
    expect(whole({ kind: 'TRUE_UP', piece: 'x' })).toMatchObject({ pair: false, piece: 'x' })
  })
})

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
    const { wrapper } = seat(SeamsSheet, { walks: [walk], picked: 'side' })
    expect(wrapper.text()).toContain('differ')
    expect(wrapper.text()).toContain('end → knee')
    await wrapper.get('button').trigger('click')
    expect(wrapper.emitted('pick')?.[0]).toEqual(['side'])
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
