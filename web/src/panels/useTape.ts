import { computed, reactive, ref, watch } from 'vue'
import { api, take, type ProjectView, type Schemas } from '../api/client'
import { usePreview } from '../api/usePreview'
import { usePhoto } from './usePhoto'
import { workedOut } from '../drawing/workedOut'

export type Way = Schemas['TapedView']['way']
export type TapePoint = Schemas['TapePointView']
export type Shape = Schemas['ShapeView']['shape']

export const blank = (edge = ''): TapePoint => ({
  along: '',
  right: '',
  fromFirst: '',
  fromSecond: '',
  side: 'RIGHT',
  toNext: '',
  curve: false,
  edge,
  finish: 'RAW',
  depth: '',
})
const edgesOfFour = () => ['lower', 'right', 'upper', 'left'].map(blank)
const sidesOf = () => ({ lower: '', right: '', upper: '', left: '', rising: '', falling: '' })

/** A panel's figures as they are being typed, and what they draw, from the server after each entry. */
export function useTape(unit: () => ProjectView['unit'], project: () => string) {
  const form = reactive({
    way: 'SIDES' as Way,
    name: '',
    layer: 'SHELL' as NonNullable<Schemas['TapeRequest']['layer']>,
    apart: '',
    points: edgesOfFour(),
    checks: [] as Schemas['TapeCheckView'][],
    sides: sidesOf() as Record<string, string>,
    shape: 'TROUSER_FRONT' as Shape,
    measures: {} as Record<string, string>,
    from: '',
    /** How far a photo's outline may be off, as the trace told. */
    within: '',
    outline: undefined as unknown,
    proof: { what: 'width', taped: '', scale: false },
  })
  const photo = usePhoto(project)

  /** Another panel or another way begins: what was drawn of the one before is not shown for it. */
  const round = ref(0)
  function begin(taped?: Schemas['TapedView'], name = '') {
    form.way = taped?.way ?? 'SIDES'
    form.name = name
    form.layer = 'SHELL'
    form.apart = taped?.apart ?? ''
    form.points = taped ? taped.points.map((p) => ({ ...p })) : edgesOfFour()
    form.checks = taped ? taped.checks.map((c) => ({ ...c })) : []
    form.sides = { ...sidesOf(), ...(taped?.sides ?? {}) }
    form.shape = taped?.shape ?? form.shape
    form.measures = { ...(taped?.measures ?? {}) }
    form.from = taped?.drawn?.from ?? ''
    form.within = taped?.drawn?.within ?? ''
    form.outline = taped?.drawn?.outline
    form.proof = { what: 'width', taped: '', scale: false }
    round.value++
    photo.begin(taped?.way === 'PHOTO' ? form.from : undefined)
  }
  function goAbout(way: Way) {
    form.way = way
    form.points =
      way === 'SIDES'
        ? edgesOfFour()
        : way === 'BASELINE' || way === 'PINS'
          ? [blank(), blank(), blank()]
          : []
    form.outline = undefined
    form.from = ''
    form.within = ''
    round.value++
  }
  const insert = (after: number) => form.points.splice(after + 1, 0, blank())
  const remove = (at: number) => form.points.splice(at, 1)
  /** A point of a photo, in whole tenths of a millimetre: finer than any picture tells. */
  const placed = (x: number, y: number, curve = false): TapePoint => ({
    ...blank(),
    right: workedOut(Math.round(x * 10) / 10),
    along: workedOut(Math.round(y * 10) / 10),
    curve,
  })

  /** An outline of a file is taken up; its edges can be renamed. */
  function takeUp(found: Schemas['FoundView'], file: string) {
    form.from = file
    form.outline = found.outline
    form.points = found.edges.map((e) => blank(e.name))
    form.proof = { what: 'width', taped: '', scale: false }
  }

  const byEdges = computed(() => form.way === 'SIDES' || form.way === 'SHAPE' || form.way === 'FILE')
  /** Rows that were only begun by going on too far count for nothing. */
  const walked = computed(() =>
    form.points.filter((p) => byEdges.value || p.along || p.right || p.fromFirst || p.fromSecond),
  )
  const body = (): Schemas['TapeRequest'] => ({
    way: form.way,
    name: form.name,
    layer: form.layer,
    apart: form.apart,
    points: walked.value.map((p) => ({ ...p })),
    checks: form.checks.filter((c) => c.mm).map((c) => ({ ...c })),
    sides: { ...form.sides },
    ...(form.way === 'SHAPE' ? { shape: form.shape, measures: { ...form.measures } } : {}),
    ...(form.way === 'FILE' || form.way === 'PHOTO'
      ? {
          drawn: {
            from: form.way === 'PHOTO' ? (photo.photo.value?.id ?? form.from) : form.from,
            within: form.within,
            outline: form.outline as never,
            proof: { ...form.proof },
          },
        }
      : {}),
  })
  /** Nothing is asked before there are figures enough to draw anything. */
  const isEnough = computed(() => {
    if (form.way === 'SIDES') return ['lower', 'right', 'upper', 'left', 'rising'].every((s) => form.sides[s])
    if (form.way === 'SHAPE') return Object.values(form.measures).some((m) => m)
    if (form.way === 'FILE') return form.outline !== undefined && form.outline !== null
    return (
      walked.value.length >= 3 &&
      walked.value.every((p) =>
        form.way === 'PINS' ? form.apart && p.fromFirst && p.fromSecond : p.along && p.right,
      )
    )
  })
  const { made: drawn, problem } = usePreview(
    () => ['drawn', project(), round.value],
    () => (isEnough.value ? { unit: unit(), body: body() } : undefined),
    ({ unit, body }, signal) =>
      take(api.POST('/api/tape/draw', { params: { query: { unit } }, body, signal })),
  )
  // A ready shape has the edges it has; finishes are told for each.
  watch(drawn, (now) => {
    if (!now || form.way !== 'SHAPE') return
    if (now.edges.map((e) => e.name).join() !== form.points.map((p) => p.edge).join()) {
      form.points = now.edges.map((e) => blank(e.name))
    }
  })

  return {
    form,
    drawn,
    problem,
    photo,
    begin,
    goAbout,
    insert,
    remove,
    placed,
    takeUp,
    byEdges,
    body,
    isEnough,
  }
}

export type Tape = ReturnType<typeof useTape>
