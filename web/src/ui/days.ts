/** A day as it is read aloud; the year where it matters. */
export const inWords = (at: string) =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
