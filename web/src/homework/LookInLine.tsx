import { Box, chakra } from '@chakra-ui/react'
import type { Assignment } from '../api'
import { useMe } from '../session'
import { dayShort, useText } from '../text'
import { Quiet } from '../ui'

/** What the coach answered last, in the rider's words; nothing before the first answer. */
export function LookInLine({ lookIns }: Pick<Assignment, 'lookIns'>) {
  const { t } = useText()
  const { timeZone } = useMe()
  const answer = lookIns.at(-1)
  if (!answer) return null
  return (
    <Box marginTop="3" borderLeftWidth="4px" borderColor="live" paddingLeft="3">
      <chakra.p fontWeight="650">
        {t(`verdictSaid.${answer.verdict}`)}
        {answer.sentence && ` “${answer.sentence}”`}
      </chakra.p>
      <Quiet>
        {answer.by}, {dayShort(answer.at, timeZone)}
      </Quiet>
    </Box>
  )
}
