import { Box, chakra } from '@chakra-ui/react'
import { useText } from '../text'
import { useSafety, WhatNow } from '../safety'
import type { StoredSign } from '../store'
import { Button } from '../ui'
import type { Wrong } from './useWrong'

/** A practice that was stopped: what to do now and whom to call; taken back only by mistake. */
export function StoppedPractice({ wrong, stopped }: { wrong: Wrong; stopped: StoredSign }) {
  const { t } = useText()
  const { contacts } = useSafety()
  return (
    <Box maxWidth="36rem" marginX="auto">
      <chakra.h1 fontSize="2xl" fontWeight="760" marginBottom="3">
        {stopped.name}
      </chakra.h1>
      <WhatNow sign={stopped.sign} horseName={stopped.name} horse={stopped.horse} contacts={contacts}>
        <Button look="act" minHeight="64px" fontSize="xl" onClick={wrong.close}>
          {t('wrong.understood')}
        </Button>
        <Button onClick={() => void wrong.takeBack()}>{t('wrong.takeBack')}</Button>
      </WhatNow>
    </Box>
  )
}
