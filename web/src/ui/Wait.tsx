import { useText } from '../text'
import { chakra } from '@chakra-ui/react'

export function Wait() {
  const { t } = useText()
  return (
    <chakra.p role="status" padding="8" color="quiet">
      {t('wait')}
    </chakra.p>
  )
}
