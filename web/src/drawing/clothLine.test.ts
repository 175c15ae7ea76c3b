import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import ClothLine from './ClothLine.vue'

const points = [
  [0, 0],
  [40, 0],
  [40, 30],
]

describe('a line on the cloth', () => {
  it('is closed and filled as told', () => {
    const line = mount(ClothLine, { props: { points }, attrs: { fill: 'url(#weave)' } })
    expect(line.attributes('d')).toBe('M0 0L40 0L40 30Z')
    expect(line.attributes('fill')).toBe('url(#weave)')
  })

  it('stays open and empty along an edge', () => {
    const line = mount(ClothLine, { props: { points, open: true } })
    expect(line.attributes('d')).toBe('M0 0L40 0L40 30')
    expect(line.attributes('fill')).toBe('none')
  })

  it('keeps the width of its stroke at every scale', () => {
    expect(mount(ClothLine, { props: { points } }).attributes('vector-effect')).toBe('non-scaling-stroke')
  })

  it('follows its points', async () => {
    const line = mount(ClothLine, { props: { points } })
    await line.setProps({ points: points.slice(0, 2) })
    expect(line.attributes('d')).toBe('M0 0L40 0Z')
  })
})
