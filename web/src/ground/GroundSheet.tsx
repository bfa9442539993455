import { chakra, Flex } from '@chakra-ui/react'
import { FileDown, Printer } from 'lucide-react'
import { useState } from 'react'
import type { GroundArena, GroundRoom, GroundView, WantedThing } from '../api'
import { useMe } from '../session'
import { dayLongAt, isoOf, useText } from '../text'
import { Button, useLength } from '../ui'
import { AllDrawn } from './AllDrawn'
import { saveDrawing } from './saveDrawing'
import { tapesOf } from './tapesOf'

const MARGIN = 4.2
/** More spots stand in two columns, smaller, so that it stays one page. */
const FULL_COLUMN = 20

/** Paper and file: the sheet itself stands off the page. */
export function SheetKeys({ drawing }: { drawing: React.RefObject<SVGSVGElement | null> }) {
  const { t } = useText()
  return (
    <Flex gap="2" wrap="wrap">
      <Button onClick={() => window.print()}>
        <Printer size={20} aria-hidden />
        {t('ground.print')}
      </Button>
      <Button onClick={() => drawing.current && saveDrawing(drawing.current, t('ground.sheet'))}>
        <FileDown size={20} aria-hidden />
        {t('ground.svg')}
      </Button>
    </Flex>
  )
}

interface GroundSheetProps {
  drawing: React.RefObject<SVGSVGElement | null>
  arena: GroundArena
  things: WantedThing[]
  view: GroundView
  room: GroundRoom
  nameOf: (thing: string) => string
}

/** On one page, to be read at arm's length: the arena to scale, and where each thing stands by two tapes and in paces. */
export function GroundSheet({ drawing, arena, things, view, room, nameOf }: GroundSheetProps) {
  const { t } = useText()
  const len = useLength()
  const { timeZone } = useMe()
  const [now] = useState(() => Date.now())
  const { widthM: w, lengthM: l } = arena
  const rows = view.things.filter((known) => known.spots.length > 0)
  const many = rows.reduce((sum, known) => sum + known.spots.length, 0) > FULL_COLUMN
  return (
    <Paper data-sheet>
      <chakra.h2 fontSize="20pt" fontWeight="770">
        {t('ground.sheet')}
      </chakra.h2>
      <p>
        {t('ground.sheetFor', {
          arena: t(arena.name === null ? 'ground.standard' : 'ground.own', {
            name: arena.name ?? '',
            width: w,
            length: l,
          }),
          day: dayLongAt(isoOf(now), timeZone),
        })}
        {view.horses.length > 0 && ` · ${view.horses.map((h) => h.horse).join(', ')}`}
      </p>
      <chakra.div display="grid" gridTemplateColumns="5fr 6fr" gap="8mm" alignItems="start" marginTop="4mm">
        <chakra.svg
          ref={drawing}
          viewBox={`${-MARGIN} ${-MARGIN} ${w + 2 * MARGIN} ${l + 2 * MARGIN}`}
          width="100%"
          maxHeight="235mm"
          aria-hidden
        >
          <AllDrawn view={{ ...view, arena }} things={things} />
        </chakra.svg>
        <chakra.div
          fontSize={many ? '9.5pt' : '12pt'}
          css={{ columnCount: many ? 2 : 1, columnGap: '5mm', '& > *': { breakInside: 'avoid' } }}
        >
          {rows.map(({ id, spots }) =>
            spots.map((spot, i) => (
              <chakra.div key={`${id}${spot.kind}${spot.number}`} paddingBottom="1mm">
                {i === 0 && <chakra.b display="block">{nameOf(id)}</chakra.b>}▢{' '}
                {t(`ground.spot.${spot.kind}`, { number: spot.number })}
                <chakra.b display="block" paddingLeft={many ? '0' : '5mm'}>
                  {tapesOf(t, len, spot)}
                </chakra.b>
              </chakra.div>
            )),
          )}
        </chakra.div>
      </chakra.div>
      <chakra.p marginTop="4mm">{t('ground.sheetPaces', { metres: len(room.paceM) })}</chakra.p>
    </Paper>
  )
}

const Paper = chakra('div', {
  base: {
    // off the page, not gone from it: its drawing is measured when it is saved
    position: 'absolute',
    left: '-9999px',
    width: '190mm',
    visibility: 'hidden',
    color: 'black',
    fontSize: '12pt',
    lineHeight: '1.3',
    _print: { position: 'static', width: 'full', visibility: 'visible' },
  },
})
