import { Box, chakra } from '@chakra-ui/react'
import type { RecordingHere } from '../api'
import { number, useText } from '../text'
import type { Text } from '../text'
import { Quiet } from '../ui'

type Cue = RecordingHere['cues'][number]
type CuesBeside = RecordingHere['cuesBeside'][number]

/** What the beat did after each cue of the book, and whether two of them get answers of their own. */
export function CuesLines({ cues, beside }: { cues: Cue[]; beside: CuesBeside[] }) {
  const { t } = useText()
  if (cues.length === 0) return null
  return (
    <Box marginY="3" data-cues>
      <chakra.h3 fontWeight="700">{t('measured.cues.title')}</chakra.h3>
      {beside.map((b) => (
        <chakra.p key={b.first + b.second} fontWeight={b.verdict === 'OPEN' ? '400' : '700'}>
          {t(`measured.cues.${b.verdict}`, {
            first: signalOf(cues, b.first),
            second: signalOf(cues, b.second),
            percent: inPercent(Math.abs(b.by)),
            ...range(b.verdict === 'APART' && b.by < 0 ? { low: -b.high, high: -b.low } : b),
          })}
        </chakra.p>
      ))}
      <chakra.ul paddingLeft="5">
        {cues.map((cue) => (
          <li key={cue.cue}>{inWords(t, cue)}</li>
        ))}
      </chakra.ul>
      <Quiet>{t('measured.cues.about')}</Quiet>
    </Box>
  )
}

const signalOf = (cues: Cue[], id: string) => `“${cues.find((c) => c.cue === id)?.signal ?? ''}”`

const inPercent = (share: number) => number(100 * share, 0)

const range = ({ low, high }: { low: number; high: number }) => ({
  low: inPercent(low),
  high: inPercent(high),
})

function inWords(t: Text, { signal, meaning, asks, fewest, change, low, high }: Cue): string {
  const of = { signal: `“${signal}”`, meaning, count: asks, fewest }
  if (change === null || low === null || high === null) return t('measured.cues.few', of)
  if (low <= 0 && high >= 0) return t('measured.cues.same', { ...of, ...range({ low, high }) })
  return change < 0
    ? t('measured.cues.slower', { ...of, percent: inPercent(-change), ...range({ low: -high, high: -low }) })
    : t('measured.cues.quicker', { ...of, percent: inPercent(change), ...range({ low, high }) })
}
