import { useMutation, useQueryClient } from '@tanstack/react-query'
import { v7 } from 'uuid'
import { answerOf, api, queries } from '../api'
import type { HorsePhoto, Photos } from '../api'
import { resized } from '../capture'
import { digestOf, sendPhoto } from '../store'

/** Where a photo is read from. */
export const photoAt = (pair: string, photo: HorsePhoto) => `/api/v1/pairs/${pair}/photos/${photo.sha256}`

/** Keeps a new photo of this side, made smaller, and puts one away or back. */
export function usePhotos(pair: string) {
  const client = useQueryClient()
  const shown = (next: Photos) => client.setQueryData(queries.photos(pair).queryKey, next)
  const add = useMutation({
    mutationFn: async ({
      picture,
      view,
      takenOn,
    }: {
      picture: Blob
      view: HorsePhoto['view']
      takenOn: string
    }) => {
      const content = await resized(picture)
      return sendPhoto({ id: v7(), sha256: await digestOf(content), pair, view, takenOn, content })
    },
    onSuccess: shown,
  })
  const putAway = useMutation({
    mutationFn: ({ sha256, isPutAway }: { sha256: string; isPutAway: boolean }) =>
      answerOf(
        api.PUT('/api/v1/pairs/{id}/photos/{sha256}/away', {
          params: { path: { id: pair, sha256 } },
          body: { isPutAway },
        }),
      ),
    onSuccess: shown,
  })
  return { add, putAway }
}
