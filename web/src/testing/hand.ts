import { VueQueryPlugin } from '@tanstack/vue-query'
import { mount } from '@vue/test-utils'
import type { Middleware } from 'openapi-fetch'
import { createApp, ref, type Component } from 'vue'
import { api, type Problem, type ProjectView } from '../api/client'
import type { Held } from '../lay/useHandLay'
import { handKey } from '../project/hand'
import type { ProjectHand } from '../project/useProject'
import { problemFor } from '../ui/problem'

/** What a component asked of the server through the hand: method, path and body of each call. */
export interface Asked {
  method: string
  path: string
  body: unknown
}

/** A project that holds nothing yet; tests put in what they are about. */
export const project = (over: Partial<ProjectView> = {}) =>
  ({
    id: 'p',
    version: 3,
    name: 'Test',
    unit: 'CM',
    stations: [],
    aim: { garment: 'CUT_OUT', cutOut: true, measures: [], settled: true },
    inHand: '',
    cloths: [],
    roles: [],
    meetings: [],
    panels: [],
    keep: { keepers: [], wants: [], savedMinutes: 0, finish: [] },
    putOn: [],
    crossings: [],
    workings: { passages: [], necklines: [] },
    steps: [],
    log: [],
    practice: [],
    ...over,
  }) as unknown as ProjectView

/** A piece as a hand holds it. */
export const heldBib: Held = {
  piece: 'bib',
  copy: 0,
  variant: 'plain',
  panel: 'left',
  x: 10,
  y: 20,
  rotation: 0,
  mirrored: false,
}

let listening: Middleware | undefined

/** Every call is recorded and gets this answer, or the one that is made for it; nothing leaves the test. */
export function answer(asked: Asked[], data: unknown) {
  if (listening) api.eject(listening)
  listening = {
    async onRequest({ request }) {
      const url = new URL(request.url)
      const isJson = request.headers.get('Content-Type')?.includes('json')
      const text = isJson ? await request.clone().text() : ''
      asked.push({
        method: request.method,
        path: url.pathname + url.search,
        body: text ? (JSON.parse(text) as unknown) : undefined,
      })
      if (typeof data === 'function') return (data as (asked: string) => Response)(url.pathname + url.search)
      return new Response(JSON.stringify(data), { headers: { 'Content-Type': 'application/json' } })
    },
  }
  api.use(listening)
}

/** Mounts a component of a station with a hand that records what is asked and answers well, or refuses. */
export function seat(
  component: Component,
  props: Record<string, unknown>,
  refusal?: Problem,
  data: unknown = {},
) {
  const asked: Asked[] = []
  const problem = ref<Problem | undefined>(refusal)
  answer(asked, data)
  const hand = {
    project: ref(project()),
    problem,
    busy: ref(false),
    async change(call: (at: { path: { id: string }; query: { version: number } }) => Promise<unknown>) {
      await call({ path: { id: 'p' }, query: { version: 3 } })
      return problem.value === undefined
    },
  } as unknown as ProjectHand
  const wrapper = mount(component, {
    props,
    global: { provide: { [handKey as symbol]: hand, ...problemFor(problem) }, plugins: [VueQueryPlugin] },
  })
  return { wrapper, asked }
}

/** Runs what asks the server by queries, outside a component. */
export function inApp<T>(use: () => T): T {
  const app = createApp({})
  app.use(VueQueryPlugin)
  return app.runWithContext(use)
}

/** The field with this label. */
export function field(wrapper: ReturnType<typeof mount>, label: string) {
  const found = wrapper.findAll('label').find((l) => l.text().startsWith(label))
  if (!found) throw new Error(`No field is called “${label}”.`)
  const inside = found.find('input, select')
  return inside.exists() ? inside : wrapper.get(`[id="${found.attributes('for')}"]`)
}

export async function settle(wrapper: ReturnType<typeof mount>, label: string, text: string) {
  const input = field(wrapper, label)
  await input.setValue(text)
  await input.trigger('change')
}

export const button = (wrapper: ReturnType<typeof mount>, text: string) => {
  const found = wrapper
    .findAll('button')
    .find((b) => b.text().includes(text) || b.attributes('aria-label') === text)
  if (!found) throw new Error(`No button says “${text}”.`)
  return found
}
