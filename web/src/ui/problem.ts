import { computed, inject, onScopeDispose, provide, reactive, watch, type InjectionKey, type Ref } from 'vue'
import type { Problem } from '../api/client'

/** A refusal, and the fields beneath that can show it beside themselves. */
class Told {
  private readonly fields = reactive(new Map<string, number>())

  constructor(readonly problem: Readonly<Ref<Problem | undefined>>) {}

  /** Fields come and go; while one of this name is there, it takes what is said of it. */
  join(name: string) {
    this.fields.set(name, (this.fields.get(name) ?? 0) + 1)
  }
  leave(name: string) {
    this.fields.set(name, (this.fields.get(name) ?? 1) - 1)
  }
  isTaken(name: string | undefined) {
    return name !== undefined && (this.fields.get(name) ?? 0) > 0
  }
}

const key: InjectionKey<Told> = Symbol('the refusal at hand')

/** What the fields beneath may say: the refusal of what they belong to. */
export function provideProblem(problem: Readonly<Ref<Problem | undefined>>) {
  provide(key, new Told(problem))
}

/** For the tests of single components, which stand on no page. */
export const problemFor = (problem: Readonly<Ref<Problem | undefined>>) => ({
  [key as symbol]: new Told(problem),
})

/** What is wrong with the field of this name; nothing where all is well. */
export function useComplaint(name: () => string) {
  const told = inject(key, undefined)
  if (told) {
    watch(
      name,
      (now, before) => {
        if (before !== undefined) told.leave(before)
        told.join(now)
      },
      { immediate: true, flush: 'sync' },
    )
    onScopeDispose(() => told.leave(name()))
  }
  const problem = computed(() => told?.problem.value)
  return {
    problem,
    complaint: computed(() => (problem.value?.field === name() ? problem.value.detail : undefined)),
  }
}

/** What no field takes, of a refusal whose field begins with one of these; of any, where none is named. */
export function useUntold(of: () => readonly string[]) {
  const told = inject(key, undefined)
  return computed(() => {
    const problem = told?.problem.value
    const field = problem?.field
    if (!problem || told.isTaken(field)) return undefined
    const ours = of()
    return !ours.length || (field && ours.some((begin) => field.startsWith(begin)))
      ? problem.detail
      : undefined
  })
}
