import { Box, chakra, Flex } from '@chakra-ui/react'
import { useMemo, useState } from 'react'
import type { ContactOfLesson, RecordingHere, SignalFault } from '../api'
import { useMe } from '../session'
import { clock, number, useText, wordIn } from '../text'
import type { Text } from '../text'
import { AnchorButton, Button, Card, CardTitle, Quiet } from '../ui'
import { moved } from '../timeline'
import { Align } from './Align'
import { AsksLines } from './AsksLines'
import { CuesLines } from './CuesLines'
import { Ribbon } from './Ribbon'
import { SpansTable } from './SpansTable'
import { useContact, useMinutes } from './useContact'

interface RecordingCardProps {
  lesson: string
  recording: RecordingHere
  band: ContactOfLesson['band']
}

/** One recording: its ribbon, what is wrong with its signal, and what each exercise weighed. */
export function RecordingCard({ lesson, recording, band }: RecordingCardProps) {
  const { t } = useText()
  const { actions } = useMe()
  const { change } = useContact(lesson)
  const { id, name, rateHz, seconds, startedAt, version, isWhole, missing, minutes, faults, spans } =
    recording
  const mayChange = actions.includes('RECORD')
  const [moment, setMoment] = useState<number>()
  return (
    <Card>
      <CardTitle>{name}</CardTitle>
      <Quiet>{t('measured.taken', { time: clock(seconds * 1000), rate: number(rateHz, 1) })}</Quiet>
      {!isWhole && (
        <chakra.p fontWeight="650" marginY="2">
          {t('measured.notWhole', { here: minutes - missing.length, count: minutes })}
        </chakra.p>
      )}
      <chakra.ul listStyleType="none" marginY="2">
        {faults.map((fault) => (
          <chakra.li key={fault.kind + fault.side} borderLeftWidth="4px" borderColor="live" paddingLeft="3">
            {faultInWords(t, fault)}
          </chakra.li>
        ))}
      </chakra.ul>
      {recording.overview && (
        <Drawn key={moment} lesson={lesson} recording={recording} band={band} moment={moment} />
      )}
      <AsksLines asks={recording.asks} onMoment={setMoment} />
      <CuesLines cues={recording.cues} beside={recording.cuesBeside} />
      {isWhole && <SpansTable spans={spans} />}
      <Flex gap="2" wrap="wrap" marginTop="3">
        {isWhole && mayChange && <Align lesson={lesson} recording={recording} />}
        {isWhole && actions.includes('EXPORT') && (
          <AnchorButton href={`/api/v1/lessons/${lesson}/recordings/${id}/samples.csv`} download>
            {t('measured.export')}
          </AnchorButton>
        )}
        {mayChange && (
          <Button
            disabled={change.isPending}
            onClick={() => change.mutate({ id, version, startedAt, isAway: true })}
          >
            {t('measured.takeOut')}
          </Button>
        )}
      </Flex>
    </Card>
  )
}

/** So much is shown of a moment, before it and after. */
const AROUND_MS = 5_000

function Drawn({ lesson, recording, band, moment }: RecordingCardProps & { moment: number | undefined }) {
  const { t } = useText()
  const { id, overview, rateHz, seconds, spans } = recording
  const first = useMemo(
    () =>
      moment === undefined
        ? { fromMs: 0, toMs: seconds * 1000 }
        : moved(
            { fromMs: 0, toMs: Math.min(2 * AROUND_MS, seconds * 1000) },
            { fromMs: 0, toMs: seconds * 1000 },
            1000 * moment - AROUND_MS,
          ),
    [moment, seconds],
  )
  const [seen, setSeen] = useState(first)
  const minutes = useMinutes(lesson, id, seen.fromMs / 1000, seen.toMs / 1000)
  const source = useMemo(
    () => overview && { seconds, rateHz, overview, minutes },
    [overview, seconds, rateHz, minutes],
  )
  const shown = useMemo(
    () =>
      spans.map(({ fromS, toS, rein, exercise, gait }) => ({
        fromS,
        toS,
        rein,
        name: `${exercise}, ${wordIn(t, 'gait', gait)}`,
      })),
    [spans, t],
  )
  if (!source) return null
  return (
    <Box marginY="3">
      <Ribbon
        source={source}
        band={band}
        spans={shown}
        label={t('measured.drawing', { time: clock(seconds * 1000), count: spans.length })}
        first={first}
        onSeen={setSeen}
      />
    </Box>
  )
}

function faultInWords(t: Text, { kind, side, amount, share }: SignalFault): string {
  const rein = side === 'NONE' ? '' : t(`measured.rein.${side}`)
  return t(`measured.fault.${kind}`, {
    rein,
    amount: number(Math.abs(amount), 2),
    percent: Math.max(1, Math.round(share * 100)),
  })
}
