import type { PlaitOfLesson } from '../api'

type Plait = NonNullable<PlaitOfLesson['plait']>

/** Of two chosen kinds; undefined where fewer are chosen, or where these two cannot meet. */
export function meetingOf(plait: Plait, chosen: number[]): Plait['meetings'][number] | undefined {
  const [one, other] = chosen.toSorted((a, b) => a - b)
  return other === undefined ? undefined : plait.meetings.find((m) => m.one === one && m.other === other)
}
