/** What a sensor says while it is connected. */
export type SensorNews =
  /** Readings of its two channels, in hundredths of a kilogram; `first` counts from the first one since it was connected. */
  | { is: 'SAMPLES'; first: number; channels: [Int16Array, Int16Array] }
  | { is: 'STATE'; batteryPercent: number; signalPercent: number }
  /** It cannot be heard any more; to be connected anew. */
  | { is: 'LOST' }

/**
 * A device that measures two reins. One that is read over Bluetooth and the simulated one come in by the same door: whoever adds one
 * writes this and nothing else. Which channel is which rein no device knows.
 */
export interface ReinSensor {
  /** As the recording is named. */
  readonly name: string
  readonly isSimulated: boolean
  /**
   * From now on it is listened to.
   *
   * @returns readings a second, in [5, 250]
   * @throws when it cannot be reached
   */
  connect(hear: (news: SensorNews) => void): Promise<number>
  /** What both reins read now, hanging, is nothing from now on. */
  zero(): Promise<void>
  /** A simulated one has no rein to pull: it pretends that this rein was pulled. */
  pretendPull?(side: 'LEFT' | 'RIGHT'): void
  disconnect(): void
}
