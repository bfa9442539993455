import { Box } from '@chakra-ui/react'
import { useText } from '../text'
import { Button } from './Button'
import { Trouble } from './Trouble'

interface Paged {
  fetchNextPage: () => Promise<unknown>
  isFetchingNextPage: boolean
  isFetchNextPageError: boolean
  error: Error | null
}

/** The rest of a list, a page at a touch; what is shown stays where it is. */
export function More({ list }: { list: Paged }) {
  const { t } = useText()
  return (
    <Box marginTop="3">
      {list.isFetchNextPageError && <Trouble cause={list.error} />}
      <Button disabled={list.isFetchingNextPage} onClick={() => void list.fetchNextPage()}>
        {t('list.more')}
      </Button>
    </Box>
  )
}
