import { chakra } from '@chakra-ui/react'
import { useRef, useState } from 'react'
import type { WantedArena } from '../api'
import { useText } from '../text'
import { stepped } from '../ui'
import type { Past } from '../ui'
import { pull, pushed } from './pull'
import { Sand } from './Sand'
import { tidy } from './things'

const MARGIN = 8
const half = (metres: number) => Math.round(metres * 2) / 2

interface LandmarksProps {
  arena: WantedArena
  onChange: (landmarks: WantedArena['landmarks']) => void
  /** Of the arena, not of what is set up on it. */
  past: Past
}

/** The arena as it is being told, with its landmarks to be drawn to where they stand; by keys too. */
export function Landmarks({ arena, onChange, past }: LandmarksProps) {
  const { t } = useText()
  const paper = useRef<SVGSVGElement>(null)
  const [now, setNow] = useState<{ at: number; dx: number; dy: number }>()
  const { widthM: w, lengthM: l, shape, landmarks } = arena
  const put = (at: number, { x, y }: { x: number; y: number }) =>
    onChange(landmarks.map((mark, i) => (i === at ? { ...mark, x: tidy(x), y: tidy(y) } : mark)))
  return (
    <chakra.svg
      ref={paper}
      viewBox={`${-MARGIN} ${-MARGIN} ${w + 2 * MARGIN} ${l + 2 * MARGIN}`}
      width="100%"
      maxHeight="360px"
      role="group"
      aria-label={t('ground.landmarksDrawing')}
    >
      <Sand arena={{ widthM: w, lengthM: l, shape, letters: {} }} />
      {landmarks.map((mark, i) => {
        const by = now?.at === i ? now : { dx: 0, dy: 0 }
        const name = mark.name === '' ? t('ground.landmark') : mark.name
        return (
          <g key={i} transform={`translate(${mark.x + by.dx} ${l - mark.y - by.dy})`}>
            <chakra.g
              role="button"
              tabIndex={0}
              data-landmark={i}
              cursor="grab"
              touchAction="none"
              onPointerDown={(e) =>
                pull(paper.current, e, {
                  lengthM: l,
                  place: mark,
                  snap: ({ x, y }) => ({ x: half(x), y: half(y) }),
                  onMove: (to) => setNow(to && { at: i, ...to }),
                  onEnd: (to) => put(i, to),
                })
              }
              onKeyDown={(e) => {
                if (stepped(e, past)) {
                  e.stopPropagation()
                  return
                }
                const to = pushed(mark, e)
                if (!to || e.ctrlKey || e.metaKey || e.altKey) return
                e.preventDefault()
                put(i, to)
              }}
              css={{ '&:focus-visible': { outline: 'none', '& circle': { strokeWidth: '0.6' } } }}
            >
              <title>{t('ground.take', { thing: name })}</title>
              <chakra.circle r="2" fill="transparent" stroke="live" strokeWidth="0" />
              <chakra.path d="M0 -1L1 0L0 1L-1 0z" fill="ink" />
              <chakra.text
                y="-1.5"
                fontSize="1.8px"
                fontWeight="700"
                textAnchor="middle"
                fill="ink"
                aria-hidden
              >
                {name}
              </chakra.text>
            </chakra.g>
          </g>
        )
      })}
    </chakra.svg>
  )
}
