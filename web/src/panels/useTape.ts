import { useDebounceFn } from '@vueuse/core'
import { computed, reactive, ref, watch } from 'vue'
import { api, ProblemError, take, type Problem, type ProjectView, type Schemas } from '../api/client'

export type Way = Schemas['TapedView']['way']
export type TapePoint = Schemas['TapePointView']

const blank = (edge = ''): TapePoint => ({
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
export function useTape(unit: () => ProjectView['unit']) {
  const form = reactive({
    way: 'SIDES' as Way,
    name: '',
    apart: '',
    points: edgesOfFour(),
    checks: [] as Schemas['TapeCheckView'][],
    sides: sidesOf() as Record<string, string>,
  })
  const drawn = ref<Schemas['DrawnView']>()
  const problem = ref<Problem>()

  function begin(taped?: Schemas['TapedView'], name = '') {
    form.way = taped?.way ?? 'SIDES'
    form.name = name
    form.apart = taped?.apart ?? ''
    form.points = taped ? taped.points.map((p) => ({ ...p })) : edgesOfFour()
    form.checks = taped ? taped.checks.map((c) => ({ ...c })) : []
    form.sides = { ...sidesOf(), ...(taped?.sides ?? {}) }
    drawn.value = undefined
    problem.value = undefined
    void draw()
  }
  function goAbout(way: Way) {
    form.way = way
    form.points = way === 'SIDES' ? edgesOfFour() : [blank(), blank(), blank()]
    drawn.value = undefined
    problem.value = undefined
  }
  const insert = (after: number) => form.points.splice(after + 1, 0, blank())
  const remove = (at: number) => form.points.splice(at, 1)

  /** Rows that were only begun by going on too far count for nothing. */
  const walked = computed(() =>
    form.points.filter((p) => form.way === 'SIDES' || p.along || p.right || p.fromFirst || p.fromSecond),
  )
  const body = (): Schemas['TapeRequest'] => ({
    way: form.way,
    name: form.name,
    apart: form.apart,
    points: walked.value.map((p) => ({ ...p })),
    checks: form.checks.filter((c) => c.mm).map((c) => ({ ...c })),
    sides: { ...form.sides },
  })
  /** Nothing is asked before there are figures enough to draw anything. */
  const isEnough = computed(() =>
    form.way === 'SIDES'
      ? ['lower', 'right', 'upper', 'left', 'rising'].every((s) => form.sides[s])
      : walked.value.length >= 3 &&
        walked.value.every((p) =>
          form.way === 'PINS' ? form.apart && p.fromFirst && p.fromSecond : p.along && p.right,
        ),
  )
  async function draw() {
    if (!isEnough.value) {
      drawn.value = undefined
      return
    }
    try {
      drawn.value = await take(
        api.POST('/api/tape/draw', { params: { query: { unit: unit() } }, body: body() }),
      )
      problem.value = undefined
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e
      problem.value = e.problem
    }
  }
  const drawSoon = useDebounceFn(draw, 250)
  watch(form, () => void drawSoon(), { deep: true })

  return { form, drawn, problem, begin, goAbout, insert, remove, body, isEnough, draw }
}

export type Tape = ReturnType<typeof useTape>
