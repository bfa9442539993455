import { chakra, Grid } from '@chakra-ui/react'
import { memo } from 'react'
import { useTranslation } from 'react-i18next'
import { RESPONSES, STRENGTHS } from '../record'
import type { Response, Strength } from '../record'
import { useHand } from '../ui/hand'
import type { Sided } from '../ui/side'
import { SIDE } from '../ui/side'
import { useLongTouch } from './useLongTouch'

interface PadProps {
  side: Sided | null
  /** Counts of what is being ridden, by strength and response. */
  counts: number[][] | undefined
  /** A strength chosen by key, waiting for the answer's key. */
  armed: Strength | null
  onTouch: (strength: Strength, response: Response) => void
  /** A long touch: there is more to say of this one. */
  onMore: (strength: Strength, response: Response) => void
}

/**
 * The pad: columns say how strongly it was asked, rows what came. One touch is one exchange. It fills with the counts
 * of this rein, in its colour, so that the filled pad is the picture of the segment.
 */
export function Pad({ side, counts, armed, onTouch, onMore }: PadProps) {
  const { t } = useTranslation()
  const isLeftHand = useHand()[0] === 'left'
  const head = (response: Response) => <RowHead aria-hidden>{t(`response.${response}`)}</RowHead>
  const most = Math.max(4, ...(counts ?? []).flat())
  return (
    <Grid
      role="group"
      aria-label={t('ride.pad')}
      templateColumns={
        isLeftHand ? 'repeat(4, minmax(64px, 1fr)) 4.1rem' : '4.1rem repeat(4, minmax(64px, 1fr))'
      }
      gridTemplateRows="auto 1.35fr repeat(4, 1fr)"
      gap="1.5"
      flex="1"
      minHeight="0"
    >
      {!isLeftHand && <span />}
      {STRENGTHS.map((s) => (
        <ColumnHead key={s} aria-hidden data-armed={armed === s || undefined}>
          <b>{s}</b> {t(`strength.${s}`)}
        </ColumnHead>
      ))}
      {isLeftHand && <span />}
      {RESPONSES.map((response, row) => (
        <PadRow key={response}>
          {!isLeftHand && head(response)}
          {STRENGTHS.map((strength) => {
            const count = counts?.[strength - 1]?.[row] ?? 0
            return (
              <Key
                key={strength}
                strength={strength}
                response={response}
                count={count}
                share={count / most}
                color={side ? SIDE[side].color : 'quiet'}
                onTouch={onTouch}
                onMore={onMore}
              />
            )
          })}
          {isLeftHand && head(response)}
        </PadRow>
      ))}
    </Grid>
  )
}

interface KeyProps extends Pick<PadProps, 'onTouch' | 'onMore'> {
  strength: Strength
  response: Response
  count: number
  /** Of the fullest. */
  share: number
  color: string
}

/** One key; drawn anew only when what it shows has changed, so that a touch is painted at once. */
const Key = memo(function Key({ strength, response, count, share, color, onTouch, onMore }: KeyProps) {
  const { t } = useTranslation()
  const touch = useLongTouch(
    () => onTouch(strength, response),
    () => onMore(strength, response),
  )
  return (
    <Cell
      aria-label={t('ride.cell', { response: t(`response.${response}`), strength, count })}
      data-row={response}
      {...touch}
    >
      <Fill share={share} color={color} />
      <Count isFilled={count > 0}>{count > 0 ? count : ''}</Count>
    </Cell>
  )
})

const PadRow = chakra('div', { base: { display: 'contents' } })

const ColumnHead = chakra('div', {
  base: {
    textAlign: 'center',
    fontSize: 'sm',
    color: 'quiet',
    paddingBottom: '0.5',
    borderRadius: '6px',
    '& b': { color: 'ink', fontSize: 'md' },
    '&[data-armed]': { background: 'live', color: 'onLive' },
  },
})

const RowHead = chakra('div', {
  base: { display: 'flex', alignItems: 'center', fontWeight: '700', fontSize: 'md', lineHeight: '1' },
})

const Cell = chakra('button', {
  base: {
    position: 'relative',
    overflow: 'hidden',
    minHeight: 'pad',
    borderRadius: 'key',
    borderWidth: '2px',
    borderColor: 'line',
    background: 'card',
    cursor: 'pointer',
    touchAction: 'manipulation',
    userSelect: 'none',
    transition: 'background 0.35s',
    '&[data-row=YES]': { borderColor: 'good', borderWidth: '3px' },
    _active: { background: 'live', transition: 'none' },
  },
})

function Fill({ share, color }: { share: number; color: string }) {
  return (
    <chakra.span
      aria-hidden
      position="absolute"
      left="0"
      right="0"
      bottom="0"
      background={color}
      opacity="0.28"
      style={{ height: `${100 * share}%` }}
    />
  )
}

function Count({ isFilled, children }: { isFilled: boolean; children: React.ReactNode }) {
  return (
    <chakra.span
      aria-hidden
      position="relative"
      fontFamily="heading"
      fontSize="3xl"
      fontWeight="750"
      color={isFilled ? 'ink' : 'quiet'}
      fontVariantNumeric="tabular-nums"
    >
      {children}
    </chakra.span>
  )
}
