import { ref } from 'vue'
import { api, take, type Schemas } from '../api/client'
import { useAttempt } from '../api/useAttempt'

export type Sheet = Schemas['PhotoView']['sheet']
export type Corner = { x: number; y: number }

/** A photo of a panel: taken, its sheet's corners corrected, brought square, the cloth's edge traced. */
export function usePhoto(project: () => string) {
  const photo = ref<Schemas['PhotoView']>()
  const corners = ref<Corner[]>([])
  const flat = ref<Schemas['FlatView']>()
  const why = ref('')
  const doubts = ref<string[]>([])
  const within = ref('')
  const sheet = ref<{ kind: Sheet; width: string; height: string }>({ kind: 'MARKER', width: '', height: '' })
  const tolerance = ref('1 mm')
  const { problem, busy, attempt } = useAttempt()

  function show(next: Schemas['PhotoView'] | undefined) {
    if (!next) return
    photo.value = next
    flat.value = undefined
    why.value = ''
    doubts.value = []
    within.value = ''
    sheet.value = { kind: next.sheet, width: next.sheetWidth, height: next.sheetHeight }
    const { width: w, height: h } = next
    // Not found: four corners to be put on the sheet by hand.
    corners.value = (
      next.corners.length === 4
        ? next.corners
        : [
            [w * 0.4, h * 0.6],
            [w * 0.6, h * 0.6],
            [w * 0.6, h * 0.4],
            [w * 0.4, h * 0.4],
          ]
    ).map((c) => ({ x: c[0] ?? 0, y: c[1] ?? 0 }))
  }
  async function begin(id?: string) {
    photo.value = undefined
    flat.value = undefined
    problem.value = undefined
    why.value = ''
    if (!id || !/^[0-9a-f-]{36}$/.test(id)) return
    // A project that came as a file has no photos with it: then there is just nothing behind the outline.
    show(
      await attempt(() =>
        take(
          api.GET('/api/projects/{id}/photos/{photo}', { params: { path: { id: project(), photo: id } } }),
        ),
      ),
    )
    problem.value = undefined
    if (photo.value) await trace()
  }
  async function upload(file: File) {
    const form = new FormData()
    form.append('photo', file)
    form.append('sheet', sheet.value.kind)
    form.append('width', sheet.value.width)
    form.append('height', sheet.value.height)
    show(
      await attempt(() =>
        take(
          api.POST('/api/projects/{id}/photos', {
            params: { path: { id: project() }, query: { sheet: sheet.value.kind } },
            body: form as never,
            bodySerializer: (f) => f as never,
          }),
        ),
      ),
    )
  }
  async function simulate(panel: string, tilt: number, table: string, striped: boolean) {
    show(
      await attempt(() =>
        take(
          api.POST('/api/projects/{id}/photos/simulated', {
            params: { path: { id: project() } },
            body: {
              panel,
              sheet: sheet.value.kind === 'OWN' ? 'MARKER' : sheet.value.kind,
              tilt,
              table,
              striped,
            },
          }),
        ),
      ),
    )
  }
  /** Points of the cloth's edge, where it is sure; else none, and why. */
  async function trace() {
    const id = photo.value?.id
    if (!id) return undefined
    const traced = await attempt(() =>
      take(
        api.POST('/api/projects/{id}/photos/{photo}/trace', {
          params: { path: { id: project(), photo: id } },
          body: {
            corners: corners.value.map((c) => [c.x, c.y]),
            sheet: sheet.value.kind,
            width: sheet.value.width,
            height: sheet.value.height,
            tolerance: tolerance.value,
          },
        }),
      ),
    )
    if (!traced) return undefined
    flat.value = traced.flat
    why.value = traced.why
    doubts.value = traced.doubts
    within.value = traced.within
    return traced.points
  }
  function moveCorner(i: number, to: Corner) {
    corners.value = corners.value.map((c, k) => (k === i ? to : c))
  }
  const address = (file: string) =>
    photo.value ? `/api/projects/${project()}/photos/${photo.value.id}/${file}` : ''

  return {
    photo,
    corners,
    flat,
    why,
    doubts,
    within,
    sheet,
    tolerance,
    problem,
    busy,
    begin,
    upload,
    simulate,
    trace,
    moveCorner,
    address,
  }
}

export type PhotoAtHand = ReturnType<typeof usePhoto>
