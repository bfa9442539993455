import { Flex } from '@chakra-ui/react'
import { useState } from 'react'
import type { RecordingHere } from '../api'
import { isoOf, number, useText } from '../text'
import { Button, FieldLabel, Quiet, Trouble } from '../ui'
import { useContact } from './useContact'

const STEPS_S = [-10, -1, -0.1, 0.1, 1, 10]
/** A slider reaches so far to either side; what is further off is moved in steps. */
const REACH_S = 60

/** Moves the recording along the lesson, until its trot lies under the trot that was touched in. */
export function Align({ lesson, recording }: { lesson: string; recording: RecordingHere }) {
  const { t } = useText()
  const { change } = useContact(lesson)
  const [isOpen, setOpen] = useState(false)
  const [byS, setBy] = useState(0)
  const { id, version, startedAt } = recording
  const rounded = Math.round(byS * 10) / 10
  const save = () =>
    change.mutate(
      {
        id,
        version,
        startedAt: isoOf(new Date(startedAt).getTime() + rounded * 1000),
        isAway: false,
      },
      { onSuccess: () => setBy(0) },
    )
  if (!isOpen) return <Button onClick={() => setOpen(true)}>{t('measured.align')}</Button>
  const said =
    rounded === 0
      ? t('measured.notMoved')
      : t(rounded > 0 ? 'measured.later' : 'measured.earlier', { seconds: number(Math.abs(rounded), 1) })
  return (
    <Flex direction="column" gap="2" width="full" role="group" aria-label={t('measured.align')}>
      <FieldLabel>
        {t('measured.alignHint')}
        <input
          type="range"
          min={-REACH_S}
          max={REACH_S}
          step={0.1}
          value={Math.max(-REACH_S, Math.min(REACH_S, byS))}
          aria-valuetext={said}
          style={{ width: '100%', height: 48 }}
          onChange={(e) => setBy(Number(e.target.value))}
        />
      </FieldLabel>
      <Flex gap="2" wrap="wrap" align="center">
        {STEPS_S.map((step) => (
          <Button key={step} onClick={() => setBy((now) => now + step)}>
            {t('measured.step', { seconds: `${step > 0 ? '+' : '−'}${number(Math.abs(step), 1)}` })}
          </Button>
        ))}
        <Quiet role="status">{said}</Quiet>
        <Button look="act" disabled={rounded === 0 || change.isPending} onClick={save}>
          {t('measured.saveAlign')}
        </Button>
      </Flex>
      {change.isError && <Trouble cause={change.error} />}
    </Flex>
  )
}
