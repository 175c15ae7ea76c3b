import { mount } from '@vue/test-utils'
import { nextTick, ref } from 'vue'
import type { Problem } from '../api/client'
import { problemFor } from './problem'
import { describe, expect, it } from 'vitest'
import MeasureField from './MeasureField.vue'

const props = { label: 'hip girth', value: '60 cm', name: 'aim.measures.HIP' }

describe('a measure', () => {
  it('is told only when it was changed', async () => {
    const field = mount(MeasureField, { props })
    await field.find('input').setValue('60 cm')
    await field.find('input').trigger('change')
    expect(field.emitted('settle')).toBeUndefined()
    await field.find('input').setValue('23 5/8 in')
    await field.find('input').trigger('change')
    expect(field.emitted('settle')?.[0]).toEqual(['23 5/8 in'])
  })

  it('keeps what is being typed while an answer to its words of before comes in', async () => {
    const field = mount(MeasureField, { props })
    const input = field.find('input')
    await input.setValue('61')
    await input.trigger('change')
    await field.setProps({ value: '61 cm' })
    expect(input.element.value).toBe('61 cm')
    await input.setValue('62')
    await input.trigger('change')
    input.element.value = '62.5'
    await input.trigger('input')
    await field.setProps({ value: '62 cm' })
    expect(input.element.value).toBe('62.5')
  })

  it('keeps what was typed beside the complaint about it', async () => {
    const problem = ref<Problem>()
    const field = mount(MeasureField, { props, global: { provide: problemFor(problem) } })
    await field.find('input').setValue('sixty')
    problem.value = { status: 422, title: '', detail: 'not a length', field: 'aim.measures.HIP' }
    await nextTick()
    expect(field.find('input').element.value).toBe('sixty')
    expect(field.find('input').attributes('aria-invalid')).toBe('true')
    expect(field.text()).toContain('not a length')
  })

  it('does not take a complaint about another field for its own', () => {
    const problem = ref({ status: 422, title: '', detail: 'not a length', field: 'aim.measures.WAIST' })
    const field = mount(MeasureField, { props, global: { provide: problemFor(problem) } })
    expect(field.text()).not.toContain('not a length')
  })
})
