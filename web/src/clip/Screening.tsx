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
}

/** The picture, and under it what moves it. */
export function Screening({ clip: { file, comments }, url, player, zoom, onPlayer, onZoom }: ScreeningProps) {
  return (
    <>
      <Stage url={url} label={file.fileName} lengthMs={file.durationMs} zoom={zoom} onPlayer={onPlayer} />
      {player && (
        <PlayKeys player={player} durationMs={file.durationMs} comments={comments} onZoom={onZoom} />
      )}
    </>
  )
}
