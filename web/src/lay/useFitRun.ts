import { onScopeDispose, readonly, ref, shallowRef } from 'vue'
import { api, ProblemError, take, type Problem, type Schemas } from '../api/client'

/** A fitting run in the background: starts it, stops it, and follows it as the server tells. */
export function useFitRun(project: string, over: () => Promise<unknown>) {
  const progress = shallowRef<Schemas['FitEvent']>()
  const best = shallowRef<Schemas['LayView']>()
  const running = ref(false)
  const problem = ref<Problem>()
  let source: EventSource | undefined

  function follow() {
    source?.close()
    running.value = true
    source = new EventSource(`/api/projects/${project}/lay/runs/events`)
    source.addEventListener('progress', (e) => void told(JSON.parse((e as MessageEvent<string>).data)))
    source.onerror = () => void finish()
  }
  async function told(event: Schemas['FitEvent']) {
    progress.value = event
    if (event.lay) best.value = event.lay
    if (event.status !== 'waiting' && event.status !== 'running') await finish()
  }
  async function finish() {
    source?.close()
    source = undefined
    await over()
    running.value = false
    best.value = undefined
  }
  async function attempt(call: () => Promise<unknown>) {
    problem.value = undefined
    try {
      await call()
      return true
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e
      problem.value = e.problem
      return false
    }
  }
  const path = { id: project }
  async function start(seconds: number, sure = false) {
    progress.value = undefined
    if (
      await attempt(() =>
        take(api.POST('/api/projects/{id}/lay/runs', { params: { path }, body: { seconds, sure } })),
      )
    )
      follow()
  }
  const stop = () => attempt(() => take(api.DELETE('/api/projects/{id}/lay/runs', { params: { path } })))
  /** A run that was at work before this page was opened is followed too. */
  async function resume() {
    const latest = await take(api.GET('/api/projects/{id}/lay/runs/latest', { params: { path } })).catch(
      () => undefined,
    )
    if (latest?.running) follow()
  }
  onScopeDispose(() => source?.close())
  return { progress, best, running: readonly(running), problem, start, stop, resume }
}
