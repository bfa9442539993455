import { Flex } from '@chakra-ui/react'
import type { RungForRide } from '../api'
import { SideLetter } from './side'
import type { OneSide } from './side'
import { ABOUT } from './tallied'

/** What came on a rung of what was asked last, side by side; as one where it works neither side. */
export function StepCounts({ step }: { step: RungForRide }) {
  const { left, right, works } = step
  return (
    <Flex align="center" gap="1.5" fontVariantNumeric="tabular-nums" fontWeight="650" color="ink">
      {works === 'NEITHER' ? (
        <Count of={left} />
      ) : (
        <>
          <Count side="LEFT" of={left} />
          <Count side="RIGHT" of={right} />
        </>
      )}
    </Flex>
  )
}

function Count({ side, of }: { side?: OneSide; of: RungForRide['left'] }) {
  return (
    <>
      {side && <SideLetter side={side} size="1.3em" />}
      {of.tallied > 0 && ABOUT}
      {of.successes}/{of.asks}
    </>
  )
}
