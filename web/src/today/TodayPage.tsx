import { Box, chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { Unreachable, queries, untilLeaving } from '../api'
import { Inbox } from '../homework'
import { Paused } from '../safety'
import { useMe } from '../session'
import { fetchAhead, fetchBlanks, fetchGhosts, shelfOf } from '../store'
import { dayLong, useText } from '../text'
import { AboutTallies, Guard, Trouble, Wait } from '../ui'
import { SCHOOLS } from '../record'
import { AddLesson } from './AddLesson'
import { grouped } from './grouped'
import { GroupOfDay } from './GroupOfDay'
import { NewcomersKey } from './NewcomersKey'
import { LessonOfDay } from './LessonOfDay'
import { LoadOfDay } from './LoadOfDay'
import { TogetherCard } from './TogetherCard'
import { WithoutNetwork } from './WithoutNetwork'
import { YardLines } from './YardLines'

/** The moment: coffee, before the first horse. What is on today, and what each pair is working on. */
export default function TodayPage() {
  const { t } = useText()
  const me = useMe()
  const today = useQuery({
    ...queries.today(),
    // without a network it says so at once, and what this device has is shown
    networkMode: 'always',
    retry: false,
    refetchOnReconnect: true,
  })
  const records = me.actions.includes('RECORD')
  const open = today.data?.lessons.filter((l) => !l.lesson.endedAt).map((l) => l.lesson.id) ?? []
  const toRide = open.join()
  const takesPhotos = me.actions.includes('EDIT_PAIR')
  const pairs = [...new Set(today.data?.lessons.map((l) => l.lesson.pair))].join()
  useEffect(() => {
    if (!records || !toRide) return
    const shelf = shelfOf(me.person)
    const here = untilLeaving()
    const fetchAll = async () => {
      await fetchAhead(shelf, toRide.split(','), here)
      // after what is ridden with: earlier photos, to lay over those of the look
      for (const pair of takesPhotos ? pairs.split(',') : []) await fetchGhosts(shelf, pair, here)
    }
    fetchAll().catch(() => undefined)
  }, [records, takesPhotos, toRide, pairs, me.person])
  const addsPairs = me.actions.includes('ADD_PAIR')
  useEffect(() => {
    if (addsPairs && today.isSuccess) void fetchBlanks(shelfOf(me.person), SCHOOLS)
  }, [addsPairs, today.isSuccess, me.person])
  // what stands above the lessons is there when they are drawn: nothing moves under the thumb
  const seesInbox = me.actions.includes('SEE_HOMEWORK')
  const inbox = useQuery({ ...queries.inbox(), enabled: seesInbox, refetchOnMount: 'always', retry: false })
  const isAsked = inbox.isPending || (inbox.fetchStatus === 'fetching' && !inbox.isFetchedAfterMount)
  if (today.isPending || (today.isSuccess && seesInbox && isAsked)) return <Wait />
  if (records && today.error instanceof Unreachable)
    return <WithoutNetwork onAgain={() => void today.refetch()} />
  if (today.isError) return <Trouble cause={today.error} onAgain={() => void today.refetch()} />
  const { date, lessons } = today.data
  return (
    <>
      <Flex align="baseline" justify="space-between" wrap="wrap" gap="2" marginBottom="8">
        <chakra.h1 fontSize={{ base: '3xl', md: '5xl' }} fontWeight="760">
          {dayLong(date)}
        </chakra.h1>
        <chakra.p color="quiet">{t('today.count', { count: lessons.length })}</chakra.p>
      </Flex>
      <Guard>
        <Paused />
      </Guard>
      {seesInbox && (
        <Guard>
          <Inbox />
        </Guard>
      )}
      {lessons.length === 0 && (
        <Box marginBottom="8">
          <chakra.p fontSize="xl" fontWeight="650">
            {t('today.empty')}
          </chakra.p>
          <chakra.p color="quiet">
            {t(me.actions.includes('ADD_LESSON') ? 'today.emptyCoach' : 'today.emptyRider')}
          </chakra.p>
        </Box>
      )}
      <chakra.ol listStyleType="none" marginBottom="10">
        {grouped(lessons).map(([l, ...more]) =>
          l && more.length > 0 ? (
            <GroupOfDay
              key={l.lesson.id}
              lessons={[l, ...more]}
              timeZone={me.timeZone}
              actions={me.actions}
            />
          ) : (
            l && (
              <Guard key={l.lesson.id}>
                <LessonOfDay today={l} timeZone={me.timeZone} actions={me.actions} />
              </Guard>
            )
          ),
        )}
      </chakra.ol>
      {records && (
        <Guard>
          <LoadOfDay lessons={open} />
        </Guard>
      )}
      <AboutTallies steps={lessons.flatMap((l) => l.inWork)} />
      {me.actions.includes('ADD_LESSON') && (
        <TogetherCard lessons={lessons.filter((l) => !l.lesson.endedAt)} timeZone={me.timeZone} />
      )}
      {me.actions.includes('ADD_LESSON') && <AddLesson date={date} />}
      {addsPairs && <NewcomersKey />}
      {me.actions.includes('SEE_DEBRIEF') && (
        <Guard>
          <YardLines />
        </Guard>
      )}
    </>
  )
}
