import { chakra, Flex } from '@chakra-ui/react'
import { BellRing } from 'lucide-react'
import { useText } from '../text'
import type { Nudge, NudgeRules } from '../nudge'

/** One quiet line; touched, it says why. Never over the pad. */
export function NudgeLine({ nudge, rules }: { nudge: Nudge; rules: NudgeRules }) {
  const { t } = useText()
  return (
    <chakra.div role="status" data-nudge={nudge}>
      <Line key={nudge}>
        <summary>
          {/* two lines on a phone are no higher than the head: the keys below do not move */}
          <Flex align="center" gap="2" minHeight="48px" lineHeight="1.1">
            <BellRing size={18} aria-hidden />
            {t(`nudge.${nudge}`)}
          </Flex>
        </summary>
        <chakra.p fontWeight="400" paddingY="1.5">
          {t(`nudgeWhy.${nudge}`, {
            turn: rules.turnS / 60,
            breath: rules.breathS / 60,
            work: rules.workS / 60,
            good: rules.goodStopS / 60,
            running: rules.yesRunning,
          })}
        </chakra.p>
      </Line>
    </chakra.div>
  )
}

const Line = chakra('details', {
  base: {
    background: 'live',
    color: 'onLive',
    borderRadius: 'key',
    paddingX: '3',
    paddingY: '0',
    fontWeight: '720',
    '& > summary': { cursor: 'pointer', listStyle: 'none' },
  },
})
