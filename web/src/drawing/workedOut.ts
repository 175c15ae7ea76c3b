/**
 * A length that was pointed at or worked out, as the text of a field: its narrow space marks it as nobody's words, so that it is shown in the
 * household's unit.
 */
export const workedOut = (mm: number) => `${mm}\u202fmm`
