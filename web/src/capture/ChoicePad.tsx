import { chakra, Grid } from '@chakra-ui/react'
import { Gift } from 'lucide-react'
import { CHOICES } from '../record'
import type { Choice, RideMark } from '../record'
import { clock, useText } from '../text'
import { useNow } from '../ui'
import { PadCount, PadKey } from './PadKey'

/** Leaving is no error. */
const WORTH: Partial<Record<Choice, 'good' | 'warn'>> = { COMES: 'good', WAITS: 'good', FRIGHT: 'warn' }

interface ChoicePadProps {
  /** What was marked on what is worked on now. */
  marks: RideMark[]
  offsetMs: number
  onChoice: (choice: Choice, returnS: number | undefined) => void
  onReward: () => void
}

/**
 * The pad of reward-based work: what the horse chose, one touch each, no strengths. While it is away its key counts the
 * seconds; touched, they are kept. Rewards are counted beside.
 */
export function ChoicePad({ marks, offsetMs, onChoice, onReward }: ChoicePadProps) {
  const { t } = useText()
  const away = awayMs(marks, useNow(offsetMs))
  const count = (is: (said: RideMark['said']) => boolean) => marks.filter((m) => is(m.said)).length
  const rewards = count((said) => said.kind === 'reward')
  return (
    <Grid
      role="group"
      aria-label={t('choice.pad')}
      templateColumns="minmax(0, 2.4fr) minmax(0, 1fr)"
      gridTemplateRows="repeat(5, 1fr)"
      gap="1.5"
      flex="1"
      minHeight="0"
    >
      {CHOICES.map((choice) => {
        const so = count((said) => said.kind === 'choice' && said.choice === choice)
        const isBack = choice === 'RETURNS' && away !== undefined
        return (
          <PadKey
            key={choice}
            data-worth={WORTH[choice]}
            aria-label={t('choice.cell', { choice: t(`choice.${choice}`), count: so })}
            gridColumn="1"
            onClick={() => onChoice(choice, isBack ? Math.round(away / 1000) : undefined)}
          >
            <span aria-hidden>
              {t(`choice.${choice}`)}
              {isBack && <Away>{t('choice.away', { time: clock(away) })}</Away>}
            </span>{' '}
            <PadCount aria-hidden>{so > 0 ? so : ''}</PadCount>
          </PadKey>
        )
      })}
      <PadKey
        gridColumn="2"
        gridRow="1 / 6"
        flexDirection="column"
        justifyContent="center"
        gap="3"
        aria-label={t('choice.rewardCell', { count: rewards })}
        onClick={onReward}
      >
        <Gift size={30} aria-hidden />
        <span aria-hidden>{t('choice.reward')}</span>{' '}
        <PadCount aria-hidden>{rewards > 0 ? rewards : ''}</PadCount>
      </PadKey>
    </Grid>
  )
}

/** How long it has been away; undefined when it is here. */
export function awayMs(marks: RideMark[], nowMs: number): number | undefined {
  const last = marks.filter((m) => m.said.kind === 'choice').at(-1)
  return last?.said.kind === 'choice' && last.said.choice === 'LEAVES'
    ? Math.max(0, nowMs - last.atMs)
    : undefined
}

const Away = chakra('span', {
  base: { display: 'block', fontWeight: '500', fontSize: 'md', fontVariantNumeric: 'tabular-nums' },
})
