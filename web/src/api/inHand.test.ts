import { afterEach, describe, expect, it } from 'vitest'
import { inHand, inHandOf, takeInHand } from './inHand'

const id = '0f41daa3-1234-470a-8757-b8c1f4bdcdfe'
const asked = (url: string, init?: RequestInit) => {
  const request = new Request(`http://localhost${url}`, init)
  void inHand.onRequest?.({ request } as never)
  return request
}

describe('the source in hand', () => {
  afterEach(() => {
    takeInHand(id, '')
  })

  it('is told with whatever is asked of its project, and of no other', () => {
    takeInHand(id, 'b')
    expect(inHandOf(id)).toBe('b')
    const post = asked(`/api/projects/${id}/least-opening`, { method: 'POST', body: '{}' })
    expect(post.headers.get('X-In-Hand')).toBe('b')
    expect(asked(`/api/projects/${id.replace('0', '1')}`).headers.has('X-In-Hand')).toBe(false)
    expect(asked('/api/stash/search').headers.has('X-In-Hand')).toBe(false)
  })

  it('is the first one again once the other is put down', () => {
    takeInHand(id, 'b')
    takeInHand(id, '')
    expect(asked(`/api/projects/${id}`).headers.has('X-In-Hand')).toBe(false)
  })
})
