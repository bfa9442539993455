import { chakra } from '@chakra-ui/react'
import { ChevronRight } from 'lucide-react'
import { useState } from 'react'
import type { ConePart } from '../api'
import { useText } from '../text'
import { Button } from '../ui'

/** The two-cone drill: what to ask for now, in the order drawn for this lesson; one touch brings the next. */
export function ConeLine({ parts }: { parts: ConePart[] }) {
  const { t } = useText()
  const [at, setAt] = useState(0)
  const now = parts[at % parts.length]
  if (!now) return null
  return (
    <Button
      look="act"
      width="full"
      justifyContent="flex-start"
      data-cone-part={at}
      onClick={() => setAt(at + 1)}
    >
      <chakra.span flex="1" truncate textAlign="left">
        {t(`cone.part.${now}`)}
      </chakra.span>
      <chakra.span fontWeight="500">{t('cone.next')}</chakra.span>
      <ChevronRight size={20} aria-hidden />
    </Button>
  )
}
