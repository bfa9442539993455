import { Box, Flex } from '@chakra-ui/react'
import type { PointerEvent, ReactNode } from 'react'
import type { ClipToWatch } from './clips'
import { PlayKeys } from './PlayKeys'
import type { Player } from './player'
import { Stage } from './Stage'

interface ScreeningProps {
  clip: ClipToWatch
  url: string
  player: Player | null
  zoom: number
  onPlayer: (player: Player | null) => void
  onZoom: (by: 1 | -1) => void
  /** Another picture, to be compared. */
  beside?: ReactNode
  /** Lies over the picture. */
  over?: ReactNode
  /** The picture was touched. */
  onTouch?: (e: PointerEvent<HTMLElement>) => void
}

/** The picture, and under it what moves it. */
export function Screening({
  clip: { file, comments },
  url,
  player,
  zoom,
  onPlayer,
  onZoom,
  beside,
  over,
  onTouch,
}: ScreeningProps) {
  return (
    <Flex direction={{ base: 'column', md: 'row' }} gap="3" align="start">
      <Box flex="1" width="full" minWidth="0">
        <Stage
          url={url}
          label={file.fileName}
          lengthMs={file.durationMs}
          zoom={zoom}
          onPlayer={onPlayer}
          onZoom={onZoom}
          over={over}
          onTouch={onTouch}
        />
        {player && (
          <PlayKeys player={player} durationMs={file.durationMs} comments={comments} onZoom={onZoom} />
        )}
      </Box>
      {beside}
    </Flex>
  )
}
