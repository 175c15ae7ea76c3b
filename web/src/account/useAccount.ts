import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, known, readCookie, take, type Schemas } from '../api/client'

export const accountKey = ['account'] as const

/** Who is signed in, and which ways in there are. */
export function useAccount() {
  const query = useQuery({ queryKey: accountKey, queryFn: () => take(api.GET('/api/account')) })
  return { account: computed(() => query.data.value), failed: query.isError }
}

/** What the household thinks in, where no project and no person says. */
export function useUnit() {
  const { account } = useAccount()
  return computed(() => account.value?.unit ?? 'CM')
}

/** The ways in and out; each refreshes what is known of the account. */
export function useWaysIn() {
  const queries = useQueryClient()
  const refresh = () => {
    known.forget()
    return queries.resetQueries()
  }

  async function demo() {
    await take(api.POST('/api/account/demo'))
    await refresh()
  }
  async function owner(body: Schemas['NewOwner']) {
    await take(api.POST('/api/account/owner', { body }))
    await refresh()
  }
  /** Returns false when name or password is wrong. */
  async function signIn(login: string, password: string): Promise<boolean> {
    const response = await post('/api/sign-in', new URLSearchParams({ username: login, password }))
    if (response.ok) await refresh()
    return response.ok
  }
  async function signOut() {
    await post('/api/sign-out', new URLSearchParams())
    await refresh()
  }
  return { demo, owner, signIn, signOut }
}

function post(path: string, body: URLSearchParams): Promise<Response> {
  return fetch(path, { method: 'POST', body, headers: { 'X-XSRF-TOKEN': readCookie('XSRF-TOKEN') ?? '' } })
}
