import { Box, chakra, Flex } from '@chakra-ui/react'
import { wordIn, useText } from '../text'
import type { LessonSightings as Seen } from '../api'
import { wordOf } from '../see'
import { FoldCard, Quiet, SideLetter } from '../ui'
import { AidLines, hasAids } from './AidLines'
import { SeenOnFigures } from './SeenOnFigures'
import { SideBySide } from './SideBySide'

/** What was seen of rider, hand and horse; first what is worth checking, in counts and never as a cause. */
export function SightingsCard({ seen }: { seen: Seen }) {
  const { t } = useText()
  if (isNothing(seen)) return null
  const good = seen.signs.filter((s) => wordOf(s.name)?.good)
  const other = seen.signs.filter((s) => !wordOf(s.name)?.good)
  return (
    <FoldCard title={t('seenIn.title')} above={<SideBySide seen={seen} />}>
      <SeenOnFigures faults={seen.faults} signs={seen.signs} />
      <Flex gap="6" wrap="wrap">
        <Lines title={t('seenIn.rider')} lines={seen.faults} />
        <Lines title={t('seenIn.good')} lines={good} />
        <Lines title={t('seenIn.horse')} lines={other} />
        <Hand seen={seen} />
      </Flex>
    </FoldCard>
  )
}

function isNothing(seen: Seen): boolean {
  const { faults, signs, missed, corrections, aids, effort, worthChecking } = seen
  return (
    faults.length + signs.length + missed.length + corrections.total + worthChecking.length === 0 &&
    !hasAids(aids) &&
    effort === null
  )
}

function Lines({ title, lines }: { title: string; lines: Seen['faults'] }) {
  const { t } = useText()
  if (lines.length === 0) return null
  return (
    <Box minWidth="11rem">
      <chakra.h3 fontWeight="700" fontFamily="body" marginBottom="1">
        {title}
      </chakra.h3>
      <chakra.ul listStyleType="none" display="grid" gap="1">
        {lines.map((l) => (
          <chakra.li key={l.name + l.side} display="flex" gap="2" alignItems="center">
            <chakra.b fontVariantNumeric="tabular-nums">{l.times} ×</chakra.b>
            {l.side !== 'NONE' && <SideLetter side={l.side} />}
            {wordIn(t, 'seen', l.name)}
          </chakra.li>
        ))}
      </chakra.ul>
    </Box>
  )
}

function Hand({ seen: { missed, corrections, aids, effort, load, turnoutDays } }: { seen: Seen }) {
  const { t } = useText()
  if (missed.length === 0 && corrections.total === 0 && !hasAids(aids) && effort === null) return null
  return (
    <Box minWidth="11rem">
      <chakra.h3 fontWeight="700" fontFamily="body" marginBottom="1">
        {t('seenIn.hand')}
      </chakra.h3>
      <chakra.ul listStyleType="none" display="grid" gap="1">
        {missed.map((m) => (
          <li key={m.exercise + m.rein}>{t('seenIn.missed', { ...m, rein: t(`rein.${m.rein}`) })}</li>
        ))}
        {corrections.byPolicy.map(({ policy, made, total, isConsistent }) => (
          <li key={policy}>
            {t('seenIn.corrected', { made, total })} <Quiet as="span">({t(`correctShort.${policy}`)})</Quiet>
            {isConsistent === false && ` ${t('rule.aids-corrected-consistently')}`}
          </li>
        ))}
        <AidLines aids={aids} />
        {effort !== null && (
          <li>
            {t('seenIn.effort', { effort, words: wordIn(t, 'effort', effort), load: Math.round(load ?? 0) })}
            {turnoutDays !== null && `. ${t('seenIn.turnout', { count: turnoutDays })}`}
          </li>
        )}
      </chakra.ul>
    </Box>
  )
}
