import { Box, chakra, useMediaQuery } from '@chakra-ui/react'
import { useEffect, useRef } from 'react'
import type { ReactNode } from 'react'
import type { FirstLook } from '../record'
import { useText } from '../text'
import { Quiet } from '../ui'

interface PassFoldProps {
  title: string
  look: FirstLook
  /** What is looked at in this pass. */
  checks: readonly (keyof FirstLook)[]
  /** Where one stands now. */
  isNow: boolean
  /** On a wide screen its place says what it is. */
  isTitled?: boolean
  children: ReactNode
}

/**
 * One pass of the look. On a phone only that of where one stands lies open: the other is a line, which says how much of it was looked at.
 */
export function PassFold({ title, look, checks, isNow, isTitled = false, children }: PassFoldProps) {
  const { t } = useText()
  const [isWide = false] = useMediaQuery(['(min-width: 62rem)'], { ssr: false })
  const top = useRef<HTMLDetailsElement>(null)
  const wasNow = useRef(isNow)
  useEffect(() => {
    // from the other pass to this one: it begins under the eye
    if (isNow && !wasNow.current) top.current?.scrollIntoView({ block: 'start' })
    wasNow.current = isNow
  }, [isNow])
  if (isWide) {
    return (
      <>
        {isTitled && <Pass>{title}</Pass>}
        {children}
      </>
    )
  }
  const done = checks.filter((c) => look[c] !== undefined).length
  return (
    <Box scrollMarginTop="2" asChild>
      <Fold ref={top} key={String(isNow)} open={isNow}>
        <summary>
          <Pass as="span" marginTop="0" paddingTop="0" borderTopWidth="0">
            {title}
          </Pass>
          <Quiet as="span">{t('look.done', { done, of: checks.length })}</Quiet>
        </summary>
        {children}
      </Fold>
    </Box>
  )
}

export const Pass = chakra('h2', {
  base: {
    fontSize: 'xl',
    fontWeight: '720',
    marginTop: '5',
    paddingTop: '3',
    borderTopWidth: '1px',
    borderColor: 'line',
  },
})

const Fold = chakra('details', {
  base: {
    borderTopWidth: '1px',
    borderColor: 'line',
    '& > summary': {
      minHeight: 'touch',
      display: 'flex',
      alignItems: 'center',
      justifyContent: 'space-between',
      gap: '3',
      cursor: 'pointer',
      listStyle: 'none',
    },
    '& > summary::-webkit-details-marker': { display: 'none' },
  },
})
