import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import type { Schemas } from '../api/client'
import { scaleKey, wideMm } from '../drawing/scale'
import WaitingPiece from './WaitingPiece.vue'

const facing = (wide: number, high: number) =>
  ({
    piece: 'back-bib-facing',
    copy: 0,
    variant: 'plain',
    name: 'back bib facing',
    reason: 'the other pieces leave no room',
    outline: [
      [0, 0],
      [wide, 0],
      [wide, high],
      [0, high],
    ],
  }) as Schemas['UnplacedView']
const piece = facing(60, 40)

function transform(piece: Schemas['UnplacedView'], leftEnd: number, scale: number) {
  const waiting = mount(WaitingPiece, {
    props: { piece, leftEnd },
    global: { provide: { [scaleKey as symbol]: ref(scale) } },
  })
  return waiting.find('text').attributes('transform') ?? ''
}
const nameX = (leftEnd: number, scale: number) =>
  Number(/translate\((\S+) /.exec(transform(piece, leftEnd, scale))?.[1])

describe('a piece that waits for a place', () => {
  it('carries its name in its middle', () => {
    expect(nameX(-500, 0.5)).toBeCloseTo(30)
  })

  it('moves a name that is wider than itself clear of the ruler', () => {
    const half = wideMm(piece.name, 14, 0.5) / 2
    expect(half).toBeGreaterThan(30)
    expect(nameX(0, 0.5)).toBeCloseTo(half)
  })

  it('turns a name that is wider than a tall piece', () => {
    expect(transform(facing(60, 200), -500, 0.5)).toContain('rotate(-90)')
    expect(transform(facing(300, 900), -500, 0.5)).toContain('rotate(0)')
  })

  it('tells why it waits', () => {
    expect(mount(WaitingPiece, { props: { piece, leftEnd: 0 } }).attributes('aria-label')).toBe(
      'back bib facing has no place: the other pieces leave no room',
    )
  })
})
