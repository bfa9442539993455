import { chakra, Flex } from '@chakra-ui/react'
import type { SideView } from '../api'
import type { Side } from '../record'
import { percent, useText } from '../text'
import { SIDE, SideLetter } from '../ui'

export interface MirrorHalf {
  side: Side
  name: string
  view: Pick<SideView, 'yes' | 'asks' | 'low' | 'high' | 'meanStrength'>
  /** What is said where there is nothing to draw; that it was not asked, where this is left out. */
  nothing?: string
}

interface MirrorProps {
  halves: MirrorHalf[]
  /** Somebody else rode it: drawn hollow, as in the plait. */
  isHollow?: boolean
}

/**
 * YES to each side with its 95 % interval, mirrored at the middle: left grows to the left, right to the right, so that crookedness
 * is a lopsided picture. What knows no sides is one bar.
 */
export function Mirror({ halves, isHollow = false }: MirrorProps) {
  return (
    <chakra.div role="list" display="flex" alignItems="end">
      {halves.map((half) => (
        <Half key={half.side} half={half} isHollow={isHollow} />
      ))}
    </chakra.div>
  )
}

function Half({ half: { side, name, view, nothing }, isHollow }: { half: MirrorHalf; isHollow: boolean }) {
  const { t } = useText()
  const isLeft = side === 'LEFT'
  const isAsked = view.asks > 0
  const label = !isAsked
    ? `${name}: ${nothing ?? t('debrief.notRiddenRein')}`
    : [
        t('debrief.strip', {
          side: name,
          yes: view.yes,
          asks: view.asks,
          low: percent(view.low),
          high: percent(view.high),
        }),
        ...(view.meanStrength === null ? [] : [t('debrief.mean', { mean: view.meanStrength.toFixed(1) })]),
      ].join(', ')
  return (
    <chakra.div role="listitem" aria-label={label} flex="1" minWidth="0">
      <Flex gap="2" align="center" direction={isLeft ? 'row' : 'row-reverse'} minHeight="8" aria-hidden>
        {side !== 'NONE' && <SideLetter side={side} />}
        <chakra.span
          flex="1"
          textAlign={side === 'RIGHT' ? 'end' : 'start'}
          lineHeight="1.25"
          fontVariantNumeric="tabular-nums"
          fontSize="sm"
        >
          {isAsked ? (
            <>
              <chakra.b>
                {t('debrief.ofAsks', { yes: view.yes, asks: view.asks })} {t('debrief.yes')}
              </chakra.b>
              <chakra.span color="quiet" display="block">
                {t('debrief.interval', { low: percent(view.low), high: percent(view.high) })}
                {view.meanStrength !== null && (
                  <>
                    {' · '}
                    <chakra.span whiteSpace="nowrap">
                      {t('debrief.strength', { mean: view.meanStrength.toFixed(1) })}
                    </chakra.span>
                  </>
                )}
              </chakra.span>
            </>
          ) : (
            <chakra.span color="quiet">{nothing ?? t('debrief.notRiddenRein')}</chakra.span>
          )}
        </chakra.span>
      </Flex>
      <Bar side={side} view={view} isHollow={isHollow} />
    </chakra.div>
  )
}

const HEIGHT = 22

interface BarProps {
  side: Side
  view: MirrorHalf['view']
  isHollow: boolean
}

/** From nought at the middle to all of them at the outer end. */
function Bar({ side, view, isHollow }: BarProps) {
  const isLeft = side === 'LEFT'
  const at = (share: number) => `${String(100 * (isLeft ? 1 - share : share))}%`
  const from = isLeft ? at(view.high) : at(view.low)
  return (
    <chakra.svg width="100%" height={`${String(HEIGHT)}px`} overflow="visible" display="block" aria-hidden>
      <chakra.rect x="0" y="9" width="100%" height="4" fill="line" />
      <chakra.line x1="50%" x2="50%" y1="5" y2="17" stroke="quiet" strokeWidth="1" />
      <chakra.line x1={at(0)} x2={at(0)} y1="0" y2={HEIGHT} stroke="ink" strokeWidth="1.5" />
      {view.asks > 0 && (
        <>
          <chakra.rect
            x={from}
            y="5"
            width={`${String(Math.max(0.5, 100 * (view.high - view.low)))}%`}
            height="12"
            rx={isLeft ? 2 : 6}
            fill={isHollow ? 'card' : side === 'NONE' ? 'currentColor' : `url(#${SIDE[side].pattern})`}
            stroke={isHollow ? (side === 'NONE' ? 'ink' : SIDE[side].color) : undefined}
            strokeWidth={isHollow ? '2' : undefined}
            opacity={isHollow ? '1' : '0.8'}
          />
          <chakra.line
            x1={at(view.yes / view.asks)}
            x2={at(view.yes / view.asks)}
            y1="1"
            y2="21"
            stroke="ink"
            strokeWidth="5"
            strokeLinecap="round"
          />
        </>
      )}
    </chakra.svg>
  )
}
