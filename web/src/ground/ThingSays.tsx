import { chakra, Flex } from '@chakra-ui/react'
import { TriangleAlert } from 'lucide-react'
import { v7 } from 'uuid'
import type { GroundView, ThingOnGround, WantedThing } from '../api'
import { useText } from '../text'
import { Button, WarnBox } from '../ui'
import { blank, tidy } from './things'

interface ThingSaysProps {
  thing: WantedThing
  known: ThingOnGround
  view: GroundView
  pace: string
  /** Without them it is told only. */
  onChange?: (thing: WantedThing) => void
  onAdd?: (thing: WantedThing) => void
}

/** What is read before a thing is ridden. */
export function Cautions({ known }: { known: ThingOnGround }) {
  const { t } = useText()
  return known.cautions.map((c) => (
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
  return (
    <Flex direction="column" gap="2" fontVariantNumeric="tabular-nums">
      {known.refusal && (
        <WarnBox icon={<TriangleAlert size={20} aria-hidden />}>
          {t(`ground.refusal.${known.refusal.code}`, {
            x: known.refusal.where?.x.toFixed(1) ?? '',
            y: known.refusal.where?.y.toFixed(1) ?? '',
          })}
        </WarnBox>
      )}
      {known.figure && <FigureSays figure={known.figure} view={view} pace={props.pace} />}
      {known.sideways && <YieldSays {...props} line={known.sideways} />}
      {known.quarters && <QuartersSays quarters={known.quarters} view={view} />}
      {known.row && <RowSays row={known.row} view={view} />}
      {known.fan && <FanSays {...props} fan={known.fan} />}
      {known.fences && <FencesSays {...props} fences={known.fences} />}
    </Flex>
  )
}

const nameOf = (view: GroundView, pair: string) => view.horses.find((h) => h.pair === pair)?.horse ?? ''

/** One horse's line: its name, then its numbers. */
function HorseLine({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <chakra.div borderTopWidth="1px" borderColor="line" paddingTop="2">
      <chakra.b display="block">{name}</chakra.b>
      {children}
    </chakra.div>
  )
}

interface FigureSaysProps {
  figure: NonNullable<ThingOnGround['figure']>
  view: GroundView
  pace: string
}

function FigureSays({ figure, view, pace }: FigureSaysProps) {
  const { t } = useText()
  const counted = pace === 'WALK' || pace === 'TROT' ? 'steps' : 'strides'
  return (
    <>
      <p>
        {t('ground.figureSays', {
          metres: figure.lengthM.toFixed(1),
          left: figure.leftM.toFixed(0),
          right: figure.rightM.toFixed(0),
        })}
        {figure.bendChangesM.length > 0 &&
          ` ${t('ground.changes', {
            count: figure.bendChangesM.length,
            at: figure.bendChangesM.map((m) => m.toFixed(0)).join(', '),
          })}`}
      </p>
      {figure.horses.map((h) => (
        <HorseLine key={h.pair} name={nameOf(view, h.pair)}>
          {h.tooTight && (
            <WarnBox icon={<TriangleAlert size={20} aria-hidden />}>
              {t(`ground.tight.${h.tooTight.reason}`, {
                horse: nameOf(view, h.pair),
                side: t(`side.${h.tooTight.side}`),
                metres: h.tooTight.diameterM.toFixed(1),
                least: h.tooTight.leastM.toFixed(0),
              })}
            </WarnBox>
          )}
          <p>
            {[
              h.mostBendDeg !== null && t('ground.bends', { degrees: h.mostBendDeg.toFixed(1) }),
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
                longer: (h.fewerM * 100).toFixed(0),
                shorter: (-h.moreM * 100).toFixed(0),
              })}
              {h.rightLegsMoreM !== null &&
                Math.abs(h.rightLegsMoreM) >= 0.05 &&
                ` ${t('ground.legs', {
                  side: t(`side.${h.rightLegsMoreM > 0 ? 'RIGHT' : 'LEFT'}`),
                  metres: Math.abs(h.rightLegsMoreM).toFixed(1),
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
  const { sideways } = thing
  return (
    <>
      <p>
        {t('ground.yieldSays', {
          metres: line.lengthM.toFixed(2),
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
  if (quarters.horses.length === 0) return <p>{t('ground.quartersNobody')}</p>
  return quarters.horses.map((h) => (
    <HorseLine key={h.pair} name={nameOf(view, h.pair)}>
      <p>
        {h.foreToHindM === null
          ? t('ground.noHeight')
          : h.angleDeg === null
            ? t('ground.tooFarIn', { metres: h.foreToHindM.toFixed(2) })
            : t('ground.quartersIn', {
                degrees: h.angleDeg.toFixed(1),
                metres: h.foreToHindM.toFixed(2),
              })}{' '}
        {h.hindFor30M !== null && t('ground.forThirty', { metres: h.hindFor30M.toFixed(2) })}
      </p>
    </HorseLine>
  ))
}

function RowSays({ row, view }: { row: NonNullable<ThingOnGround['row']>; view: GroundView }) {
  const { t } = useText()
  return (
    <>
      <p>{t('ground.rowSays', { metres: row.apartM.toFixed(2) })}</p>
      {row.horses.map((h) => {
        const own =
          h.own.fromM === h.own.toM
            ? t('ground.ownStep', { metres: h.own.fromM.toFixed(2) })
            : t('ground.ownSteps', { from: h.own.fromM.toFixed(2), to: h.own.toM.toFixed(2) })
        return (
          <HorseLine key={h.pair} name={nameOf(view, h.pair)}>
            <p>
              {own}{' '}
              {h.wideM === 0
                ? t('ground.suits')
                : t(h.wideM > 0 ? 'ground.tooWide' : 'ground.tooClose', {
                    cm: Math.abs(h.wideM * 100).toFixed(0),
                  })}
            </p>
          </HorseLine>
        )
      })}
    </>
  )
}

type PartOf<K extends 'fan' | 'fences'> = ThingSaysProps & Record<K, NonNullable<ThingOnGround[K]>>

function FanSays({ thing, fan, view, onAdd }: PartOf<'fan'>) {
  const { t } = useText()
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
          inner: fan.innerM.toFixed(2),
          middle: fan.middleM.toFixed(2),
          outer: fan.outerM.toFixed(2),
        })}
      </p>
      {fan.horses.map((h) => (
        <HorseLine key={h.pair} name={nameOf(view, h.pair)}>
          {h.fits ? (
            <p>{t('ground.fanLine', { line: h.lineM.toFixed(2), step: h.stepM.toFixed(2) })}</p>
          ) : (
            <>
              <WarnBox icon={<TriangleAlert size={20} aria-hidden />}>
                {t('ground.fanLeftOut', {
                  horse: nameOf(view, h.pair),
                  line: h.lineM.toFixed(2),
                  from: fan.leastLineM.toFixed(1),
                  to: fan.mostLineM.toFixed(1),
                  step: h.stepM.toFixed(2),
                })}
              </WarnBox>
              {onAdd && (
                <Button marginTop="2" onClick={() => ownRow(h.stepM)}>
                  {t('ground.ownRow', { horse: nameOf(view, h.pair), step: h.stepM.toFixed(2) })}
                </Button>
              )}
            </>
          )}
        </HorseLine>
      ))}
    </>
  )
}

function FencesSays({ thing, fences, view, onChange }: PartOf<'fences'>) {
  const { t } = useText()
  const move = (gap: number, byM: number) => {
    if (!thing.fences) return
    const distancesM = thing.fences.distancesM.map((d, i) => (i === gap ? tidy(d + byM) : d))
    onChange?.({ ...thing, fences: { ...thing.fences, distancesM } })
  }
  if (fences.gaps.length === 0) return <p>{t('ground.oneFence')}</p>
  return fences.gaps.map((gap, i) => (
    <chakra.div key={i}>
      <p>
        <b>{t('ground.gapSays', { from: i + 1, to: i + 2, metres: gap.distanceM.toFixed(2) })}</b>
      </p>
      {gap.horses.map((h) => (
        <HorseLine key={h.pair} name={nameOf(view, h.pair)}>
          <p>
            {t('ground.strideSays', {
              strides: h.strides.toFixed(1),
              own: (view.horses.find((v) => v.pair === h.pair)?.jumping?.lengthM ?? 0).toFixed(2),
            })}
          </p>
          {h.counts.map((c) => (
            <Flex key={c.strides} gap="3" wrap="wrap" align="center" marginTop="1">
              <chakra.span flex="1 1 220px">
                <b>{t(`ground.count.${c.suits}`, { count: c.strides })}</b>{' '}
                {c.suits !== 'AS_IT_IS' &&
                  t('ground.byBoth', { all: c.strideM.toFixed(2), fixed: c.fixedStrideM.toFixed(2) })}
              </chakra.span>
              {Math.abs(c.moveOutM) >= 0.01 && (
                <Button onClick={() => move(i, c.moveOutM)}>
                  {t(c.moveOutM > 0 ? 'ground.moveOut' : 'ground.moveIn', {
                    fence: i + 2,
                    metres: Math.abs(c.moveOutM).toFixed(2),
                  })}
                </Button>
              )}
            </Flex>
          ))}
        </HorseLine>
      ))}
    </chakra.div>
  ))
}
