import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import { defineComponent, h, nextTick, ref } from 'vue'
import type { Problem } from '../api/client'
import ComplaintNote from './ComplaintNote.vue'
import MeasureField from './MeasureField.vue'
import { provideProblem } from './problem'

const problem = ref<Problem>()
const named = ref(true)
const Sheet = defineComponent({
  setup() {
    provideProblem(problem)
    return () =>
      h('div', [
        named.value && h(MeasureField, { label: 'hip', value: '', name: 'aim.hip' }),
        h(ComplaintNote, { of: ['aim.'] }),
      ])
  },
})

describe('a refusal on a sheet', () => {
  it('stands beside the field it names, else in its place on the sheet, and never twice', async () => {
    problem.value = { status: 422, title: '', detail: 'no length', field: 'aim.hip' }
    const sheet = mount(Sheet)
    const notes = () => sheet.findAll('[role="alert"]').map((n) => n.text())
    await nextTick()
    expect(sheet.get('input').attributes('aria-invalid')).toBe('true')
    expect(notes()).toEqual([])
    named.value = false
    await nextTick()
    expect(notes()).toEqual(['no length'])
    problem.value = { status: 422, title: '', detail: 'of another sheet', field: 'lay.pin' }
    await nextTick()
    expect(notes()).toEqual([])
  })
})
