import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import { heldBib as bib } from '../testing/hand'
import { useCarry, type LyingPanel } from './useCarry'

const square = [
  [0, 0],
  [200, 0],
  [200, 300],
  [0, 300],
]
const panels = ref([
  { item: { id: 'left', outline: square }, dx: 0, dy: 0 },
  { item: { id: 'right', outline: square }, dx: 300, dy: 0 },
] as unknown as LyingPanel[])
/** A pointer over a spot of the table, mm. */
const at = (x: number, y: number) =>
  ({ x, y, pointerId: 1, currentTarget: { setPointerCapture: () => {} } }) as unknown as PointerEvent
const hand = () => useCarry(panels, (e) => ({ x: e.x, y: e.y }))

describe('a piece carried over the table', () => {
  it('is a mere press until it has moved a little', () => {
    const carry = hand()
    carry.grab(at(50, 50), bib, square, { x: 0, y: 0 })
    carry.carry(at(52, 51))
    expect(carry.target.value).toBeUndefined()
    expect(carry.letGo(at(52, 51))).toBeUndefined()
    expect(carry.carried.value).toBeUndefined()
  })

  it('goes as far as the hand', () => {
    const carry = hand()
    carry.grab(at(50, 50), bib, square, { x: 0, y: 0 })
    carry.carry(at(80, 40))
    expect(carry.target.value).toMatchObject({ panel: 'left', x: 40, y: 10 })
    expect(carry.inHand.value).toEqual({ x: 30, y: -10 })
  })

  it('lies in the frame of the panel under the hand', () => {
    const carry = hand()
    carry.grab(at(50, 50), bib, square, { x: 0, y: 0 })
    const put = carry.letGo(at(400, 50))
    // The hand went 350 to the right; the other panel's frame begins 300 to the right.
    expect(put).toMatchObject({ panel: 'right', x: 60, y: 20 })
  })

  it('comes up from among the waiting ones below', () => {
    const carry = hand()
    carry.grab(at(50, -200), bib, square, { x: 0, y: -250 })
    expect(carry.letGo(at(50, 60))).toMatchObject({ panel: 'left', x: 10, y: 20 - 250 + 260 })
  })

  it('lies in the frame of the panel of the row under the hand', () => {
    const two = ref([
      ...panels.value,
      { ...panels.value[0], item: { id: 'below', outline: square }, dy: -400 },
    ])
    const carry = useCarry(two as unknown as typeof panels, (e) => ({ x: e.x, y: e.y }))
    carry.grab(at(50, 50), bib, square, { x: 0, y: 0 })
    expect(carry.letGo(at(60, -300))).toMatchObject({ panel: 'below', x: 20, y: 20 - 350 + 400 })
    carry.grab(at(50, -300), { ...bib, panel: 'below' }, square, { x: 0, y: -400 })
    carry.carry(at(60, 60))
    expect(carry.target.value).toMatchObject({ panel: 'left', x: 20, y: 20 - 400 + 360 })
    expect(carry.shiftTo({ x: 25, y: 30 })).toEqual({ x: 15, y: 10 })
  })

  it('is dropped without a word', () => {
    const carry = hand()
    carry.grab(at(50, 50), bib, square, { x: 0, y: 0 })
    expect(carry.isCarried({ piece: 'bib', copy: 0 })).toBe(true)
    expect(carry.isCarried({ piece: 'bib', copy: 1 })).toBe(false)
    carry.drop()
    expect(carry.letGo(at(90, 90))).toBeUndefined()
  })

  it('is drawn where it may lie while the hand is elsewhere', () => {
    const carry = hand()
    carry.grab(at(350, 50), { ...bib, panel: 'right' }, square, { x: 300, y: 0 })
    carry.carry(at(380, 60))
    expect(carry.shiftTo({ x: 25, y: 30 })).toEqual({ x: 315, y: 10 })
  })
})
