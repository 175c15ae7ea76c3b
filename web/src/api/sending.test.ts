import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import { sending } from './useAttempt'

describe('a field that is sent', () => {
  it('is empty once what it held was taken', async () => {
    const field = ref('6')
    await sending(field, () => Promise.resolve({}))
    expect(field.value).toBe('')
  })
  it('keeps what was written while the answer was awaited', async () => {
    const field = ref('6')
    await sending(field, (text) => {
      field.value = '4'
      return Promise.resolve(text)
    })
    expect(field.value).toBe('4')
  })
  it('keeps what was refused', async () => {
    const field = ref('9')
    await sending(field, () => Promise.resolve(undefined))
    expect(field.value).toBe('9')
  })
})
