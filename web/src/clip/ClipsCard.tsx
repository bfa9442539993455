import { Box, chakra } from '@chakra-ui/react'
import type { Debrief } from '../api'
import { clock, useText } from '../text'
import { FoldCard, LinkButton } from '../ui'
import { stillPath } from './CommentList'
import { FrameLines } from './FrameLines'
import { LagLines } from './LagLines'
import { momentIn } from './PlayKeys'
import { StillPicture } from './StillPicture'
import { TimingLines } from './TimingLines'

/** What was said and measured on the lesson's videos, in the debrief; nothing where none was looked at. */
export function ClipsCard({ lesson, clips }: { lesson: string; clips: Debrief['clips'] }) {
  const { t } = useText()
  const said = clips.filter(
    (clip) => clip.timing !== null || clip.comments.length + clip.footfalls.length + clip.frames.length > 0,
  )
  if (said.length === 0) return null
  return (
    <FoldCard title={t('clip.key')}>
      {said.map((clip) => (
        <Box key={clip.id} marginBottom="3" data-clip>
          <chakra.h3 fontWeight="700" css={{ overflowWrap: 'anywhere' }}>
            {clip.name} · {clock(clip.durationMs)}
          </chakra.h3>
          {clip.comments.map(({ atMs, text }, i) => (
            <chakra.p key={i} borderLeftWidth="4px" borderColor="live" paddingLeft="3" marginY="1">
              <chakra.span fontWeight="700" fontVariantNumeric="tabular-nums">
                {momentIn(atMs)}
              </chakra.span>{' '}
              {text}
            </chakra.p>
          ))}
          {clip.timing && (
            <TimingLines
              {...clip.timing}
              prompt={clip.timing.promptReleases}
              hurried={clip.timing.hurriedWaits}
              long={clip.timing.longWaits}
              strideS={clip.footfalls.at(-1)?.strideS}
            />
          )}
          {clip.frames.map(({ atMs, shape, of, tells, still, width, height, points }, i) => (
            <Box key={i} marginTop="2" data-frame>
              <chakra.p fontWeight="650" css={{ overflowWrap: 'anywhere' }}>
                {momentIn(atMs)} {of ?? t(`frameShape.${shape}`)}
              </chakra.p>
              <FrameLines tells={tells} />
              {still && (
                <StillPicture
                  src={stillPath(lesson, still)}
                  label={t('drawing.still', { at: momentIn(atMs) })}
                  size={{ width, height }}
                  strokes={[points]}
                />
              )}
            </Box>
          ))}
          {clip.footfalls.map(({ atMs, strideS, left, right }, i) => (
            <Box key={i} marginTop="2">
              <chakra.p color="quiet" fontSize="sm">
                {t('clip.from', { at: momentIn(atMs) })}
              </chakra.p>
              <LagLines strideS={strideS} left={left} right={right} />
            </Box>
          ))}
        </Box>
      ))}
      <LinkButton to={`/lessons/${lesson}/clip`}>{t('clip.toClips')}</LinkButton>
    </FoldCard>
  )
}
