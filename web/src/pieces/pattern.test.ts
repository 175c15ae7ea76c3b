import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { byFamily } from '../aim/useDrafts'
import { button, field, seat, settle } from '../testing/hand'
import ChangesSheet from './ChangesSheet.vue'
import DraftSheet from './DraftSheet.vue'
import LedgerSheet from './LedgerSheet.vue'
import { kinds, whole } from './changes'
import { order, piece } from './example'

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
