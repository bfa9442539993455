import { Box, chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { queries } from '../api'
import type { ContactOfLesson } from '../api'
import { useMe } from '../session'
import { dayLongAt, timeOfDay, useText } from '../text'
import { Back, Button, Card, CardTitle, Quiet, Trouble, Wait } from '../ui'
import { AnswersCard } from './AnswersCard'
import { Beside } from './Beside'
import { BandForm } from './BandForm'
import { ImportCard } from './ImportCard'
import { RecordingCard } from './RecordingCard'
import { useContact } from './useContact'
import { useOnItsWay } from './useOnItsWay'

/** The moment: at the table, the sensor's file at hand. How heavy was it, in which rein, from where on? */
export default function ContactPage() {
  const { id = '' } = useParams()
  const contact = useQuery(queries.contact(id))
  if (contact.isPending) return <Wait />
  if (contact.isError) return <Trouble cause={contact.error} onAgain={() => void contact.refetch()} />
  return <Contact contact={contact.data} />
}

function Contact({ contact }: { contact: ContactOfLesson }) {
  const { t } = useText()
  const { timeZone, actions } = useMe()
  const { lesson, recordings, band } = contact
  const onItsWay = useOnItsWay(lesson.id)
  const begun = lesson.startedAt ?? lesson.plannedAt
  return (
    <Flex direction="column" gap={{ base: '4', md: '6' }}>
      <Box>
        <Back to={`/lessons/${lesson.id}/debrief`}>{t('measured.back')}</Back>
        <chakra.h1 fontSize={{ base: '3xl', md: '4xl' }} fontWeight="770">
          {t('measured.title', { horse: lesson.horse })}
        </chakra.h1>
        <Quiet>
          {lesson.rider} · {dayLongAt(begun, timeZone)}, {timeOfDay(begun, timeZone)}
        </Quiet>
      </Box>
      {onItsWay > 0 && (
        <chakra.p role="status" fontWeight="650">
          {t('measured.onItsWay', { count: onItsWay })}
        </chakra.p>
      )}
      {recordings.map((recording) => (
        <RecordingCard key={recording.id} lesson={lesson.id} recording={recording} band={band} />
      ))}
      <Beside contact={contact} />
      {recordings.some((r) => r.isWhole) && <AnswersCard lesson={lesson.id} />}
      <Flex direction={{ base: 'column', lg: 'row' }} gap={{ base: '4', md: '6' }} align={{ lg: 'start' }}>
        {actions.includes('RECORD') && (
          <ImportCard lesson={lesson} band={band} isFirst={recordings.length === 0} />
        )}
        <BandForm key={band?.version ?? 0} lesson={lesson} band={band} />
      </Flex>
      <TakenOut contact={contact} />
    </Flex>
  )
}

/** What was taken out of the lesson is put back with one touch. */
function TakenOut({ contact: { lesson, away } }: { contact: ContactOfLesson }) {
  const { t } = useText()
  const { actions } = useMe()
  const { change } = useContact(lesson.id)
  if (away.length === 0 || !actions.includes('RECORD')) return null
  return (
    <Card>
      <CardTitle>{t('measured.takenOut')}</CardTitle>
      {away.map(({ id, name, version, startedAt }) => (
        <Flex key={id} gap="3" align="center" wrap="wrap">
          <span>{name}</span>
          <Button
            disabled={change.isPending}
            onClick={() => change.mutate({ id, version, startedAt, isAway: false })}
          >
            {t('measured.putBack')}
          </Button>
        </Flex>
      ))}
    </Card>
  )
}
