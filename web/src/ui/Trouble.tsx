import { chakra, Flex } from '@chakra-ui/react'
import { TriangleAlert } from 'lucide-react'
import { wordIn, useText } from '../text'
import { Problem, Unreachable } from '../api'
import { Button } from './Button'

/** What went wrong, in a sentence that says what to do. A shape and words, never a colour alone. */
export function Trouble({ cause, onAgain }: { cause: unknown; onAgain?: () => void }) {
  const { t, i18n } = useText()
  const code =
    cause instanceof Unreachable ? 'unreachable' : cause instanceof Problem ? cause.code : 'failure'
  const key = i18n.exists(`problem.${code}`) ? code : 'failure'
  return (
    <Flex
      role="alert"
      gap="3"
      align="center"
      padding="3"
      borderRadius="key"
      borderWidth="2px"
      borderColor="warn"
      background="warnSoft"
      color="ink"
    >
      <chakra.span color="warn" flexShrink={0}>
        <TriangleAlert size={22} aria-hidden />
      </chakra.span>
      <chakra.div flex="1">
        <p>{wordIn(t, 'problem', key)}</p>
        {cause instanceof Problem &&
          cause.issues.map((issue) => (
            <chakra.p key={issue.path + issue.code} fontWeight="650">
              {i18n.exists(`issue.${issue.code}`) ? wordIn(t, 'issue', issue.code) : issue.expected}
            </chakra.p>
          ))}
      </chakra.div>
      {onAgain && <Button onClick={onAgain}>{t('problem.again')}</Button>}
    </Flex>
  )
}
