import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { v7 } from 'uuid'
import { answerOf, api, queries } from '../api'
import type { SaidBack } from '../api'
import { useMe } from '../session'

/** What is said back under the comments of a lesson, and how something more is. */
export interface Words {
  said: SaidBack
  /** Left out for those who only read. */
  say?: (comment: string, text: string, id: string) => Promise<unknown>
}

/**
 * The words of a lesson's page. Undefined where nothing is shown, or where there is no network: then none can be said.
 * Whoever has them in view has read them.
 */
export function useWords(lesson: string): Words | undefined {
  const { actions } = useMe()
  const client = useQueryClient()
  const { data } = useQuery({ ...queries.words(lesson), refetchOnMount: 'always' })
  const params = { path: { id: lesson } }
  const { mutateAsync } = useMutation({
    mutationFn: ({ comment, text, id }: { comment: string; text: string; id: string }) =>
      answerOf(api.POST('/api/v1/lessons/{id}/words', { params, body: { id, comment, text } })),
    onSuccess: (next) => client.setQueryData(queries.words(lesson).queryKey, next),
  })
  const { mutate: markRead } = useMutation({
    mutationFn: () =>
      answerOf(api.POST('/api/v1/lessons/{id}/words/read', { params: { path: { id: lesson } } })),
    onSuccess: () =>
      Promise.all([
        client.invalidateQueries({ queryKey: queries.inbox().queryKey }),
        client.invalidateQueries({ queryKey: queries.riderPages().queryKey }),
      ]),
  })
  // a rider's reading is told to the coach, with or without words; the coach's only ends the line on Today
  const last = data?.words.at(-1)?.id
  const isToRead = data?.isShown === true && (actions.includes('PRACTISE') || last !== undefined)
  useEffect(() => {
    if (isToRead) markRead()
  }, [isToRead, last, markRead])
  if (!data?.isShown) return undefined
  return {
    said: data,
    ...(actions.includes('SAY_WORD') && {
      say: (comment: string, text: string, id: string) => mutateAsync({ comment, text, id }),
    }),
  }
}

/** A name for what is being written: sent twice, it is kept once. */
export const nameOfWord = () => v7()
