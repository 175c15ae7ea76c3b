import createClient, { type Middleware } from 'openapi-fetch'
import { inHand } from './inHand'
import { KnownViews } from './known'
import type { components, paths } from './schema'

export type Schemas = components['schemas']
export type ProjectView = Schemas['ProjectView']

/** A refusal as the server tells it (RFC 9457), with the field it is about where there is one. */
export interface Problem {
  status: number
  title: string
  detail: string
  field?: string
}

const csrf: Middleware = {
  onRequest({ request }) {
    const token = readCookie('XSRF-TOKEN')
    if (token && request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', token)
    return request
  },
}

export function readCookie(name: string, cookies = document.cookie): string | undefined {
  const found = cookies.split('; ').find((c) => c.startsWith(name + '='))
  return found === undefined ? undefined : decodeURIComponent(found.slice(name.length + 1))
}

export const api = createClient<paths>({ baseUrl: window.location.origin })
export const known = new KnownViews()
api.use(csrf, inHand, known.middleware)

/** Any failure of a call as a problem that can be shown. */
export function toProblem(error: unknown, status: number): Problem {
  const told = (typeof error === 'object' && error !== null ? error : {}) as Partial<Problem>
  if (status === 401) {
    return { status, title: 'Signed out', detail: 'You are signed out. Sign in again; nothing was lost.' }
  }
  return {
    status,
    title: told.title ?? 'That did not work',
    detail: told.detail ?? 'The server gave no reason. Nothing was stored; please try again.',
    field: told.field,
  }
}

export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail)
  }
}

interface Answer<T> {
  data?: T
  error?: unknown
  response: Response
}

/** The data of an answer. @throws ProblemError with what the server said, or that it could not be reached */
export async function take<T>(call: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>
  try {
    answer = await call
  } catch {
    const detail = 'Hand Down cannot be reached. Is it still running? Nothing was stored.'
    throw new ProblemError({ status: 0, title: 'No answer', detail })
  }
  if (!answer.response.ok) throw new ProblemError(toProblem(answer.error, answer.response.status))
  return known.whole(answer.data as T, answer.response)
}
