import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { button, field, project, seat, settle } from '../testing/hand'
import HelpSlip from './HelpSlip.vue'
import HowFarSheet from './HowFarSheet.vue'
import LaySketch from './LaySketch.vue'
import LaysSheet from './LaysSheet.vue'
import LeftSheet from './LeftSheet.vue'
import UnplacedList from './UnplacedList.vue'
import PickedSlip from './PickedSlip.vue'

const offers = [
  { kind: 'NARROWER', words: 'Turn the hem only 1.5 cm.', cost: 'less to let out later', changes: true },
  { kind: 'WITH_NAP', words: 'All one way: 69 cm.', cost: 'for pile', changes: false },
]

describe('what was found out', () => {
  it('is looked at and taken over by one press', async () => {
    const help = { kind: 'REMEDIES', running: false, message: '', holds: true, offers }
    const { wrapper } = seat(HelpSlip, { help, finding: false })
    await button(wrapper, 'Show it').trigger('click')
    expect(wrapper.emitted('show')?.[0]).toEqual([0])
    await button(wrapper, 'Do this').trigger('click')
    expect(wrapper.emitted('take')?.[0]).toEqual([0])
    // A figure alone changes nothing.
    expect(wrapper.findAll('button').filter((b) => b.text() === 'Do this')).toHaveLength(1)
  })

  it('is not offered once the project is another', () => {
    const help = { kind: 'REMEDIES', running: false, message: 'Not all was tried.', holds: false, offers }
    const { wrapper } = seat(HelpSlip, { help, finding: false })
    expect(wrapper.findAll('button')).toHaveLength(0)
    expect(wrapper.text()).not.toContain('Not all was tried.')
    expect(wrapper.text()).toContain('ask again')
  })

  it('is told as it comes and can be stopped', async () => {
    const progress = { kind: 'REMEDIES', message: '', offers: offers.slice(0, 1) }
    const { wrapper } = seat(HelpSlip, { progress, finding: true })
    expect(wrapper.text()).toContain('Turn the hem only 1.5 cm.')
    await button(wrapper, 'Stop here').trigger('click')
    expect(wrapper.emitted('stop')).toHaveLength(1)
  })

  it('is asked once for all copies of a piece', async () => {
    const copy = (n: number) => ({
      piece: 'cuff',
      name: 'cuff',
      copy: n,
      reason: 'no room',
      variant: 'v',
      outline: [],
    })
    const { wrapper } = seat(UnplacedList, { unplaced: [copy(0), copy(1)], canAsk: true })
    expect(wrapper.findAll('button')).toHaveLength(1)
    await button(wrapper, 'What would help the cuff?').trigger('click')
    expect(wrapper.emitted('help')?.[0]).toEqual(['cuff'])
  })
})

describe('how far it goes', () => {
  const dimension = (id: string, kind: string) => ({ id, words: id, kind, text: '12 cm', usual: '10 cm' })
  const drafted = project({
    lay: {},
    pieces: { orders: [{ dimensions: [dimension('length', 'LENGTH'), dimension('waist', 'CHOICE')] }] },
    roles: [
      { role: 'SHELL', words: 'outer cloth', pieces: 6 },
      { role: 'LINING', words: 'lining', pieces: 2 },
      { role: 'RIB', words: 'rib or knit', pieces: 0 },
    ],
  } as never)

  it('offers sizes, not choices', async () => {
    const { wrapper } = seat(HowFarSheet, { project: drafted, busy: false })
    const sizes = field(wrapper, 'Size').findAll('option')
    expect(sizes.map((o) => o.text())).toEqual(['Choose a size', 'length, now 12 cm'])
    await field(wrapper, 'Size').setValue('0/length')
    await button(wrapper, 'Try how far it goes').trigger('click')
    expect(wrapper.emitted('large')?.[0]).toEqual([0, 'length'])
  })

  it('asks for the width of the cloth as it is written', async () => {
    const { wrapper } = seat(HowFarSheet, { project: drafted, busy: false })
    await settle(wrapper, 'Width of the cloth', '55 in')
    expect(
      field(wrapper, 'Pieces of')
        .findAll('option')
        .map((o) => o.text()),
    ).toEqual(['outer cloth', 'lining'])
    await field(wrapper, 'Pieces of').setValue('LINING')
    await settle(wrapper, 'Printed length, if any', '60 in')
    await button(wrapper, 'Find the least length').trigger('click')
    expect(wrapper.emitted('little')?.[0]).toEqual(['55 in', 'LINING', '60 in'])
  })
})

describe('lays side by side', () => {
  const lay = (name: string, placed: number) => ({
    name,
    at: '',
    placed,
    wanted: 15,
    used: '72 dm²',
    left: '40 dm²',
    largest: '',
    wholePanels: 0,
    keptEdges: 2,
    minutesSaved: 4.2,
    seamsAdded: 1,
  })

  it('tells figures of each and keeps another under a name', async () => {
    const { wrapper } = seat(LaysSheet, {
      project: project({ lays: [lay('', 14), lay('all whole', 15)] }),
      busy: false,
    })
    expect(wrapper.get('tbody tr').text()).toContain('14 of 1515 of 15')
    await field(wrapper, 'Keep this lay as').setValue('with a seam')
    await wrapper.get('form').trigger('submit')
    expect(wrapper.emitted('keep')?.[0]).toEqual(['with a seam'])
    await button(wrapper, 'Take it up').trigger('click')
    expect(wrapper.emitted('takeUp')?.[0]).toEqual([0])
    await button(wrapper, 'Let “all whole” go').trigger('click')
    expect(wrapper.emitted('letGo')?.[0]).toEqual([0])
  })
})

describe('lays as they lie', () => {
  const square = (x: number, y: number) => [
    [x, y],
    [x + 100, y],
    [x + 100, y + 100],
    [x, y + 100],
  ]
  const placed = (piece: string, copy: number, x: number) =>
    ({ piece, copy, panel: 'back', x, y: 0, rotation: 0, mirrored: false, ring: square(x, 0) }) as never
  const drawn = (...pieces: never[]) => ({
    panels: [{ id: 'back', outline: square(0, 0) }],
    placed: pieces,
  })

  it('fills the pieces that lie otherwise, and counts copies as alike', () => {
    const besides = drawn(placed('strap', 0, 0), placed('strap', 1, 20), placed('bib', 0, 50))
    const lay = drawn(placed('strap', 0, 20), placed('strap', 1, 0), placed('bib', 0, 51))
    const { wrapper } = seat(LaySketch, { lay, besides, name: '“with a seam”, small' })
    expect(wrapper.get('svg').attributes('aria-label')).toBe('“with a seam”, small')
    expect(wrapper.findAll('path')).toHaveLength(4)
    expect(wrapper.findAll('.fill-madder')).toHaveLength(1)
    expect(wrapper.get('.fill-madder').attributes('d')).toMatch(/^M51 0/)
  })

  it('fills nothing where there is nothing to hold it against', () => {
    const { wrapper } = seat(LaySketch, { lay: drawn(placed('bib', 0, 0)), name: 'The lay at work, small' })
    expect(wrapper.findAll('.fill-madder')).toHaveLength(0)
  })

  it('draws each kept lay beside its figures', async () => {
    const figures = (name: string) => ({
      name,
      at: '',
      placed: 1,
      wanted: 1,
      used: '',
      left: '',
      largest: '',
      wholePanels: 0,
      keptEdges: 0,
      minutesSaved: 0,
      seamsAdded: 0,
    })
    const { wrapper, asked } = seat(
      LaysSheet,
      {
        project: project({
          lay: drawn(placed('bib', 0, 0)) as never,
          lays: [figures(''), figures('whole'), figures('pieced')],
        }),
        busy: false,
      },
      undefined,
      drawn(placed('bib', 0, 30)),
    )
    await flushPromises()
    expect(asked.map((a) => a.path)).toEqual(['/api/projects/p/lay/kept/0', '/api/projects/p/lay/kept/1'])
    expect(wrapper.findAll('svg[role=img]').map((s) => s.attributes('aria-label'))).toEqual([
      'The lay at work, small',
      '“whole”, small',
      '“pieced”, small',
    ])
    expect(wrapper.findAll('.fill-madder')).toHaveLength(2)
  })
})

describe('what is left over', () => {
  const remnant = {
    panel: 'back-left',
    outline: [],
    size: '9 cm × 16 cm',
    edges: ['hem 5 cm'],
    flaws: ['stain'],
    straight: '28 cm',
    bias: '',
  }

  it('names edges, flaws and strips, and goes to the stash as ticked', async () => {
    const sent: number[][] = []
    const stash = (which: number[]) => {
      sent.push(which)
      return Promise.resolve(1)
    }
    const { wrapper } = seat(LeftSheet, { remnants: [remnant], stash, taken: [0] })
    expect(wrapper.text()).toContain('keeps hem 5 cm')
    expect(wrapper.text()).toContain('28 cm of straight strips')
    expect(wrapper.text()).toContain('stain on it')
    await button(wrapper, 'Put 1 into the stash').trigger('click')
    await flushPromises()
    expect(sent).toEqual([[0]])
    expect(wrapper.text()).toContain('1 remnant went to the stash.')
  })
})

describe('the piece that was picked', () => {
  it('is pinned and unpinned', async () => {
    const placed = {
      name: 'bib',
      copy: 0,
      variant: 'plain',
      variants: ['plain', 'old hem kept'],
      panel: 'back-left',
      mirrored: false,
      pinned: true,
    }
    const { wrapper } = seat(PickedSlip, { placed, still: false })
    await button(wrapper, 'Unpin').trigger('click')
    expect(wrapper.emitted('pin')?.[0]).toEqual([false])
    await button(wrapper, 'old hem kept').trigger('click')
    expect(wrapper.emitted('variant')?.[0]).toEqual(['old hem kept'])
  })
})
