import { chakra, Flex } from '@chakra-ui/react'
import { useText } from '../text'
import { limitsOf } from '../look'
import { detach } from '../recorder'
import type { Beside } from '../recorder'
import { useSafety } from '../safety'
import { Button, Quiet } from '../ui'
import { isOut } from './group'
import { CautionLines } from './CautionLines'

/** What stands against riding the others of the group, by name: read before all begin. */
export function OthersLines({ others }: { others: Beside[] }) {
  const { t } = useText()
  const { horseNow } = useSafety()
  if (others.length === 0) return null
  return (
    <chakra.section display="grid" gap="3">
      <chakra.h2 fontSize="lg" fontWeight="720">
        {t('group.othersTitle')}
      </chakra.h2>
      {others.map((o) => {
        const isStopped = isOut(o.ride, horseNow({ horse: o.horseId, pair: o.pair }))
        return (
          <Flex key={o.lesson} direction="column" gap="1">
            <chakra.h3 fontWeight="700">{o.horse}</chakra.h3>
            {isStopped ? (
              <chakra.p color="warn" fontWeight="650">
                {t('group.state.OUT')}
              </chakra.p>
            ) : (
              <CautionLines
                horse={o.horse}
                plan={o.kept.packet.plan.plan}
                limits={limitsOf(o.ride.looks.at(-1)?.seen)}
                none={<Quiet>{t('group.othersSound')}</Quiet>}
              />
            )}
          </Flex>
        )
      })}
    </chakra.section>
  )
}

interface EndOthersProps {
  others: Beside[]
  onEnd: (lesson: string) => Promise<unknown>
}

/** The others that are still recorded as ridden, to be ended with one touch. */
export function EndOthers({ others, onEnd }: EndOthersProps) {
  const { t } = useText()
  const riding = others.filter((o) => o.ride.startedAtMs !== null && o.ride.endedAtMs === null)
  if (riding.length === 0) return null
  return (
    <Flex direction="column" gap="2">
      <p>{t('group.stillRiding', { names: riding.map((o) => o.horse).join(', ') })}</p>
      <Button onClick={() => riding.forEach((o) => detach(onEnd(o.lesson)))}>{t('group.endAll')}</Button>
    </Flex>
  )
}
