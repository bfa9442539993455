import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Film } from 'lucide-react'
import { useNavigate } from 'react-router'
import { v7 } from 'uuid'
import { answerOf, api, queries } from '../api'
import { useText } from '../text'
import { Button, Trouble } from '../ui'

/** So long is planned for looking at a video and answering it. */
const ON_VIDEO_MINUTES = 15

/** The rider sent a video that nobody asked for: a lesson that is held on it, now. */
export function VideoCameKey({ pair }: { pair: string }) {
  const { t } = useText()
  const client = useQueryClient()
  const navigate = useNavigate()
  const begin = useMutation({
    mutationFn: () =>
      answerOf(
        api.POST('/api/v1/lessons', {
          body: { id: v7(), pair, plannedAt: null, minutes: ON_VIDEO_MINUTES, isOnVideo: true },
        }),
      ),
    onSuccess: ({ id }) => {
      void client.invalidateQueries(queries.today())
      void navigate(`/lessons/${id}/clip`)
    },
  })
  return (
    <>
      <Button disabled={begin.isPending} onClick={() => begin.mutate()}>
        <Film size={18} aria-hidden /> {t('answer.videoCame')}
      </Button>
      {begin.isError && <Trouble cause={begin.error} />}
    </>
  )
}
