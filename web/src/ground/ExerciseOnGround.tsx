import { Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { queries } from '../api'
import type { Ground, GroundRoom, GroundView } from '../api'
import { LinkButton } from '../ui'
import { useText } from '../text'
import { isExerciseGround, thingOf } from './ofExercise'
import { ThingSays } from './ThingSays'

interface ExerciseOnGroundProps {
  pair: string
  gait: string
  kind: Ground['kind']
  circleM: number | null
}

/** What the ground of an exercise is for this horse, and the way to set it up. */
export function ExerciseOnGround(props: ExerciseOnGroundProps) {
  const { t } = useText()
  const room = useQuery(queries.ground())
  if (!isExerciseGround(props.kind)) return null
  return (
    <Flex direction="column" gap="3" marginTop="3">
      {room.data && <Measured {...props} room={room.data} />}
      <LinkButton to={`/ground?pair=${props.pair}&add=${props.kind}`}>{t('plan.onGround')}</LinkButton>
    </Flex>
  )
}

function Measured({ pair, gait, kind, circleM, room }: ExerciseOnGroundProps & { room: GroundRoom }) {
  const arena = room.arenas.find((a) => a.drawn.id === 'SMALL')
  const pace = room.gaits.find((g) => g.pace === gait)
  const thing = arena && thingOf(kind, circleM, kind, room, arena.drawn)
  const measures = useQuery({
    ...queries.measures({
      arena: 'SMALL',
      pairs: [pair],
      pace: pace?.pace ?? 'WALK',
      variant: pace?.usual ?? 'MEDIUM',
      things: thing ? [thing] : [],
    }),
    enabled: thing !== undefined && pace !== undefined,
  })
  const known = measures.data?.things[0]
  if (!thing || !known || !measures.data) return null
  if (kind === 'FENCE_LINE' || kind === 'COURSE') return <ToFences view={measures.data} />
  return <ThingSays thing={thing} known={known} view={measures.data} pace={gait} />
}

/** How far each horse goes in a stride to fences: the line is built by it. */
function ToFences({ view }: { view: GroundView }) {
  const { t } = useText()
  return view.horses.map(({ pair, horse, heightCm, jumping }) => (
    <p key={pair}>
      <b>{horse}</b>{' '}
      {jumping === null
        ? t('ground.noStride')
        : t(jumping.measuredOn === null ? 'ground.usualToFences' : 'ground.ownToFences', {
            metres: jumping.lengthM.toFixed(2),
            height: heightCm ?? 0,
          })}
    </p>
  ))
}
