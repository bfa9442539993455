import { chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Users } from 'lucide-react'
import { useState } from 'react'
import { v7 } from 'uuid'
import { answerOf, api, queries } from '../api'
import type { TodaysLesson } from '../api'
import { timeOfDay, useText } from '../text'
import { Button, Card, CardTitle, Quiet, Trouble } from '../ui'

interface TogetherCardProps {
  /** Of today, those that are not over. */
  lessons: TodaysLesson[]
  timeZone: string
}

/** Puts lessons of the day into a group, and takes them out of it: each by a touch, taken back by another one. */
export function TogetherCard({ lessons, timeZone }: TogetherCardProps) {
  const { t } = useText()
  const [open, setOpen] = useState<string>()
  if (lessons.length < 2) return null
  const groups = [...new Set(lessons.flatMap((l) => l.lesson.group?.id ?? []))]
  const horses = (group: string) =>
    lessons.filter((l) => l.lesson.group?.id === group).map((l) => l.lesson.horse)
  const alone = lessons.filter((l) => l.lesson.group === null)
  if (open === undefined)
    return (
      <Flex gap="2" wrap="wrap" marginBottom="8">
        {groups.map((group) => (
          <Button key={group} onClick={() => setOpen(group)}>
            <Users size={20} aria-hidden /> {t('group.change', { names: horses(group).join(', ') })}
          </Button>
        ))}
        {alone.length > 1 && (
          <Button onClick={() => setOpen(v7())}>
            <Users size={20} aria-hidden /> {t('group.put')}
          </Button>
        )}
      </Flex>
    )
  return (
    <Card marginBottom="8">
      <CardTitle>{t('group.together')}</CardTitle>
      <Quiet marginBottom="3">{t('group.togetherLead')}</Quiet>
      <Ticks lessons={lessons} timeZone={timeZone} group={open} />
      <Button marginTop="3" onClick={() => setOpen(undefined)}>
        {t('group.done')}
      </Button>
    </Card>
  )
}

function Ticks({ lessons, timeZone, group }: TogetherCardProps & { group: string }) {
  const { t } = useText()
  const client = useQueryClient()
  // one that is ticked alone is in no group yet: what was ticked is remembered here
  const [inIt, setInIt] = useState(
    () => new Set(lessons.filter((l) => l.lesson.group?.id === group).map((l) => l.lesson.id)),
  )
  const put = useMutation({
    mutationFn: ({ lesson, isIn }: { lesson: string; isIn: boolean }) =>
      answerOf(
        api.PUT('/api/v1/lessons/{id}/group', {
          params: { path: { id: lesson } },
          body: { group: isIn ? group : null },
        }),
      ),
    onSuccess: (_, { lesson, isIn }) => {
      setInIt((now) => {
        const next = new Set(now)
        if (isIn) next.add(lesson)
        else next.delete(lesson)
        return next
      })
      return client.invalidateQueries(queries.today())
    },
  })
  return (
    <>
      <Flex as="ul" direction="column" gap="1.5" listStyleType="none">
        {lessons.map(({ lesson }) => (
          <li key={lesson.id}>
            <Button
              look="key"
              width="100%"
              justifyContent="flex-start"
              gap="3"
              aria-pressed={inIt.has(lesson.id)}
              disabled={put.isPending}
              onClick={() => put.mutate({ lesson: lesson.id, isIn: !inIt.has(lesson.id) })}
            >
              <chakra.span fontVariantNumeric="tabular-nums">
                {timeOfDay(lesson.plannedAt, timeZone)}
              </chakra.span>
              {lesson.horse} {t('pair.and')} {lesson.rider}
            </Button>
          </li>
        ))}
      </Flex>
      {put.isError && <Trouble cause={put.error} />}
    </>
  )
}
