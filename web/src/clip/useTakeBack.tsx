import { Flex } from '@chakra-ui/react'
import { useState } from 'react'
import type { ReactNode } from 'react'
import { detach } from '../recorder'
import type { Recorder } from '../recorder'
import { useText } from '../text'
import { Button, Quiet } from '../ui'

/** Takes an entry back, and says so where it stood: one touch puts it back. */
export function useTakeBack({ say }: Recorder): { takeBack: (id: string) => void; line: ReactNode } {
  const { t } = useText()
  const [by, setBy] = useState<string>()
  const takeBack = (id: string) =>
    detach(say({ kind: 'void', payload: { target: id } }).then((entry) => setBy(entry.id)))
  const putBack = (target: string) =>
    detach(say({ kind: 'void', payload: { target } }).then(() => setBy(undefined)))
  const line = by !== undefined && (
    <Flex gap="3" align="center" role="status">
      <Quiet>{t('clip.takenBack')}</Quiet>
      <Button onClick={() => putBack(by)}>{t('clip.putBack')}</Button>
    </Flex>
  )
  return { takeBack, line }
}
