import { Box } from '@chakra-ui/react'
import { UserPlus } from 'lucide-react'
import { useText } from '../text'
import { LinkButton } from '../ui'

/** Two whom nobody has met: to their names, and off. */
export function NewcomersKey() {
  const { t } = useText()
  return (
    <Box marginTop="6">
      <LinkButton to="/newcomers">
        <UserPlus size={20} aria-hidden /> {t('newcomers.key')}
      </LinkButton>
    </Box>
  )
}
