import { Box, chakra, Flex } from '@chakra-ui/react'
import { useLiveQuery } from 'dexie-react-hooks'
import { RideNowKey } from '../recorder'
import { Paused } from '../safety'
import { useMe } from '../session'
import { ridableOn, shelfOf } from '../store'
import type { StoredPacket } from '../store'
import { dayShort, timeOfDay, useText } from '../text'
import { Button, LinkButton, Wait } from '../ui'
import { NewcomersKey } from './NewcomersKey'

/** The day where there is no network: what lies on this device can be ridden, and nothing else is shown. */
export function WithoutNetwork({ onAgain }: { onAgain: () => void }) {
  const { t } = useText()
  const { person, timeZone, actions } = useMe()
  const here = useLiveQuery(() => ridableOn(shelfOf(person)), [person])
  if (!here) return <Wait />
  const names = ({ packet: { lesson } }: StoredPacket) => `${lesson.horse} ${t('pair.and')} ${lesson.rider}`
  return (
    <Flex direction="column" gap="6">
      <Box>
        <chakra.h1 fontSize={{ base: '3xl', md: '5xl' }} fontWeight="760">
          {t('without.title')}
        </chakra.h1>
        <chakra.p color="quiet" marginTop="1" marginBottom="3">
          {t(here.pairs.length > 0 ? 'without.lead' : 'without.nothing')}
        </chakra.p>
        <Button onClick={onAgain}>{t('problem.again')}</Button>
      </Box>
      <Paused />
      {here.lessons.length > 0 && (
        <chakra.ol listStyleType="none">
          {here.lessons.map((kept) => (
            <chakra.li
              key={kept.lesson}
              display="flex"
              alignItems="center"
              gap="4"
              paddingY="3"
              borderTopWidth="2px"
              borderColor="line"
              _last={{ borderBottomWidth: '2px' }}
            >
              <Box flex="1" minWidth="0">
                <chakra.h2 fontSize="xl" fontWeight="700">
                  {names(kept)}
                </chakra.h2>
                <chakra.span color="quiet" fontVariantNumeric="tabular-nums">
                  {dayShort(kept.packet.lesson.plannedAt, timeZone)}{' '}
                  {timeOfDay(kept.packet.lesson.plannedAt, timeZone)}
                </chakra.span>
              </Box>
              <LinkButton to={`/lessons/${kept.lesson}/ride`} look="act">
                {t('today.ride')}
              </LinkButton>
            </chakra.li>
          ))}
        </chakra.ol>
      )}
      {here.pairs.length > 0 && (
        <Box as="section">
          <chakra.h2 fontSize="lg" fontWeight="700" marginBottom="3">
            {t('without.another')}
          </chakra.h2>
          <Flex gap="2" wrap="wrap">
            {here.pairs.map((kept) => (
              <RideNowKey key={kept.lesson} pair={kept.packet.lesson.pair} name={names(kept)} />
            ))}
          </Flex>
        </Box>
      )}
      {actions.includes('ADD_PAIR') && <NewcomersKey />}
    </Flex>
  )
}
