import { describe, expect, it } from 'vitest'
import { useFields } from './useFields'

describe('fields', () => {
  it('follow what is told, but for what somebody is writing', () => {
    let told = { name: 'Runa', measures: { HIP: '90 cm', WAIST: '70 cm' }, tags: ['a'] }
    const { fields, follow } = useFields(() => told)
    fields.measures.WAIST = '72'
    told = { name: 'Runa B.', measures: { HIP: '91 cm', WAIST: '70 cm' }, tags: ['a', 'b'] }
    follow()
    expect(fields).toEqual({ name: 'Runa B.', measures: { HIP: '91 cm', WAIST: '72' }, tags: ['a', 'b'] })
  })

  it('take the answer to what was sent, and keep what was written while it was on its way', () => {
    let told = { hip: '90 cm', waist: '70 cm' }
    const { fields, sending, follow } = useFields(() => told)
    fields.hip = '91'
    sending()
    fields.waist = '7'
    told = { hip: '91 cm', waist: '70 cm' }
    follow()
    expect(fields).toEqual({ hip: '91 cm', waist: '7' })
    fields.waist = '72'
    sending()
    told = { hip: '91 cm', waist: '72 cm' }
    follow()
    expect(fields).toEqual({ hip: '91 cm', waist: '72 cm' })
  })

  it('begin anew with another thing', () => {
    let told = { name: 'front' }
    const { fields, begin } = useFields(() => told)
    fields.name = 'half wri'
    told = { name: 'back' }
    begin()
    expect(fields.name).toBe('back')
  })
})
