import { chakra, Flex } from '@chakra-ui/react'
import { GitCompareArrows, X } from 'lucide-react'
import type { ReactNode } from 'react'
import { useText } from '../text'
import { Button } from '../ui'
import type { RiddenSegment } from '../capture'
import type { ProbeNow } from './probe'

interface ProbeLineProps {
  probe: ProbeNow | null
  /** The plan asks the question here. */
  isPlanned: boolean
  /** What stands here while no question is asked; undefined without a plan. */
  children: ReactNode
  exerciseName: (exercise: string) => string
  onAsk: () => void
  onTakeBack: (id: string) => void
  onHelped: (between: string) => void
  onChange: (change: Partial<RiddenSegment>) => void
}

/** One key asks "did that help?"; from then on the line counts four, another exercise, four, and takes the coach's word. */
export function ProbeLine({ probe, isPlanned, children, exerciseName, onAsk, ...on }: ProbeLineProps) {
  const { t } = useText()
  if (probe) return <Asked probe={probe} exerciseName={exerciseName} {...on} />
  const hasPlan = children !== undefined
  return (
    <Flex gap="1.5" align="stretch">
      <Button
        look={isPlanned ? 'live' : 'plain'}
        paddingX="3"
        flex={hasPlan ? undefined : '1'}
        flexShrink={0}
        aria-label={hasPlan ? t('probe.ask') : undefined}
        title={t('probe.ask')}
        onClick={onAsk}
      >
        <GitCompareArrows size={20} aria-hidden />
        {!hasPlan && t('probe.ask')}
      </Button>
      {hasPlan && (
        <chakra.div flex="1" minWidth="0">
          {children}
        </chakra.div>
      )}
    </Flex>
  )
}

function Asked({
  probe,
  exerciseName,
  onTakeBack,
  onHelped,
  onChange,
}: Omit<ProbeLineProps, 'children' | 'onAsk' | 'probe' | 'isPlanned'> & { probe: ProbeNow }) {
  const { t } = useText()
  const name = exerciseName(probe.of.exercise)
  const { exercise, gait, place } = probe.of
  return (
    <Flex
      gap="1.5"
      align="center"
      // as high as the line it stands for: nothing moves under the thumb
      height="touch"
      boxShadow="inset 0 0 0 2px {colors.ink}"
      borderRadius="key"
      paddingLeft="3"
      role="status"
      data-probe={probe.step}
    >
      <chakra.span flex="1" minWidth="0" fontWeight="650" lineHeight="1.15">
        {probe.step === 'BEFORE' &&
          t('probe.line.BEFORE', { asked: probe.asked, needed: probe.needed, name })}
        {probe.step === 'BETWEEN' &&
          (probe.between === null
            ? t('probe.line.NOW_OTHER')
            : t('probe.line.BETWEEN', { between: exerciseName(probe.between) }))}
        {probe.step === 'AFTER' && t('probe.line.AFTER', { asked: probe.asked, needed: probe.needed, name })}
        {probe.step === 'SAY' && t('probe.line.SAY', { between: exerciseName(probe.between) })}
      </chakra.span>
      {probe.step === 'BETWEEN' && probe.between !== null && (
        <Button look="key" onClick={() => onChange({ exercise, gait, place })}>
          {t('probe.backTo', { name })}
        </Button>
      )}
      {probe.step === 'SAY' && (
        <Button look="live" onClick={() => onHelped(probe.between)}>
          {t('probe.helped')}
        </Button>
      )}
      <Button
        paddingX="3"
        flexShrink={0}
        aria-label={t(probe.step === 'SAY' ? 'probe.notHelped' : 'probe.takeBack')}
        title={t(probe.step === 'SAY' ? 'probe.notHelped' : 'probe.takeBack')}
        onClick={() => onTakeBack(probe.id)}
      >
        <X size={20} aria-hidden />
      </Button>
    </Flex>
  )
}
