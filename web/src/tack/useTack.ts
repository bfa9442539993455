import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answerOf, api, queries } from '../api'
import type { TackPiece } from '../api'

/** A headgear that is not in the list. */
export const OTHER = 'other'

interface Change {
  id: string
  version: number
  piece: TackPiece
}

/** Changes a piece of a pair's tack, or adds one at version 0. */
export function useTack(pair: string, onDone?: () => void) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: ({ id, version, piece }: Change) =>
      answerOf(
        api.PUT('/api/v1/pairs/{id}/tack/{piece}', {
          params: { path: { id: pair, piece: id } },
          body: { version, piece },
        }),
      ),
    onSuccess: (next) => {
      client.setQueryData(queries.tack(pair).queryKey, next)
      onDone?.()
    },
  })
}
