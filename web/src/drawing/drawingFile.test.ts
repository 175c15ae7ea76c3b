import { flushPromises } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { project, seat } from '../testing/hand'
import DrawingFileField from './DrawingFileField.vue'

const units = [
  { unit: 'MM', words: 'a millimetre' },
  { unit: 'INCH', words: 'an inch' },
]
const found = { outlines: [{ name: 'front', group: 'CUT' }], told: ['Left out: 3 texts.'] }

/** Too small as the file says it, and sound in inches. */
function server(asked: string) {
  const answer = (body: unknown, status = 200) =>
    new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } })
  if (asked.includes('drawing-units')) return answer(units)
  return asked.includes('one=INCH')
    ? answer(found)
    : answer({ detail: 'There is no closed outline of 1 cm² or more in this drawing.' }, 422)
}

async function chosen() {
  const field = { project: project(), label: 'SVG or DXF drawing', accept: '.svg' }
  const { wrapper } = seat(DrawingFileField, field, undefined, server)
  const input = wrapper.get('input[type=file]')
  Object.defineProperty(input.element, 'files', { value: [new File(['x'], 'front.dxf')] })
  await input.trigger('change')
  await flushPromises()
  return wrapper
}

describe('a drawing from a file', () => {
  it('asks for the unit where the file was refused, and reads it again with it', async () => {
    const wrapper = await chosen()
    expect(wrapper.get('[role=alert]').text()).toContain('no closed outline of 1 cm²')
    expect(wrapper.emitted('found')).toEqual([[[], 'front.dxf']])
    await wrapper.get('select').setValue('INCH')
    await flushPromises()
    expect(wrapper.find('[role=alert]').exists()).toBe(false)
    expect(wrapper.text()).toContain('Left out: 3 texts.')
    expect(wrapper.emitted('found')?.[1]).toEqual([found.outlines, 'front.dxf'])
  })

  it('believes the next file again', async () => {
    const wrapper = await chosen()
    await wrapper.get('select').setValue('INCH')
    await wrapper.get('input[type=file]').trigger('change')
    await flushPromises()
    expect(wrapper.get('select').element.value).toBe('')
    expect(wrapper.find('[role=alert]').exists()).toBe(true)
  })
})
