import { infiniteQueryOptions, queryOptions } from '@tanstack/react-query'
import { api } from './client'
import { answerOf } from './problem'
import type { WantedBlock, WantedGround } from './index'

/** Everything that is read under a key of this name, whatever else its key says. */
export const allOf = (name: keyof typeof queries | 'cards' | 'packet' | 'safety') => ({
  queryKey: [name] as const,
})

const path = (id: string) => ({ params: { path: { id } } })

/** What screens read of the server: how each is asked for, and under what key it stays known. */
export const queries = {
  today: () => queryOptions({ queryKey: ['today'], queryFn: () => answerOf(api.GET('/api/v1/today')) }),
  inbox: () => queryOptions({ queryKey: ['inbox'], queryFn: () => answerOf(api.GET('/api/v1/inbox')) }),

  library: () => queryOptions({ queryKey: ['library'], queryFn: () => answerOf(api.GET('/api/v1/library')) }),
  exercise: (exercise: string) =>
    queryOptions({
      queryKey: ['exercise', exercise],
      queryFn: () => answerOf(api.GET('/api/v1/library/{exercise}', { params: { path: { exercise } } })),
    }),

  own: () => queryOptions({ queryKey: ['own'], queryFn: () => answerOf(api.GET('/api/v1/library/own')) }),
  versions: (exercise: string) =>
    queryOptions({
      queryKey: ['versions', exercise],
      queryFn: () =>
        answerOf(api.GET('/api/v1/library/own/{exercise}/versions', { params: { path: { exercise } } })),
    }),

  debrief: (lesson: string) =>
    queryOptions({
      queryKey: ['debrief', lesson],
      queryFn: () => answerOf(api.GET('/api/v1/lessons/{id}/debrief', path(lesson))),
    }),
  plait: (lesson: string) =>
    queryOptions({
      queryKey: ['plait', lesson],
      queryFn: () => answerOf(api.GET('/api/v1/lessons/{id}/plait', path(lesson))),
    }),
  contact: (lesson: string) =>
    queryOptions({
      queryKey: ['contact', lesson],
      queryFn: () => answerOf(api.GET('/api/v1/lessons/{id}/contact', path(lesson))),
    }),
  contactAnswers: (lesson: string) =>
    queryOptions({
      queryKey: ['contact', lesson, 'answers'],
      queryFn: () => answerOf(api.GET('/api/v1/lessons/{id}/contact/answers', path(lesson))),
    }),
  contactBeside: (lesson: string, earlier: string) =>
    queryOptions({
      queryKey: ['contact', lesson, earlier],
      queryFn: () =>
        answerOf(
          api.GET('/api/v1/lessons/{id}/contact/beside/{earlier}', {
            params: { path: { id: lesson, earlier } },
          }),
        ),
    }),
  homework: (lesson: string) =>
    queryOptions({
      queryKey: ['homework', lesson],
      queryFn: () => answerOf(api.GET('/api/v1/lessons/{id}/homework', path(lesson))),
    }),
  look: (lesson: string) =>
    queryOptions({
      queryKey: ['look', lesson],
      queryFn: () => answerOf(api.GET('/api/v1/lessons/{id}/look', path(lesson))),
    }),
  origins: (lesson: string) =>
    queryOptions({
      queryKey: ['origins', lesson],
      queryFn: () => answerOf(api.GET('/api/v1/lessons/{id}/origins', path(lesson))),
    }),
  planStarts: (lesson: string) =>
    queryOptions({
      queryKey: ['planStarts', lesson],
      queryFn: () => answerOf(api.GET('/api/v1/lessons/{id}/plan/starts', path(lesson))),
    }),
  /** Read, though it is asked with a body: what would be said of these blocks. */
  planTrial: (lesson: string, blocks: WantedBlock[]) =>
    queryOptions({
      queryKey: ['planTrial', lesson, blocks],
      queryFn: () =>
        answerOf(api.POST('/api/v1/lessons/{id}/plan/trial', { ...path(lesson), body: { blocks } })),
      staleTime: Infinity,
    }),
  plan: (lesson: string) =>
    queryOptions({
      queryKey: ['plan', lesson],
      queryFn: () => answerOf(api.GET('/api/v1/lessons/{id}/plan', path(lesson))),
    }),

  pairs: () =>
    infiniteQueryOptions({
      queryKey: ['pairs'],
      queryFn: ({ pageParam }) =>
        answerOf(api.GET('/api/v1/pairs', { params: { query: { after: pageParam } } })),
      initialPageParam: undefined as string | undefined,
      getNextPageParam: (last) => last.next ?? undefined,
    }),
  names: () => queryOptions({ queryKey: ['names'], queryFn: () => answerOf(api.GET('/api/v1/pairs/names')) }),
  pair: (pair: string) =>
    queryOptions({
      queryKey: ['pair', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}', path(pair))),
    }),
  facts: (pair: string) =>
    queryOptions({
      queryKey: ['facts', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/facts', path(pair))),
    }),
  photos: (pair: string) =>
    queryOptions({
      queryKey: ['photos', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/photos', path(pair))),
    }),
  known: (pair: string) =>
    queryOptions({
      queryKey: ['known', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/known', path(pair))),
    }),
  intake: (pair: string) =>
    queryOptions({
      queryKey: ['intake', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/intake', path(pair))),
    }),
  tack: (pair: string) =>
    queryOptions({
      queryKey: ['tack', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/tack', path(pair))),
    }),
  cues: (pair: string) =>
    queryOptions({
      queryKey: ['cues', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/cues', path(pair))),
    }),
  painCounts: (pair: string) =>
    queryOptions({
      queryKey: ['pain-counts', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/pain-counts', path(pair))),
    }),
  attention: () =>
    queryOptions({
      queryKey: ['attention'],
      queryFn: () => answerOf(api.GET('/api/v1/attention')),
      retry: false,
    }),
  mirror: () => queryOptions({ queryKey: ['mirror'], queryFn: () => answerOf(api.GET('/api/v1/mirror')) }),
  forRider: (lesson: string) =>
    queryOptions({
      queryKey: ['forRider', lesson],
      queryFn: () => answerOf(api.GET('/api/v1/lessons/{id}/for-rider', path(lesson))),
    }),
  words: (lesson: string) =>
    queryOptions({
      queryKey: ['words', lesson],
      queryFn: () => answerOf(api.GET('/api/v1/lessons/{id}/words', path(lesson))),
      retry: false,
    }),
  riderPages: () =>
    queryOptions({
      queryKey: ['riderPages'],
      queryFn: () => answerOf(api.GET('/api/v1/for-rider')),
      retry: false,
    }),
  history: (pair: string, rung: string | undefined) =>
    queryOptions({
      queryKey: ['history', pair, rung],
      queryFn: () =>
        answerOf(
          api.GET('/api/v1/pairs/{id}/history', {
            params: { path: { id: pair }, query: rung ? { rung } : {} },
          }),
        ),
    }),
  lags: (pair: string) =>
    queryOptions({
      queryKey: ['lags', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/footfalls', path(pair))),
      retry: false,
    }),
  compared: (pair: string, one: string, other: string) =>
    queryOptions({
      queryKey: ['compared', pair, one, other],
      queryFn: () =>
        answerOf(
          api.GET('/api/v1/pairs/{id}/compared', { params: { path: { id: pair }, query: { one, other } } }),
        ),
    }),
  aids: (pair: string) =>
    queryOptions({
      queryKey: ['aids', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/aids', path(pair))),
    }),
  strides: (pair: string) =>
    queryOptions({
      queryKey: ['strides', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/strides', path(pair))),
    }),
  ground: () => queryOptions({ queryKey: ['ground'], queryFn: () => answerOf(api.GET('/api/v1/ground')) }),
  /** Read, though it is asked with a body: what these things measure, for these horses. */
  measures: (wanted: WantedGround) =>
    queryOptions({
      queryKey: ['measures', wanted],
      queryFn: () => answerOf(api.POST('/api/v1/ground/measures', { body: wanted })),
      staleTime: 60_000,
    }),
  work: (pair: string) =>
    queryOptions({
      queryKey: ['work', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/work', path(pair))),
    }),
  watch: (pair: string) =>
    queryOptions({
      queryKey: ['watch', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/watch', path(pair))),
    }),
  school: (pair: string) =>
    queryOptions({
      queryKey: ['school', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/school', path(pair))),
    }),
  people: (pair: string) =>
    queryOptions({
      queryKey: ['people', pair],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/people', path(pair))),
    }),
  voiceConsent: (pair: string) =>
    queryOptions({
      queryKey: ['consent', pair, 'voice'],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/voice-consent', path(pair))),
    }),
  pictureConsent: (pair: string) =>
    queryOptions({
      queryKey: ['consent', pair, 'pictures'],
      queryFn: () => answerOf(api.GET('/api/v1/pairs/{id}/picture-consent', path(pair))),
    }),
  attachments: () =>
    queryOptions({
      queryKey: ['attachments'],
      queryFn: () => answerOf(api.GET('/api/v1/attachments')),
    }),
  /** @param from where the first page that came with the pair ends; null when it was the last */
  lessons: (pair: string, from: string | null) =>
    infiniteQueryOptions({
      queryKey: ['lessons', pair, from],
      queryFn: ({ pageParam }) =>
        answerOf(
          api.GET('/api/v1/pairs/{id}/lessons', {
            params: { path: { id: pair }, query: { after: pageParam } },
          }),
        ),
      initialPageParam: from ?? undefined,
      getNextPageParam: (last) => last.next ?? undefined,
    }),
  /** @param from where the first page that came with the pair ends; null when it was the last */
  decisions: (pair: string, from: string | null) =>
    infiniteQueryOptions({
      queryKey: ['decisions', pair, from],
      queryFn: ({ pageParam }) =>
        answerOf(
          api.GET('/api/v1/pairs/{id}/decisions', {
            params: { path: { id: pair }, query: { after: pageParam } },
          }),
        ),
      initialPageParam: from ?? undefined,
      getNextPageParam: (last) => last.next ?? undefined,
    }),
  invited: (token: string) =>
    queryOptions({
      queryKey: ['invited', token],
      queryFn: () => answerOf(api.POST('/api/v1/invited', { body: { token } })),
      retry: false,
      staleTime: Infinity,
    }),
}
