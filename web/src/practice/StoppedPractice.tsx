import { Box } from '@chakra-ui/react'
import { useMutation } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { useSafety, WhatNow } from '../safety'
import type { KeptSign } from '../store'
import { Button } from '../ui/Button'
import { Trouble } from '../ui/Trouble'
import type { Wrong } from './useWrong'

/** A practice that was stopped: what to do now and whom to call; taken back only by mistake. */
export function StoppedPractice({ wrong, stopped }: { wrong: Wrong; stopped: KeptSign }) {
  const { t } = useTranslation()
  const { contacts } = useSafety()
  const takeBack = useMutation({ networkMode: 'always', mutationFn: wrong.takeBack })
  return (
    <Box maxWidth="36rem" marginX="auto">
      <WhatNow sign={stopped.sign} horseName={stopped.name} horse={stopped.horse} contacts={contacts}>
        <Button look="act" minHeight="64px" fontSize="xl" onClick={wrong.close}>
          {t('wrong.understood')}
        </Button>
        <Button disabled={takeBack.isPending} onClick={() => takeBack.mutate()}>
          {t('wrong.takeBack')}
        </Button>
        {takeBack.isError && <Trouble cause={takeBack.error} />}
      </WhatNow>
    </Box>
  )
}
