import { Flex } from '@chakra-ui/react'
import { useText } from '../text'
import { Button } from './Button'
import { useUpdate } from './update'

/** Says that a new version waits. It stands on the pages of the desk only: no lesson is interrupted by it. */
export function NewVersion() {
  const { t } = useText()
  const update = useUpdate()
  if (!update) return null
  return (
    <Flex role="status" align="center" justify="space-between" gap="3" marginBottom="5" color="quiet">
      {t('update.there')}
      <Button onClick={update}>{t('update.take')}</Button>
    </Flex>
  )
}
