import { Box } from '@chakra-ui/react'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useId, useMemo } from 'react'
import { queries } from '../api'
import type { PlaitOfLesson } from '../api'
import { useText } from '../text'
import { xOf } from '../timeline'
import { Card, CardTitle, Quiet } from '../ui'
import type { MeasuredReins } from './measured'
import { PlaitCanvas } from './PlaitCanvas'
import { usePlait } from './usePlait'
import { usePlaitNames } from './usePlaitNames'

interface PlaitOfClipProps {
  lesson: string
  /** When the clip began, in milliseconds since 1970, and how long it is. */
  startMs: number
  durationMs: number
  /** Where the clip is now, in its own milliseconds. */
  atMs: number
  /** So many entries have not been sent: without them it is drawn anew. */
  waiting: number | undefined
  onSeek: (atMs: number) => void
}

const NOTHING_MEASURED: readonly MeasuredReins[] = []

/** The lesson's strands while the clip ran, with where its picture is now; an event that is touched is gone to. */
export function PlaitOfClip({ lesson, waiting, ...clip }: PlaitOfClipProps) {
  const { t } = useText()
  const client = useQueryClient()
  const plait = useQuery({ ...queries.plait(lesson), retry: false })
  useEffect(() => {
    if (waiting === 0) void client.invalidateQueries(queries.plait(lesson))
  }, [waiting, client, lesson])
  if (plait.isError && !plait.data) return <Quiet>{t('plait.onClipLater')}</Quiet>
  return plait.data?.plait ? <Strands plait={plait.data.plait} {...clip} /> : null
}

interface StrandsProps extends Omit<PlaitOfClipProps, 'lesson' | 'waiting'> {
  plait: NonNullable<PlaitOfLesson['plait']>
}

function Strands({ plait, startMs, durationMs, atMs, onSeek }: StrandsProps) {
  const { t } = useText()
  const how = useId()
  const { turnName, strandName } = usePlaitNames()
  const fromMs = startMs - Date.parse(plait.from)
  const all = useMemo(() => ({ fromMs, toMs: fromMs + durationMs }), [fromMs, durationMs])
  const { stretch, setStretch, chosen, lit, selected, select } = usePlait(plait, all)
  const goTo = (event: number | undefined) => {
    select(event)
    const at = event === undefined ? undefined : plait.events[event]
    if (at) onSeek(Math.max(0, Math.min(durationMs, at.fromMs - fromMs)))
  }
  const inClip = plait.events.flatMap((e, i) => (e.fromMs >= all.fromMs && e.fromMs <= all.toMs ? [i] : []))
  const next = (by: 1 | -1) => {
    const nowMs = fromMs + atMs
    const is = (i: number) => {
      const ms = plait.events[i]?.fromMs ?? 0
      return by === 1 ? ms > nowMs + 1 : ms < nowMs - 1
    }
    const event = by === 1 ? inClip.find(is) : inClip.findLast(is)
    if (event !== undefined) goTo(event)
  }
  const share = xOf(fromMs + atMs, stretch, 1)
  return (
    <Card marginTop="4" data-plait-of-clip>
      <CardTitle>{t('plait.title')}</CardTitle>
      <Box position="relative" overflow="hidden">
        <PlaitCanvas
          plait={plait}
          all={all}
          stretch={stretch}
          chosen={chosen}
          lit={lit}
          selected={selected}
          label={t('plait.onClip', { count: inClip.length })}
          describedBy={how}
          turnName={turnName}
          strandName={strandName}
          measured={NOTHING_MEASURED}
          onStretch={setStretch}
          onSelect={goTo}
          onNext={next}
        />
        {share >= 0 && share <= 1 && (
          <Box
            position="absolute"
            top="0"
            bottom="0"
            width="2px"
            background="live"
            pointerEvents="none"
            data-now
            style={{ left: `${String(100 * share)}%` }}
          />
        )}
      </Box>
      <Quiet id={how}>{t('plait.onClipHow')}</Quiet>
    </Card>
  )
}
