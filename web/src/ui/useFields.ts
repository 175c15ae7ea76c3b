import { reactive } from 'vue'

type Told = Record<string, unknown>

const copy = <T>(of: T): T => JSON.parse(JSON.stringify(of)) as T
const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
const isGroup = (of: unknown): of is Told => typeof of === 'object' && of !== null && !Array.isArray(of)

/** Takes over what is told now, but for what differs both from what was told before and from what was sent. */
function follow(fields: Told, before: Told, sent: Told | undefined, now: Told) {
  for (const [name, told] of Object.entries(now)) {
    const field = fields[name]
    const group = (of: unknown): Told => (isGroup(of) ? of : {})
    if (isGroup(told) && isGroup(field)) {
      follow(field, group(before[name]), sent && group(sent[name]), told)
    } else if (field === undefined || same(field, before[name]) || (sent && same(field, sent[name]))) {
      fields[name] = told
    }
  }
}

/**
 * Fields that show what the server told last, but for those that somebody wrote in since: what is written stays until it was sent, whatever
 * answers come in meanwhile.
 */
export function useFields<T extends object>(told: () => T) {
  const fields = reactive(copy(told())) as T
  let before = copy(told())
  let sent: T | undefined

  return {
    fields,
    /** What stands in the fields is on its way: what comes back takes its place. */
    sending: () => void (sent = copy(fields)),
    /** Something new was told. */
    follow() {
      const now = copy(told())
      follow(fields as Told, before as Told, sent as Told | undefined, copy(now) as Told)
      before = now
    },
    /** All is as told, as where another thing is shown. */
    begin() {
      before = copy(told())
      sent = undefined
      Object.assign(fields, copy(before))
    },
  }
}
