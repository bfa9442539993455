import { Box, chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { queries } from '../api'
import type { Debrief } from '../api'
import { ReadLine } from '../clip'
import { useMe } from '../session'
import { clock, timeOfDay, useText, wordIn } from '../text'
import { Button, Field, FoldCard, LinkButton, Quiet, Trouble } from '../ui'
import { useAfter } from './useAfter'

/** What the rider is shown of it: chosen parts only. */
export function ShareCard({ debrief }: { debrief: Debrief }) {
  const { t } = useText()
  const { actions } = useMe()
  const [isChanging, setChanging] = useState(false)
  const { lesson, after } = debrief
  const isShown = after.forRider !== null
  const words = useQuery({ ...queries.words(lesson.id), enabled: isShown })
  if (!actions.includes('DECIDE') || lesson.endedAt === null) return null
  return (
    <FoldCard title={t('forRider.title', { rider: lesson.rider })}>
      {after.forRider && !isChanging ? (
        <Flex gap="3" wrap="wrap" align="center" data-for-rider="shown">
          <Box>
            <chakra.b>{t('forRider.shown', { rider: lesson.rider })}</chakra.b>
            {words.data && <ReadLine readings={words.data.readings} />}
          </Box>
          <LinkButton to={`/lessons/${lesson.id}/for-rider`}>{t('forRider.look')}</LinkButton>
          <Button look="plain" onClick={() => setChanging(true)}>
            {t('forRider.change')}
          </Button>
        </Flex>
      ) : (
        <Chooser debrief={debrief} onShown={() => setChanging(false)} />
      )}
    </FoldCard>
  )
}

function Chooser({ debrief, onShown }: { debrief: Debrief; onShown: () => void }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const { lesson, after, rows, voices } = debrief
  const { said: keeping, isReady } = useAfter(lesson.id)
  const before = after.forRider
  const better = rows.flatMap(({ rung, better: how, name, gait }) =>
    rung && how ? [{ rung, how, name, gait }] : [],
  )
  const spoken = voices.filter((v) => !v.felt)
  const [chosen, setChosen] = useState(
    () => new Set(before?.better.map((b) => b.rung) ?? better.map((b) => b.rung)),
  )
  const [heard, setHeard] = useState(() => new Set(before?.voices ?? []))
  const [think, setThink] = useState(before?.think ?? '')
  const [homework, setHomework] = useState(before?.homework ?? true)
  const hasComments = debrief.clips.some((clip) => clip.comments.length > 0)
  const [onClips, setOnClips] = useState(before?.clips ?? true)
  const show = () => {
    const rungs = better.filter((b) => chosen.has(b.rung)).slice(0, 6)
    const notes = spoken.filter((v) => heard.has(v.sha256)).slice(0, 5)
    keeping.mutate(
      {
        kind: 'for_rider',
        payload: {
          homework,
          ...(think.trim() && { think: think.trim() }),
          ...(rungs.length > 0 && { better: rungs.map((b) => ({ rung: b.rung, better: b.how })) }),
          ...(notes.length > 0 && { voices: notes.map(({ sha256 }) => ({ sha256 })) }),
          ...(hasComments && onClips && { clips: true }),
        },
      },
      { onSuccess: onShown },
    )
  }
  return (
    <Flex direction="column" gap="3" data-for-rider="choose">
      <Quiet>{t('forRider.lead')}</Quiet>
      <Box role="group" aria-label={t('forRider.better')}>
        <chakra.p fontWeight="650">{t('forRider.better')}</chakra.p>
        {better.length === 0 && <Quiet>{t('forRider.none')}</Quiet>}
        {better.map((b) => (
          <Tick key={b.rung} isOn={chosen.has(b.rung)} onChange={() => setChosen(toggled(chosen, b.rung))}>
            {b.name}, {wordIn(t, 'gait', b.gait)}: {t(`better.${b.how}`)}
          </Tick>
        ))}
      </Box>
      <Field
        label={t('forRider.think')}
        maxLength={300}
        value={think}
        onChange={(e) => setThink(e.target.value)}
      />
      <Tick isOn={homework} onChange={() => setHomework(!homework)}>
        {t('forRider.homework')}
      </Tick>
      {hasComments && (
        <Tick isOn={onClips} onChange={() => setOnClips(!onClips)}>
          {t('forRider.clips')}
        </Tick>
      )}
      {spoken.length > 0 && (
        <Box role="group" aria-label={t('forRider.voices')}>
          <chakra.p fontWeight="650">{t('forRider.voices')}</chakra.p>
          {spoken.map((v) => (
            <Tick
              key={v.sha256 + v.at}
              isOn={heard.has(v.sha256)}
              onChange={() => setHeard(toggled(heard, v.sha256))}
            >
              {timeOfDay(v.at, timeZone)}, {clock(v.durationMs)}
            </Tick>
          ))}
        </Box>
      )}
      <Button look="act" alignSelf="start" disabled={!isReady} onClick={show}>
        {before ? t('forRider.again') : t('forRider.show', { rider: lesson.rider })}
      </Button>
      {keeping.isError && <Trouble cause={keeping.error} />}
    </Flex>
  )
}

function toggled(of: ReadonlySet<string>, one: string): Set<string> {
  const next = new Set(of)
  if (!next.delete(one)) next.add(one)
  return next
}

interface TickProps {
  isOn: boolean
  onChange: () => void
  children: React.ReactNode
}

function Tick({ isOn, onChange, children }: TickProps) {
  return (
    <chakra.label display="flex" gap="3" alignItems="center" minHeight="touch" cursor="pointer">
      <chakra.input
        type="checkbox"
        accentColor="ink"
        width="22px"
        height="22px"
        flexShrink="0"
        checked={isOn}
        onChange={onChange}
      />
      <span>{children}</span>
    </chakra.label>
  )
}
