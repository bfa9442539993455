import { useMutation, useQueryClient } from '@tanstack/react-query'
import { v7 } from 'uuid'
import { allOf, answerOf, api, queries } from '../api'
import type { Decision, Lesson } from '../api'

interface OwnDecision {
  rung: string
  chosen: Decision
  /** The advice that stood on the screen. */
  seen: Decision
  reason: string | null
}

/** Keeps what the coach chose on a rung. */
export function useDecide(lesson: Lesson) {
  return useKept(lesson, (said: OwnDecision) =>
    answerOf(
      api.POST('/api/v1/lessons/{id}/decisions', {
        params: { path: { id: lesson.id } },
        body: { id: v7(), ...said },
      }),
    ),
  )
}

/** Keeps that the coach goes with all of this advice: all of it, or none where some has changed. */
export function useAgree(lesson: Lesson) {
  return useKept(lesson, (rungs: { rung: string; seen: Decision }[]) =>
    answerOf(
      api.POST('/api/v1/lessons/{id}/decisions/agreed', {
        params: { path: { id: lesson.id } },
        body: { rungs: rungs.map((r) => ({ id: v7(), ...r })) },
      }),
    ),
  )
}

function useKept<T>(lesson: Lesson, keep: (said: T) => Promise<unknown>) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: keep,
    onSuccess: () =>
      Promise.all([
        client.invalidateQueries(queries.debrief(lesson.id)),
        client.invalidateQueries(queries.pair(lesson.pair)),
        client.invalidateQueries(queries.today()),
        client.invalidateQueries(allOf('pairs')),
      ]),
    // the advice may be another by now: show it
    onError: () => void client.invalidateQueries(queries.debrief(lesson.id)),
  })
}
