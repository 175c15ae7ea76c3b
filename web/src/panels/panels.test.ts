import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { button, field, project, seat, settle, inApp } from '../testing/hand'
import CarriedSheet from './CarriedSheet.vue'
import FlawFields from './FlawFields.vue'
import PhotoTable from './PhotoTable.vue'
import ReshapeSheet from './ReshapeSheet.vue'
import ShapeFields from './ShapeFields.vue'
import { usePhoto } from './usePhoto'
import { useTape } from './useTape'

const carried = {
  grain: 'UP',
  grainEdge: '',
  fromX: '0 cm',
  fromY: '0 cm',
  toX: '0 cm',
  toY: '0 cm',
  pileDown: false,
  alike: null,
  wrongSideUp: false,
  layers: 1,
  repeats: [],
  motifs: [],
  pressings: [],
}
const edge = (name: string) => ({ name, kind: 'RAW', length: '40.0 cm', points: [] })
const panel = {
  id: 'sheet',
  name: 'sheet',
  edges: [edge('lower'), edge('left')],
  carried,
  flaws: [],
  likely: [],
}
const other = { ...panel, id: 'other', name: 'other', edges: [edge('upper')] }
const table = () => project({ panels: [panel, other] as never })

describe('what a panel carries', () => {
  it('tells the grain along an edge at once, with the first edge to begin with', async () => {
    const { wrapper, asked } = seat(CarriedSheet, { project: table(), panel })
    await field(wrapper, 'The lengthwise grain runs').setValue('EDGE')
    await flushPromises()
    expect(asked[0]?.path).toBe('/api/projects/p/panels/sheet/carried?version=3')
    expect(asked[0]?.body).toMatchObject({ grain: 'EDGE', grainEdge: 'lower' })
  })

  it('waits with a grain by two points until both are told', async () => {
    const { wrapper, asked } = seat(CarriedSheet, { project: table(), panel })
    await field(wrapper, 'The lengthwise grain runs').setValue('POINTS')
    await flushPromises()
    expect(asked).toHaveLength(0)
    await settle(wrapper, 'other end, from the middle', '10 cm')
    await flushPromises()
    expect(asked[0]?.body).toMatchObject({ grain: 'POINTS', toX: '10 cm' })
  })

  it('says of both sides what the cloth says, unless told otherwise', async () => {
    const { wrapper, asked } = seat(CarriedSheet, { project: table(), panel })
    await field(wrapper, 'Its two sides are').setValue('NO')
    await flushPromises()
    expect(asked[0]?.body).toMatchObject({ alike: false })
  })

  it('keeps stripes only with their period, and a check is two of them', async () => {
    const { wrapper, asked } = seat(CarriedSheet, { project: table(), panel })
    await button(wrapper, 'Stripes').trigger('click')
    expect(button(wrapper, 'Keep it so').attributes('disabled')).toBeDefined()
    await settle(wrapper, 'from a line to the next', '24 mm')
    await button(wrapper, 'Keep it so').trigger('click')
    await flushPromises()
    expect(asked[0]?.body).toMatchObject({ repeats: [{ name: 'stripe', across: true, period: '24 mm' }] })
    await button(wrapper, 'Lines the other way').trigger('click')
    expect(wrapper.text()).not.toContain('Lines the other way')
  })

  it('takes the middle of a motif from a tap on the drawing', async () => {
    const withMotif = { ...panel, carried: { ...carried, motifs: [{ name: 'flower', x: '', y: '' }] } }
    const { wrapper, asked } = seat(CarriedSheet, { project: table(), panel: withMotif })
    await button(wrapper, 'Point at it').trigger('click')
    expect(wrapper.get('[role=status]').text()).toBe('Tap its middle on the drawing.')
    const calls = wrapper.emitted('point') ?? []
    const told = calls[calls.length - 1]?.[0] as (x: number, y: number) => void
    told(-35.5, 120)
    await flushPromises()
    expect(asked[0]?.body).toMatchObject({ motifs: [{ name: 'flower', x: '-35\u202fmm', y: '120\u202fmm' }] })
    expect(wrapper.find('[role=status]').exists()).toBe(false)
  })

  it('waits for the name of a motif that was pointed at, and can be told to leave it', async () => {
    const { wrapper, asked } = seat(CarriedSheet, { project: table(), panel })
    await button(wrapper, 'A motif').trigger('click')
    await button(wrapper, 'Point at it').trigger('click')
    await button(wrapper, 'Leave it').trigger('click')
    const calls = wrapper.emitted('point') ?? []
    expect(calls[calls.length - 1]?.[0]).toBeUndefined()
    await button(wrapper, 'Point at it').trigger('click')
    const again = wrapper.emitted('point') ?? []
    ;(again[again.length - 1]?.[0] as (x: number, y: number) => void)(10, 20)
    await flushPromises()
    expect(asked).toHaveLength(0)
    await field(wrapper, 'Motif 1').setValue('leaf')
    await button(wrapper, 'Keep it so').trigger('click')
    await flushPromises()
    expect(asked[0]?.body).toMatchObject({ motifs: [{ name: 'leaf', x: '10\u202fmm', y: '20\u202fmm' }] })
  })

  it('scales by one distance before and after', async () => {
    const { wrapper, asked } = seat(CarriedSheet, { project: table(), panel })
    expect(button(wrapper, 'Scale the panel').attributes('disabled')).toBeDefined()
    await settle(wrapper, 'a distance before', '1 m')
    await settle(wrapper, 'the same distance now', '97 cm')
    await button(wrapper, 'Scale the panel').trigger('click')
    await flushPromises()
    expect(asked[0]).toMatchObject({
      path: '/api/projects/p/panels/sheet/pressings?version=3',
      body: { what: 'pressed', direction: 'BOTH', before: '1 m', after: '97 cm' },
    })
  })
})

describe('a panel made of panels', () => {
  it('offers what can be pieced, edge by edge', async () => {
    const { wrapper, asked } = seat(ReshapeSheet, { project: table(), panel })
    await field(wrapper, 'Along this panel').setValue('left')
    await field(wrapper, 'sew').setValue('other')
    await field(wrapper, 'by its edge').setValue('upper')
    const forms = wrapper.findAll('form')
    await forms[forms.length - 1]?.trigger('submit')
    await flushPromises()
    expect(asked[0]).toMatchObject({
      path: '/api/projects/p/panels/sheet/join?version=3',
      body: { edge: 'left', other: 'other', otherEdge: 'upper', allowance: '1 cm' },
    })
  })

  it('does not ask to piece where there is nothing to piece to', () => {
    const alone = project({ panels: [panel] as never })
    expect(seat(ReshapeSheet, { project: alone, panel }).wrapper.text()).not.toContain('Piece to another')
  })

  it('opens cloth that lay double, and lays it double again on the same fold', async () => {
    const { wrapper, asked } = seat(ReshapeSheet, { project: table(), panel })
    await field(wrapper, 'The fold is its edge').setValue('left')
    await button(wrapper, 'Open it along the fold').trigger('submit')
    await flushPromises()
    expect(asked[0]?.path).toBe('/api/projects/p/panels/sheet/fold?version=3')
    expect(asked[0]?.body).toEqual({ edge: 'left', crease: 'NOTE', opened: true })
    const fold = { edge: 'left', opened: true, crease: 'HIDE', line: [] }
    const open = seat(ReshapeSheet, { project: table(), panel: { ...panel, taped: { fold } } })
    await button(open.wrapper, 'Lay it double again').trigger('submit')
    await flushPromises()
    expect(open.asked[0]?.body).toEqual({ edge: 'left', crease: 'HIDE', opened: false })
  })

  it('shows why a cut was refused', () => {
    const refusal = { status: 422, title: '', detail: 'does not cut the panel', field: 'cut' }
    const { wrapper } = seat(ReshapeSheet, { project: table(), panel }, refusal)
    expect(wrapper.get('[role=alert]').text()).toContain('does not cut')
  })
})

describe('a flaw', () => {
  const flaw = {
    treatment: 'AVOID',
    kind: 'STAIN',
    what: 'stain',
    extent: 'OVAL',
    x: '1 cm',
    y: '2 cm',
    toX: '1 cm',
    toY: '2 cm',
    width: '4 cm',
    height: '5 cm',
    outline: [
      [0, 0],
      [20, 0],
      [20, 60],
    ],
    shown: [],
  }

  it('is told by the fields of its form', () => {
    const labels = (extent: string) =>
      seat(FlawFields, { flaw: { ...flaw, extent }, index: 0 })
        .wrapper.findAll('label')
        .map((l) => l.text())
    expect(labels('OVAL')).toHaveLength(5)
    expect(labels('STRIP')).toHaveLength(6)
    expect(labels('AROUND')).toHaveLength(1)
  })

  it('brings with its kind how many layers there are, and keeps clear of elastic', async () => {
    const { wrapper } = seat(FlawFields, { flaw: { ...flaw, layers: 1 }, index: 0 })
    await wrapper.get('[aria-label="Flaw 1, kind"]').setValue('ELASTIC')
    expect(wrapper.emitted('settle')?.[0]).toEqual([{ kind: 'ELASTIC', layers: 2, treatment: 'AVOID' }])
    await wrapper.get('[aria-label="Flaw 1, kind"]').setValue('SEAM')
    expect(wrapper.emitted('settle')?.[1]).toEqual([{ kind: 'SEAM', layers: 3 }])
    await wrapper.get('[name="flaws[0].layers"]').setValue('4')
    expect(wrapper.emitted('settle')?.[2]).toEqual([{ layers: 4 }])
  })

  it('becomes a strip about where it lay', async () => {
    const { wrapper } = seat(FlawFields, { flaw, index: 0 })
    await wrapper.get('[aria-label="Flaw 1, form"]').setValue('STRIP')
    expect(wrapper.emitted('settle')?.[0]?.[0]).toMatchObject({ extent: 'STRIP', width: '4 cm' })
  })
})

const shapes = [
  {
    shape: 'TROUSER_FRONT',
    words: 'trousers, front leg',
    measures: [
      { id: 'hem', words: 'hem', kind: 'LENGTH', first: '24.5 cm' },
      { id: 'side', words: 'side seam', kind: 'CHECK', first: '' },
    ],
  },
]

describe('a ready shape', () => {
  it('asks for its measures in their order and begins with an average one', async () => {
    const tape = inApp(() =>
      useTape(
        () => 'CM',
        () => 'p',
      ),
    )
    const { wrapper } = seat(ShapeFields, { tape, project: project() }, undefined, shapes)
    await flushPromises()
    expect(wrapper.findAll('[data-figure]')).toHaveLength(2)
    expect(wrapper.text()).toContain('to check: side seam')
    await button(wrapper, 'average one').trigger('click')
    expect(tape.form.measures).toEqual({ hem: '24.5 cm', side: '' })
    await wrapper.findAll('[data-figure]')[0]?.trigger('keydown', { key: 'Enter' })
    expect(wrapper.emitted('next')).toHaveLength(1)
  })
})

describe('a photo', () => {
  const photo = {
    id: 'a',
    width: 1000,
    height: 800,
    sheet: 'A4',
    sheetWidth: '',
    sheetHeight: '',
    corners: [],
  }

  it('puts four marks in its middle where no sheet was found', async () => {
    const hand = usePhoto(() => 'p')
    const { asked } = seat(
      FlawFields,
      { flaw: { outline: [], extent: 'AROUND' }, index: 0 },
      undefined,
      photo,
    )
    await hand.simulate('front', 10, '#ffffff', false)
    expect(asked[0]?.path).toBe('/api/projects/p/photos/simulated')
    expect(hand.corners.value).toHaveLength(4)
    expect(hand.corners.value[0]).toEqual({ x: 400, y: 480 })
  })

  it('lets a corner be moved by the arrow keys, finer with shift', async () => {
    const hand = usePhoto(() => 'p')
    seat(FlawFields, { flaw: { outline: [], extent: 'AROUND' }, index: 0 }, undefined, photo)
    await hand.simulate('front', 10, '#ffffff', false)
    const { wrapper } = seat(PhotoTable, { photo: hand })
    const corner = wrapper.get('[aria-label^="Corner lower left"]')
    await corner.trigger('keydown', { key: 'ArrowRight' })
    await corner.trigger('keydown', { key: 'ArrowUp', shiftKey: true })
    expect(wrapper.emitted('move')).toEqual([
      [0, { x: 401, y: 480 }],
      [0, { x: 400, y: 479.8 }],
    ])
  })

  it('of another household’s file is simply not there', async () => {
    const hand = usePhoto(() => 'p')
    await hand.begin('remnant.svg')
    expect(hand.photo.value).toBeUndefined()
    expect(hand.problem.value).toBeUndefined()
  })
})
