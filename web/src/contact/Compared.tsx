import { chakra } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { percent, useText } from '../text'
import type { Text } from '../text'
import { Quiet, WhyBox } from '../ui'

/** What was counted with a factor and without it, as the server says it. */
export interface Counts {
  yesWith: number
  with: number
  yesWithout: number
  without: number
  low: number
  high: number
  adjusted: number
}

interface ComparedProps<F> {
  worthChecking: readonly (F & Counts)[]
  /** Tested with them. */
  compared: readonly (F & Counts)[]
  notCompared: readonly (F & { why: 'WITH' | 'WITHOUT' | 'LESSONS' })[]
  /** A factor in words; they tell it from all others. */
  inWords: (factor: F) => string
  /** How many were compared, in words. */
  said: (count: number) => string
  /** How they were compared. */
  children?: ReactNode
}

/** Factors beside the horse's answers: what is worth checking in counts, never as a cause; all that was compared on demand. */
export function Compared<F>({
  worthChecking,
  compared,
  notCompared,
  inWords,
  said,
  children,
}: ComparedProps<F>) {
  const { t } = useText()
  const tested = [...worthChecking, ...compared]
  return (
    <>
      {worthChecking.length > 0 && (
        <>
          <chakra.h3 fontWeight="700" fontFamily="body">
            {t('seenIn.worth')}
          </chakra.h3>
          <chakra.ul listStyleType="none" display="grid" gap="1.5" marginY="2">
            {worthChecking.map((c) => (
              <chakra.li key={inWords(c)} borderLeftWidth="4px" borderColor="live" paddingLeft="3">
                {counts(t, c, inWords)}
              </chakra.li>
            ))}
          </chakra.ul>
          <Quiet>{t('seenIn.noCause')}</Quiet>
        </>
      )}
      <WhyBox data-compared={tested.length}>
        <summary>{tested.length === 0 ? t('seenIn.comparedNone') : said(tested.length)}</summary>
        <chakra.ul listStyleType="none" display="grid" gap="2" fontVariantNumeric="tabular-nums">
          {tested.map((c) => (
            <li key={inWords(c)}>
              {counts(t, c, inWords)}{' '}
              {t('seenIn.interval', {
                low: percent(c.low),
                high: percent(c.high),
                p: c.adjusted < 0.001 ? '< 0.001' : c.adjusted.toFixed(3),
              })}
            </li>
          ))}
          {notCompared.map((c) => (
            <li key={inWords(c)}>
              {t('seenIn.notCompared', { factor: inWords(c), why: t(`seenIn.tooFew.${c.why}`) })}
            </li>
          ))}
        </chakra.ul>
        {children}
      </WhyBox>
    </>
  )
}

function counts<F>(t: Text, c: F & Counts, inWords: (factor: F) => string): string {
  const { yesWith, with: times, yesWithout, without } = c
  return t('seenIn.with', { factor: inWords(c), yesWith, with: times, yesWithout, without })
}
