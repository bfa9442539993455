import { chakra, Flex } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import type { ReactNode } from 'react'
import { detach } from '../recorder'
import { useText } from '../text'
import { Button } from '../ui'
import type { SecondVideo } from './Beside'
import { ChooseVideo } from './ChooseVideo'
import type { Clip } from './clips'
import { openFile } from './openFile'
import type { NotOpened } from './openFile'

interface Second {
  second: SecondVideo | undefined
  close: () => void
  /** Ways to open one; nothing while one is open. */
  ways: ReactNode
}

/** A second video of this device, or the same once more, to be shown beside a clip. Nothing of it is kept. */
export function useSecondVideo({ file }: Pick<Clip, 'file'>, url: string): Second {
  const { t } = useText()
  const [second, setSecond] = useState<SecondVideo>()
  const [trouble, setTrouble] = useState<{ why: NotOpened; name: string }>()
  const isOwn = second !== undefined && second.url !== url
  useEffect(() => () => (isOwn ? URL.revokeObjectURL(second.url) : undefined), [isOwn, second])
  const choose = async (chosen: File) => {
    setTrouble(undefined)
    const opened = await openFile(chosen)
    if (typeof opened === 'string') setTrouble({ why: opened, name: chosen.name })
    else {
      const { fileName, durationMs } = opened.file
      setSecond({ url: opened.url, name: fileName, durationMs })
    }
  }
  const ways = !second && (
    <>
      <Flex gap="2" wrap="wrap" marginBottom="3">
        <ChooseVideo
          label={t('clip.beside.key')}
          named={t('clip.beside.choose')}
          onFile={(f) => detach(choose(f))}
        />
        <Button onClick={() => setSecond({ url, name: file.fileName, durationMs: file.durationMs })}>
          {t('clip.beside.same')}
        </Button>
      </Flex>
      {trouble && (
        <chakra.p role="alert">{t(`clip.notOpened.${trouble.why}`, { name: trouble.name })}</chakra.p>
      )}
    </>
  )
  return { second, close: () => setSecond(undefined), ways }
}
