import { chakra, Flex } from '@chakra-ui/react'
import { TriangleAlert } from 'lucide-react'
import { v7 } from 'uuid'
import type { GroundView, ThingOnGround, WantedThing } from '../api'
import { useText } from '../text'
import { Button, useLength, WarnBox } from '../ui'
import { CourseSays, FencesSays } from './JumpSays'
import { HorseLine, nameOf, TooTight } from './HorseLine'
import { blank, nameAmong, tidy } from './things'

export interface ThingSaysProps {
  thing: WantedThing
  /** All of the set-up, by which it is said what is in the way. */
  things: WantedThing[]
  known: ThingOnGround
  view: GroundView
  pace: string
  /** Without them it is told only. */
  onChange?: (thing: WantedThing) => void
  onAdd?: (thing: WantedThing) => void
}

/** What is read before a thing is ridden. */
export function Cautions({ cautions }: { cautions: ThingOnGround['cautions'] }) {
  const { t } = useText()
  return cautions.map((c) => (
    <Flex key={c} gap="2" align="start">
      <chakra.span color="warn" flexShrink={0} marginTop="0.5">
        <TriangleAlert size={18} aria-hidden />
      </chakra.span>
      <p>{t(`ground.caution.${c}`)}</p>
    </Flex>
  ))
}

/** What a thing measures, and how it suits each horse. */
export function ThingSays(props: ThingSaysProps) {
  const { known, view } = props
  const { t } = useText()
  const len = useLength()
  return (
    <Flex direction="column" gap="2" fontVariantNumeric="tabular-nums">
      {known.refusal && (
        <WarnBox icon={<TriangleAlert size={20} aria-hidden />}>
          {t(`ground.refusal.${known.refusal.code}`, {
            x: known.refusal.where ? len(known.refusal.where.x, 1) : '',
            y: known.refusal.where ? len(known.refusal.where.y, 1) : '',
          })}
        </WarnBox>
      )}
      {known.figure && <FigureSays figure={known.figure} view={view} pace={props.pace} />}
      {known.sideways && <YieldSays {...props} line={known.sideways} />}
      {known.quarters && <QuartersSays quarters={known.quarters} view={view} />}
      {known.row && <RowSays row={known.row} view={view} />}
      {known.fan && <FanSays {...props} fan={known.fan} />}
      {known.fences && <FencesSays {...props} fences={known.fences} />}
      {known.course && <CourseSays {...props} course={known.course} />}
      {known.inTheWayOf.length > 0 && (
        <WarnBox icon={<TriangleAlert size={20} aria-hidden />}>
          {t('ground.inTheWay', {
            things: known.inTheWayOf.map((id) => nameAmong(t, props.things, id)).join(', '),
          })}
        </WarnBox>
      )}
    </Flex>
  )
}

interface FigureSaysProps {
  figure: NonNullable<ThingOnGround['figure']>
  view: GroundView
  pace: string
}

function FigureSays({ figure, view, pace }: FigureSaysProps) {
  const { t } = useText()
  const len = useLength()
  const counted = pace === 'WALK' || pace === 'TROT' ? 'steps' : 'strides'
  return (
    <>
      <p>
        {t('ground.figureSays', {
          metres: len(figure.lengthM, 1),
          left: len(figure.leftM, 0),
          right: len(figure.rightM, 0),
        })}
        {figure.bendChangesM.length > 0 &&
          ` ${t('ground.changes', {
            count: figure.bendChangesM.length,
            at: figure.bendChangesM.map((m) => len(m, 0)).join(', '),
          })}`}
      </p>
      {figure.horses.map((h) => (
        <HorseLine key={h.pair} name={nameOf(view, h.pair)}>
          <TooTight horse={nameOf(view, h.pair)} tight={h.tooTight} />
          <p>
            {[
              h.tooTight === null &&
                h.mostBendDeg !== null &&
                t('ground.bends', { degrees: h.mostBendDeg.toFixed(1) }),
              h.seconds !== null &&
                t('ground.seconds', { seconds: h.seconds.toFixed(h.seconds < 60 ? 1 : 0) }),
              h.steps !== null && t(`ground.${counted}`, { count: Math.round(h.steps) }),
            ]
              .filter(Boolean)
              .join(' · ')}
          </p>
          {h.fewerM !== null && h.moreM !== null && (
            <chakra.p color="quiet" fontSize="sm">
              {t('ground.oneLess', {
                longer: len(h.fewerM, 'cm'),
                shorter: len(-h.moreM, 'cm'),
              })}
              {h.rightLegsMoreM !== null &&
                Math.abs(h.rightLegsMoreM) >= 0.05 &&
                ` ${t('ground.legs', {
                  side: t(`side.${h.rightLegsMoreM > 0 ? 'RIGHT' : 'LEFT'}`),
                  metres: len(Math.abs(h.rightLegsMoreM), 1),
                })}`}
            </chakra.p>
          )}
        </HorseLine>
      ))}
    </>
  )
}

const percent = (share: number) => (100 * share).toFixed(0)

interface YieldSaysProps extends ThingSaysProps {
  line: NonNullable<ThingOnGround['sideways']>
}

function YieldSays({ thing, line, onChange }: YieldSaysProps) {
  const { t } = useText()
  const len = useLength()
  const { sideways } = thing
  return (
    <>
      <p>
        {t('ground.yieldSays', {
          metres: len(line.lengthM),
          forward: percent(1 - line.sideShare),
          side: percent(line.sideShare),
          degrees: line.angleDeg.toFixed(0),
        })}{' '}
        {!line.isForTeaching && <b>{t('ground.notForTeaching')}</b>}
      </p>
      <Flex gap="2" wrap="wrap" align="center" role="group" aria-label={t('ground.ends')}>
        <span>{t(line.ends.length > 0 ? 'ground.ends' : 'ground.noEnds')}</span>
        {line.ends.map((end) => (
          <Button
            key={end.to}
            look="key"
            aria-pressed={end.to === sideways?.to}
            onClick={() => sideways && onChange?.({ ...thing, sideways: { ...sideways, to: end.to } })}
          >
            {t('ground.end', { letter: end.to, side: percent(end.sideShare) })}
          </Button>
        ))}
      </Flex>
    </>
  )
}

function QuartersSays({
  quarters,
  view,
}: {
  quarters: NonNullable<ThingOnGround['quarters']>
  view: GroundView
}) {
  const { t } = useText()
  const len = useLength()
  if (quarters.horses.length === 0) return <p>{t('ground.quartersNobody')}</p>
  return quarters.horses.map((h) => (
    <HorseLine key={h.pair} name={nameOf(view, h.pair)}>
      <p>
        {h.foreToHindM === null
          ? t('ground.noHeight')
          : h.angleDeg === null
            ? t('ground.tooFarIn', { metres: len(h.foreToHindM) })
            : t('ground.quartersIn', {
                degrees: h.angleDeg.toFixed(1),
                metres: len(h.foreToHindM),
              })}{' '}
        {h.hindFor30M !== null && t('ground.forThirty', { metres: len(h.hindFor30M) })}
      </p>
    </HorseLine>
  ))
}

function RowSays({ row, view }: { row: NonNullable<ThingOnGround['row']>; view: GroundView }) {
  const { t } = useText()
  const len = useLength()
  return (
    <>
      <p>{t('ground.rowSays', { metres: len(row.apartM) })}</p>
      {row.horses.map((h) => {
        const own =
          h.own.fromM === h.own.toM
            ? t('ground.ownStep', { metres: len(h.own.fromM) })
            : t('ground.ownSteps', { from: len(h.own.fromM), to: len(h.own.toM) })
        return (
          <HorseLine key={h.pair} name={nameOf(view, h.pair)}>
            <p>
              {own}{' '}
              {h.wideM === 0
                ? t('ground.suits')
                : t(h.wideM > 0 ? 'ground.tooWide' : 'ground.tooClose', {
                    cm: len(Math.abs(h.wideM), 'cm'),
                  })}
            </p>
          </HorseLine>
        )
      })}
    </>
  )
}

export type PartOf<K extends 'fan' | 'fences' | 'course'> = ThingSaysProps &
  Record<K, NonNullable<ThingOnGround[K]>>

function FanSays({ thing, fan, view, onAdd }: PartOf<'fan'>) {
  const { t } = useText()
  const len = useLength()
  const ownRow = (stepM: number) => {
    const at = thing.fan?.middle.at ?? { x: 0, y: 0 }
    onAdd?.({
      ...blank(v7()),
      row: {
        first: { at: { x: at.x, y: tidy(at.y + (thing.fan?.middleM ?? 0) + 5) }, headingDeg: 90 },
        poles: thing.fan?.poles ?? 4,
        apartM: tidy(stepM),
        poleM: thing.fan?.poleM ?? 3,
        isRaised: false,
      },
    })
  }
  return (
    <>
      <p>
        {t('ground.fanSays', {
          degrees: fan.gapDeg.toFixed(2),
          inner: len(fan.innerM),
          middle: len(fan.middleM),
          outer: len(fan.outerM),
        })}
      </p>
      <chakra.p color="quiet">
        {t('ground.fanLines', {
          least: len(fan.leastLineM, 1),
          shorter: len(fan.leastStepM),
          most: len(fan.mostLineM, 1),
          longer: len(fan.mostStepM),
        })}
      </chakra.p>
      {fan.horses.map((h) => (
        <HorseLine key={h.pair} name={nameOf(view, h.pair)}>
          {h.fits ? (
            <p>{t('ground.fanLine', { line: len(h.lineM), step: len(h.stepM) })}</p>
          ) : (
            <>
              <WarnBox icon={<TriangleAlert size={20} aria-hidden />}>
                {t('ground.fanLeftOut', {
                  horse: nameOf(view, h.pair),
                  line: len(h.lineM),
                  from: len(fan.leastLineM, 1),
                  to: len(fan.mostLineM, 1),
                  step: len(h.stepM),
                })}
              </WarnBox>
              {onAdd && (
                <Button marginTop="2" onClick={() => ownRow(h.stepM)}>
                  {t('ground.ownRow', { horse: nameOf(view, h.pair), step: len(h.stepM) })}
                </Button>
              )}
            </>
          )}
        </HorseLine>
      ))}
    </>
  )
}
