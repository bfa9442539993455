import { Flex } from '@chakra-ui/react'
import { useQueryClient } from '@tanstack/react-query'
import { memo, useState } from 'react'
import { queries } from '../api'
import type { PlaitOfLesson } from '../api'
import { AskDrawer, Spoken, VoiceKey } from '../capture'
import { detach, usePacket, useRecorder } from '../recorder'
import type { Recorder } from '../recorder'
import { momentsOf, readPayload } from '../record'
import type { NewEntry } from '../store'
import { clock, useText } from '../text'
import { Button } from '../ui'

/** An entry of the plait, when it was, and what took it back, if anything did. */
export interface EntryAt {
  said: NonNullable<PlaitOfLesson['plait']>['said'][number]
  atMs: number
  takenBackBy?: string
}

interface EntryPanelProps {
  lesson: string
  told: EntryAt
  mayAmend: boolean
  exerciseName: (exercise: string) => string
  onTold: (told: EntryAt) => void
}

/** One entry that was touched: what it says, and ways to set it right. */
export const EntryPanel = memo(function EntryPanel(props: EntryPanelProps) {
  const { lesson, told, mayAmend, exerciseName, onTold } = props
  const { t } = useText()
  const { said, atMs, takenBackBy } = told
  const payload = readPayload(said.kind, said.v, said.payload)
  const when = payload && 'when' in payload ? payload.when : undefined
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
        <b>{clock(atMs)}</b> <Spoken said={payload} exerciseName={exerciseName} />
        {when && ` · ${t('plait.fromClip', { at: clock(when.ms) })}`}
        {takenBackBy !== undefined && ` · ${t('plait.takenBack')}`}
      </span>
      {payload?.kind === 'voice' && (
        <VoiceKey key={said.id} lesson={lesson} voice={payload} at={clock(atMs)} />
      )}
      {mayAmend && <Amend key={said.id} lesson={lesson} told={told} onTold={onTold} />}
    </Flex>
  )
})

type AmendProps = Pick<EntryPanelProps, 'lesson' | 'told' | 'onTold'>

function Amend(props: AmendProps) {
  // how far this device's clock is off comes with it, and is the first thing the device says in a lesson
  const kept = usePacket(props.lesson)
  const recorder = useRecorder(props.lesson)
  return recorder && kept.data ? <AmendKeys {...props} recorder={recorder} /> : null
}

function AmendKeys({ lesson, told, onTold, recorder }: AmendProps & { recorder: Recorder }) {
  const { t } = useText()
  const client = useQueryClient()
  const [isOpen, setOpen] = useState(false)
  const { said, takenBackBy } = told
  const payload = readPayload(said.kind, said.v, said.payload)
  const tell = async (entry: NewEntry) => {
    const written = await recorder.say(entry)
    await recorder.outbox.send()
    await Promise.all([
      client.invalidateQueries({ queryKey: queries.plait(lesson).queryKey }),
      client.invalidateQueries({ queryKey: queries.debrief(lesson).queryKey }),
    ])
    return written.id
  }
  const takeBack = async (target: string) => tell({ kind: 'void', payload: { target } })
  if (takenBackBy !== undefined) {
    return (
      <Button
        onClick={() => detach(takeBack(takenBackBy).then(() => onTold({ ...told, takenBackBy: undefined })))}
      >
        {t('plait.putBack')}
      </Button>
    )
  }
  return (
    <>
      {payload?.kind === 'exchange' && <Button onClick={() => setOpen(true)}>{t('plait.change')}</Button>}
      <Button onClick={() => detach(takeBack(said.id).then((by) => onTold({ ...told, takenBackBy: by })))}>
        {t('plait.takeBack')}
      </Button>
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
            const next = { segment: payload.segment, ...ask, ...momentsOf(payload) }
            detach(
              tell({ kind: 'amend', payload: { target: said.id, payload: next } })
                .then(() => release && tell({ kind: 'release', payload: { exchange: said.id, release } }))
                .then(() => onTold({ ...told, said: { ...said, payload: next } })),
            )
          }}
        />
      )}
    </>
  )
}
