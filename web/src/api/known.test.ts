import { describe, expect, it } from 'vitest'
import { KnownViews } from './known'

const id = '11111111-2222-3333-4444-555555555555'
const url = `http://localhost/api/projects/${id}/aim?version=3`

function answer(mark: string): Response {
  return new Response('{}', { headers: { 'X-Known': mark } })
}

/** What a request would carry, and the answer to it as it is taken in. */
async function ask(views: KnownViews, mark: string, data: object) {
  const request = new Request(url)
  const response = answer(mark)
  const options = { request, response } as never
  await views.middleware.onRequest?.(options)
  await views.middleware.onResponse?.(options)
  return { held: request.headers.get('X-Known'), view: views.whole(data, response) as unknown }
}

describe('views that are held', () => {
  it('takes parts that did not change from the view that was held when it asked', async () => {
    const views = new KnownViews()
    const panels = [{ id: 'front' }]
    const first = await ask(views, 'a', { id, version: 3, name: 'One', panels })
    expect(first.held).toBeNull()
    const second = await ask(views, 'b', { id, version: 4, name: 'Two', same: ['panels'] })
    expect(second.held).toBe('a')
    expect(second.view).toEqual({ id, version: 4, name: 'Two', panels })
    expect((second.view as { panels: unknown }).panels).toBe(panels)
  })

  it('goes by what was held when it asked, not by what came in meanwhile', async () => {
    const views = new KnownViews()
    await ask(views, 'a', { id, version: 3, name: 'One' })
    const slow = new Request(url)
    const late = answer('c')
    await views.middleware.onRequest?.({ request: slow } as never)
    await ask(views, 'b', { id, version: 4, name: 'Two', same: [] })
    await views.middleware.onResponse?.({ request: slow, response: late } as never)
    expect(views.whole({ id, version: 4, same: ['name'] }, late)).toEqual({ id, version: 4, name: 'One' })
  })

  it('leaves other answers as they are, and forgets', async () => {
    const views = new KnownViews()
    const data = { running: true }
    expect(views.whole(data, new Response('{}'))).toBe(data)
    await ask(views, 'a', { id, version: 3 })
    views.forget()
    expect((await ask(views, 'b', { id, version: 4 })).held).toBeNull()
  })
})
