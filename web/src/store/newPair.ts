import { v7 } from 'uuid'
import { answerOf, api, BLANK_PAIR, Unreachable } from '../api'
import type { NewPair, School } from '../api'
import type { Shelf, StoredBlank } from './device'
import { lessonNow, unplanned } from './lessons'

/** Blanks are fetched anew after so long. */
const FRESH_MS = 12 * 3_600_000

/** Fetches what a first lesson needs in each of these schools, where it is not here or is old; stops where there is no network. */
export async function fetchBlanks(shelf: Shelf, schools: readonly School[]): Promise<void> {
  for (const school of schools) {
    const kept = await shelf.blanks.get(school)
    if (kept && Date.now() - kept.fetchedMs < FRESH_MS) continue
    try {
      const packet = await answerOf(api.GET('/api/v1/clinic/{school}', { params: { path: { school } } }))
      const fetchedMs = Date.now()
      await shelf.blanks.put({ school, packet, offsetMs: packet.serverMs - fetchedMs, fetchedMs })
    } catch {
      return
    }
  }
}

/** Which schools a pair can begin in without a network. */
export async function blankSchools(shelf: Shelf): Promise<School[]> {
  return (await shelf.blanks.toArray()).map((b) => b.school)
}

/** A rider and a horse that begin now. */
export interface Newcomers {
  rider: string
  horse: string
  school: School
}

/**
 * Two names, and their first lesson; its id. Without a network both are made here and joined to the yard once there is one. Fails with
 * {@link Unreachable} where this device has never fetched what their school needs.
 */
export async function beginPair(shelf: Shelf, { rider, horse, school }: Newcomers): Promise<string> {
  const body: NewPair = {
    ...BLANK_PAIR,
    rider,
    horse,
    school,
    id: v7(),
    newRiderId: v7(),
    newHorseId: v7(),
  }
  try {
    const { id } = await answerOf(api.POST('/api/v1/pairs', { body }))
    return await lessonNow(shelf, id)
  } catch (e) {
    const blank = e instanceof Unreachable && (await shelf.blanks.get(school))
    if (!blank) throw e
    const lesson = v7()
    await shelf.packets.add({ ...unplanned(named(blank, body), lesson), newPair: body })
    return lesson
  }
}

/** The blank with the names and ids of the two. */
function named({ packet, offsetMs }: StoredBlank, { id, newHorseId, rider, horse }: NewPair) {
  return {
    lesson: '',
    packet: {
      ...packet,
      lesson: { ...packet.lesson, pair: id ?? '', horseId: newHorseId ?? '', rider, horse },
    },
    offsetMs,
    arrival: 0,
  }
}
