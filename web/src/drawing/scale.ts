import type { InjectionKey, Ref } from 'vue'

/** Pixels a millimetre of the table around; for labels and marks that keep their size. */
export const scaleKey: InjectionKey<Readonly<Ref<number>>> = Symbol('scale')
