import { chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQueries, useQueryClient } from '@tanstack/react-query'
import { v7 } from 'uuid'
import { allOf, answerOf, api, queries } from '../api'
import type { GroundArena, GroundRoom, GroundView, LessonGround, WantedGround, WantedThing } from '../api'
import { useText } from '../text'
import { Button, Card, CardTitle, Quiet, Trouble } from '../ui'
import { needsOf } from './needs'
import { nameAmong, settled } from './things'

interface LessonsCardProps {
  lessons: string[]
  room: GroundRoom
  arena: GroundArena
  wanted: WantedGround
  /** What it measures; undefined while that is being asked. */
  view: GroundView | undefined
  canKeep: boolean
  /** It is for no lesson any more. */
  onLeave: () => void
  onOpen: (ground: Pick<LessonGround, 'things'> & Partial<LessonGround>) => void
}

/** The lessons this ground is for: what they ride put together, what stands there opened, and this set-up kept for them. */
export function LessonsCard({
  lessons,
  room,
  arena,
  wanted,
  view,
  canKeep,
  onLeave,
  onOpen,
}: LessonsCardProps) {
  const { t } = useText()
  const client = useQueryClient()
  const asked = useQueries({ queries: lessons.map((id) => queries.plan(id)) })
  const failed = asked.find((q) => q.isError)
  // what is over keeps the ground it had
  const plans = asked.flatMap((q) => (q.data && q.data.lesson.endedAt === null ? [q.data] : []))
  const isAsking = asked.some((q) => q.isPending)
  const needs = plans.flatMap((p) => needsOf(p, v7, room, arena)).slice(0, room.mostThings)
  const stands = plans.find((p) => (p.ground?.things.length ?? 0) > 0)?.ground
  const merge = useMutation({
    mutationFn: () => answerOf(api.POST('/api/v1/ground/merged', { body: { arena: arena.id, needs } })),
    onSuccess: (merged) => onOpen({ things: merged.things.map((m) => m.thing) }),
  })
  const keep = useMutation({
    mutationFn: async () => {
      for (const { lesson, ground } of plans) {
        await answerOf(
          api.PUT('/api/v1/lessons/{id}/ground', {
            params: { path: { id: lesson.id } },
            body: {
              version: ground?.version ?? 0,
              arena: arena.id,
              pace: wanted.pace,
              variant: wanted.variant,
              things: settled(wanted.things, view),
            },
          }),
        )
      }
    },
    onSettled: () => client.invalidateQueries(allOf('plan')),
  })
  const hasThings = wanted.things.length > 0
  const names = plans.map((p) => p.lesson.horse).join(', ')
  const out = merge.data?.noRoom ?? []
  if (!isAsking && !failed && plans.length === 0) return null
  return (
    <Card>
      <CardTitle>{t('ground.lessons', { names, count: plans.length })}</CardTitle>
      <Flex gap="2" wrap="wrap" marginTop="2">
        {needs.length > 0 && (
          <Button disabled={merge.isPending || isAsking} onClick={() => merge.mutate()}>
            {t('ground.fromPlans', { count: plans.length })}
          </Button>
        )}
        {stands && <Button onClick={() => onOpen(stands)}>{t('ground.openTheirs')}</Button>}
        {canKeep && (hasThings || stands) && (
          <Button
            look={hasThings ? 'act' : 'plain'}
            disabled={keep.isPending || isAsking || (hasThings && !view)}
            onClick={() => keep.mutate()}
          >
            {t(hasThings ? 'ground.keepForLessons' : 'ground.clearForLessons', { names })}
          </Button>
        )}
      </Flex>
      <chakra.div role="status" marginTop="2">
        {keep.isSuccess && <Quiet>{t('ground.keptForLessons', { names })}</Quiet>}
        {merge.isSuccess && <Merged things={merge.data.things.map((m) => m.thing)} />}
        {out.map((m) => (
          <p key={m.thing.id}>
            {t('ground.noRoomFor', {
              thing: nameAmong(t, [m.thing], m.thing.id),
              horses: m.pairs
                .map((pair) => plans.find((p) => p.lesson.pair === pair)?.lesson.horse ?? '')
                .join(', '),
            })}
          </p>
        ))}
      </chakra.div>
      {(merge.isError || keep.isError) && <Trouble cause={merge.error ?? keep.error} />}
      {failed && <Trouble cause={failed.error} onAgain={() => void failed.refetch()} />}
      <Button look="bare" onClick={onLeave}>
        {t('ground.notForLessons')}
      </Button>
    </Card>
  )
}

/** Whether anything has to be moved in between. */
function Merged({ things }: { things: WantedThing[] }) {
  const { t } = useText()
  const isMoved = things.some((one) => one.laidS !== null || one.awayS !== null)
  return <p>{t(isMoved ? 'ground.somethingMoves' : 'ground.nothingMoves')}</p>
}
