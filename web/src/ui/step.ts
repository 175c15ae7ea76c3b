const GLYPHS: Record<string, number> = {
  '½': 0.5,
  '¼': 0.25,
  '¾': 0.75,
  '⅛': 0.125,
  '⅜': 0.375,
  '⅝': 0.625,
  '⅞': 0.875,
}
const MM = { mm: 1, cm: 10, m: 1000, in: 25.4 } as const

/** The amount before the unit as a number; undefined where it is none. */
function amount(text: string): number | undefined {
  const plain = text.replace(',', '.').replace('−', '-').trim()
  if (/^-?\d*\.?\d+$/.test(plain)) return Number(plain)
  const parts = plain.match(/^(-?\d+)?\s*(?:(\d+)\/(\d+)|([½¼¾⅛⅜⅝⅞]))$/)
  if (!parts) return undefined
  const rest = parts[4] ? (GLYPHS[parts[4]] ?? 0) : Number(parts[2]) / Number(parts[3])
  const whole = Number(parts[1] ?? 0)
  return whole < 0 ? whole - rest : whole + rest
}

/**
 * A length as typed, one small step more or less: a millimetre, or an eighth of an inch where inches were typed.
 * Text that is no plain length stays as it is.
 */
export function stepped(text: string, up: boolean, usual = 'CM'): string {
  const parts = text.trim().match(/^(.*?)\s*(mm|cm|m|in|")?$/)
  const value = amount(parts?.[1] ?? '')
  if (!parts || value === undefined) return text
  const typed = parts[2] === '"' ? 'in' : parts[2]
  const unit = (typed ?? (usual === 'INCH' ? 'in' : 'cm')) as keyof typeof MM
  const step = unit === 'in' ? 1 / 8 : 1 / MM[unit]
  const next = Math.round((value + (up ? step : -step)) * 1e6) / 1e6
  return `${next} ${unit}`
}
