import { chakra, Flex } from '@chakra-ui/react'
import type { ChangeOfSide } from '../api'
import { percent, useText } from '../text'
import type { Text } from '../text'
import { Quiet, SideLetter, WhyBox } from '../ui'

/** What of a side is worth a word at once: what moved, the lesson against those before it first. */
function inShort(t: Text, { sinceBefore, within, overLessons }: ChangeOfSide): string {
  if (sinceBefore === 'BETTER' || sinceBefore === 'WORSE') return t(`change.since.${sinceBefore}`)
  if (within === 'BETTER' || within === 'WORSE') return t(`change.within.${within}`)
  if (overLessons !== 'TOO_FEW') return t(`change.over.${overLessons}`)
  return t(sinceBefore === 'NOT_SHOWN' || within === 'NOT_SHOWN' ? 'change.notShown' : 'change.tooFew')
}

/** What changed, in a few words, a side at a time unless both are alike; empty where nothing can be said. */
export function changeInShort(t: Text, changes: ChangeOfSide[]): string {
  const short = changes.map((c) => inShort(t, c))
  return short.every((s) => s === short[0])
    ? (short[0] ?? '')
    : changes
        .map((c, i) =>
          t('change.ofSide', { side: c.side === 'NONE' ? '' : t(`side.${c.side}`), what: short[i] }),
        )
        .join(' · ')
}

/** What changed on an exercise: a line a side, and its numbers on demand. */
export function ChangeLines({ changes }: { changes: ChangeOfSide[] }) {
  const { t } = useText()
  if (changes.length === 0) return null
  const what = changeInShort(t, changes)
  return (
    <WhyBox data-changes>
      <summary>{t('change.title', { what })}</summary>
      {changes.map((c) => (
        <Flex key={c.side} gap="2" align="start" paddingY="2">
          {c.side !== 'NONE' && <SideLetter side={c.side} />}
          <chakra.div fontVariantNumeric="tabular-nums">
            <Within change={c} />
            <SinceBefore change={c} />
            <OverLessons change={c} />
          </chakra.div>
        </Flex>
      ))}
      <Quiet>{t('change.how')}</Quiet>
    </WhyBox>
  )
}

function Within({ change: { thirds, within } }: { change: ChangeOfSide }) {
  const { t } = useText()
  return (
    <p>
      {thirds
        ? t('change.thirds', {
            first: t('change.yesOf', thirds.first),
            last: t('change.yesOf', thirds.last),
            verdict: t(`change.verdict.${within}`),
          })
        : t('change.noThirds')}
      {thirds && thirds.leftOut > 0 && ` ${t('change.leftOut', { count: thirds.leftOut })}`}
    </p>
  )
}

function SinceBefore({ change: { before, sinceBefore } }: { change: ChangeOfSide }) {
  const { t } = useText()
  if (!before) return <p>{t('change.noBefore')}</p>
  return (
    <p>
      {t('change.before', {
        count: before.lessons,
        now: t('change.yesOf', before.now),
        then: t('change.yesOf', before.before),
        verdict: t(`change.verdict.${sinceBefore}`),
        gain: percent(before.gain),
        low: percent(before.low),
        high: percent(before.high),
      })}
    </p>
  )
}

function OverLessons({ change: { slope, overLessons } }: { change: ChangeOfSide }) {
  const { t } = useText()
  if (!slope) return <p>{t('change.noSlope')}</p>
  return (
    <p>
      {t('change.slope', {
        count: slope.lessons,
        verdict: t(`change.verdict.${overLessons}`),
        points: slope.points.toFixed(1),
        low: slope.low.toFixed(1),
        high: slope.high.toFixed(1),
      })}
    </p>
  )
}
