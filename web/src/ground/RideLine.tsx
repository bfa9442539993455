import { chakra, Flex, useMediaQuery } from '@chakra-ui/react'
import { Pause, Play } from 'lucide-react'
import { useEffect, useId, useState } from 'react'
import type { GroundView, ThingOnGround } from '../api'
import { useText } from '../text'
import { Button, FieldLabel, useLength } from '../ui'
import { poseAt } from './lines'

interface RideLineProps {
  line: {
    pieces: NonNullable<ThingOnGround['figure']>['pieces']
    lengthM: number
    horses: { pair: string; bendsDeg?: number[]; tooTight: unknown }[]
  }
  /** To fences a horse has a stride of its own. */
  isCourse: boolean
  view: GroundView
  pace: string
  onRide: (rider: { alongM: number; heightM: number; bendDeg: number } | undefined) => void
}

const USUAL_CM = 160
/** Where no speed is known the line is looked along at a walk. */
const USUAL_MS = 1.7

/** The line ridden by the first horse that may go it, at its true speed; or along it by hand. */
export function RideLine({ line: figure, isCourse, view, pace, onRide }: RideLineProps) {
  const { t } = useText()
  const len = useLength()
  const id = useId()
  const [alongM, setAlongM] = useState(0)
  const [isRiding, setRiding] = useState(false)
  const [isStill = false] = useMediaQuery(['(prefers-reduced-motion: reduce)'], { ssr: false })
  const own = figure.horses.find((h) => h.tooTight === null)
  const horse = view.horses.find((h) => h.pair === own?.pair)
  const stride = isCourse ? horse?.jumping : horse?.stride
  const speedMs = stride?.speedMs ?? USUAL_MS
  const stepM = stride?.stepM ?? 0
  const bendOf = (metres: number) => own?.bendsDeg?.[poseAt(figure.pieces, metres)?.piece ?? 0] ?? 0
  const go = (metres: number) => {
    setAlongM(metres)
    onRide({ alongM: metres, heightM: (horse?.heightCm ?? USUAL_CM) / 100, bendDeg: bendOf(metres) })
  }
  useEffect(() => {
    if (!isRiding) return
    let before: number | undefined
    let metres = alongM >= figure.lengthM ? 0 : alongM
    let frame = requestAnimationFrame(function next(now) {
      metres += before === undefined ? 0 : ((now - before) / 1000) * speedMs
      before = now
      go(Math.min(metres, figure.lengthM))
      if (metres >= figure.lengthM) setRiding(false)
      else frame = requestAnimationFrame(next)
    })
    return () => cancelAnimationFrame(frame)
    // from where it stands when it begins; what changes while it goes is not asked again
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isRiding, figure, speedMs])
  useEffect(() => () => onRide(undefined), [onRide])
  const steps = stepM > 0 ? Math.floor(alongM / stepM + 1e-9) : 0
  return (
    <div>
      <Flex gap="3" align="center">
        {!isStill && (
          <Button
            aria-label={t(isRiding ? 'ground.halt' : 'ground.ride')}
            onClick={() => setRiding(!isRiding)}
          >
            {isRiding ? <Pause size={20} aria-hidden /> : <Play size={20} aria-hidden />}
          </Button>
        )}
        <chakra.div flex="1">
          <FieldLabel htmlFor={id}>
            {horse ? t('ground.rideAlong', { horse: horse.horse }) : t('ground.lookAlong')}
          </FieldLabel>
          <chakra.input
            id={id}
            type="range"
            width="full"
            height="32px"
            min={0}
            max={figure.lengthM}
            step={0.1}
            value={alongM}
            accentColor="ink"
            onChange={(e) => {
              setRiding(false)
              go(Number(e.target.value))
            }}
          />
        </chakra.div>
      </Flex>
      <chakra.p fontSize="sm" fontVariantNumeric="tabular-nums">
        {[
          t('ground.alongSays', { metres: len(alongM, 1) }),
          stepM > 0 &&
            t(!isCourse && (pace === 'WALK' || pace === 'TROT') ? 'ground.steps' : 'ground.strides', {
              count: steps,
            }),
          own?.bendsDeg && own.bendsDeg.length > 0 && bendSays(t, bendOf(alongM)),
        ]
          .filter(Boolean)
          .join(' · ')}
      </chakra.p>
    </div>
  )
}

function bendSays(t: ReturnType<typeof useText>['t'], degrees: number): string {
  if (Math.abs(degrees) < 0.05) return t('ground.straight')
  return t(degrees > 0 ? 'ground.bentLeft' : 'ground.bentRight', { degrees: Math.abs(degrees).toFixed(1) })
}
