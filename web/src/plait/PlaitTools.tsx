import { Flex } from '@chakra-ui/react'
import { Minus, MoveHorizontal, Plus, StepBack, StepForward } from 'lucide-react'
import { memo } from 'react'
import { useText } from '../text'
import { Button, Quiet } from '../ui'

interface PlaitToolsProps {
  /** Something meets: from one meeting to the next, else from event to event. */
  hasLit: boolean
  isListed: boolean
  /** Names what the keys do. */
  how: string
  onZoom: (factor: number) => void
  onWhole: () => void
  onNext: (by: 1 | -1) => void
  onList: () => void
}

/** The ways round the plait for a finger. */
export const PlaitTools = memo(function PlaitTools({ hasLit, isListed, how, ...on }: PlaitToolsProps) {
  const { t } = useText()
  return (
    <Flex gap="2" wrap="wrap" align="center">
      <Button aria-label={t('plait.closer')} onClick={() => on.onZoom(2)}>
        <Plus size={20} aria-hidden />
      </Button>
      <Button aria-label={t('plait.further')} onClick={() => on.onZoom(0.5)}>
        <Minus size={20} aria-hidden />
      </Button>
      <Button aria-label={t('plait.whole')} onClick={on.onWhole}>
        <MoveHorizontal size={20} aria-hidden />
      </Button>
      <Button aria-label={t(hasLit ? 'plait.meetingBefore' : 'plait.before')} onClick={() => on.onNext(-1)}>
        <StepBack size={20} aria-hidden />
      </Button>
      <Button aria-label={t(hasLit ? 'plait.nextMeeting' : 'plait.next')} onClick={() => on.onNext(1)}>
        <StepForward size={20} aria-hidden />
      </Button>
      <Button aria-pressed={isListed} look="key" onClick={on.onList}>
        {t('plait.asList')}
      </Button>
      <Quiet id={how} display={{ base: 'none', lg: 'block' }}>
        {t('plait.keys')}
      </Quiet>
    </Flex>
  )
})
