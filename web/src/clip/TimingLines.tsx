import { chakra } from '@chakra-ui/react'
import { steady, useText, wordIn } from '../text'
import type { Text } from '../text'
import { Quiet } from '../ui'
import type { AfterLanding } from './footfalls'
import type { Spread } from './timings'

interface TimingLinesProps {
  waits?: Spread | null
  answers?: Spread | null
  releases?: Spread | null
  toCorrect?: Spread | null
  prompt: number
  /** What counts as prompt: within this after the answer. */
  promptWithinMs: number
  hurried: number
  long: number
  /** Where an error is corrected when it is clear: so many corrections in time of so many. */
  whenClear?: { timely: number; of: number } | null
  /** Where in the stride the aids began. */
  aids?: readonly AfterLanding[]
  /** How long a stride takes on this clip; left out where no landings were marked. */
  strideS?: number
}

/** What the frames say about timing, a sentence a kind. */
export function TimingLines({ strideS, aids = [], ...of }: TimingLinesProps) {
  const { t } = useText()
  const { waits, answers, releases, toCorrect } = of
  const lines = [
    waits && t('clip.timing.waits', told(waits)),
    waits && of.hurried > 0 && t('clip.timing.hurried', { some: of.hurried, count: waits.count }),
    waits && of.long > 0 && t('clip.timing.long', { some: of.long, count: waits.count }),
    ...aids.map((aid) => aidInWords(t, aid)),
    answers && t('clip.timing.answers', told(answers)),
    releases && t('clip.timing.releases', told(releases)),
    releases &&
      t('clip.timing.prompt', {
        some: of.prompt,
        count: releases.count,
        within: seconds(of.promptWithinMs),
      }),
    toCorrect && t('clip.timing.toCorrect', told(toCorrect)),
    toCorrect &&
      strideS !== undefined &&
      t('clip.timing.strides', { strides: steady(toCorrect.middleMs / 1000 / strideS, 1) }),
    of.whenClear && t('clip.timing.whenClear', { some: of.whenClear.timely, count: of.whenClear.of }),
  ].filter((line) => typeof line === 'string')
  if (lines.length === 0) return null
  return (
    <chakra.ul listStyleType="none" data-timing>
      {lines.map((line, i) => (
        <li key={i}>{line}</li>
      ))}
      <chakra.li>
        <Quiet>{t('clip.timing.how')}</Quiet>
      </chakra.li>
    </chakra.ul>
  )
}

function aidInWords(t: Text, { foot, share }: AfterLanding): string {
  return t('clip.timing.aid', { foot: wordIn(t, 'foot', foot), percent: Math.round(100 * share) })
}

function told({ count, leastMs, middleMs, mostMs }: Spread) {
  return { count, middle: seconds(middleMs), least: seconds(leastMs), most: seconds(mostMs) }
}

/** A frame is seldom shorter than a thirtieth of a second: tenths are what can be told. */
export function seconds(ms: number): string {
  return steady(ms / 1000, 1)
}
