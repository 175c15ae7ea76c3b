import { describe, expect, it } from 'vitest'
import { ProblemError, readCookie, take, toProblem } from './client'

describe('talking to the server', () => {
  it('reads the token from its cookie', () => {
    expect(readCookie('XSRF-TOKEN', 'a=1; XSRF-TOKEN=x%3Dy')).toBe('x=y')
    expect(readCookie('XSRF-TOKEN', 'XSRF-TOKEN-OLD=1')).toBeUndefined()
  })

  it('keeps field and sentence of a refusal', () => {
    const problem = toProblem({ title: 'No', detail: 'Write a unit.', field: 'aim.hip' }, 422)
    expect(problem).toEqual({ status: 422, title: 'No', detail: 'Write a unit.', field: 'aim.hip' })
  })

  it('says something useful where the server said nothing', () => {
    expect(toProblem('', 500).detail).toContain('Nothing was stored')
    expect(toProblem(undefined, 401).title).toBe('Signed out')
  })

  it('turns a dead connection into a problem', async () => {
    await expect(take(Promise.reject(new TypeError('network')))).rejects.toBeInstanceOf(ProblemError)
  })
})
