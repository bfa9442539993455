import { chakra } from '@chakra-ui/react'
import { CircleOff, Hourglass, Pause, SquareCheck } from 'lucide-react'
import { memo } from 'react'
import type { Lesson } from '../api'
import type { Rein } from '../record'
import { Button, GroupStrip, isOneSide, SideLetter } from '../ui'
import { useText } from '../text'
import type { GroupState } from './group'

interface GroupBarProps {
  lesson: Lesson
  /** Of the others; one that is not on this device yet is not among them. */
  states: Record<string, GroupState | undefined>
  /** To which rein one touch brings all; undefined where none is ridden now. */
  allTo?: 'LEFT' | 'RIGHT' | undefined
  onAll?: (rein: 'LEFT' | 'RIGHT') => void
}

const SIGN = { RESTING: Pause, OVER: SquareCheck, OUT: CircleOff, WAITING: Hourglass }

/** Who rides beside this pair: a touch on a name goes there, and one key brings all onto the other rein. */
export const GroupBar = memo(function GroupBar({ lesson, states, allTo, onAll }: GroupBarProps) {
  const { t } = useText()
  return (
    <GroupStrip
      lesson={lesson}
      screen="ride"
      beside={(id) => {
        const state = states[id]
        return state && <State state={state} />
      }}
    >
      {allTo && onAll && (
        <Button flexShrink={0} paddingX="3" onClick={() => onAll(allTo)}>
          {t('group.all')}
          <chakra.span aria-hidden>
            <SideLetter side={allTo} />
          </chakra.span>
          <chakra.span srOnly>{t('group.allTo', { rein: t(`rein.${allTo}`) })}</chakra.span>
        </Button>
      )}
    </GroupStrip>
  )
})

function State({ state }: { state: GroupState }) {
  const { t } = useText()
  if (isRein(state)) return isOneSide(state) ? <SideLetter side={state} /> : null
  const Sign = SIGN[state]
  return (
    <chakra.span role="img" aria-label={t(`group.state.${state}`)} opacity="0.8">
      <Sign size={18} aria-hidden />
    </chakra.span>
  )
}

function isRein(state: GroupState): state is Rein {
  return state === 'LEFT' || state === 'RIGHT' || state === 'NONE'
}
