import type { GroundView, WantedThing } from '../api'
import { Drawn, heightOf } from './GroundDrawing'
import { Sand } from './Sand'

interface AllDrawnProps {
  view: GroundView
  things: WantedThing[]
}

/** The arena and all that stands on it, as it is read and not taken hold of. */
export function AllDrawn({ view, things }: AllDrawnProps) {
  const y = (metres: number) => view.arena.lengthM - metres
  return (
    <>
      <Sand arena={view.arena} />
      {things.map((thing) => {
        const known = view.things.find((one) => one.id === thing.id)
        return (
          known && (
            <g key={thing.id}>
              <Drawn
                thing={thing}
                known={known}
                heightM={heightOf(view)}
                y={y}
                isSelected={false}
                isNumbered
              />
            </g>
          )
        )
      })}
    </>
  )
}
