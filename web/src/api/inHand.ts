import type { Middleware } from 'openapi-fetch'
import { reactive } from 'vue'

const PROJECT = /\/api\/projects\/([0-9a-f-]{36})/
const marks = reactive(new Map<string, string>())

/** Which source of a project is in hand, by its mark; empty for the project's own. */
export const inHandOf = (project: string): string => marks.get(project) ?? ''

export function takeInHand(project: string, mark: string): void {
  if (mark) marks.set(project, mark)
  else marks.delete(project)
}

/** Whatever is asked of a project is asked with the source that is in hand, unless it says itself of which. */
export const inHand: Middleware = {
  onRequest({ request }) {
    const mark = inHandOf(PROJECT.exec(request.url)?.[1] ?? '')
    if (mark) request.headers.set('X-In-Hand', mark)
    return request
  },
}
