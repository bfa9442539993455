import { Box, chakra, Flex } from '@chakra-ui/react'
import type { ReinOfSpan, SpanOfRecording } from '../api'
import { anyOf, clock, number, percent, steady, useText, wordIn } from '../text'
import type { Text } from '../text'
import { Quiet, SideLetter } from '../ui'

/** What the ribbon says, in words and figures: a line an exercise, both reins. What got heavy comes first; the rest is opened. */
export function SpansTable({ spans }: { spans: SpanOfRecording[] }) {
  const { t } = useText()
  if (spans.length === 0) return <Quiet>{t('measured.noSpans')}</Quiet>
  const heavy = spans.filter(isHeavy)
  const others = spans.filter((s) => !isHeavy(s))
  if (heavy.length === 0 || others.length === 0) return <Spans spans={spans} />
  return (
    <>
      <Spans spans={heavy} />
      <details>
        <chakra.summary minHeight="touch" display="flex" alignItems="center" cursor="pointer">
          {t('measured.others', { count: others.length })}
        </chakra.summary>
        <Spans spans={others} />
      </details>
    </>
  )
}

const isHeavy = ({ left, right }: SpanOfRecording) =>
  [left, right].some((r) => r?.heavy && (r.heavy.overFromS !== null || r.heavy.isGrowing))

function Spans({ spans }: { spans: SpanOfRecording[] }) {
  return (
    <chakra.ul listStyleType="none" data-spans>
      {spans.map((span) => (
        <Span key={span.segment} span={span} />
      ))}
    </chakra.ul>
  )
}

function Span({ span }: { span: SpanOfRecording }) {
  const { t } = useText()
  return (
    <chakra.li borderTopWidth="1px" borderColor="line" paddingY="2">
      <Flex justify="space-between" gap="3" wrap="wrap">
        <chakra.span fontWeight="700">
          {span.exercise}{' '}
          <chakra.span fontWeight="400" color="quiet">
            {wordIn(t, 'gait', span.gait)} · {t(`rein.${span.rein}`)} ·{' '}
            {clock((span.toS - span.fromS) * 1000)}
          </chakra.span>
        </chakra.span>
        <Quiet>{beatInWords(t, span)}</Quiet>
      </Flex>
      {span.beat.insteadOfTouched.length > 0 && <chakra.p data-not-its-gait>{notItsGait(t, span)}</chakra.p>}
      <Flex gap={{ base: '2', md: '8' }} direction={{ base: 'column', md: 'row' }} marginTop="1">
        {(['left', 'right'] as const).map((rein) => (
          <Rein key={rein} side={rein === 'left' ? 'LEFT' : 'RIGHT'} rein={span[rein]} />
        ))}
        <Box flex="1">
          {unlike(t, span)}
          {bandInWords(t, span).map((line) => (
            <Quiet key={line}>{line}</Quiet>
          ))}
          {span.given.map((given) => (
            <Quiet key={given.fromS}>{givenInWords(t, given)}</Quiet>
          ))}
        </Box>
      </Flex>
    </chakra.li>
  )
}

function Rein({ side, rein }: { side: 'LEFT' | 'RIGHT'; rein: ReinOfSpan | null }) {
  const { t } = useText()
  return (
    <Flex gap="2" flex="1" align="start">
      <SideLetter side={side} />
      <div>
        {rein === null ? (
          <Quiet>{t('measured.tooLittle')}</Quiet>
        ) : (
          <>
            <chakra.span fontWeight="700" fontVariantNumeric="tabular-nums">
              {t('measured.level', { kg: rein.levelKg.toFixed(1), high: rein.highKg.toFixed(1) })}
            </chakra.span>
            <Quiet>
              {[
                ...(rein.meanFromKg === null || rein.meanToKg === null
                  ? []
                  : [
                      t('measured.mean', { low: rein.meanFromKg.toFixed(1), high: rein.meanToKg.toFixed(1) }),
                    ]),
                ...(rein.inBandShare === null
                  ? []
                  : [t('measured.inBand', { percent: percent(rein.inBandShare) })]),
                ...(rein.slackShare >= 0.01
                  ? [t('measured.slack', { percent: percent(rein.slackShare) })]
                  : []),
              ].join(' · ')}
            </Quiet>
            {rein.heavy && <Heavy heavy={rein.heavy} />}
          </>
        )}
      </div>
    </Flex>
  )
}

/** From where on, and whether it grows; nothing where it does neither. */
function Heavy({ heavy }: { heavy: NonNullable<ReinOfSpan['heavy']> }) {
  const { t } = useText()
  const { overFromS, overFromM, letter, isGrowing, kgASecond } = heavy
  const said = [
    ...(overFromS === null
      ? []
      : [
          overFromS < 1
            ? t('measured.heavyAtOnce')
            : overFromM === null
              ? t('measured.heavyFrom', { seconds: number(overFromS, 0) })
              : t(letter === null ? 'measured.heavyFromM' : 'measured.heavyFromLetter', {
                  seconds: number(overFromS, 0),
                  metres: number(overFromM, 0),
                  letter: letter ?? '',
                }),
        ]),
    ...(isGrowing ? [t('measured.growing', { kg: number(kgASecond * 10, 1) })] : []),
  ]
  return said.length === 0 ? null : <chakra.p fontWeight="650">{said.join(' · ')}</chakra.p>
}

function unlike(t: Text, { heavier, heavierBy }: SpanOfRecording) {
  if (heavier === null) return null
  if (heavier === 'NONE') return t('measured.alike')
  if (heavierBy === null) return t(`measured.only.${heavier}`)
  return t(`measured.more.${heavier}`, { percent: percent(heavierBy) })
}

/** How long both reins were in the band, and how soon they were back in it. */
function bandInWords(t: Text, { inBand, softAgain }: SpanOfRecording): string[] {
  const after = softAgain.flatMap(({ afterS }) => (afterS === null ? [] : [afterS]))
  return [
    ...(inBand && inBand.measuredS > 0
      ? [
          t('measured.bothInBand', {
            inside: clock(inBand.insideS * 1000),
            of: clock(inBand.measuredS * 1000),
          }),
        ]
      : []),
    ...(after.length > 0
      ? [
          t('measured.softAgain', {
            times: after.map((s) => t('measured.step', { seconds: steady(s, 1) })).join(', '),
          }),
        ]
      : []),
    ...(softAgain.length > after.length ? [t('measured.neverSoft')] : []),
  ]
}

function givenInWords(t: Text, { slackS, isKept, tempoChange }: SpanOfRecording['given'][number]): string {
  const seconds = number(slackS, 0)
  if (isKept === null || tempoChange === null) return t('measured.given', { seconds })
  if (isKept) return t('measured.givenKept', { seconds })
  const how = tempoChange > 0 ? 'measured.givenQuicker' : 'measured.givenSlower'
  return t(how, { seconds, percent: percent(Math.abs(tempoChange)) })
}

function beatInWords(t: Text, { beat, gait }: SpanOfRecording): string {
  if (beat.kind !== 'REGULAR' || beat.peaksAMinute === null) return t(`measured.beat.${beat.kind}`)
  const what = gait === 'CANTER' ? 'strides' : gait === 'WALK' || gait === 'TROT' ? 'steps' : 'beats'
  return t(`measured.beatOf.${what}`, {
    count: Math.round(beat.peaksAMinute),
    percent: Math.round(100 * (beat.unevenness ?? 0)),
  })
}

function notItsGait(t: Text, { gait, beat }: SpanOfRecording): string {
  return t(gait === 'TROT' ? 'measured.notItsGait.TROT' : 'measured.notItsGait.other', {
    touched: wordIn(t, 'gait', gait),
    gaits: anyOf(beat.insteadOfTouched.map((each) => wordIn(t, 'gait', each))),
  })
}
