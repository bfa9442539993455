import { Box, chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import type { Lesson } from '../api'
import { useMe } from '../session'
import { useText } from '../text'
import { Button, Field, Quiet, Trouble } from '../ui'
import { useAfter } from './useAfter'

interface NextTimeProps {
  lesson: Lesson
  said: string | null
}

/** A line for whoever plans the next lesson. */
export function NextTime({ lesson, said }: NextTimeProps) {
  const { t } = useText()
  const { actions } = useMe()
  const [isChanging, setChanging] = useState(false)
  const mayWrite = actions.includes('RECORD')
  if (said !== null && !isChanging) {
    return (
      <Flex gap="3" wrap="wrap" align="center" justify="space-between" data-next-time>
        <Box>
          <chakra.p>
            <b>{t('nextTime.heading')}:</b> {said}
          </chakra.p>
          <Quiet>{t('nextTime.kept')}</Quiet>
        </Box>
        {mayWrite && (
          <Button look="plain" onClick={() => setChanging(true)}>
            {t('nextTime.change')}
          </Button>
        )}
      </Flex>
    )
  }
  return mayWrite ? <Write key={said} lesson={lesson} said={said} onKept={() => setChanging(false)} /> : null
}

function Write({ lesson, said, onKept }: NextTimeProps & { onKept: () => void }) {
  const { t } = useText()
  const { said: keeping, isReady } = useAfter(lesson.id)
  const [text, setText] = useState(said ?? '')
  const line = text.trim()
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        if (isReady && line !== '') {
          keeping.mutate({ kind: 'next_time', payload: { text: line } }, { onSuccess: onKept })
        }
      }}
    >
      <Flex gap="2" wrap="wrap" align="end">
        <Box flex="1" minWidth="10rem">
          <Field
            label={t('nextTime.label')}
            maxLength={400}
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
        </Box>
        <Button type="submit" disabled={!isReady || line === ''}>
          {t('nextTime.keep')}
        </Button>
      </Flex>
      {keeping.isError && <Trouble cause={keeping.error} />}
    </form>
  )
}
