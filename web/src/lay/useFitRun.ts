import { computed, onScopeDispose, readonly, ref, shallowRef } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { useAttempt } from '../api/useAttempt'

/** Tries of a lost connection before the page says so and stops waiting. */
const MOST_LOSSES = 20
const RETRY_MS = 3000

/**
 * A run in the background, laying or finding something out: starts it, stops it, and follows it as the server tells. A connection that is
 * lost is made again by the browser; whatever instance answers knows the run.
 */
export function useFitRun(project: string, over: () => Promise<unknown>) {
  const progress = shallowRef<Schemas['FitEvent']>()
  const best = shallowRef<Schemas['LayView']>()
  const help = shallowRef<Schemas['HelpView']>()
  const running = ref(false)
  const lost = ref(false)
  const { problem, attempt } = useAttempt()
  const path = { id: project }
  let source: EventSource | undefined
  let losses = 0
  let again: ReturnType<typeof setTimeout> | undefined

  const finding = computed(() => running.value && !!progress.value && progress.value.kind !== 'LAY')

  function follow() {
    running.value = true
    losses = 0
    listen()
  }
  function listen() {
    source?.close()
    source = new EventSource(`/api/projects/${project}/lay/runs/events`)
    source.addEventListener('progress', (e) => void told(JSON.parse((e as MessageEvent<string>).data)))
    source.onerror = () => {
      lost.value = true
      if (++losses > MOST_LOSSES) void finish()
      // A refusal, such as of a server whose database is away, ends the browser's own tries.
      else if (source?.readyState === EventSource.CLOSED) again = setTimeout(listen, RETRY_MS)
    }
  }
  async function told(event: Schemas['FitEvent']) {
    lost.value = false
    losses = 0
    progress.value = event
    if (event.lay) best.value = event.lay
    if (event.status !== 'waiting' && event.status !== 'running') await finish()
  }
  async function finish() {
    clearTimeout(again)
    source?.close()
    source = undefined
    await over()
    await reopen()
    running.value = false
    lost.value = false
    best.value = undefined
  }
  async function begin(call: () => Promise<unknown>) {
    progress.value = undefined
    await attempt(call)
    if (!problem.value) follow()
  }
  const start = (seconds: number, sure = false) =>
    begin(() => take(api.POST('/api/projects/{id}/lay/runs', { params: { path }, body: { seconds, sure } })))
  const whatHelps = (piece: string) =>
    begin(() => take(api.POST('/api/projects/{id}/lay/help/remedies', { params: { path }, body: { piece } })))
  const howLarge = (order: number, dimension: string) =>
    begin(() =>
      take(api.POST('/api/projects/{id}/lay/help/largest', { params: { path }, body: { order, dimension } })),
    )
  const howLittle = (width: string, cloth: Schemas['RoleView']['role'], printed: string) =>
    begin(() =>
      take(
        api.POST('/api/projects/{id}/lay/help/length', { params: { path }, body: { width, cloth, printed } }),
      ),
    )
  const stop = () => attempt(() => take(api.DELETE('/api/projects/{id}/lay/runs', { params: { path } })))
  const show = (index: number) =>
    take(api.GET('/api/projects/{id}/lay/help/{index}/lay', { params: { path: { ...path, index } } })).catch(
      () => undefined,
    )
  /** What was found out last, whenever that was. */
  async function reopen() {
    help.value = await take(api.GET('/api/projects/{id}/lay/help', { params: { path } })).catch(
      () => undefined,
    )
  }
  /** A run that was at work before this page was opened is followed too. */
  async function resume() {
    const latest = await take(api.GET('/api/projects/{id}/lay/runs/latest', { params: { path } })).catch(
      () => undefined,
    )
    if (latest?.running) follow()
    else await reopen()
  }
  onScopeDispose(() => {
    clearTimeout(again)
    source?.close()
  })
  return {
    progress,
    best,
    help,
    finding,
    lost: readonly(lost),
    running: readonly(running),
    problem,
    start,
    whatHelps,
    howLarge,
    howLittle,
    stop,
    show,
    reopen,
    resume,
  }
}
