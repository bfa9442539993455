import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { queries } from '../api'
import type { CoachMirror } from '../api'
import { clock, percent, useText, wordIn } from '../text'
import { Card, CardTitle, Quiet, ReinClock, Trouble, Wait } from '../ui'
import { ruleKey } from './sentence'

/** The moment: now and then, alone. What one's own lessons say of oneself; counts, and nobody else sees them. */
export default function MirrorPage() {
  const { t } = useText()
  const mirror = useQuery({ ...queries.mirror(), refetchOnMount: 'always' })
  if (mirror.isPending) return <Wait />
  if (mirror.isError) return <Trouble cause={mirror.error} onAgain={() => void mirror.refetch()} />
  const { riding, rules } = mirror.data
  return (
    <Flex direction="column" gap="6">
      <Box>
        <chakra.h1 fontSize={{ base: '3xl', md: '4xl' }} fontWeight="770">
          {t('mirror.title')}
        </chakra.h1>
        <Quiet>{t('mirror.lead')}</Quiet>
      </Box>
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: '4fr 5fr' }} gap="6" alignItems="start">
        <Card as="section">
          <CardTitle>{t('mirror.riding')}</CardTitle>
          {riding === null ? <Quiet>{t('mirror.ridingTooFew')}</Quiet> : <Riding riding={riding} />}
        </Card>
        <Card as="section">
          <CardTitle>{t('mirror.rules')}</CardTitle>
          <Quiet marginBottom="3">{t('mirror.rulesLead')}</Quiet>
          {rules.length === 0 && <p>{t('mirror.rulesNone')}</p>}
          <chakra.ul listStyleType="none" display="grid" gap="4">
            {rules.map((r) => (
              <Rule key={r.ruleId} rule={r} />
            ))}
          </chakra.ul>
        </Card>
      </Grid>
    </Flex>
  )
}

function Riding({ riding }: { riding: NonNullable<CoachMirror['riding']> }) {
  const { t } = useText()
  const { lessons, minutes, praise, corrections, leftS, rightS } = riding
  return (
    <Flex direction="column" gap="4">
      <Quiet>{t('mirror.from', { count: lessons, minutes })}</Quiet>
      <Hourly name={t('mirror.praise')} of={praise} />
      <Hourly name={t('mirror.corrections')} of={corrections} />
      <Box>
        <chakra.p fontWeight="650" marginBottom="1">
          {t('mirror.reins')}
        </chakra.p>
        <ReinClock leftMs={leftS * 1000} rightMs={rightS * 1000} now={null} />
        <Quiet marginTop="1">
          {t('mirror.aLesson', {
            left: clock((leftS * 1000) / lessons),
            right: clock((rightS * 1000) / lessons),
          })}
        </Quiet>
      </Box>
    </Flex>
  )
}

interface HourlyProps {
  name: string
  of: NonNullable<CoachMirror['riding']>['praise']
}

function Hourly({ name, of }: HourlyProps) {
  const { t } = useText()
  return (
    <p>
      <chakra.b fontSize="lg">{t('mirror.anHour', { name, times: of.anHour.toFixed(1) })}</chakra.b>
      <br />
      <Quiet as="span">
        {t('mirror.interval', { low: of.low.toFixed(1), high: of.high.toFixed(1), count: of.times })}
      </Quiet>
    </p>
  )
}

function Rule({ rule }: { rule: CoachMirror['rules'][number] }) {
  const { t } = useText()
  return (
    <li>
      <chakra.p fontWeight="650">{wordIn(t, 'mirror.rule', ruleKey(rule.ruleId))}</chakra.p>
      <p>
        {t('mirror.overruled', {
          count: rule.decisions,
          overruled: rule.overruled,
          low: percent(rule.low),
          high: percent(rule.high),
        })}
      </p>
      <Quiet>
        {t('mirror.since', {
          coach: rule.coachRight,
          advice: rule.adviceRight,
          neither: rule.neither,
          notYet: rule.notYet,
        })}
      </Quiet>
    </li>
  )
}
