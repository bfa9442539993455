import { Box, chakra, Flex } from '@chakra-ui/react'
import type { RecordingHere } from '../api'
import { clock, number, steady, useText, wordIn } from '../text'
import { Quiet } from '../ui'

interface AsksLinesProps {
  asks: RecordingHere['asks']
  /** Shows a moment of the recording; without it the moments are only said. */
  onMoment?: (seconds: number) => void
}

/** What the hand did while something was asked: whether it took against the leg, let go late, and how big its aids were in each gait. */
export function AsksLines({ asks, onMoment }: AsksLinesProps) {
  const { t } = useText()
  if (!asks || asks.drives + asks.answered + asks.sizes.length === 0) return null
  const { drives, intoTheHand: taken, isOften, fewest, riseKg, moments, sizes, answered, heldOn } = asks
  const said = sizes.map(({ gait, asks: count, kg }) =>
    t('measured.asks.size', { gait: wordIn(t, 'gait', gait), kg: steady(kg, 1), count }),
  )
  return (
    <Box marginTop="3" data-asks>
      {drives > 0 && (
        <MomentsLine
          isStrong={isOften === true}
          moments={isOften === true ? moments : []}
          {...(onMoment && { onMoment })}
        >
          {t(
            isOften === null ? 'measured.asks.few' : isOften ? 'measured.asks.often' : 'measured.asks.seldom',
            { drives, taken, fewest, kg: number(riseKg, 1) },
          )}
        </MomentsLine>
      )}
      {answered > 0 && (
        <MomentsLine isStrong={false} moments={heldOn} {...(onMoment && { onMoment })}>
          {t(heldOn.length > 0 ? 'measured.asks.heldOn' : 'measured.asks.letGo', {
            count: answered,
            held: heldOn.length,
          })}
        </MomentsLine>
      )}
      {said.length > 0 && <p>{t('measured.asks.sizes', { sizes: said.join(', ') })}</p>}
      <Quiet>{t('measured.asks.about')}</Quiet>
    </Box>
  )
}

interface MomentsLineProps {
  children: string
  isStrong: boolean
  moments: number[]
  onMoment?: (seconds: number) => void
}

/** A sentence, and the moments it speaks of. */
function MomentsLine({ children, isStrong, moments, onMoment }: MomentsLineProps) {
  const { t } = useText()
  return (
    <>
      <chakra.p fontWeight={isStrong ? '700' : '400'}>
        {children} {!onMoment && moments.map((s) => clock(1000 * s)).join(', ')}
      </chakra.p>
      {moments.length > 0 && onMoment && (
        <Flex gap="2" wrap="wrap" marginY="2">
          {moments.map((s) => (
            <Moment
              key={s}
              type="button"
              aria-label={t('measured.asks.moment', { time: clock(1000 * s) })}
              onClick={() => onMoment(s)}
            >
              {clock(1000 * s)}
            </Moment>
          ))}
        </Flex>
      )}
    </>
  )
}

const Moment = chakra('button', {
  base: {
    minHeight: 'touch',
    minWidth: 'touch',
    paddingX: '2',
    borderWidth: '1px',
    borderColor: 'line',
    borderRadius: 'key',
    background: 'card',
    fontVariantNumeric: 'tabular-nums',
    cursor: 'pointer',
  },
})
