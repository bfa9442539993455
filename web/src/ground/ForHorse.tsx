import { chakra } from '@chakra-ui/react'
import type { ForHorse as Numbers } from '../api'
import { useText } from '../text'
import { useLength } from '../ui'

interface ForHorseProps {
  ground: Numbers | null
  horse: string
  gait: string
}

/** What the ground of an exercise is for this horse, in a line; it is known without a network. */
export function ForHorse({ ground, horse, gait }: ForHorseProps) {
  const { t } = useText()
  const len = useLength()
  if (ground === null) return null
  const { seconds, steps, poles, fan, jumpingM, lines, isMeasured } = ground
  const counted = gait === 'WALK' || gait === 'TROT' ? 'steps' : 'strides'
  const apart =
    poles &&
    (poles.fromM === poles.toM
      ? len(poles.fromM)
      : t('ground.fromTo', { from: len(poles.fromM), to: len(poles.toM) }))
  return (
    <chakra.p fontVariantNumeric="tabular-nums">
      {[
        seconds !== null &&
          steps !== null &&
          t('ground.onceRound', {
            steps: t(`ground.${counted}`, { count: Math.round(steps) }),
            seconds: seconds.toFixed(0),
          }),
        apart !== null &&
          (fan === null
            ? t('ground.polesApart', { apart })
            : t('ground.fanApart', {
                apart,
                degrees: fan.gapDeg.toFixed(1),
                middle: len(fan.middleM, 1),
              })),
        jumpingM !== null && t('ground.toFences', { stride: len(jumpingM) }),
        lines.length > 0 &&
          t('ground.linesFor', {
            lines: lines
              .map((l) => t('ground.lineFor', { count: l.strides, metres: len(l.distanceM) }))
              .join(' · '),
          }),
        t(isMeasured ? 'ground.asMeasured' : 'ground.asUsual', { horse }),
      ]
        .filter(Boolean)
        .join(' ')}
    </chakra.p>
  )
}
