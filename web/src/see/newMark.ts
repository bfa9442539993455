import type { Mark } from '../record'

/** A mark to be written, without what it hangs on. */
export type NewMark = Mark extends infer M ? (M extends Mark ? Omit<M, 'segment'> : never) : never
