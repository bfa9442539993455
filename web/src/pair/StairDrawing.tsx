import { chakra } from '@chakra-ui/react'
import type { SideOfStep, Step } from '../api'
import { ABOUT, isTallied, SIDE } from '../ui'
import type { OneSide } from '../ui'
import { wordIn, useText } from '../text'

const STEP = { width: 98, gap: 5, height: 78, rise: 11, label: 62 }

/**
 * The stair of a strand: one step a rung, each split left and right down its middle. A half fills from below with the
 * good answers of its last asks, in the side's colour and pattern, so that crookedness is seen before it is read.
 */
export function StairDrawing({ steps, strand }: { steps: Step[]; strand: string }) {
  const { t } = useText()
  const width = steps.length * (STEP.width + STEP.gap)
  const climb = (steps.length - 1) * STEP.rise
  const height = STEP.label + STEP.height + climb + 8
  return (
    <chakra.div overflowX="auto" tabIndex={0} role="group" aria-label={t('pair.stairName', { strand })}>
      <chakra.svg
        viewBox={`0 0 ${width} ${height}`}
        width="100%"
        minWidth={`${width * 0.8}px`}
        maxWidth={`${width * 0.9}px`}
        display="block"
        role="list"
        fontFamily="body"
      >
        {steps.map((step, i) => (
          <g
            key={step.rung}
            transform={`translate(${i * (STEP.width + STEP.gap)}, ${climb - i * STEP.rise})`}
          >
            <StairStep step={step} base={STEP.height + i * STEP.rise} />
          </g>
        ))}
      </chakra.svg>
    </chakra.div>
  )
}

function StairStep({ step, base }: { step: Step; base: number }) {
  const { t } = useText()
  const isShut = step.state === 'CLOSED' || step.state === 'RESTING' || step.state === 'PAUSED'
  const isLive = step.state === 'IN_WORK' || step.state === 'OPEN'
  const isAgain = isLive && step.reopened
  const state = t(isAgain ? 'state.reopened' : `state.${step.state}`)
  const name = t(step.works === 'NEITHER' ? 'pair.stepNameWhole' : 'pair.stepName', {
    name: step.name,
    gait: wordIn(t, 'gait', step.gait),
    place: wordIn(t, 'place', step.place),
    state,
    left: step.left.successes,
    right: step.right.successes,
    needed: step.left.needed,
  })
  const tallied = isTallied(step) ? `. ${t('tally.about')}` : ''
  const half = STEP.width / 2
  return (
    <g role="listitem" aria-label={name + tallied} transform={`translate(0, ${STEP.label})`}>
      <chakra.text y="-42" fontSize="14px" fontWeight="700" fill={isShut ? 'quiet' : 'ink'}>
        {step.shortName}
      </chakra.text>
      <chakra.text y="-24" fontSize="14px" fill="quiet">
        {wordIn(t, 'gait', step.gait)}, {wordIn(t, 'place', step.place)}
      </chakra.text>
      <chakra.text y="-7" fontSize="14px" fontWeight="700" fill={isLive ? 'ink' : 'quiet'}>
        <tspan aria-hidden>{isAgain ? '↺' : SIGN[step.state]}</tspan> {state}
      </chakra.text>
      <chakra.rect
        width={STEP.width}
        height={base}
        fill={isShut ? 'transparent' : 'sunken'}
        stroke="line"
        strokeWidth="1.5"
        strokeDasharray={isShut ? '4 4' : undefined}
      />
      {step.works === 'NEITHER' ? (
        <Fill side={null} count={step.left} x={0} width={STEP.width} />
      ) : (
        <>
          <Fill side="LEFT" count={step.left} x={0} width={half} />
          <Fill side="RIGHT" count={step.right} x={half} width={half} />
          <chakra.line x1={half} x2={half} y1="0" y2={base} stroke="card" strokeWidth="2" />
        </>
      )}
      {isLive && <chakra.rect y="-2" width={STEP.width} height="6" fill="live" />}
      {step.state === 'PLACED' && (
        <chakra.line x2={STEP.width} y1="1" y2="1" stroke="ink" strokeWidth="5" strokeDasharray="9 6" />
      )}
      {step.state === 'PASSED' && <chakra.rect y="-2" width={STEP.width} height="6" fill="ink" />}
    </g>
  )
}

interface FillProps {
  /** Null where the rung works neither side. */
  side: OneSide | null
  count: SideOfStep
  x: number
  width: number
}

/** The tread is the measure: what is filled up to it has what the criterion asks for. */
function Fill({ side, count, x, width }: FillProps) {
  if (count.asks === 0) return null
  const full = STEP.height - 8
  const filled = Math.min(1, count.successes / count.needed) * full
  return (
    <g transform={`translate(${x}, ${STEP.height - filled})`}>
      <chakra.rect
        x="3"
        width={width - 6}
        height={filled}
        fill={side ? `url(#${SIDE[side].pattern})` : 'quiet'}
      />
      <chakra.rect
        x="7"
        y={filled - 26}
        width={width - 14}
        height="21"
        rx={side === 'LEFT' ? 3 : 10}
        fill="card"
      />
      <chakra.text
        x={width / 2}
        y={filled - 10.5}
        textAnchor="middle"
        fontSize="14px"
        fontWeight="800"
        fill={side ? SIDE[side].color : 'ink'}
      >
        {side && `${SIDE[side].letter} `}
        {count.tallied > 0 && ABOUT}
        {count.successes}
      </chakra.text>
    </g>
  )
}

const SIGN: Record<Step['state'], string> = {
  CLOSED: '○',
  OPEN: '◇',
  IN_WORK: '◆',
  PASSED: '✓',
  PLACED: '◈',
  RESTING: '↓',
  PAUSED: '✚',
}
