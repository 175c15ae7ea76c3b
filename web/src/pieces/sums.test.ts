import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { button, field, project, seat, settle } from '../testing/hand'
import EnoughNote from '../project/EnoughNote.vue'
import NeckSheet from './NeckSheet.vue'
import PassageSheet from './PassageSheet.vue'
import SureNote from '../lay/SureNote.vue'
import SumsSheet from './SumsSheet.vue'
import { piece } from './example'

const ring = {
  name: 'waist',
  over: 'HIPS',
  overWords: 'the hips',
  girth: '95 cm',
  opens: '',
  layers: [{ what: 'cloth', length: '64 cm', stretch: '40 %' }],
  passes: false,
  sentence: 'At most 89.6 cm round: 5.4 cm short.',
  helped: ['placket of the front left, 60 cm long'],
}

describe('getting in and out', () => {
  it('fills in what the aim knows of the body', async () => {
    const measures = [
      { id: 'HIP', text: '72 cm' },
      { id: 'HEEL_GIRTH', text: '26 cm' },
    ]
    const { wrapper } = seat(PassageSheet, {
      project: project({ aim: { garment: 'CUT_OUT', cutOut: true, measures } as never }),
    })
    const girth = () => (field(wrapper, 'the body there').element as HTMLInputElement).value
    expect(girth()).toBe('72 cm')
    await field(wrapper, 'Over').setValue('HEEL')
    expect(girth()).toBe('26 cm')
    await field(wrapper, 'Over').setValue('HEAD')
    expect(girth()).toBe('')
  })

  it('sends each layer of the ring and begins anew', async () => {
    const { wrapper, asked } = seat(PassageSheet, { project: project() })
    await field(wrapper, 'Which ring').setValue('neck')
    await settle(wrapper, 'the body there', '56 cm')
    await settle(wrapper, 'round it', '40 cm')
    await settle(wrapper, 'stretches by', '20 %')
    await button(wrapper, 'Another layer').trigger('click')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(asked[0]?.body).toEqual({
      name: 'neck',
      over: 'HIPS',
      girth: '56 cm',
      opens: '',
      layers: [
        { what: 'cloth', length: '40 cm', stretch: '20 %' },
        { what: 'cloth', length: '', stretch: '' },
      ],
    })
    expect((field(wrapper, 'Which ring').element as HTMLInputElement).value).toBe('')
  })

  it('takes a ring over as the source’s own seams tell it', async () => {
    const neck = { name: 'neck', over: 'HEAD', girth: '38.6 cm', body: '56 cm', stretch: '40 %', opens: '' }
    const hem = { name: 'hem', girth: '104 cm', body: '', stretch: '', opens: '' }
    const { wrapper, asked } = seat(PassageSheet, {
      project: project({ source: { name: 'jumper', openings: [neck, hem] } as never }),
    })
    expect(wrapper.text()).not.toContain('hem, 104 cm')
    await button(wrapper, 'neck, 38.6 cm').trigger('click')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(asked[0]?.body).toEqual({
      name: 'neck',
      over: 'HEAD',
      girth: '56 cm',
      opens: '',
      layers: [{ what: 'its cloth', length: '38.6 cm', stretch: '40 %' }],
    })
  })

  it('tells what is too small, what would open it, and takes it out by its name', async () => {
    const { wrapper, asked } = seat(PassageSheet, {
      project: project({ workings: { passages: [ring], necklines: [] } as never }),
    })
    expect(wrapper.text()).toContain('too small')
    expect(wrapper.text()).toContain('It would open with the placket')
    await button(wrapper, 'Change its figures').trigger('click')
    expect((field(wrapper, 'round it').element as HTMLInputElement).value).toBe('64 cm')
    await button(wrapper, 'Take waist out').trigger('click')
    await flushPromises()
    expect(asked[0]?.path).toBe('/api/projects/p/workings/passages?version=3&name=waist')
  })
})

const neck = {
  name: 'deeper V',
  shape: 'V',
  shapeWords: 'a V',
  width: '20 cm',
  depth: '10 cm',
  back: '22 cm',
  band: { rest: '42 cm', depth: '2.5 cm', stretch: '40 %' },
  serves: false,
  verdict: ['The band would be stretched by 60 %.'],
  order: ['Chalk the new line.', 'Only then cut.'],
  widthMm: 200,
  depthMm: 100,
  chalk: [
    [100, 0],
    [0, -100],
  ],
  chalkTexts: ['10 cm from the centre, 0 cm down'],
  notchBaseMm: 50,
  bandDepthMm: 25,
}

describe('a neckline', () => {
  it('is shown with its verdict, its points and its order', async () => {
    const { wrapper } = seat(NeckSheet, {
      project: project({ workings: { passages: [], necklines: [neck] } as never }),
    })
    expect(wrapper.text()).toContain('stretched by 60 %')
    expect(wrapper.find('.text-madder').exists()).toBe(true)
    expect(wrapper.text()).toContain('10 cm from the centre')
    await button(wrapper, 'Change its figures').trigger('click')
    expect((field(wrapper, 'band or rib at rest').element as HTMLInputElement).value).toBe('42 cm')
  })

  it('is sent without a band where there is none', async () => {
    const { wrapper, asked } = seat(NeckSheet, { project: project() })
    await field(wrapper, 'Call it').setValue('faced')
    await field(wrapper, 'Its front is').setValue('SQUARE')
    await settle(wrapper, 'neck point to neck point', '20 cm')
    await wrapper.get('form').trigger('submit')
    await flushPromises()
    expect(asked[0]?.body).toMatchObject({ name: 'faced', shape: 'SQUARE', width: '20 cm', bandRest: '' })
  })
})

describe('how sure a lay is', () => {
  it('offers to lay it off the edges only while it is tight', async () => {
    const tight = { verdict: 'TIGHT', tolerance: '0.3 cm', sentences: ['Measure again:', 'hem of the back'] }
    const { wrapper } = seat(SureNote, { sureness: tight })
    expect(wrapper.text()).toContain('One edge')
    const both = { ...tight, sentences: [...tight.sentences, 'hem of the front'] }
    expect(seat(SureNote, { sureness: both }).wrapper.text()).toContain('2 edges')
    await button(wrapper, 'Lay it 0.3 cm off every edge').trigger('click')
    expect(wrapper.emitted('laySurely')).toHaveLength(1)
    const sure = { verdict: 'SURE', tolerance: '0.3 cm', sentences: ['It surely fits.'] }
    expect(seat(SureNote, { sureness: sure }).wrapper.find('button').exists()).toBe(false)
    const none = { verdict: 'DOES_NOT_FIT', tolerance: '0.3 cm', sentences: ['No.'] }
    expect(seat(SureNote, { sureness: none }).wrapper.text()).toBe('')
  })
})

describe('whether there is cloth enough', () => {
  it('says every sentence', () => {
    const enough = { verdict: 'SHORT', sentences: ['The sleeve is 3 cm too long.', 'Piece it.'] }
    const { wrapper } = seat(EnoughNote, { enough })
    expect(wrapper.text()).toContain('The sleeve is 3 cm too long.')
    expect(wrapper.text()).toContain('Piece it.')
  })
})

describe('what was reckoned goes into the pattern', () => {
  const sums = [
    {
      id: 'BUTTONS',
      words: 'buttons on a front',
      fields: [{ id: 'length', words: 'front edge, end to end', length: true, usual: '44 cm' }],
    },
    {
      id: 'ZIP',
      words: 'zip or slit',
      fields: [
        { id: 'ring', words: 'girth closed', length: true, usual: '70 cm' },
        { id: 'passes', words: 'must pass', length: true, usual: '95 cm' },
      ],
    },
  ]
  const gives = { sentences: ['4 buttons.'], marks: [], marksMm: [], lineMm: 0, gives: true }
  const known = project({
    roles: [],
    cloths: [],
    aim: { cutOut: true, measures: [{ id: 'HIP', text: '81 cm' }] },
    pieces: {
      pieces: [piece({ id: 'front', name: 'front' })],
      sizes: [{ what: 'waist, sewn', finished: '62 cm' }],
    },
  } as never)
  /** The list of sums comes first, then each result. */
  const answering = () => {
    let first = true
    return () => {
      const data = first ? sums : gives
      first = false
      return new Response(JSON.stringify(data), { headers: { 'Content-Type': 'application/json' } })
    }
  }

  it('takes the length from the edge it is put on', async () => {
    const { wrapper, asked } = seat(SumsSheet, { project: known }, undefined, answering())
    await flushPromises()
    const edge = known.pieces?.pieces[0]?.allowances[0]
    await field(wrapper, 'On the piece').setValue('front')
    await field(wrapper, 'Along its edge').setValue(edge?.edge)
    await flushPromises()
    const put = wrapper.findAll('button').find((b) => b.text() === 'Put it into the pattern')
    await put?.trigger('click')
    await flushPromises()
    expect(asked.at(-1)).toMatchObject({
      path: '/api/projects/p/sums/put?version=3',
      body: { sum: 'BUTTONS', values: { onPiece: 'front', onEdge: edge?.edge, length: edge?.length } },
    })
  })

  it('fills in the ring that was drafted and the body that must pass', async () => {
    const { wrapper, asked } = seat(SumsSheet, { project: known }, undefined, answering())
    await flushPromises()
    await field(wrapper, 'Reckon').setValue('ZIP')
    await flushPromises()
    expect(asked.at(-1)?.body).toMatchObject({ values: { ring: '62 cm', passes: '81 cm' } })
  })
})
