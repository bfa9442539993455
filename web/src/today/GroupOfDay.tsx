import { chakra, Flex } from '@chakra-ui/react'
import type { Me, TodaysLesson } from '../api'
import { useText } from '../text'
import { Guard, LinkButton } from '../ui'
import { LessonOfDay } from './LessonOfDay'

interface GroupOfDayProps {
  lessons: TodaysLesson[]
  timeZone: string
  actions: Me['actions']
}

/** The lessons that are ridden together, under one line; each keeps the thread of its own. */
export function GroupOfDay({ lessons, timeZone, actions }: GroupOfDayProps) {
  const { t } = useText()
  const next = lessons.find((l) => !l.lesson.endedAt)
  return (
    <chakra.li borderTopWidth="2px" borderColor="line" _last={{ borderBottomWidth: '2px' }}>
      <Flex
        align="center"
        justify="space-between"
        wrap="wrap"
        gap="2"
        borderLeftWidth="6px"
        borderColor="ink"
        paddingLeft="3"
        marginTop="4"
      >
        <chakra.h2 fontSize="lg" fontWeight="720">
          {t('group.title', { count: lessons.length })}
        </chakra.h2>
        <Flex gap="2" wrap="wrap">
          {next && actions.includes('SEE_PLAN') && (
            <LinkButton
              to={`/ground?${lessons.map((l) => `pair=${l.lesson.pair}&lesson=${l.lesson.id}`).join('&')}`}
            >
              {t('group.ground')}
            </LinkButton>
          )}
          {next && actions.includes('RECORD') && (
            <LinkButton to={`/lessons/${next.lesson.id}/ride`}>{t('group.ride')}</LinkButton>
          )}
        </Flex>
      </Flex>
      <chakra.ol
        listStyleType="none"
        borderLeftWidth="6px"
        borderColor="ink"
        paddingLeft="3"
        marginBottom="4"
        css={{
          '& > li:last-of-type': { borderBottomWidth: '0' },
          '& > li:first-of-type': { borderTopWidth: '0' },
        }}
      >
        {lessons.map((l) => (
          <Guard key={l.lesson.id}>
            <LessonOfDay today={l} timeZone={timeZone} actions={actions} />
          </Guard>
        ))}
      </chakra.ol>
    </chakra.li>
  )
}
