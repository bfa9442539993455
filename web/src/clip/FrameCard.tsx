import { chakra, Flex } from '@chakra-ui/react'
import { Undo2 } from 'lucide-react'
import { useState } from 'react'
import { FRAME_SHAPES, BOUNDS } from '../record'
import type { FrameShape } from '../record'
import { detach } from '../recorder'
import type { Recorder } from '../recorder'
import { useText } from '../text'
import { Button, Card, CardTitle, Field, lengthToType, lengthTyped, Quiet, textOrNull, useUnits } from '../ui'
import type { Clip } from './clips'
import { FrameLines } from './FrameLines'
import { isAt } from './FrameMarksOver'
import { placeOf } from './framePlaces'
import { frameValues } from './frames'
import { momentIn } from './PlayKeys'
import type { Player } from './player'
import { stillPath } from './CommentList'
import { StillPicture } from './StillPicture'
import { keptStill, stillOf } from './still'
import type { FrameDraft } from './useFrameMarks'
import { useTakeBack } from './useTakeBack'
import { useWhere } from './usePlaying'

interface FrameCardProps {
  clip: Clip
  recorder: Recorder
  /** Null while its video is not open: what was measured can be read all the same. */
  player: Player | null
  draft: FrameDraft
  mayKeepStills: boolean
  lesson: string
}

/** Lengths, slopes and angles on the frame that is seen, each with its error. */
export function FrameCard({ clip, recorder, player, draft, mayKeepStills, lesson }: FrameCardProps) {
  const { t } = useText()
  const { takeBack, line } = useTakeBack(recorder)
  return (
    <Card data-frames>
      {!player && <CardTitle>{t('frame.title')}</CardTitle>}
      {player && (
        <NewMeasure
          clip={clip}
          recorder={recorder}
          player={player}
          draft={draft}
          mayKeepStills={mayKeepStills}
        />
      )}
      {line}
      <chakra.ul listStyleType="none" marginTop="2">
        {clip.frames.map(({ id, said, tells }) => (
          <chakra.li key={id} borderTopWidth="1px" borderColor="line" paddingY="2">
            <Flex gap="3" align="start">
              {player ? (
                <Button look="key" paddingX="2.5" flexShrink={0} onClick={() => player.show(said.at.ms)}>
                  {momentIn(said.at.ms)}
                </Button>
              ) : (
                <chakra.span fontWeight="720">{momentIn(said.at.ms)}</chakra.span>
              )}
              <chakra.div flex="1" css={{ overflowWrap: 'anywhere' }}>
                <chakra.p fontWeight="650">{said.of ?? t(`frameShape.${said.shape}`)}</chakra.p>
                <FrameLines tells={tells} />
                {tells.length === 0 && <Quiet>{t('frame.tooNear')}</Quiet>}
                {!player && said.still && (
                  <StillPicture
                    src={stillPath(lesson, said.still)}
                    label={t('drawing.still', { at: momentIn(said.at.ms) })}
                    size={said}
                    strokes={[said.points]}
                  />
                )}
              </chakra.div>
              <Button
                look="bare"
                aria-label={t('clip.takeBackOf', { at: momentIn(said.at.ms) })}
                onClick={() => takeBack(id)}
              >
                <Undo2 size={18} aria-hidden />
              </Button>
            </Flex>
          </chakra.li>
        ))}
      </chakra.ul>
    </Card>
  )
}

interface NewMeasureProps extends Omit<FrameCardProps, 'lesson'> {
  player: Player
}

function NewMeasure({ clip, recorder, player, draft, mayKeepStills }: NewMeasureProps) {
  const { t } = useText()
  const [of, setOf] = useState('')
  const { shape, setting, sets, marks, atMs } = draft
  const isHere = useWhere(player, (now) => isAt(now, atMs))
  const tells = marks ? frameValues(marks) : undefined
  const next = placeOf(setting, shape, sets[setting].length)
  const isFull = next === undefined
  const from = FROM[shape]
  const keep = async () => {
    if (!marks || atMs === undefined) return
    const { width, height } = player.frameSize
    const still = await keptStill(mayKeepStills ? await stillOf(player) : undefined, recorder)
    const named = textOrNull(of)
    await recorder.say({
      kind: 'frame_measure',
      payload: {
        at: { base: clip.id, ms: Math.round(atMs) },
        ...marks,
        width,
        height,
        ...(named !== null && { of: named }),
        ...(still !== undefined && { still }),
      },
    })
    draft.clear()
    setOf('')
  }
  return (
    <>
      <Flex gap="1.5" wrap="wrap" role="group" aria-label={t('frame.shape')}>
        {FRAME_SHAPES.map((each) => (
          <Button
            key={each}
            look="key"
            paddingX="2.5"
            aria-pressed={shape === each}
            onClick={() => draft.choose(each)}
          >
            {t(`frameShape.${each}`)}
          </Button>
        ))}
      </Flex>
      {isHere ? (
        <chakra.p marginTop="2" minHeight="12" role="status">
          {next ? t('frame.touch', { name: t(next) }) : t('frame.full')}{' '}
          {next && setting === 'points' && from && t(from)}
        </chakra.p>
      ) : (
        <Flex gap="3" align="center" wrap="wrap" marginTop="2" minHeight="12" role="status">
          <Quiet flex="1">{t('frame.elsewhere', { at: momentIn(atMs ?? 0) })}</Quiet>
          <Button onClick={() => player.show(atMs ?? 0)}>{t('frame.backThere')}</Button>
        </Flex>
      )}
      <chakra.div minHeight="12" aria-live="polite">
        {tells && (tells.length > 0 ? <FrameLines tells={tells} /> : <Quiet>{t('frame.tooNear')}</Quiet>)}
      </chakra.div>
      {shape === 'SEAT' && (
        <Flex gap="1.5" marginTop="2" role="group" aria-label={t('frame.faces')}>
          {([false, true] as const).map((isRight) => (
            <Button
              key={String(isRight)}
              look="key"
              flex="1"
              aria-pressed={draft.facesRight === isRight}
              onClick={() => draft.face(isRight)}
            >
              {t(isRight ? 'frame.facesRight' : 'frame.facesLeft')}
            </Button>
          ))}
        </Flex>
      )}
      <Flex gap="1.5" marginTop="2" wrap="wrap">
        {(['level', 'scale'] as const).map((each) => (
          <Button
            key={each}
            look="key"
            flex="1"
            paddingX="2"
            aria-pressed={setting === each}
            onClick={() => draft.set(setting === each ? 'points' : each)}
          >
            {t(`frame.${each}`)}
          </Button>
        ))}
        <Button
          flex="1"
          paddingX="2"
          disabled={isFull || !isHere}
          onClick={() => draft.place(middleOf(player))}
        >
          {t('frame.middle')}
        </Button>
      </Flex>
      {(setting === 'scale' || sets.scale.length > 0) && <KnownLengthField draft={draft} />}
      <chakra.div marginTop="3">
        <Field
          label={t('frame.of')}
          value={of}
          maxLength={BOUNDS.frame_measure.of.most}
          onChange={(e) => setOf(e.target.value)}
        />
      </chakra.div>
      <Flex gap="2" marginTop="3" wrap="wrap">
        <Button look="act" disabled={!tells || tells.length === 0 || !isHere} onClick={() => detach(keep())}>
          {t('frame.keep')}
        </Button>
        <Button disabled={atMs === undefined} onClick={draft.undo}>
          {t('clip.undo')}
        </Button>
      </Flex>
      <Quiet marginTop="2">{t(mayKeepStills ? 'frame.plane' : 'frame.planeNoStill')}</Quiet>
    </>
  )
}

/** From where it is filmed. */
const FROM: Partial<Record<FrameShape, 'frame.side' | 'frame.behind'>> = {
  EARS: 'frame.side',
  SEAT: 'frame.side',
  HIPS: 'frame.behind',
}

/** The middle of the frame, to be moved from there by the arrow keys. */
function middleOf(player: Player) {
  const { width, height } = player.frameSize
  return {
    x: Math.round(width / 2),
    y: Math.round(height / 2),
    withinPx: Math.max(1, Math.ceil(width / 200)),
  }
}

/** What a known length may be. */
const KNOWN_M = { least: 0.05, most: 100 }

function KnownLengthField({ draft: { lengthM, know } }: { draft: FrameDraft }) {
  const { t } = useText()
  const [units] = useUnits()
  const [typed, setTyped] = useState(lengthM === null ? '' : lengthToType(units, lengthM))
  const change = (text: string) => {
    setTyped(text)
    const metres = lengthTyped(units, text)
    know(metres !== null && metres >= KNOWN_M.least && metres <= KNOWN_M.most ? metres : null)
  }
  return (
    <chakra.div marginTop="2">
      <Field
        label={t(units === 'METRES' ? 'frame.lengthM' : 'frame.lengthFt')}
        hint={t('frame.lengthHint')}
        issue={typed !== '' && lengthM === null ? t('frame.lengthWrong') : undefined}
        inputMode="decimal"
        value={typed}
        onChange={(e) => change(e.target.value)}
      />
    </chakra.div>
  )
}
