import { chakra } from '@chakra-ui/react'
import { useTranslation } from 'react-i18next'

export function Wait() {
  const { t } = useTranslation()
  return (
    <chakra.p role="status" padding="8" color="quiet">
      {t('wait')}
    </chakra.p>
  )
}
