import { waitFor } from '@testing-library/react'
import { useState } from 'react'
import { expect, test } from 'vitest'
import { lesson, packet, show } from '../page.testing'
import { Outbox, shelfOf } from '../store'
import type { StoredPacket } from '../store'
import { detach } from './detach'
import { useTogether } from './useTogether'

const outbox = new Outbox({ name: 'together', sendNext: () => Promise.resolve(false) })

interface AskingProps {
  kept: StoredPacket
  onRead: (drawn: number, horses: string[]) => void
}

/** Asks at the very first moment. */
function Asking({ kept, onRead }: AskingProps) {
  const { others, readOthers } = useTogether(kept, outbox)
  useState(() => {
    detach(
      readOthers().then((all) =>
        onRead(
          others.length,
          all.map((o) => o.horse),
        ),
      ),
    )
  })
  return null
}

test('whoever rides beside is known as soon as it is asked for, drawn or not', async () => {
  const one = lesson()
  const other = lesson({ horse: 'Whimbrel' })
  const group = {
    id: 'together',
    lessons: [one, other].map(({ id, horse, horseId, pair, rider }) => ({
      lesson: id,
      horse,
      horseId,
      pair,
      rider,
    })),
  }
  const store = (l: typeof one): StoredPacket => ({
    lesson: l.id,
    packet: packet({ ...l, group }),
    offsetMs: 0,
    arrival: 0,
  })
  const person = 'c0ac4000-0000-7000-8000-000000000000'
  await shelfOf(person).packets.bulkPut([store(one), store(other)])
  const read: unknown[] = []
  show(<Asking kept={store(one)} onRead={(...told) => read.push(told)} />, { me: { person } })
  await waitFor(() => expect(read).toContainEqual([0, ['Whimbrel']]))
})
