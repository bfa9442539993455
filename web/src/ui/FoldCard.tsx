import { chakra, useMediaQuery } from '@chakra-ui/react'
import type { ReactNode } from 'react'
import { Card } from './Card'

interface FoldCardProps {
  title: string
  /** What is never folded away. */
  above?: ReactNode
  children: ReactNode
}

/** A sheet that lies open on a wide screen, and shows its title alone on a phone until it is touched. */
export function FoldCard({ title, above, children }: FoldCardProps) {
  const [isWide = false] = useMediaQuery(['(min-width: 62rem)'], { ssr: false })
  return (
    <Card paddingY={{ base: '0.5', md: '5' }}>
      {above}
      <Fold open={isWide}>
        <summary>
          <chakra.h2 display="inline" fontSize="xl" fontWeight="720">
            {title}
          </chakra.h2>
        </summary>
        {children}
      </Fold>
    </Card>
  )
}

const Fold = chakra('details', {
  base: {
    '& > summary': { minHeight: 'touch', display: 'flex', alignItems: 'center', cursor: 'pointer' },
    _open: { paddingBottom: '2' },
  },
})
