import { Flex } from '@chakra-ui/react'
import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { queries } from '../api'
import type { PlaitOfLesson } from '../api'
import { AskDrawer, Spoken } from '../capture'
import { detach, useRecorder } from '../recorder'
import type { Recorder } from '../recorder'
import { readPayload } from '../record'
import type { NewEntry } from '../store'
import { clock, useText } from '../text'
import { Button } from '../ui'

type Plait = NonNullable<PlaitOfLesson['plait']>

interface EntryPanelProps {
  lesson: string
  plait: Plait
  event: number
  mayAmend: boolean
  exerciseName: (exercise: string) => string
}

/** One entry that was touched: what it says, and ways to set it right. */
export function EntryPanel({ lesson, plait, event, mayAmend, exerciseName }: EntryPanelProps) {
  const at = plait.events[event]
  const said = at && plait.said[at.entry]
  if (!at || !said) return null
  return (
    <Flex
      gap="3"
      wrap="wrap"
      align="center"
      borderLeftWidth="4px"
      borderColor="live"
      paddingLeft="3"
      data-entry={said.kind}
    >
      <span>
        <b>{clock(at.fromMs)}</b>{' '}
        <Spoken said={readPayload(said.kind, said.v, said.payload)} exerciseName={exerciseName} />
      </span>
      {mayAmend && <Amend key={said.id} lesson={lesson} said={said} />}
    </Flex>
  )
}

function Amend({ lesson, said }: { lesson: string; said: Plait['said'][number] }) {
  const recorder = useRecorder(lesson)
  return recorder ? <AmendKeys lesson={lesson} said={said} recorder={recorder} /> : null
}

function AmendKeys({
  lesson,
  said,
  recorder,
}: {
  lesson: string
  said: Plait['said'][number]
  recorder: Recorder
}) {
  const { t } = useText()
  const client = useQueryClient()
  const [isOpen, setOpen] = useState(false)
  /** What took it back: taken back itself, it is there again. */
  const [gone, setGone] = useState<string>()
  const payload = readPayload(said.kind, said.v, said.payload)
  const tell = async (said: NewEntry) => {
    const entry = await recorder.say(said)
    await recorder.outbox.send()
    await Promise.all([
      client.invalidateQueries({ queryKey: queries.plait(lesson).queryKey }),
      client.invalidateQueries({ queryKey: queries.debrief(lesson).queryKey }),
    ])
    return entry
  }
  return (
    <>
      {payload?.kind === 'exchange' && <Button onClick={() => setOpen(true)}>{t('plait.change')}</Button>}
      {gone === undefined ? (
        <Button
          onClick={() =>
            detach(tell({ kind: 'void', payload: { target: said.id } }).then((e) => setGone(e.id)))
          }
        >
          {t('plait.takeBack')}
        </Button>
      ) : (
        <Button
          onClick={() =>
            detach(tell({ kind: 'void', payload: { target: gone } }).then(() => setGone(undefined)))
          }
        >
          {t('plait.putBack')}
        </Button>
      )}
      {isOpen && payload?.kind === 'exchange' && (
        <AskDrawer
          ask={payload}
          usual={[]}
          canRelease={
            !recorder.ride.marks.some((m) => m.said.kind === 'release' && m.said.exchange === said.id)
          }
          onClose={() => setOpen(false)}
          onKeep={(ask, release) => {
            setOpen(false)
            detach(
              tell({
                kind: 'amend',
                payload: { target: said.id, payload: { segment: payload.segment, ...ask } },
              }).then(() => release && tell({ kind: 'release', payload: { exchange: said.id, release } })),
            )
          }}
        />
      )}
    </>
  )
}
