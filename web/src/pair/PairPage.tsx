import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams } from 'react-router'
import { queries } from '../api'
import type { PairView, Step } from '../api'
import { useMe } from '../session'
import {
  ABOUT,
  AboutTallies,
  Button,
  Card,
  CardTitle,
  isOneSide,
  LinkButton,
  Quiet,
  SideLetter,
  Trouble,
  Wait,
} from '../ui'
import { KnownPart, WatchCard } from '../intake'
import { PeopleCard } from '../invite'
import { ContactsCard, PausedHorse, useSafety } from '../safety'
import { RideNowKey, VideoCameKey } from '../recorder'
import { strandIn, wordIn, useText } from '../text'
import { Decisions } from './Decisions'
import { FactsCard } from './FactsCard'
import { Lessons } from './Lessons'
import { reinFor, sidesOf } from '../record'
import { AidsCard } from './AidsCard'
import { missingSentence } from './missing'
import { PlaceCard } from './PlaceCard'
import { SchoolCard } from './SchoolCard'
import { StairDrawing } from './StairDrawing'
import { TrendDrawing } from './TrendDrawing'
import { ConsentCard } from './ConsentCard'
import { WorkCard } from './WorkCard'

/** The moment: before planning, at the table. Where does this pair stand, which side is behind, what is lacking. */
export default function PairPage() {
  const { id = '' } = useParams()
  const { t } = useText()
  const { timeZone, actions } = useMe()
  const pair = useQuery(queries.pair(id))
  const safety = useSafety()
  if (pair.isPending) return <Wait />
  if (pair.isError) return <Trouble cause={pair.error} onAgain={() => void pair.refetch()} />
  const { stair, trend, horseId, strandNames: names } = pair.data
  const now = safety.horseNow({ horse: horseId, pair: id })
  const all = [...new Set(stair.map((s) => s.strand))]
  // what was never ridden is only named: an empty stair tells nothing
  const ridden = all.filter((strand) => stair.some((s) => s.strand === strand && isRidden(s)))
  const strands = ridden.length > 0 ? ridden : all.slice(0, 1)
  const quiet = all.filter((strand) => !strands.includes(strand))
  const live = stair.filter((s) => s.state === 'IN_WORK')
  const open = stair.filter((s) => s.state === 'OPEN' && strands.includes(s.strand))
  return (
    <Flex direction="column" gap="6">
      <PairHead pair={pair.data} />
      {now && (
        <Box marginBottom="-6">
          <PausedHorse now={now} />
        </Box>
      )}
      {!now?.isPaused && !now?.isDayOver && actions.includes('RECORD') && (
        <Flex gap="3" wrap="wrap">
          <RideNowKey pair={id} />
          <VideoCameKey pair={id} />
        </Flex>
      )}
      {actions.includes('SEE_PLAN') && <KnownPart pair={id} />}
      <Card>
        <CardTitle>{t('pair.stair')}</CardTitle>
        <Quiet>{t('pair.stairLead', { window: stair[0]?.left.window })}</Quiet>
        {pair.data.first && (
          <Quiet>
            {t('pair.comesFirst', {
              first: t(`setting.order.${pair.data.first.order}`),
              strands: pair.data.first.strands.map((s) => strandIn(t, s, names)).join(', '),
            })}
          </Quiet>
        )}
        {strands.map((strand) => (
          <StrandStair
            key={strand}
            name={strandIn(t, strand, names)}
            behind={pair.data.behind.find((b) => b.strand === strand)}
            steps={stair.filter((s) => s.strand === strand)}
          />
        ))}
        <AboutTallies steps={stair} />
        {pair.data.settled.map(({ exercise, instead }) => (
          <Quiet key={exercise} marginTop="2">
            {instead === null ? t('pair.leftOut', { exercise }) : t('pair.comesAfter', { exercise, instead })}
          </Quiet>
        ))}
        {quiet.length > 0 && (
          <Quiet marginTop="4">
            {t('pair.quietStrands', { strands: quiet.map((s) => strandIn(t, s, names)).join(', ') })}
          </Quiet>
        )}
      </Card>
      <Grid templateColumns={{ base: '1fr', lg: '3fr 4fr' }} gap="6" alignItems="start">
        <Card>
          <CardTitle>{t('pair.onTheWay')}</CardTitle>
          {live.map((step) => (
            <OnTheWay key={step.rung} step={step} />
          ))}
          {live.length === 0 && <Quiet>{t('pairs.nothingInWork')}</Quiet>}
          {open.length > 0 && (
            <Quiet marginTop="3">
              {t('pair.openNow', {
                rungs: open.map((s) => `${s.name} (${wordIn(t, 'gait', s.gait)})`).join(', '),
              })}
            </Quiet>
          )}
        </Card>
        <Card>
          <CardTitle>{t('pair.trend')}</CardTitle>
          <Quiet marginBottom="4">
            {pair.data.trendStrand && `${strandIn(t, pair.data.trendStrand, names)}. `}
            {t(trend.some((p) => p.lessons > 1) ? 'pair.trendLeadMany' : 'pair.trendLead')}
          </Quiet>
          <TrendDrawing points={trend} timeZone={timeZone} />
          <Strength points={trend} />
          {actions.includes('SEE_DEBRIEF') && (
            <LinkButton to={`/pairs/${id}/history`} marginTop="4">
              {t('history.key')}
            </LinkButton>
          )}
        </Card>
        <Lessons pair={pair.data} />
        <Decisions pair={pair.data} />
      </Grid>
      {actions.includes('SEE_DEBRIEF') && <AidsCard pair={id} />}
      {actions.includes('SEE_PLAN') && <WorkCard pair={id} names={names} />}
      {actions.includes('SEE_LOOK') && <WatchCard pair={id} />}
      {actions.includes('DECIDE') && <PlaceCard pair={pair.data} />}
      {actions.includes('SEE_PLAN') && <SchoolCard pair={pair.data} />}
      {actions.includes('SEE_PLAN') && <FactsCard pair={id} />}
      <ContactsCard horse={horseId} />
      {actions.includes('INVITE') && <PeopleCard pair={id} />}
      {actions.includes('INVITE') && <ConsentCard pair={pair.data} subject="voice" />}
      {actions.includes('INVITE') && <ConsentCard pair={pair.data} subject="pictures" />}
    </Flex>
  )
}

/** So many closed rungs are drawn ahead of what is open; the others are counted. */
const AHEAD = 2

/** A strand's stair as far as it matters now: all that was opened, and what comes next. */
interface StrandStairProps {
  name: string
  steps: Step[]
  behind: PairView['behind'][number] | undefined
}

function StrandStair({ name, steps, behind }: StrandStairProps) {
  const { t } = useText()
  const [isWhole, setWhole] = useState(false)
  const closed = steps.filter((s) => s.state === 'CLOSED' && !isRidden(s))
  const folded = closed.slice(AHEAD)
  return (
    <Box marginTop="4">
      <Flex align="center" gap="3" wrap="wrap">
        <chakra.h3 fontSize="md" fontWeight="720" fontFamily="body">
          {name}
        </chakra.h3>
        {folded.length > 0 && (
          <Button look="bare" aria-expanded={isWhole} onClick={() => setWhole(!isWhole)}>
            {t(isWhole ? 'pair.stepsFold' : 'pair.stepsMore', { count: folded.length })}
          </Button>
        )}
      </Flex>
      {behind && <SideBehind behind={behind} />}
      <StairDrawing steps={isWhole ? steps : steps.filter((s) => !folded.includes(s))} strand={name} />
    </Box>
  )
}

const MOVES = { RISES: '↗', FALLS: '↘', CANNOT_TELL: '→' } as const

/** The side that is behind, and whether it comes up. */
function SideBehind({ behind: b }: { behind: PairView['behind'][number] }) {
  const { t } = useText()
  return (
    <Flex align="center" gap="2" marginY="1" fontVariantNumeric="tabular-nums">
      {isOneSide(b.side) && <SideLetter side={b.side} />}
      <span>
        {t('pair.behind', {
          side: t(`side.${b.side}`),
          earlier: t('pair.good', { successes: b.earlierYes, asks: b.earlierAsks }),
          lately: t('pair.good', { successes: b.latelyYes, asks: b.latelyAsks }),
        })}{' '}
        <b>
          <span aria-hidden>{MOVES[b.movement]}</span> {t(`pair.moves.${b.movement}`)}
        </b>
      </span>
    </Flex>
  )
}

function isRidden(step: Step): boolean {
  return (
    step.state === 'IN_WORK' ||
    step.state === 'PASSED' ||
    step.state === 'PLACED' ||
    step.left.asks + step.right.asks > 0
  )
}

/** How strongly it had to be asked, at first and now. */
function Strength({ points }: { points: PairView['trend'] }) {
  const { t } = useText()
  const first = points[2] ?? points[0]
  const last = points.at(-1)
  if (!first || !last || points.length < 4) return null
  return (
    <chakra.p marginTop="3" fontVariantNumeric="tabular-nums">
      {t('pair.strength', {
        first: first.strengthTogether.toFixed(1),
        last: last.strengthTogether.toFixed(1),
      })}
    </chakra.p>
  )
}

function PairHead({ pair }: { pair: PairView }) {
  const { t } = useText()
  return (
    <Box>
      <chakra.h1 fontSize={{ base: '4xl', md: '6xl' }} fontWeight="780">
        {pair.horse}
      </chakra.h1>
      <chakra.p fontSize="xl">
        {t('pair.and')} <chakra.b>{pair.rider}</chakra.b>
        <chakra.span color="quiet">
          {' · '}
          {pair.description && `${pair.description} · `}
          {t(`school.${pair.school}`)}
        </chakra.span>
      </chakra.p>
      {pair.goal && (
        <chakra.blockquote marginTop="2" color="quiet" maxWidth="40rem">
          “{pair.goal}”
        </chakra.blockquote>
      )}
    </Box>
  )
}

function OnTheWay({ step }: { step: Step }) {
  const { t } = useText()
  return (
    <Box paddingY="3" borderBottomWidth="1px" borderColor="line" _last={{ borderBottomWidth: '0' }}>
      <chakra.h3 fontWeight="700" fontSize="lg" fontFamily="body">
        {step.name}
        <chakra.span fontWeight="400" color="quiet">
          {', '}
          {wordIn(t, 'gait', step.gait)}
          {step.day > 0 && ` · ${t('pair.day', { count: step.day })}`}
        </chakra.span>
      </chakra.h3>
      <Flex gap="5" marginY="1.5">
        {sidesOf(step.works).map((side) => {
          const of = side === 'RIGHT' ? step.right : step.left
          const rein = reinFor(step.works, side)
          return (
            <Flex key={side} align="center" gap="2" fontVariantNumeric="tabular-nums">
              {side !== 'NONE' && <SideLetter side={side} />}
              {rein !== 'NONE' && rein !== side && <Quiet>{t(`rein.${rein}`)}</Quiet>}
              {of.asks === 0
                ? t('pair.notAsked')
                : (of.tallied > 0 ? ABOUT : '') + t('pair.good', { successes: of.successes, asks: of.asks })}
            </Flex>
          )
        })}
      </Flex>
      <chakra.ul paddingLeft="5" color="quiet">
        {step.missing.length === 0 && <li>{t('pair.nothingMissing')}</li>}
        {step.missing
          .map((m) => missingSentence(t, step.works, m))
          .map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
      </chakra.ul>
    </Box>
  )
}
