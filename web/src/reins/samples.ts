/** Stands where a rein was not measured. */
export const GAP = -32_768

/** Readings are kept in hundredths of a kilogram. */
export const HUNDREDTHS = 100

/** Both reins, evenly apart, in hundredths of a kilogram. */
export interface Samples {
  rateHz: number
  left: Int16Array
  right: Int16Array
  /** How unevenly they came, standard deviation. */
  jitterMs: number
  /** What the clock of the file said at the first one, in seconds since midnight or since 1970; null without a clock. */
  clockS: number | null
}
