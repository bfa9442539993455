import { chakra } from '@chakra-ui/react'
import type { SideView } from '../api'
import type { Side } from '../record'
import { percent, useText } from '../text'
import { SIDE } from '../ui'

const BOX = { width: 560, left: 30, right: 8, row: 52, top: 8, bottom: 26 }
const LEVELS = [0, 0.25, 0.5, 0.75, 1]

export interface StripRow {
  side: Side
  name: string
  view: SideView
}

/** YES to each side with its 95 % interval, on one scale: what overlaps is not yet different. */
export function IntervalStrip({ rows }: { rows: StripRow[] }) {
  const x = (share: number) => BOX.left + share * (BOX.width - BOX.left - BOX.right)
  const height = BOX.top + rows.length * BOX.row + BOX.bottom
  return (
    <chakra.svg viewBox={`0 0 ${BOX.width} ${height}`} width="100%" role="list">
      {LEVELS.map((level) => (
        <g key={level} aria-hidden>
          <chakra.line x1={x(level)} x2={x(level)} y1={BOX.top} y2={height - BOX.bottom} stroke="line" />
          <chakra.text
            x={x(level)}
            y={height - 7}
            textAnchor={level === 1 ? 'end' : 'middle'}
            fontSize="14px"
            fill="quiet"
          >
            {percent(level)}
            {level === 1 && ' %'}
          </chakra.text>
        </g>
      ))}
      {rows.map((row, i) => (
        <SideStrip key={row.side} row={row} y={BOX.top + i * BOX.row} x={x} />
      ))}
    </chakra.svg>
  )
}

const NO_SIDE = { color: 'ink', letter: '', pattern: undefined }

function SideStrip({ row, y, x }: { row: StripRow; y: number; x: (share: number) => number }) {
  const { t } = useText()
  const { side, name, view } = row
  const { color, letter, pattern } = side === 'NONE' ? NO_SIDE : SIDE[side]
  const label =
    view.meanStrength === null
      ? `${name}: ${t('debrief.notRiddenRein')}`
      : t('debrief.strip', {
          side: name,
          yes: view.yes,
          asks: view.asks,
          low: percent(view.low),
          high: percent(view.high),
          mean: view.meanStrength.toFixed(1),
        })
  const middle = y + 34
  return (
    <g role="listitem" aria-label={label}>
      <chakra.text x="0" y={middle + 6} fontSize="18px" fontWeight="800" fill={color}>
        {letter}
      </chakra.text>
      {view.meanStrength === null ? (
        <chakra.text x={x(0) + 8} y={middle + 5} fontSize="15px" fill="quiet">
          {t('debrief.notRiddenRein')}
        </chakra.text>
      ) : (
        <>
          <chakra.text x={x(0) + 8} y={y + 18} fontSize="15px" fill="ink">
            <chakra.tspan fontWeight="800">
              {t('debrief.ofAsks', { yes: view.yes, asks: view.asks })} {t('debrief.yes')}
            </chakra.tspan>
            {', '}
            {t('debrief.interval', { low: percent(view.low), high: percent(view.high) })}
            {', '}
            {t('debrief.mean', { mean: view.meanStrength.toFixed(1) })}
          </chakra.text>
          <rect
            x={x(view.low)}
            y={middle - 6}
            width={Math.max(2, x(view.high) - x(view.low))}
            height="12"
            rx={side === 'LEFT' ? 2 : 6}
            fill={pattern ? `url(#${pattern})` : 'currentColor'}
            opacity="0.8"
          />
          <chakra.rect
            x={x(view.yes / view.asks) - 3}
            y={middle - 11}
            width="6"
            height="22"
            rx="2"
            fill="ink"
          />
        </>
      )}
    </g>
  )
}
