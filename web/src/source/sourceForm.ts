import { inject, provide, type InjectionKey } from 'vue'
import type { Schemas } from '../api/client'
import { useFields } from '../ui/useFields'

type Source = Schemas['SourceView'] | undefined
type Cloth = Schemas['Cloth']
type Stretch = { gauge: string; stretched: string; released: string }
const read = (source: Source, way: 'across' | 'along'): Stretch => {
  const of = (reading: string) => source?.clothTexts[`${way}.${reading}`] ?? ''
  return { gauge: of('gauge'), stretched: of('stretched'), released: of('released') }
}
const told = (s: Source) => ({
  kind: s?.kind ?? ('TROUSERS' as Schemas['SourceView']['kind']),
  texts: {
    name: s?.name ?? '',
    what: s?.what ?? '',
    condition: s?.condition ?? '',
    care: s?.care ?? '',
    cost: s?.cost ?? '',
  },
  cloth: {
    name: s?.cloth.name ?? '',
    fibre: s?.cloth.fibre ?? '',
    colour: s?.cloth.colour ?? '#7a6a55',
    thickness: s?.clothTexts.thickness ?? '1 mm',
  },
  weave: s?.cloth.weave ?? ('TWILL' as Cloth['weave']),
  heat: s?.cloth.heat ?? ('ONE_DOT' as Cloth['heat']),
  edge: s?.cloth.sheet.edge ?? ('UNTESTED' as Schemas['ClothSheet']['edge']),
  ticks: {
    oneWay: s?.cloth.oneWay ?? false,
    reversible: s?.cloth.reversible ?? false,
    slippery: s?.cloth.sheet.slippery ?? false,
    pinMarks: s?.cloth.sheet.pinMarks ?? false,
    neverFlatten: s?.cloth.sheet.neverFlatten ?? false,
    prettyInside: s?.cloth.sheet.prettyInside ?? false,
  },
  across: read(s, 'across'),
  along: read(s, 'along'),
  measures: Object.fromEntries((s?.measures ?? []).map((m) => [m.id, m.text])) as Record<string, string>,
  /** measures that nobody took yet: an average one's */
  proposed: [...(s?.proposed ?? [])],
})

export type SourceForm = ReturnType<typeof told>
const KEY: InjectionKey<SourceForm> = Symbol('the fields of a source')

/** The fields of a source, for the station and its sheets. */
export function provideSourceForm(source: () => Source) {
  const all = useFields(() => told(source()))
  provide(KEY, all.fields)
  return all
}

export function useSourceForm(): SourceForm {
  const form = inject(KEY)
  if (!form) throw new Error('A source’s sheet lies in its station.')
  return form
}
