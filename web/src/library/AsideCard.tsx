import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, queries } from '../api'
import type { Exercise } from '../api'
import { useMe } from '../session'
import { useText } from '../text'
import { Button, Card, CardTitle, Quiet, Trouble } from '../ui'
import { AsideFields, isSafe, NO_ASIDE } from './AsideFields'
import { AsideView } from './AsideView'

/** The coach's own picture, voice, line or link beside an exercise that ships: attached once, shown wherever it is used. */
export function AsideCard({ exercise: e }: { exercise: Exercise }) {
  const { t } = useText()
  const { actions } = useMe()
  const client = useQueryClient()
  const [said, setSaid] = useState(NO_ASIDE)
  const [isOpen, setOpen] = useState(false)
  const [fresh, setFresh] = useState<Record<string, string>>({})
  const save = useMutation({
    mutationFn: () =>
      answerOf(
        api.PUT('/api/v1/library/{exercise}/aside', {
          params: { path: { exercise: e.id } },
          body: { version: e.asideVersion, aside: said },
        }),
      ),
    onSuccess: async () => {
      await client.invalidateQueries(queries.exercise(e.id))
      setOpen(false)
    },
  })
  const canEdit = actions.includes('MAKE_EXERCISES')
  if (!canEdit && e.aside === null) return null
  return (
    <Card>
      <CardTitle>{t('own.aside')}</CardTitle>
      {isOpen ? (
        <>
          <AsideFields
            aside={said}
            onChange={setSaid}
            fresh={fresh}
            onFresh={(sha256, url) => setFresh((all) => ({ ...all, [sha256]: url }))}
          />
          {save.isError && <Trouble cause={save.error} />}
          <Button
            look="live"
            marginTop="3"
            marginRight="2"
            disabled={save.isPending || !isSafe(said)}
            onClick={() => save.mutate()}
          >
            {t('own.saveAside')}
          </Button>
          <Button onClick={() => setOpen(false)}>{t('own.leave')}</Button>
        </>
      ) : (
        <>
          {e.aside ? <AsideView aside={e.aside} /> : <Quiet>{t('own.asideLead')}</Quiet>}
          {canEdit && (
            <Button
              marginTop="3"
              onClick={() => {
                setSaid(e.aside ?? NO_ASIDE)
                setOpen(true)
              }}
            >
              {t(e.aside ? 'own.changeIt' : 'own.addAside')}
            </Button>
          )}
        </>
      )}
    </Card>
  )
}
