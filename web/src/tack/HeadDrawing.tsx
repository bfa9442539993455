import { Box, chakra, Flex } from '@chakra-ui/react'
import { useId } from 'react'
import type { HeadgearView, LeverView, Pressure } from '../api'
import { useText } from '../text'
import {
  BIT,
  CHEEK,
  EAR,
  EYE,
  FAR_EAR,
  HEAD,
  INSIDE,
  JAWS,
  MANE,
  MOUTH,
  NOSTRIL,
  PLACES,
} from './headFromTheSide'

const ALL: readonly Pressure[] = ['POLL', 'NOSE', 'CORNERS', 'PALATE', 'TONGUE', 'BARS', 'CURB_GROOVE']
const PX_A_CM = 4.6

/** Where the name of each place stands: beside it, on no other. */
const NAMES: Record<Pressure, { x: number; y: number; textAnchor: 'start' | 'end' }> = {
  POLL: { x: 132, y: 48, textAnchor: 'start' },
  NOSE: { x: 210, y: 142, textAnchor: 'start' },
  CORNERS: { x: 378, y: 252, textAnchor: 'end' },
  CURB_GROOVE: { x: 184, y: 262, textAnchor: 'end' },
  PALATE: { x: 226, y: 36, textAnchor: 'end' },
  TONGUE: { x: 226, y: 64, textAnchor: 'end' },
  BARS: { x: 226, y: 90, textAnchor: 'end' },
}

interface HeadDrawingProps {
  headgear: HeadgearView
  /** Of a lever: as it is measured, and how far it is turned. */
  lever?: { size: LeverView; angleDeg: number } | undefined
}

/** Where a headgear presses, on the head and in the mouth cut open; what presses always is filled, what may press is striped. */
export function HeadDrawing({ headgear, lever }: HeadDrawingProps) {
  const { t } = useText()
  const stripes = useId()
  const fill = (place: Pressure) =>
    headgear.presses.includes(place)
      ? 'var(--chakra-colors-warn)'
      : headgear.mayPress.includes(place)
        ? `url(#${stripes})`
        : undefined
  const isInMouth = ['TONGUE', 'BARS', 'PALATE'].some((p) => fill(p as Pressure))
  return (
    <Box>
      <chakra.svg
        viewBox={lever ? '0 0 380 320' : '0 0 380 270'}
        width="100%"
        maxWidth="26rem"
        role="img"
        aria-label={inWords(t, headgear)}
      >
        <defs>
          <pattern
            id={stripes}
            width="6"
            height="6"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <chakra.rect width="3" height="6" fill="warn" />
          </pattern>
        </defs>
        <chakra.path d={FAR_EAR} fill="sunken" />
        <chakra.path d={HEAD} fill="line" />
        <chakra.path d={MANE} fill="quiet" />
        <chakra.path d={EAR} fill="line" stroke="card" strokeWidth="2.5" strokeLinejoin="round" />
        {[CHEEK, MOUTH].map((d) => (
          <chakra.path key={d} d={d} fill="none" stroke="quiet" strokeWidth="2.5" strokeLinecap="round" />
        ))}
        <chakra.circle cx={EYE.x} cy={EYE.y} r="4.5" fill="ink" />
        <chakra.ellipse
          cx={NOSTRIL.x}
          cy={NOSTRIL.y}
          rx="4"
          ry="6"
          fill="quiet"
          transform="rotate(-30 244 210)"
        />
        {Object.entries(PLACES).map(([place, d]) => {
          const filled = fill(place as Pressure)
          return filled && <path key={place} d={d} fill={filled} data-place={place} />
        })}
        {Object.entries(NAMES).map(
          ([place, at]) =>
            fill(place as Pressure) && (
              <chakra.text
                key={place}
                {...at}
                fill="ink"
                fontSize="13px"
                fontFamily="body"
                stroke="card"
                strokeWidth="3"
                paintOrder="stroke"
              >
                {t(`press.${place as Pressure}`)}
              </chakra.text>
            ),
        )}
        {lever && <Shank {...lever} />}
        {isInMouth && (
          <g transform="translate(228 4)">
            <chakra.path d={JAWS} fill="none" stroke="quiet" strokeWidth="2.5" strokeLinecap="round" />
            {Object.entries(INSIDE).map(([place, d]) => (
              <chakra.path
                key={place}
                d={d}
                style={{ fill: fill(place as Pressure) ?? 'var(--chakra-colors-line)' }}
                data-place={place}
              />
            ))}
          </g>
        )}
      </chakra.svg>
      <Words headgear={headgear} />
    </Box>
  )
}

/** The same in words: they stand below, so that nobody must read a colour. */
function Words({ headgear }: { headgear: HeadgearView }) {
  const { t } = useText()
  const places = [
    ...ALL.filter((p) => headgear.presses.includes(p)),
    ...ALL.filter((p) => headgear.mayPress.includes(p)),
  ]
  if (places.length === 0) return <p>{t('tack.pressesNothing')}</p>
  return (
    <Flex as="ul" gap="2" wrap="wrap" listStyleType="none" marginTop="2">
      {places.map((place) => {
        const isAlways = headgear.presses.includes(place)
        return (
          <chakra.li
            key={place}
            paddingX="2.5"
            paddingY="0.5"
            borderRadius="key"
            borderWidth="2px"
            borderColor="warn"
            borderStyle={isAlways ? 'solid' : 'dashed'}
            background={isAlways ? 'warnSoft' : undefined}
            fontWeight={isAlways ? '650' : '400'}
          >
            {isAlways ? t(`press.${place}`) : t('tack.may', { place: t(`press.${place}`) })}
          </chakra.li>
        )
      })}
    </Flex>
  )
}

/** The shank turned so far that it stands at this angle to the rein, which runs to the hand at the left. */
function Shank({ size, angleDeg }: { size: LeverView; angleDeg: number }) {
  const turn = (angleDeg * Math.PI) / 180
  const along = { x: -Math.cos(turn), y: Math.sin(turn) }
  const end = (cm: number) => ({ x: BIT.x + along.x * cm * PX_A_CM, y: BIT.y + along.y * cm * PX_A_CM })
  const ring = end(size.belowCm)
  const top = end(-size.aboveCm)
  return (
    <chakra.g fill="none" stroke="ink" strokeWidth="4" strokeLinecap="round">
      <line x1={top.x} y1={top.y} x2={ring.x} y2={ring.y} data-part="shank" />
      <chakra.path
        d={`M${String(top.x)} ${String(top.y)}Q188 262 206 254`}
        strokeWidth="2.5"
        strokeDasharray="3 4"
      />
      <line x1={ring.x} y1={ring.y} x2={4} y2={ring.y} strokeWidth="2.5" data-part="rein" />
      <chakra.circle cx={BIT.x} cy={BIT.y} r="5" fill="card" />
      <chakra.circle cx={ring.x} cy={ring.y} r="4" fill="card" />
    </chakra.g>
  )
}

function inWords(t: ReturnType<typeof useText>['t'], headgear: HeadgearView): string {
  const named = (places: Pressure[]) => places.map((p) => t(`press.${p}`)).join(', ')
  return [
    headgear.name,
    headgear.presses.length > 0 && t('tack.pressesOn', { places: named(headgear.presses) }),
    headgear.mayPress.length > 0 && t('tack.may', { place: named(headgear.mayPress) }),
  ]
    .filter(Boolean)
    .join('. ')
}
