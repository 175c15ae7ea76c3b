import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import CuttingTable from './CuttingTable.vue'

const bounds = { minX: 0, minY: 0, maxX: 400, maxY: 300 }

function lay() {
  const wrapper = mount(CuttingTable, {
    props: { bounds, label: 'table' },
    slots: { default: '<rect data-grab="" width="10" height="10" />' },
    attachTo: document.body,
  })
  const svg = wrapper.get('svg').element
  const scale = () =>
    Number(/scale\(([\d.]+)/.exec(wrapper.get('svg > g').attributes('transform') ?? '')?.[1])
  return { wrapper, svg, scale }
}

/** Fingers as a browser tells of them: each with a number and a place. */
function fingers(on: Element, type: string, places: [number, number][]) {
  const touches = places.map(([x, y], identifier) => ({ identifier, clientX: x, clientY: y, target: on }))
  const event = new Event(type, { bubbles: true, cancelable: true })
  Object.assign(event, { touches, changedTouches: touches, targetTouches: touches, view: window })
  on.dispatchEvent(event)
}

describe('the table under hands', () => {
  it('comes closer when two fingers part, and goes farther when they meet', async () => {
    const { svg, scale } = lay()
    await nextTick()
    const before = scale()
    fingers(svg, 'touchstart', [
      [300, 300],
      [400, 300],
    ])
    fingers(svg, 'touchmove', [
      [250, 300],
      [450, 300],
    ])
    await nextTick()
    expect(scale()).toBeCloseTo(2 * before, 5)
    fingers(svg, 'touchmove', [
      [300, 300],
      [400, 300],
    ])
    await nextTick()
    expect(scale()).toBeCloseTo(before, 5)
  })

  it('leaves what is grabbed to the hand that grabs it', async () => {
    const { svg, scale, wrapper } = lay()
    await nextTick()
    const before = wrapper.get('svg > g').attributes('transform')
    fingers(wrapper.get('[data-grab]').element, 'touchstart', [[10, 10]])
    fingers(svg, 'touchmove', [[200, 10]])
    await nextTick()
    expect(wrapper.get('svg > g').attributes('transform')).toBe(before)
    expect(scale()).toBeGreaterThan(0)
  })

  it('tells a tap in millimetres, and nothing of a drag', () => {
    const { wrapper, svg } = lay()
    const at = (type: string, x: number, y: number) => {
      const event = new MouseEvent(type, { bubbles: true, clientX: x, clientY: y })
      Object.assign(event, { isPrimary: true })
      svg.dispatchEvent(event)
    }
    at('pointerdown', 100, 100)
    at('pointerup', 180, 100)
    expect(wrapper.emitted('tap')).toBeUndefined()
    at('pointerdown', 400, 300)
    at('pointerup', 401, 300)
    expect(wrapper.emitted('tap')).toHaveLength(1)
  })

  it('comes closer by its button and shows all again', async () => {
    const { wrapper, scale } = lay()
    await nextTick()
    const before = scale()
    await wrapper.get('[aria-label="Closer"]').trigger('click')
    await nextTick()
    expect(scale()).toBeCloseTo(1.3 * before, 5)
    await wrapper.get('[aria-label="See all"]').trigger('click')
    expect(scale()).toBeCloseTo(before, 5)
  })
})
