import { chakra, Flex } from '@chakra-ui/react'
import type { LessonGround, WantedThing } from '../api'
import { useText } from '../text'
import type { Text } from '../text'
import { AllDrawn } from './AllDrawn'
import { Cautions, ThingSays } from './ThingSays'
import { nameAmong } from './things'

const MARGIN = 4.2

/** What stands in a lesson: drawn to scale, and said for its horse. It needs no network. */
export function StandsHere({ ground }: { ground: LessonGround }) {
  const { t } = useText()
  const { measured, things, pace } = ground
  const { widthM: w, lengthM: l } = measured.arena
  return (
    <Flex direction="column" gap="3">
      <chakra.svg
        viewBox={`${-MARGIN} ${-MARGIN} ${w + 2 * MARGIN} ${l + 2 * MARGIN}`}
        width="100%"
        maxHeight="420px"
        role="img"
        aria-label={t('ground.standsDrawing', {
          width: w,
          length: l,
          things: things.map((one) => nameAmong(t, things, one.id)).join(', '),
        })}
      >
        <AllDrawn view={measured} things={things} />
      </chakra.svg>
      <Cautions cautions={[...new Set(measured.things.flatMap((one) => one.cautions))]} />
      <chakra.ul listStyleType="none" display="grid" gap="3">
        {things.map((thing) => {
          const known = measured.things.find((one) => one.id === thing.id)
          return (
            known && (
              <li key={thing.id}>
                <chakra.h3 fontWeight="720" fontSize="md">
                  {nameAmong(t, things, thing.id)}
                </chakra.h3>
                <ThingSays
                  thing={thing}
                  things={things}
                  known={known}
                  view={measured}
                  pace={thing.pace ?? pace}
                />
                <Moves thing={thing} />
              </li>
            )
          )
        })}
      </chakra.ul>
    </Flex>
  )
}

/** When it is laid and taken away, where it does not lie there all the time. */
export function Moves({ thing }: { thing: WantedThing }) {
  const { t } = useText()
  const said = movesOf(t, thing)
  return said === '' ? null : <chakra.p fontWeight="650">{said}</chakra.p>
}

export function movesOf(t: Text, { laidS, awayS }: WantedThing): string {
  return [
    laidS !== null && t('ground.laid', { minute: Math.floor(laidS / 60) }),
    awayS !== null && t('ground.takenAway', { minute: Math.ceil(awayS / 60) }),
  ]
    .filter(Boolean)
    .join(' ')
}
