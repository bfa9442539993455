import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useInfiniteQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../api'
import type { PairItem } from '../api'
import { ContactsCard, StandsMark, useSafety } from '../safety'
import { useMe } from '../session'
import { dayShort, wordIn, useText } from '../text'
import { AboutTallies, StepCounts, Guard, LinkButton, More, Trouble, Wait } from '../ui'
import { AddPair } from './AddPair'
import { PeopleTable } from './PeopleTable'

/** The moment: looking for one of them. Name, what is in work, which side is behind, when they were last here. */
export default function PairsPage() {
  const { t } = useText()
  const { actions } = useMe()
  const pairs = useInfiniteQuery(queries.pairs())
  if (pairs.isPending) return <Wait />
  if (pairs.isError) return <Trouble cause={pairs.error} onAgain={() => void pairs.refetch()} />
  const shown = pairs.data.pages.flatMap((page) => page.pairs)
  return (
    <>
      <chakra.h1 fontSize={{ base: '3xl', md: '5xl' }} fontWeight="760" marginBottom="8">
        {t('pairs.title')}
      </chakra.h1>
      {shown.length === 0 && <chakra.p>{t('pairs.empty')}</chakra.p>}
      <chakra.ul listStyleType="none">
        {shown.map((pair) => (
          <Guard key={pair.id}>
            <PairRow pair={pair} />
          </Guard>
        ))}
      </chakra.ul>
      <AboutTallies steps={shown.flatMap((pair) => pair.inWork)} />
      {pairs.hasNextPage && <More list={pairs} />}
      {actions.includes('ADD_PAIR') && <AddPair />}
      {actions.includes('IMPORT') && <PeopleTable />}
      {actions.includes('DECIDE') && (
        <LinkButton to="/mirror" marginTop="6">
          {t('mirror.key')}
        </LinkButton>
      )}
      <Box marginTop="10">
        <ContactsCard horse={null} />
      </Box>
    </>
  )
}

const RowLink = chakra(Link, {
  base: {
    display: 'block',
    paddingY: '4',
    borderTopWidth: '2px',
    borderColor: 'line',
    _hover: { background: 'sunken' },
  },
})

function PairRow({ pair }: { pair: PairItem }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const step = pair.inWork[0]
  const now = useSafety().horseNow({ horse: pair.horseId, pair: pair.id })
  return (
    <chakra.li>
      <RowLink to={`/pairs/${pair.id}`}>
        <Grid
          templateColumns={{ base: '1fr', md: '5fr 4fr 3fr' }}
          gap={{ base: '1', md: '6' }}
          alignItems="center"
        >
          <chakra.span fontFamily="heading" fontSize="xl" fontWeight="720">
            {pair.horse} <chakra.span fontWeight="400">{t('pair.and')}</chakra.span> {pair.rider}
            {now && <StandsMark now={now} />}
          </chakra.span>
          {step ? (
            <Flex align="center" gap="2" color="quiet">
              {step.name}, {wordIn(t, 'gait', step.gait)}
              <StepCounts step={step} />
            </Flex>
          ) : (
            <chakra.span color="quiet">{t('pairs.nothingInWork')}</chakra.span>
          )}
          <chakra.span color="quiet" fontSize="sm" textAlign={{ md: 'right' }}>
            {t('pairs.lessons', { count: pair.lessons })}
            {pair.lastLessonAt && ` · ${t('pairs.last', { date: dayShort(pair.lastLessonAt, timeZone) })}`}
          </chakra.span>
        </Grid>
      </RowLink>
    </chakra.li>
  )
}
