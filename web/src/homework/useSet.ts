import { useMutation, useQueryClient } from '@tanstack/react-query'
import { v7 } from 'uuid'
import { answerOf, api, queries } from '../api'

/** What is set beside what was drafted: a rung of the coach's own making, or a programme. */
export type OwnWish = { is: 'rung'; rung: string } | { is: 'programme'; progression: string }

/** Sets homework after a lesson; the answer is how the homework stands then. */
export function useSet(lesson: string) {
  const client = useQueryClient()
  const params = { params: { path: { id: lesson } } }
  return useMutation({
    mutationFn: ({ wish, daysAWeek }: { wish: OwnWish; daysAWeek: number }) =>
      answerOf(
        wish.is === 'rung'
          ? api.POST('/api/v1/lessons/{id}/homework', {
              ...params,
              body: { id: v7(), rung: wish.rung, daysAWeek },
            })
          : api.POST('/api/v1/lessons/{id}/programmes', {
              ...params,
              body: { id: v7(), progression: wish.progression, daysAWeek },
            }),
      ),
    onSuccess: (next) => {
      client.setQueryData(queries.homework(lesson).queryKey, next)
      void client.invalidateQueries(queries.inbox())
    },
  })
}
