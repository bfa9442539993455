import { Grid } from '@chakra-ui/react'
import { memo, useCallback, useSyncExternalStore } from 'react'
import { useText } from '../text'
import { RESPONSES, STRENGTHS } from '../record'
import type { Response, Strength } from '../record'
import { useHand, SIDE } from '../ui'
import type { OneSide } from '../ui'
import type { PendingTouches } from './pendingTouches'
import style from './pad.module.css'
import { useLongTouch } from './useLongTouch'

interface PadProps {
  side: OneSide | null
  /** What is ridden, as one word: touches of another are not shown here. */
  on: string
  /** Counts of what is being ridden, by strength and response. */
  counts: number[][] | undefined
  /** What was touched and is not yet in the counts. */
  touched: PendingTouches
  onTouch: (strength: Strength, response: Response) => void
  /** A long touch: there is more to say of this one. */
  onMore: (strength: Strength, response: Response) => void
}

/**
 * The pad: columns say how strongly it was asked, rows what came. One touch is one exchange. It fills with the counts
 * of this rein, in its colour, so that the filled pad is the picture of the segment.
 */
export function Pad({ side, on, counts, touched, onTouch, onMore }: PadProps) {
  const { t } = useText()
  const isLeftHand = useHand()[0] === 'left'
  const head = (response: Response) => <Answer response={response} />
  const most = Math.max(4, ...(counts ?? []).flat())
  return (
    <Grid
      role="group"
      aria-label={t('ride.pad')}
      templateColumns={
        isLeftHand ? 'repeat(4, minmax(64px, 1fr)) 4.5rem' : '4.5rem repeat(4, minmax(64px, 1fr))'
      }
      gridTemplateRows="auto 1.35fr repeat(4, 1fr)"
      gap="1.5"
      flex="1"
      minHeight="0"
    >
      {!isLeftHand && <span />}
      {STRENGTHS.map((s) => (
        <Asked key={s} strength={s} touched={touched} />
      ))}
      {isLeftHand && <span />}
      {RESPONSES.map((response, row) => (
        <div key={response} style={{ display: 'contents' }}>
          {!isLeftHand && head(response)}
          {STRENGTHS.map((strength) => {
            const count = counts?.[strength - 1]?.[row] ?? 0
            return (
              <Key
                key={strength}
                strength={strength}
                response={response}
                on={on}
                told={count}
                most={most}
                touched={touched}
                color={`var(--chakra-colors-${side ? SIDE[side].color : 'quiet'})`}
                onTouch={onTouch}
                onMore={onMore}
              />
            )
          })}
          {isLeftHand && head(response)}
        </div>
      ))}
    </Grid>
  )
}

interface KeyProps extends Pick<PadProps, 'on' | 'touched' | 'onTouch' | 'onMore'> {
  strength: Strength
  response: Response
  /** What the log has. */
  told: number
  /** The count that fills a key. */
  most: number
  color: string
}

/**
 * One key; drawn anew only when what it shows has changed, so that a touch is painted at once. Its name counts what is kept.
 */
const Key = memo(function Key({ on, strength, response, told, most, color, touched, ...does }: KeyProps) {
  const { t } = useText()
  const read = useCallback(() => touched.count(on, strength, response), [touched, on, strength, response])
  const underway = useSyncExternalStore(touched.subscribe, read)
  const shown = told + underway
  const touch = useLongTouch(
    () => does.onTouch(strength, response),
    () => does.onMore(strength, response),
  )
  return (
    <button
      type="button"
      className={style.key}
      aria-label={t('ride.cell', { response: t(`response.${response}`), strength, count: told })}
      data-row={response}
      data-underway={underway > 0 || undefined}
      {...touch}
    >
      <span
        className={style.fill}
        aria-hidden
        style={{ height: `${100 * Math.min(1, shown / most)}%`, background: color }}
      />
      <span className={style.count} aria-hidden>
        {shown > 0 ? shown : ''}
      </span>
    </button>
  )
})

const Answer = memo(function Answer({ response }: { response: Response }) {
  const { t } = useText()
  return (
    <div className={style.answer} data-row={response} aria-hidden>
      {t(`response.${response}`)}
    </div>
  )
})

/** A strength; it stands out while it waits for its answer's key. */
const Asked = memo(function Asked({ strength, touched }: { strength: Strength; touched: PendingTouches }) {
  const { t } = useText()
  const isArmed = useSyncExternalStore(touched.subscribe, () => touched.armed() === strength)
  return (
    <div className={style.asked} aria-hidden data-armed={isArmed || undefined}>
      <b>{strength}</b> {t(`strength.${strength}`)}
    </div>
  )
})
