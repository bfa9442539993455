import { useMutation, useQueryClient } from '@tanstack/react-query'
import { allOf, answerOf, api } from '../api'
import type { Aside, OwnForm } from '../api'

interface Save {
  id: string
  /** The version that was changed; 0 for a new one. */
  version: number
  form: OwnForm
  isPutAway?: boolean
  /** What is shown beside it from now on; left as it is where this is missing. */
  aside?: Aside
  asideVersion?: number
  before?: Aside | null
}

/** Saves an exercise of one's own and what is shown beside it; whatever shows exercises asks again. */
export function useSaveOwn(onSaved: (id: string) => void) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: async ({ id, version, form, isPutAway = false, aside, asideVersion = 0, before }: Save) => {
      await answerOf(
        api.PUT('/api/v1/library/own/{exercise}', {
          params: { path: { exercise: id } },
          body: { version, isPutAway, exercise: tidy(form) },
        }),
      )
      if (aside && !isSame(aside, before ?? null)) {
        await answerOf(
          api.PUT('/api/v1/library/{exercise}/aside', {
            params: { path: { exercise: id } },
            body: { version: asideVersion, aside },
          }),
        )
      }
      return id
    },
    onSuccess: async (id) => {
      await Promise.all(
        (['library', 'exercise', 'own', 'versions', 'pair', 'plan', 'homework', 'packet'] as const).map(
          (name) => client.invalidateQueries(allOf(name)),
        ),
      )
      onSaved(id)
    },
  })
}

function tidy(form: OwnForm): OwnForm {
  return { ...form, name: form.name.trim(), feel: form.feel.trim() }
}

/** Nothing beside an exercise, said in either way. */
function isSame(a: Aside, b: Aside | null): boolean {
  return (['note', 'link', 'picture', 'sound'] as const).every((part) => a[part] === (b?.[part] ?? null))
}
