import { chakra, Flex } from '@chakra-ui/react'
import { useState } from 'react'
import { Spoken } from '../capture'
import type { Ride } from '../record'
import { detach } from '../recorder'
import type { Recorder } from '../recorder'
import { begun } from '../ride'
import type { StoredPacket } from '../store'
import { clock, useText } from '../text'
import { Button, Card, Quiet, Select } from '../ui'
import type { Clip } from './clips'
import { momentIn } from './PlayKeys'
import type { Player } from './player'
import { TOUCH_LATE_MS } from './timings'
import { usePlaying } from './usePlaying'

interface LinkClipProps {
  clip: Clip
  /** All of the lesson. */
  clips: readonly Clip[]
  recorder: Recorder
  kept: StoredPacket
  player: Player
  exerciseName: (exercise: string) => string
  onLinked: () => void
}

/** Where in the lesson the clip lies: by a touch that its frame shows, after another clip, or as all there is of the lesson. */
export function LinkClip(props: LinkClipProps) {
  const { clip, clips, recorder, kept, onLinked } = props
  const { t } = useText()
  const { ride, say } = recorder
  const others = clips.filter((c) => c.id !== clip.id && c.startMs !== undefined)
  const link = async (startMs: number) => {
    await say({ kind: 'amend', payload: { target: clip.id, payload: { ...clip.said, startMs } } })
    onLinked()
  }
  const end = () =>
    say({ kind: 'lesson_ended', payload: { when: { base: clip.id, ms: clip.file.durationMs } } })
  const begin = async () => {
    // one that is planned for later was not filmed later
    const latestMs = Date.now() + kept.offsetMs - clip.file.durationMs
    await link(ride.startedAtMs ?? Math.min(Date.parse(kept.packet.lesson.plannedAt), latestMs))
    const when = { base: clip.id, ms: 0 }
    for (const said of begun(kept, ride)) {
      if (said.kind === 'lesson_started' && ride.startedAtMs !== null) continue
      await say({ ...said, payload: { ...said.payload, when } } as typeof said)
    }
    await end()
  }
  const goOn = async (after: Clip) => {
    await link((after.startMs ?? 0) + after.file.durationMs)
    const segment = begun(kept, ride).find((s) => s.kind === 'segment')
    const when = { base: clip.id, ms: 0 }
    if (segment) await say({ ...segment, payload: { ...segment.payload, when } })
    await end()
  }
  // one that was only talked about may have begun
  if (ride.segments.length === 0) {
    return (
      <Card data-link>
        <p>{t('clip.link.notRidden')}</p>
        <Button look="act" marginTop="3" onClick={() => detach(begin())}>
          {t('clip.link.begin')}
        </Button>
      </Card>
    )
  }
  return (
    <Card data-link>
      <p>{t('clip.link.which')}</p>
      <ByTouch {...props} onLink={(startMs) => detach(link(startMs))} />
      {others.map((other) => (
        <Button key={other.id} marginTop="2" onClick={() => detach(goOn(other))}>
          {t('clip.link.after', { name: other.file.fileName })}
        </Button>
      ))}
    </Card>
  )
}

/** Something that was touched while riding and can be seen on the picture. */
interface TouchInLesson {
  id: string
  atMs: number
  said: Parameters<typeof Spoken>[0]['said']
}

function ByTouch({
  recorder: { ride },
  player,
  exerciseName,
  onLink,
}: LinkClipProps & { onLink: (startMs: number) => void }) {
  const { t } = useText()
  const { atMs } = usePlaying(player)
  const touches = touchesOf(ride)
  const [chosen, choose] = useState<string>()
  const touch = touches.find((x) => x.id === chosen)
  return (
    <>
      <chakra.label display="block" marginTop="3">
        {t('clip.link.touch')}
        <Select value={chosen ?? ''} onChange={(e) => choose(e.target.value)}>
          <option value="" disabled>
            {t('clip.link.choose')}
          </option>
          {touches.map(({ id, atMs: at, said }) => (
            <option key={id} value={id}>
              {`${clock(at - (ride.startedAtMs ?? at))} · `}
              <Spoken said={said} exerciseName={exerciseName} />
            </option>
          ))}
        </Select>
      </chakra.label>
      <Flex gap="3" align="center" wrap="wrap" marginTop="2">
        <Button
          look="act"
          disabled={!touch}
          onClick={() => touch && onLink(happenedMs(touch) - player.now().atMs)}
        >
          {t('clip.link.here', { at: momentIn(atMs) })}
        </Button>
        <Quiet>{t('clip.link.late')}</Quiet>
      </Flex>
    </>
  )
}

/** An answer is seen before it is touched; a stretch begins with its touch. */
function happenedMs({ atMs, said }: TouchInLesson): number {
  return said?.kind === 'exchange' ? atMs - TOUCH_LATE_MS : atMs
}

function touchesOf(ride: Ride): TouchInLesson[] {
  return [
    ...ride.segments.map((s) => ({ id: s.id, atMs: s.atMs, said: { kind: 'segment' as const, ...s } })),
    ...ride.exchanges.map((x) => ({ id: x.id, atMs: x.atMs, said: { kind: 'exchange' as const, ...x } })),
  ].sort((a, b) => a.atMs - b.atMs)
}
