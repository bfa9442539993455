import { chakra } from '@chakra-ui/react'
import { BELLY_TO_CREST, EYE, FORE, HIND, MANE, TAIL } from './horseFromTheSide'
import { ARM, BOOT, FACE, FOREARM, HELMET, LOWER_LEG, REIN, SADDLE, THIGH, TORSO } from './riderFromTheSide'

const Drawing = chakra('svg', { base: { width: '100%', height: '100%', display: 'block' } })

/** A rider from the side, on the horse, at one scale; what is touched lies over it. */
export function RiderFigure() {
  return (
    <Drawing viewBox="0 0 360 300" aria-hidden>
      <g transform="translate(-51 5) scale(1.4)">
        <Horse near="sunken" far="sunken" hair="line" />
      </g>
      <chakra.path d={SADDLE} fill="quiet" data-region="saddle" />
      <chakra.path d={REIN} stroke="quiet" strokeWidth="2.5" fill="none" strokeLinecap="round" />
      {[BOOT, LOWER_LEG, THIGH, TORSO, FACE].map((d) => (
        <chakra.path key={d} d={d} fill="line" stroke="card" strokeWidth="2.5" strokeLinejoin="round" />
      ))}
      <chakra.path d={HELMET} fill="quiet" />
      {[ARM, FOREARM].map((d) => (
        <chakra.path key={d} d={d} fill="line" stroke="card" strokeWidth="2.5" strokeLinejoin="round" />
      ))}
    </Drawing>
  )
}

/** A horse from the side, looking to the right. */
export function HorseFigure() {
  return (
    <Drawing viewBox="0 0 360 300" aria-hidden>
      <Horse near="line" far="sunken" hair="quiet" />
    </Drawing>
  )
}

/** Its far legs stand behind, in the lighter tone. */
function Horse({ near, far, hair }: { near: string; far: string; hair: string }) {
  return (
    <>
      <chakra.path d={HIND} fill={far} transform="translate(24 0)" />
      <chakra.path d={FORE} fill={far} transform="translate(-15 0)" />
      <chakra.path d={TAIL} fill={hair} data-region="tail" />
      <chakra.path d={HIND} fill={near} data-region="hind-leg" />
      <chakra.path d={FORE} fill={near} data-region="fore-leg" />
      <chakra.path d={BELLY_TO_CREST} fill={near} data-region="body" />
      <chakra.path d={MANE} fill={hair} data-region="mane" />
      <chakra.circle cx={EYE.x} cy={EYE.y} r="2.5" fill={hair} />
    </>
  )
}
