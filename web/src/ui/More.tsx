import { Box } from '@chakra-ui/react'
import { useTranslation } from 'react-i18next'
import { Button } from './Button'
import { Trouble } from './Trouble'

interface Paged {
  fetchNextPage: () => Promise<unknown>
  isFetchingNextPage: boolean
  isFetchNextPageError: boolean
  error: Error | null
}

/** The rest of a list, a page at a touch; what is shown stays where it is. */
export function More({ of }: { of: Paged }) {
  const { t } = useTranslation()
  return (
    <Box marginTop="3">
      {of.isFetchNextPageError && <Trouble cause={of.error} />}
      <Button disabled={of.isFetchingNextPage} onClick={() => void of.fetchNextPage()}>
        {t('list.more')}
      </Button>
    </Box>
  )
}
