import { Box, chakra, Flex } from '@chakra-ui/react'
import { useEffect, useState } from 'react'
import { steady, useText } from '../text'
import { Button, Quiet } from '../ui'
import { follow } from './follow'
import { PlayKeys } from './PlayKeys'
import type { Player } from './player'
import { Stage } from './Stage'
import { useClipKeys } from './useClipKeys'

/** A second picture: its address in this page, and what it is called. */
export interface SecondVideo {
  url: string
  name: string
  durationMs: number
}

interface BesideProps {
  second: SecondVideo
  first: Player
  zoom: number
  onZoom: (by: 1 | -1) => void
  onClose: () => void
}

/** A second picture beside the first: each is brought to the same moment of what is compared, and from then on both go together. */
export function Beside({ second, first, zoom, onZoom, onClose }: BesideProps) {
  const { t } = useText()
  const [player, setPlayer] = useState<Player | null>(null)
  const [offsetMs, setOffset] = useState<number>()
  useEffect(
    () => (player && offsetMs !== undefined ? follow(first, player, offsetMs) : undefined),
    [first, player, offsetMs],
  )
  useClipKeys(offsetMs === undefined ? player : first, { onZoom, isBeside: true })
  const align = () => {
    if (!player) return
    first.pause()
    player.pause()
    setOffset(player.now().atMs - first.now().atMs)
  }
  return (
    <Box flex="1" minWidth="0" data-beside>
      <Stage
        url={second.url}
        label={second.name}
        lengthMs={second.durationMs}
        zoom={zoom}
        onPlayer={setPlayer}
        onZoom={onZoom}
      />
      {player && offsetMs === undefined && (
        <PlayKeys player={player} durationMs={second.durationMs} comments={[]} />
      )}
      <Flex gap="2" wrap="wrap" align="center" marginTop="2">
        {offsetMs === undefined ? (
          <Button look="act" onClick={align}>
            {t('clip.beside.align')}
          </Button>
        ) : (
          <Button onClick={() => setOffset(undefined)}>{t('clip.beside.apart')}</Button>
        )}
        <Button look="bare" onClick={onClose}>
          {t('clip.beside.close')}
        </Button>
      </Flex>
      <Quiet css={{ overflowWrap: 'anywhere' }}>
        {second.name}
        {offsetMs !== undefined && (
          <chakra.span role="status">
            {' · '}
            {t(offsetMs < 0 ? 'clip.beside.behind' : 'clip.beside.ahead', {
              seconds: steady(Math.abs(offsetMs) / 1000, 1),
            })}
          </chakra.span>
        )}
      </Quiet>
      {offsetMs === undefined && <Quiet>{t('clip.beside.how')}</Quiet>}
    </Box>
  )
}
