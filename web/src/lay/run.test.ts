import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { answer, type Asked } from '../testing/hand'
import { useFitRun } from './useFitRun'

/** The browser's side of server-sent events, told by the test what arrives. */
class Events {
  static readonly CLOSED = 2
  static last: Events | undefined
  static opened = 0
  readyState = 1
  onerror: (() => void) | undefined
  private heard: ((e: { data: string }) => void) | undefined
  constructor(readonly url: string) {
    Events.last = this
    Events.opened++
  }
  addEventListener(_: string, heard: (e: { data: string }) => void) {
    this.heard = heard
  }
  close() {
    this.readyState = Events.CLOSED
  }
  tell(event: object) {
    this.heard?.({ data: JSON.stringify(event) })
  }
}

beforeEach(() => {
  Events.last = undefined
  Events.opened = 0
  vi.stubGlobal('EventSource', Events)
})
afterEach(() => vi.unstubAllGlobals())

function following(data: unknown = {}) {
  const asked: Asked[] = []
  answer(asked, data)
  let over = 0
  const scope = effectScope()
  const run = scope.run(() =>
    useFitRun('p', () => {
      over++
      return Promise.resolve()
    }),
  )
  if (!run) throw new Error('no run')
  return { run, asked, scope, overs: () => over }
}

describe('a run that is followed', () => {
  it('begins with the seconds that are asked for and shows each better lay', async () => {
    const { run, asked } = following()
    await run.start(20)
    expect(asked[0]).toMatchObject({ path: '/api/projects/p/lay/runs', body: { seconds: 20, sure: false } })
    expect(Events.last?.url).toBe('/api/projects/p/lay/runs/events')
    expect(run.running.value).toBe(true)
    Events.last?.tell({ kind: 'LAY', status: 'running', lay: { utilisation: 0.5 } })
    expect(run.best.value?.utilisation).toBe(0.5)
    expect(run.finding.value).toBe(false)
  })

  it('is over once the server says so, and the project is read again', async () => {
    const { run, overs } = following()
    await run.start(5)
    const source = Events.last
    source?.tell({ kind: 'LAY', status: 'done' })
    await flushPromises()
    expect(run.running.value).toBe(false)
    expect(run.best.value).toBeUndefined()
    expect(overs()).toBe(1)
    expect(source?.readyState).toBe(Events.CLOSED)
  })

  it('says that the connection is lost and goes on when it is back', async () => {
    const { run } = following()
    await run.start(5)
    Events.last?.onerror?.()
    expect(run.lost.value).toBe(true)
    expect(run.running.value).toBe(true)
    Events.last?.tell({ kind: 'LAY', status: 'running' })
    expect(run.lost.value).toBe(false)
  })

  it('stops waiting where the connection stays lost', async () => {
    const { run, overs } = following()
    await run.start(5)
    for (let i = 0; i < 21; i++) Events.last?.onerror?.()
    await flushPromises()
    expect(run.running.value).toBe(false)
    expect(overs()).toBe(1)
  })

  it('tells finding something out from laying', async () => {
    const { run, asked } = following()
    await run.whatHelps('cuff')
    Events.last?.tell({ kind: 'REMEDIES', status: 'waiting' })
    expect(run.finding.value).toBe(true)
    await run.howLarge(0, 'length')
    await run.howLittle('140 cm', 'LINING', '')
    expect(asked.map((a) => a.body)).toEqual([
      { piece: 'cuff' },
      { order: 0, dimension: 'length' },
      { width: '140 cm', cloth: 'LINING', printed: '' },
    ])
  })

  it('is taken up again by a page that is opened later', async () => {
    const { run } = following({ running: true })
    await run.resume()
    expect(Events.opened).toBe(1)
    expect(run.running.value).toBe(true)
  })

  it('only shows what was found out where nothing is at work', async () => {
    const { run, asked } = following({ running: false })
    await run.resume()
    expect(Events.opened).toBe(0)
    expect(asked.map((a) => a.path)).toEqual(['/api/projects/p/lay/runs/latest', '/api/projects/p/lay/help'])
  })

  it('is not heard any more once the page is left', async () => {
    const { run, scope } = following()
    await run.start(5)
    scope.stop()
    expect(Events.last?.readyState).toBe(Events.CLOSED)
  })
})
