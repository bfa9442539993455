import { Box, chakra, Flex } from '@chakra-ui/react'
import type { LessonSightings } from '../api'
import { HORSE, HorseFigure, RIDER, RiderFigure } from '../see'
import type { Region } from '../see'

type Counts = LessonSightings['faults']

/** Where it was seen: rider and horse, with how often at each place. What it was stands in the lists beside. */
export function SeenOnFigures({ faults, signs }: { faults: Counts; signs: Counts }) {
  return (
    <Flex gap="4" wrap="wrap" aria-hidden marginBottom="3">
      <OnFigure regions={RIDER} counts={faults}>
        <RiderFigure />
      </OnFigure>
      <OnFigure regions={HORSE} counts={signs}>
        <HorseFigure />
      </OnFigure>
    </Flex>
  )
}

interface OnFigureProps {
  regions: Region[]
  counts: Counts
  children: React.ReactNode
}

function OnFigure({ regions, counts, children }: OnFigureProps) {
  const spots = regions.flatMap(({ region, at, words }) => {
    const times = counts
      .filter((c) => words.some((w) => w.name === c.name))
      .reduce((sum, c) => sum + c.times, 0)
    return times > 0 ? [{ region, at, times }] : []
  })
  if (spots.length === 0) return null
  return (
    <Box position="relative" aspectRatio="360 / 300" width="13rem">
      {children}
      {spots.map(({ region, at, times }) => (
        <Spot key={region} left={`${String(at[0])}%`} top={`${String(at[1])}%`} data-spot={region}>
          {times}
        </Spot>
      ))}
    </Box>
  )
}

const Spot = chakra('span', {
  base: {
    position: 'absolute',
    translate: '-50% -50%',
    minWidth: '1.7rem',
    height: '1.7rem',
    paddingX: '1',
    borderRadius: '999px',
    borderWidth: '2px',
    borderColor: 'card',
    background: 'ink',
    color: 'ground',
    fontWeight: '750',
    fontSize: 'sm',
    lineHeight: '1.45rem',
    textAlign: 'center',
    fontVariantNumeric: 'tabular-nums',
  },
})
