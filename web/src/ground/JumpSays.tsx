import { chakra, Flex } from '@chakra-ui/react'
import type { ThingOnGround } from '../api'
import { useText } from '../text'
import { Button, useLength } from '../ui'
import { HorseLine, nameOf, TooTight } from './HorseLine'
import { tidy } from './things'
import type { PartOf } from './ThingSays'

type Gap = NonNullable<ThingOnGround['fences']>['gaps'][number]

/** How many strides lie between the fences, how they are ridden, and how far a fence would move for them. */
export function FencesSays({ thing, fences, view, onChange }: PartOf<'fences'>) {
  const { t } = useText()
  const len = useLength()
  const move = (gap: number, byM: number) => {
    if (!thing.fences) return
    const distancesM = thing.fences.distancesM.map((d, i) => (i === gap ? tidy(d + byM) : d))
    onChange?.({ ...thing, fences: { ...thing.fences, distancesM } })
  }
  if (fences.gaps.length === 0) return <p>{t(onChange ? 'ground.oneFence' : 'ground.aFence')}</p>
  return fences.gaps.map((gap, i) => (
    <chakra.div key={i}>
      <p>
        <b>{t('ground.gapSays', { from: i + 1, to: i + 2, metres: len(gap.distanceM) })}</b>
      </p>
      {gap.horses.map((h) => (
        <HorseLine key={h.pair} name={nameOf(view, h.pair)}>
          {h.bounce ? (
            <Bounce bounce={h.bounce} />
          ) : (
            <Counts
              of={h}
              ownM={view.horses.find((v) => v.pair === h.pair)?.jumping?.lengthM ?? 0}
              fence={i + 2}
              onMove={onChange && ((byM) => move(i, byM))}
            />
          )}
        </HorseLine>
      ))}
    </chakra.div>
  ))
}

function Bounce({ bounce }: { bounce: NonNullable<Gap['horses'][number]['bounce']> }) {
  const { t } = useText()
  const len = useLength()
  return (
    <p>
      {t('ground.bounce', { from: len(bounce.leastM), to: len(bounce.mostM) })}{' '}
      {bounce.wideM === 0
        ? t('ground.suits')
        : t(bounce.wideM > 0 ? 'ground.tooWide' : 'ground.tooClose', {
            cm: len(Math.abs(bounce.wideM), 'cm'),
          })}
    </p>
  )
}

interface CountsProps {
  of: Gap['horses'][number]
  ownM: number
  fence: number
  onMove: ((byM: number) => void) | undefined
}

function Counts({ of, ownM, fence, onMove }: CountsProps) {
  const { t } = useText()
  const len = useLength()
  return (
    <>
      <p>{t('ground.strideSays', { strides: of.strides.toFixed(1), own: len(ownM) })}</p>
      {of.counts.map((c) => (
        <Flex key={c.strides} gap="3" wrap="wrap" align="center" marginTop="1">
          <chakra.span flex="1 1 220px">
            <b>{t(`ground.count.${c.suits}`, { count: c.strides })}</b>{' '}
            {c.suits !== 'AS_IT_IS' &&
              t('ground.byBoth', { all: len(c.strideM), fixed: len(c.fixedStrideM) })}
          </chakra.span>
          {onMove && Math.abs(c.moveOutM) >= 0.01 && (
            <Button onClick={() => onMove(c.moveOutM)}>
              {t(c.moveOutM > 0 ? 'ground.moveOut' : 'ground.moveIn', {
                fence,
                metres: len(Math.abs(c.moveOutM)),
              })}
            </Button>
          )}
        </Flex>
      ))}
    </>
  )
}

/** A course: its length and its time, and from fence to fence how far, how much of a turn, and how many strides. */
export function CourseSays({ course, view }: PartOf<'course'>) {
  const { t } = useText()
  const len = useLength()
  return (
    <>
      <p>
        {t('ground.courseSays', {
          metres: len(course.lengthM, 0),
          seconds: Math.ceil(course.allowedS),
          count: course.legs.length + 1,
        })}
      </p>
      <chakra.ol listStyleType="none" display="grid" gap="1">
        {course.legs.map((leg) => (
          <li key={leg.from}>
            <b>{t('ground.gapSays', { from: leg.from, to: leg.from + 1, metres: len(leg.lengthM, 1) })}</b>
            {Math.abs(leg.turnDeg) >= 1 &&
              `, ${t(leg.turnDeg > 0 ? 'ground.turnsLeft' : 'ground.turnsRight', {
                degrees: Math.abs(leg.turnDeg).toFixed(0),
              })}`}
            {leg.horses.length > 0 && ': '}
            {leg.horses
              .map((h) =>
                t('ground.legStrides', { horse: nameOf(view, h.pair), strides: h.strides.toFixed(1) }),
              )
              .join(' · ')}
          </li>
        ))}
      </chakra.ol>
      {course.horses.map((h) => (
        <HorseLine key={h.pair} name={nameOf(view, h.pair)}>
          <TooTight horse={nameOf(view, h.pair)} tight={h.tooTight} />
          {h.seconds !== null && (
            <p>
              {t(h.seconds > course.allowedS ? 'ground.overTime' : 'ground.inTime', {
                seconds: h.seconds.toFixed(0),
              })}
            </p>
          )}
        </HorseLine>
      ))}
    </>
  )
}
