import { Box, chakra } from '@chakra-ui/react'
import { useRef } from 'react'
import { Link } from 'react-router'
import type { StrandOfLibrary } from '../api'
import { useText, wordIn } from '../text'
import { Quiet } from '../ui'

const STEP = { width: 138, gap: 10, rise: 12, height: 126 }
const ARROWS = 70

type StepOf = StrandOfLibrary['steps'][number]

interface ProgressionProps {
  strand: StrandOfLibrary
  name: string
  /** What a rung of any strand is called. */
  nameOf: (rung: string) => string
}

/** A strand as a stair that climbs to the right; dashed arrows below lead back to where to go when a step fails. */
export function Progression({ strand: { steps }, name, nameOf }: ProgressionProps) {
  const { t } = useText()
  const list = useRef<HTMLOListElement>(null)
  const at = new Map(steps.map((s, i) => [s.rung, i]))
  const climb = (steps.length - 1) * STEP.rise
  const width = steps.length * (STEP.width + STEP.gap)
  const walk = (key: string) => {
    const links = [...(list.current?.querySelectorAll('a') ?? [])]
    const here = links.findIndex((l) => l === document.activeElement)
    const next = { ArrowRight: here + 1, ArrowLeft: here - 1, Home: 0, End: links.length - 1 }[key]
    if (here < 0 || next === undefined) return false
    links[Math.max(0, Math.min(links.length - 1, next))]?.focus()
    return true
  }
  return (
    <Box marginBottom="3">
      <Quiet>{t('library.arrows')}</Quiet>
      <Box overflowX="auto" paddingTop="2">
        <Box position="relative" width={`${width}px`} height={`${STEP.height + climb + ARROWS}px`}>
          <chakra.ol
            ref={list}
            aria-label={t('library.stair', { strand: name })}
            listStyleType="none"
            onKeyDown={(e) => {
              if (walk(e.key)) e.preventDefault()
            }}
          >
            {steps.map((step, i) => (
              <chakra.li
                key={step.rung}
                position="absolute"
                left={`${leftOf(i)}px`}
                top={`${climb - i * STEP.rise}px`}
                width={`${STEP.width}px`}
              >
                <StepBox step={step} at={at} nameOf={nameOf} height={STEP.height + i * STEP.rise} />
              </chakra.li>
            ))}
          </chakra.ol>
          <chakra.svg
            position="absolute"
            left="0"
            bottom="0"
            width={`${width}px`}
            height={`${ARROWS}px`}
            aria-hidden
          >
            {steps.map((step, i) => {
              const back = step.wayBack === null ? undefined : at.get(step.wayBack)
              return back === undefined ? null : <Back key={step.rung} from={i} to={back} />
            })}
          </chakra.svg>
        </Box>
      </Box>
    </Box>
  )
}

function leftOf(i: number): number {
  return i * (STEP.width + STEP.gap)
}

/** From the middle of a step down and back to another, with its head there. */
function Back({ from, to }: { from: number; to: number }) {
  const x1 = leftOf(from) + STEP.width / 2 - 8
  const x2 = leftOf(to) + STEP.width / 2 + 8
  const deep = Math.min(ARROWS - 6, 20 + (from - to) * 9)
  return (
    <chakra.g stroke="quiet" fill="none" strokeWidth="2">
      <path d={`M ${x1} 2 C ${x1} ${deep}, ${x2} ${deep}, ${x2} 4`} strokeDasharray="5 4" />
      <path d={`M ${x2 - 5} 10 L ${x2} 3 L ${x2 + 5} 10`} />
    </chakra.g>
  )
}

interface StepBoxProps {
  step: StepOf
  at: Map<string, number>
  nameOf: (rung: string) => string
  height: number
}

const StepLink = chakra(Link, {
  base: {
    display: 'block',
    padding: '2',
    fontSize: 'sm',
    lineHeight: '1.25',
    borderWidth: '2px',
    borderColor: 'line',
    background: 'card',
    borderTopColor: 'ink',
    borderTopWidth: '5px',
    _hover: { borderColor: 'ink' },
  },
})

/** What is needed of, or leads back to, another strand is said in words. */
function StepBox({ step, at, nameOf, height }: StepBoxProps) {
  const { t } = useText()
  const elsewhere = step.needs.filter((n) => !at.has(n))
  const backElsewhere = step.wayBack !== null && !at.has(step.wayBack) ? step.wayBack : null
  return (
    <StepLink to={`/library/${step.exercise}`} height={`${height}px`} overflow="hidden">
      <b>{step.shortName}</b>
      <chakra.span display="block" color="quiet">
        {wordIn(t, 'gait', step.gait)}, {wordIn(t, 'place', step.place)}
      </chakra.span>
      {elsewhere.length > 0 && (
        <chakra.span display="block" color="quiet" fontSize="xs">
          {t('library.needsShort', { rungs: elsewhere.map(nameOf).join(', ') })}
        </chakra.span>
      )}
      {backElsewhere && (
        <chakra.span display="block" color="quiet" fontSize="xs">
          {t('library.goesBackShort', { rung: nameOf(backElsewhere) })}
        </chakra.span>
      )}
    </StepLink>
  )
}
