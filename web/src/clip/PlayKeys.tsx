import { chakra, Flex } from '@chakra-ui/react'
import { ChevronLeft, ChevronRight, Pause, Play, Repeat, ZoomIn, ZoomOut } from 'lucide-react'
import { steady, useText } from '../text'
import { Button } from '../ui'
import type { CommentOnClip } from './clips'
import { RATES } from './player'
import type { Player } from './player'
import { usePlaying } from './usePlaying'

interface PlayKeysProps {
  player: Player
  durationMs: number
  comments: readonly CommentOnClip[]
  /** Left out where another picture's keys bring it closer. */
  onZoom?: (by: 1 | -1) => void
}

/** Where in the clip, and how fast: for one thumb, under the picture. */
export function PlayKeys({ player, durationMs, comments, onZoom }: PlayKeysProps) {
  const { t } = useText()
  const { atMs, isPlaying, rate, loop } = usePlaying(player)
  return (
    <chakra.div data-play-keys>
      <chakra.div position="relative" marginTop="2">
        <chakra.input
          type="range"
          min={0}
          max={durationMs}
          step="any"
          value={atMs}
          onChange={(e) => player.seek(Number(e.target.value))}
          aria-label={t('clip.where')}
          aria-valuetext={t('clip.at', { at: momentIn(atMs) })}
          width="full"
          minHeight="touch"
          css={{ accentColor: 'var(--chakra-colors-live)' }}
        />
        <chakra.svg
          position="absolute"
          left="0"
          bottom="1"
          width="full"
          height="8px"
          viewBox="0 0 1000 8"
          preserveAspectRatio="none"
          pointerEvents="none"
          aria-hidden
        >
          {comments.map(({ id, atMs: from, untilMs }) => (
            <chakra.rect
              key={id}
              x={(1000 * from) / durationMs}
              width={Math.max(4, (1000 * ((untilMs ?? from) - from)) / durationMs)}
              height="8"
              fill="ink"
            />
          ))}
        </chakra.svg>
      </chakra.div>
      <Flex gap={{ base: '1.5', md: '2' }} wrap="wrap" align="center">
        <Button
          look="act"
          onClick={player.toggle}
          aria-label={t(isPlaying ? 'clip.pause' : 'clip.play')}
          aria-keyshortcuts="Space"
        >
          {isPlaying ? <Pause size={22} aria-hidden /> : <Play size={22} aria-hidden />}
        </Button>
        <Button
          look="key"
          onClick={() => player.step(-1)}
          aria-label={t('clip.back')}
          aria-keyshortcuts="ArrowLeft"
        >
          <ChevronLeft size={22} aria-hidden />
        </Button>
        <Button
          look="key"
          onClick={() => player.step(1)}
          aria-label={t('clip.on')}
          aria-keyshortcuts="ArrowRight"
        >
          <ChevronRight size={22} aria-hidden />
        </Button>
        <chakra.output
          fontWeight="720"
          fontSize="lg"
          fontVariantNumeric="tabular-nums"
          minWidth="28"
          textAlign="center"
          aria-live="off"
          data-moment
        >
          {momentIn(atMs)}
        </chakra.output>
        <Flex gap="1" role="group" aria-label={t('clip.speed')}>
          {RATES.map((each) => (
            <Button
              key={each}
              look="key"
              paddingX="2.5"
              aria-pressed={rate === each}
              onClick={() => player.setRate(each)}
            >
              {t(`clip.rate.${each === 1 ? 'full' : each === 0.5 ? 'half' : 'quarter'}`)}
            </Button>
          ))}
        </Flex>
        <Button
          look="key"
          paddingX={{ base: '2', md: '4' }}
          aria-label={t('clip.loop')}
          aria-pressed={loop !== null}
          onClick={player.loopLast}
          aria-keyshortcuts="L"
        >
          <Repeat size={20} aria-hidden />
          <chakra.span hideBelow="md">{t('clip.loop')}</chakra.span>
        </Button>
        {onZoom && (
          <>
            <Button
              look="key"
              paddingX={{ base: '2', md: '4' }}
              onClick={() => onZoom(1)}
              aria-label={t('clip.closer')}
              aria-keyshortcuts="+"
            >
              <ZoomIn size={20} aria-hidden />
            </Button>
            <Button
              look="key"
              paddingX={{ base: '2', md: '4' }}
              onClick={() => onZoom(-1)}
              aria-label={t('clip.further')}
              aria-keyshortcuts="-"
            >
              <ZoomOut size={20} aria-hidden />
            </Button>
          </>
        )}
      </Flex>
    </chakra.div>
  )
}

/** A moment of a clip, 0:04.3. */
export function momentIn(ms: number): string {
  const tenths = Math.round(ms / 100)
  return `${String(Math.floor(tenths / 600))}:${steady((tenths % 600) / 10, 1).padStart(4, '0')}`
}
