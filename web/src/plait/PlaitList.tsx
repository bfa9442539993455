import { chakra } from '@chakra-ui/react'
import { useState } from 'react'
import { readPayload } from '../record'
import type { PlaitOfLesson } from '../api'
import { Spoken } from '../capture'
import { clock, useText } from '../text'
import { Button, Quiet } from '../ui'
import { seen } from '../timeline'
import type { Stretch } from '../timeline'

interface PlaitListProps {
  plait: NonNullable<PlaitOfLesson['plait']>
  stretch: Stretch
  chosen: number[]
  lit: ReadonlySet<number>
  selected: number | undefined
  exerciseName: (exercise: string) => string
  onSelect: (event: number) => void
}

const STEP = 60

/** What is drawn, as a list: the same entries of the same stretch, by keys and to be read aloud. */
export function PlaitList({ plait, stretch, chosen, lit, selected, exerciseName, onSelect }: PlaitListProps) {
  const { t } = useText()
  const [most, setMost] = useState(STEP)
  const entries = new Map<number, number>()
  const litEntries = new Set<number>()
  for (const i of seen(plait.events, stretch)) {
    const e = plait.events[i]
    if (!e || (chosen.length > 0 && !chosen.includes(e.kind))) continue
    if (!entries.has(e.entry)) entries.set(e.entry, i)
    if (lit.has(i)) litEntries.add(e.entry)
  }
  const rows = [...entries].slice(0, most)
  return (
    <div>
      <chakra.ol
        listStyleType="none"
        aria-label={t('plait.list')}
        maxHeight="26rem"
        overflowY="auto"
        tabIndex={0}
      >
        {rows.map(([entry, i]) => {
          const said = plait.said[entry]
          const event = plait.events[i]
          if (!said || !event) return null
          return (
            <li key={said.id}>
              <chakra.button
                type="button"
                display="flex"
                gap="3"
                width="full"
                minHeight="48px"
                alignItems="center"
                textAlign="left"
                borderTopWidth="1px"
                borderColor="line"
                paddingX="2"
                background={litEntries.has(entry) ? 'live' : 'transparent'}
                color={litEntries.has(entry) ? 'onLive' : 'ink'}
                fontWeight={selected === i ? '700' : '400'}
                aria-current={selected === i}
                onClick={() => onSelect(i)}
              >
                <chakra.span fontVariantNumeric="tabular-nums" minWidth="3.5rem">
                  {clock(event.fromMs)}
                </chakra.span>
                <span>
                  <Spoken said={readPayload(said.kind, said.v, said.payload)} exerciseName={exerciseName} />
                  {!event.isOwn && ` · ${t('plait.coachRides')}`}
                  {litEntries.has(entry) && <chakra.span srOnly> · {t('plait.meets')}</chakra.span>}
                </span>
              </chakra.button>
            </li>
          )
        })}
      </chakra.ol>
      {rows.length === 0 && <Quiet>{t('plait.nothingHere')}</Quiet>}
      {entries.size > most && (
        <Button onClick={() => setMost(most + STEP)}>
          {t('plait.more', { count: entries.size - most })}
        </Button>
      )}
    </div>
  )
}
