import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import type { ProjectHand } from '../project/useProject'
import { answer, heldBib as bib, type Asked } from '../testing/hand'
import { useHandLay } from './useHandLay'

/** Spots in a square of 100 mm; what lies beyond it is past the edge. */
const square = {
  areas: [
    [
      [0, 0],
      [100, 0],
      [100, 100],
      [0, 100],
    ],
  ],
  points: [],
  lines: [],
  bans: [],
  never: [],
  elsewhere: 'It reaches past the edge.',
}
function laying(data: unknown, accepts = true) {
  const asked: Asked[] = []
  answer(asked, data)
  const hand = {
    problem: ref(),
    busy: ref(false),
    async change(call: (at: { path: { id: string }; query: { version: number } }) => Promise<unknown>) {
      await call({ path: { id: 'p' }, query: { version: 3 } })
      return accepts
    },
  } as unknown as ProjectHand
  return { asked, lay: useHandLay(() => 'p', hand) }
}

describe('laying by hand', () => {
  it('asks once for a way to lie, however far the hand goes', async () => {
    const { asked, lay } = laying(square)
    await lay.hold(bib)
    await lay.hold({ ...bib, x: 40 })
    await lay.hold({ ...bib, x: 60 })
    expect(asked.map((a) => a.path)).toEqual(['/api/projects/p/lay/allowed'])
    await lay.hold({ ...bib, rotation: 180 })
    expect(asked).toHaveLength(2)
  })

  it('glides to the rim where the hand is past it, and says why', async () => {
    const { lay } = laying(square)
    await lay.hold({ ...bib, x: 130, y: 50 })
    expect(lay.glided.value?.x).toBeCloseTo(100, 3)
    expect(lay.why({ ...bib, x: 130, y: 50 })).toBe('It reaches past the edge.')
    await lay.hold({ ...bib, x: 50, y: 50 })
    expect(lay.why({ ...bib, x: 50, y: 50 })).toBe('')
  })

  it('goes back where nothing near is free', async () => {
    const { asked, lay } = laying(square)
    await lay.hold({ ...bib, x: 50, y: 50 })
    expect(await lay.put({ ...bib, x: 900, y: 50 })).toBe(false)
    expect(lay.verdict.value).toEqual({ allowed: false, reasons: ['It reaches past the edge.'] })
    expect(asked).toHaveLength(1)
  })

  it('stores what is allowed, and what it slides to', async () => {
    const free = laying({ allowed: true, reasons: [] })
    expect(await free.lay.store(bib)).toBe(true)
    expect(free.asked.map((a) => `${a.method} ${a.path}`)).toEqual([
      'POST /api/projects/p/lay/verdict',
      'PUT /api/projects/p/lay/placements?version=3',
    ])
    const near = laying({ allowed: false, reasons: ['too near'], slidesTo: { x: 12, y: 20 } })
    expect(await near.lay.store(bib)).toBe(true)
    expect(near.asked[1]?.body).toMatchObject({ piece: 'bib', x: 12 })
    expect(near.lay.verdict.value).toBeUndefined()
  })

  it('stores nothing that is forbidden, and tells the reason', async () => {
    const { asked, lay } = laying({ allowed: false, reasons: ['It would show the stain.'] })
    expect(await lay.store(bib)).toBe(false)
    expect(asked).toHaveLength(1)
    expect(lay.verdict.value?.reasons).toEqual(['It would show the stain.'])
  })

  it('keeps the verdict where the project was changed meanwhile', async () => {
    const { lay } = laying({ allowed: true, reasons: [] }, false)
    expect(await lay.store(bib)).toBe(false)
    expect(lay.verdict.value?.allowed).toBe(true)
  })

  it('takes off and pins one copy', async () => {
    const { asked, lay } = laying({})
    await lay.takeOff(bib)
    await lay.pin(bib, true)
    expect(asked).toMatchObject([
      { method: 'DELETE', path: '/api/projects/p/lay/placements/bib/0?version=3' },
      { method: 'PUT', path: '/api/projects/p/lay/pins?version=3', body: { piece: 'bib', pinned: true } },
    ])
  })
})
