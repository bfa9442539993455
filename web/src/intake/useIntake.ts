import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answerOf, allOf, api, queries } from '../api'
import type { HorseIntake, Intake, PairIntake, RiderIntake } from '../api'

/** What one part of the intake is changed to. */
export type Change =
  | { part: 'horse'; version: number; horse: HorseIntake }
  | { part: 'rider'; version: number; rider: RiderIntake }
  | { part: 'together'; version: number; goal: string | null; together: PairIntake }

/** Saves one part of what is known of a pair. */
export function useIntake(pair: string) {
  const client = useQueryClient()
  const path = { params: { path: { id: pair } } }
  return useMutation({
    mutationFn: (change: Change): Promise<Intake> => {
      switch (change.part) {
        case 'horse':
          return answerOf(api.PUT('/api/v1/pairs/{id}/intake/horse', { ...path, body: change }))
        case 'rider':
          return answerOf(api.PUT('/api/v1/pairs/{id}/intake/rider', { ...path, body: change }))
        case 'together':
          return answerOf(api.PUT('/api/v1/pairs/{id}/intake/together', { ...path, body: change }))
      }
    },
    onSuccess: async (next) => {
      client.setQueryData(queries.intake(pair).queryKey, next)
      await client.invalidateQueries(queries.pair(pair))
      await client.invalidateQueries(allOf('known'))
    },
  })
}
