import type { Middleware } from 'openapi-fetch'
import type { components } from './schema'

type ProjectView = components['schemas']['ProjectView']

/** A view as it is sent to somebody who holds an earlier one: the parts named here are as in that one. */
type Sent = ProjectView & { same?: (keyof ProjectView)[] }

interface Held {
  mark: string
  view: ProjectView
}

const HEADER = 'X-Known'
const PROJECT = /\/api\/(?:projects|.*\/(?:copy-to|from))\/([0-9a-f-]{36})/

/**
 * Views of projects as they were last received: each has a mark, and a request that names the mark of what is held here is
 * answered with the parts that differ from it alone.
 */
export class KnownViews {
  private readonly last = new Map<string, Held>()
  private readonly bases = new WeakMap<Request | Response, Held>()

  readonly middleware: Middleware = {
    onRequest: ({ request }) => {
      const base = this.last.get(PROJECT.exec(request.url)?.[1] ?? '')
      if (base) {
        request.headers.set(HEADER, base.mark)
        this.bases.set(request, base)
      }
      return request
    },
    onResponse: ({ request, response }) => {
      const base = this.bases.get(request)
      if (base) this.bases.set(response, base)
      return undefined
    },
  }

  /** The whole of what was received, which is remembered; anything but a view of a project is as it is. */
  whole<T>(data: T, response: Response): T {
    const mark = response.headers.get(HEADER)
    if (!mark) return data
    const { same, ...sent } = data as Sent
    const base = this.bases.get(response)
    const view: ProjectView = { ...sent }
    if (same && base) {
      for (const part of same) Object.assign(view, { [part]: base.view[part] })
    }
    this.last.set(view.id, { mark, view })
    return view as T
  }

  /** Nothing is held any more, as when somebody else signs in. */
  forget(): void {
    this.last.clear()
  }
}
