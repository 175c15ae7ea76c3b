import { ref, type Ref } from 'vue'
import { ProblemError, type Problem } from './client'

/** Something asked that may be refused: the refusal stays to be shown until the next asking. */
export function useAttempt() {
  const problem = ref<Problem>()
  const busy = ref(false)

  /** What came of it; undefined where it was refused. */
  async function attempt<T>(asking: () => Promise<T>): Promise<T | undefined> {
    busy.value = true
    problem.value = undefined
    try {
      return await asking()
    } catch (e) {
      if (!(e instanceof ProblemError)) throw e
      problem.value = e.problem
      return undefined
    } finally {
      busy.value = false
    }
  }
  return { problem, busy, attempt }
}

/** Sends what a field holds and empties it when that was taken: what was written while the answer was awaited stays. */
export async function sending(field: Ref<string>, ask: (text: string) => Promise<unknown>) {
  const text = field.value
  if ((await ask(text)) && field.value === text) field.value = ''
}
