import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Play } from 'lucide-react'
import { useNavigate } from 'react-router'
import { useText } from '../text'
import { Unreachable, queries } from '../api'
import { useMe } from '../session'
import { lessonNow, shelfOf } from '../store'
import { Button, Trouble } from '../ui'

interface RideNowKeyProps {
  pair: string
  /** Said on the key, where more than one pair can be ridden. */
  name?: string
}

/** A lesson that nobody planned: one touch, with or without a network. */
export function RideNowKey({ pair, name }: RideNowKeyProps) {
  const { t } = useText()
  const { person } = useMe()
  const client = useQueryClient()
  const navigate = useNavigate()
  const begin = useMutation({
    networkMode: 'always',
    mutationFn: () => lessonNow(shelfOf(person), pair),
    onSuccess: (lesson) => {
      void client.invalidateQueries(queries.today())
      void navigate(`/lessons/${lesson}/ride`)
    },
  })
  return (
    <>
      <Button
        look={name === undefined ? 'act' : 'plain'}
        disabled={begin.isPending}
        onClick={() => begin.mutate()}
      >
        <Play size={18} aria-hidden /> {name ?? t('ride.now')}
      </Button>
      {begin.error instanceof Unreachable ? (
        <p role="alert">{t('ride.pairNotHere')}</p>
      ) : (
        begin.isError && <Trouble cause={begin.error} />
      )}
    </>
  )
}
