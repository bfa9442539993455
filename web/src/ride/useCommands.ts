import { useCallback, useLayoutEffect, useState } from 'react'
import { padOf, PendingTouches, rowsOf, useKeys, useSegment } from '../capture'
import { padKey } from '../record'
import type { Kind, Response, Segment, Strength } from '../record'
import { detach } from '../recorder'
import type { Recorder, Spoken, TakeBack } from '../recorder'
import type { NewMark } from '../see'
import type { NewEntry, StoredPacket } from '../store'
import { useSteady } from '../ui'
import type { Open } from './OpenDrawer'

/** What is said for all of a group, and where to go in it. */
interface GroupCommands {
  onAll: (rein: 'LEFT' | 'RIGHT') => void
  onGo: (by: 1 | -1) => void
  /** A sheet of another pair's stands open. */
  tally: unknown
}

/** What the hand can do while riding: each writes an entry at once. Handlers stay the same from drawing to drawing. */
export function useCommands(
  kept: StoredPacket,
  { entries, ride, say, speak, takeBack }: Recorder,
  segment: Segment,
  group: GroupCommands,
) {
  const [undone, setUndone] = useState<TakeBack>()
  const [open, setOpen] = useState<Open>()
  const [touched] = useState(() => new PendingTouches())
  useLayoutEffect(() => touched.settle((id) => entries.some((e) => e.id === id)), [touched, entries])
  const rest = ride.rests.at(-1)
  const isResting = rest?.endMs === null

  // what is told is put together from parts here; the store writes only what its kind may say
  const tell = (kind: Kind, payload: object) => {
    setUndone(undefined)
    return say({ kind, payload } as NewEntry)
  }
  const { change, current } = useSegment(kept.packet, segment, isResting, (said) =>
    tell(said.kind, said.payload),
  )
  const hang = async (kind: Kind, payload: object) => tell(kind, { segment: await current(), ...payload })
  const touch = (strength: Strength, response: Response) => {
    const written = hang('exchange', { strength, response })
    touched.add(padKey(segment), strength, response, written)
    return written
  }
  const see = async (mark: NewMark) => {
    const { kind, ...said } = mark
    // ticks come one after the other
    if (kind !== 'watched') setOpen(undefined)
    await (kind === 'release' || kind === 'watched' ? tell(kind, said) : hang(kind, said))
  }
  // written at the touch, with its time; the drawer only says more of it
  const more = async (strength: Strength, response: Response) => {
    const ask = { strength, response }
    const { id, payload } = await touch(strength, response)
    setOpen({ what: 'ask', id, segment: String(payload.segment), ask })
  }
  const undo = async () => {
    const taken = await takeBack()
    if (taken) setUndone(taken)
  }
  const toggle = (what: 'seen' | 'figure' | 'touches') =>
    setOpen((now) => (now?.what === what ? undefined : { what }))

  const commands = {
    onTouch: useSteady((...at: Parameters<typeof touch>) => detach(touch(...at))),
    onMore: useSteady((...at: Parameters<typeof more>) => detach(more(...at))),
    onChange: useSteady(change),
    onReinOfAll: useSteady((rein: 'LEFT' | 'RIGHT') => {
      change({ rein })
      group.onAll(rein)
    }),
    onHang: useSteady((kind: Kind, payload: object) => detach(hang(kind, payload))),
    onAmend: useSteady((target: string, payload: object) => detach(tell('amend', { target, payload }))),
    onSee: useSteady((mark: NewMark) => detach(see(mark))),
    onNote: useSteady((text: string) => detach(tell('note', { text }))),
    onSpeak: useSteady((spoken: Spoken) => detach(speak(spoken))),
    onUndo: useSteady(() => detach(undo())),
    onPutBack: useSteady(() => undone && detach(tell('void', { target: undone.by }))),
    onRest: useSteady(() => detach(tell('rest', {}))),
    onPraise: useSteady(() => detach(hang('praise', {}))),
    onProbe: useSteady(() => detach(hang('probe', {}))),
    onHelped: useSteady((exercise: string) => detach(hang('help', { exercise }))),
    onTakeBack: useSteady((target: string) => detach(tell('void', { target }))),
    onSlip: useSteady(() => {
      const last = ride.exchanges.at(-1)
      if (last) detach(tell('slip', { exchange: last.id }))
    }),
    onTally: useSteady(() => setOpen({ what: 'tally', segment: segment.id })),
    onTallyOf: useCallback((turn: string) => setOpen({ what: 'tally', segment: turn }), []),
    onLatch: useSteady((fault: { name: string; side: string }, on: boolean) =>
      detach(hang('latch', { ...fault, on })),
    ),
    onCorrection: useSteady((made: boolean) => detach(hang('correction', { made }))),
    onStopSign: useSteady((sign: string) => detach(tell('stop_sign', { sign, side: 'NONE' }))),
    onEnd: useSteady(() => detach(tell('lesson_ended', {}))),
    onWrong: useCallback(() => setOpen({ what: 'wrong' }), []),
    onFigure: useCallback(() => setOpen({ what: 'figure' }), []),
    onSensor: useCallback(() => setOpen({ what: 'sensor' }), []),
    onSeen: useCallback(() => setOpen({ what: 'seen' }), []),
    onTouches: useCallback(() => setOpen({ what: 'touches' }), []),
  }
  const rows = rowsOf(padOf(kept.packet, segment))
  useKeys(touched, {
    onTouch: commands.onTouch,
    onMore: commands.onMore,
    onRein: (rein) => change({ rein }),
    onReinOfAll: commands.onReinOfAll,
    onOther: group.onGo,
    onUndo: commands.onUndo,
    onSee: () => toggle('seen'),
    onTouches: () => toggle('touches'),
    onFigure: () => toggle('figure'),
    onPraise: commands.onPraise,
    onCorrected: () => commands.onCorrection(true),
    onSlip: commands.onSlip,
    onTally: commands.onTally,
    onProbe: commands.onProbe,
    onWrong: commands.onWrong,
    rows: rows.length,
    onRow: (at) => {
      const row = rows[at]
      if (row) detach(hang(row.kind, row.payload))
    },
    isElsewhere: open !== undefined || group.tally !== undefined,
  })
  return { ...commands, open, setOpen, undone, touched, tell, restFromMs: isResting ? rest.atMs : null }
}
