import { v7 } from 'uuid'
import { queryOptions, useMutation, useQueries, useQueryClient } from '@tanstack/react-query'
import { answerOf, api, queries } from '../api'
import type { ContactOfLesson } from '../api'
import { chunkOf, minutesOf, readChunk } from '../reins'
import type { Samples } from '../reins'
import { isoOf } from '../text'
import { CLOSE_MS } from './source'
import type { Minute } from './source'

const HALF_MINUTE = 30_000

/** A recording that was read from a file, before it is sent. */
export interface ToSend {
  samples: Samples
  startedAt: Date
  name: string
}

/** What is done with the recordings of a lesson. */
export function useContact(lesson: string) {
  const known = useQueryClient()
  const keep = (view: ContactOfLesson) => known.setQueryData(queries.contact(lesson).queryKey, view)
  const send = useMutation({
    mutationFn: async ({
      samples,
      startedAt,
      name,
      onShare,
    }: ToSend & { onShare: (share: number) => void }) => {
      const id = v7()
      const minutes = minutesOf(samples)
      const { rateHz, jitterMs } = samples
      await answerOf(
        api.POST('/api/v1/lessons/{id}/recordings', {
          params: { path: { id: lesson } },
          body: { id, startedAt: isoOf(startedAt.getTime()), rateHz, minutes, name, jitterMs },
        }),
      )
      for (let place = 0; place < minutes; place++) {
        const content = await chunkOf(samples, place)
        await patiently(() =>
          answerOf(
            api.PUT('/api/v1/lessons/{id}/recordings/{recording}/chunks/{place}', {
              params: { path: { id: lesson, recording: id, place } },
              headers: { 'Content-Type': 'application/octet-stream' },
              body: content as unknown as string,
              bodySerializer: () => content as unknown as string,
              parseAs: 'text',
            }),
          ),
        )
        onShare((place + 1) / minutes)
      }
      return answerOf(
        api.PUT('/api/v1/lessons/{id}/recordings/{recording}/whole', {
          params: { path: { id: lesson, recording: id } },
        }),
      )
    },
    onSuccess: keep,
  })
  const change = useMutation({
    mutationFn: ({ id, ...body }: { id: string; version: number; startedAt: string; isAway: boolean }) =>
      answerOf(
        api.PUT('/api/v1/lessons/{id}/recordings/{recording}', {
          params: { path: { id: lesson, recording: id } },
          body,
        }),
      ),
    onSuccess: keep,
    onError: () => known.invalidateQueries(queries.contact(lesson)),
  })
  const aim = useMutation({
    mutationFn: ({ pair, ...body }: { pair: string; version: number; lowKg: number; highKg: number }) =>
      answerOf(api.PUT('/api/v1/pairs/{id}/contact-band', { params: { path: { id: pair } }, body })),
    onSettled: () => known.invalidateQueries(queries.contact(lesson)),
  })
  return { send, change, aim }
}

/** A minute that did not get through is tried again, as often as a network blinks. */
async function patiently<T>(ask: () => Promise<T>): Promise<T> {
  for (let tries = 0; ; tries++) {
    try {
      return await ask()
    } catch (cause) {
      if (tries === 2) throw cause
    }
  }
}

const minuteQuery = (lesson: string, recording: string, place: number) =>
  queryOptions({
    queryKey: ['minute', recording, place],
    staleTime: Infinity,
    gcTime: HALF_MINUTE,
    queryFn: async (): Promise<Minute> => {
      const answer = await answerOf(
        api.GET('/api/v1/lessons/{id}/recordings/{recording}/chunks/{place}', {
          params: { path: { id: lesson, recording, place } },
          parseAs: 'arrayBuffer',
        }),
      )
      return readChunk(new Uint8Array(answer))
    },
  })

/** The minutes of a recording that are seen, in full; none from further off. */
export function useMinutes(lesson: string, recording: string, fromS: number, toS: number) {
  const first = Math.floor(fromS / 60)
  const isClose = (toS - fromS) * 1000 <= CLOSE_MS
  const places = isClose ? Array.from({ length: Math.ceil(toS / 60) - first }, (_, i) => first + i) : []
  return useQueries({
    queries: places.map((place) => minuteQuery(lesson, recording, place)),
    combine: (all) => new Map(all.flatMap(({ data }, i) => (data ? [[places[i] ?? 0, data] as const] : []))),
  })
}
