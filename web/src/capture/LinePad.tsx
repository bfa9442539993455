import { chakra, Flex, Grid } from '@chakra-ui/react'
import { Minus, Plus } from 'lucide-react'
import { useState } from 'react'
import { wordIn, useText } from '../text'
import type { Packet } from '../api'
import { TAKE_OFFS } from '../record'
import type { LineDetail, RideMark } from '../record'
import { ACROSS } from '../theme'
import { Button, SideLetter } from '../ui'

const FIRST_PLANNED = 5
const ROUND = 2

interface LinePadProps {
  /** What is done when the horse lands on the wrong lead. */
  landingLead: Packet['settled']['landingLead']
  /** Strides that suit this horse on the line that stands; undefined where none does. */
  suited?: number
  /** Lines ridden of what is ridden now, in order. */
  lines: RideMark[]
  onLine: (line: { ridden: number } & LineDetail) => void
  /** Adds to what was said of the last line. */
  onAmend: (line: RideMark, detail: LineDetail) => void
}

/**
 * The pad of pole and fence lines. Columns: strides as ridden, the planned number in the middle; rows: where it took off.
 * One touch is one line; what else there is to say of the last one stands below, one touch each.
 */
export function LinePad({ landingLead, suited, lines, onLine, onAmend }: LinePadProps) {
  const { t } = useText()
  const last = lines.at(-1)
  const [chosen, setChosen] = useState<number>()
  const planned =
    chosen ?? (last?.said.kind === 'line' ? last.said.planned : undefined) ?? suited ?? FIRST_PLANNED
  // a short line has few: the planned number is in the middle as soon as there are as many below it
  const from = Math.max(1, planned - ROUND)
  const strides = Array.from({ length: 2 * ROUND + 1 }, (_, i) => from + i)
  const count = (ridden: number, takeOff: string) =>
    lines.filter((m) => m.said.kind === 'line' && m.said.ridden === ridden && m.said.takeOff === takeOff)
      .length
  return (
    <Flex direction="column" gap="2" flex="1" minHeight="0" role="group" aria-label={t('line.pad')}>
      <Flex align="center" gap="2">
        <chakra.span flex="1" fontWeight="700">
          {t('line.planned')}
        </chakra.span>
        <Button
          paddingX="3"
          aria-label={t('line.fewer')}
          disabled={planned <= 1}
          onClick={() => setChosen(planned - 1)}
        >
          <Minus size={20} aria-hidden />
        </Button>
        <chakra.b
          fontFamily="heading"
          fontSize="2xl"
          minWidth="1.6em"
          textAlign="center"
          role="status"
          aria-label={t('line.plannedIs', { count: planned })}
        >
          {planned}
        </chakra.b>
        <Button
          paddingX="3"
          aria-label={t('line.more')}
          disabled={planned >= 20}
          onClick={() => setChosen(planned + 1)}
        >
          <Plus size={20} aria-hidden />
        </Button>
      </Flex>
      <Grid
        templateColumns="3.6rem repeat(5, minmax(0, 1fr))"
        gridTemplateRows="auto repeat(3, 1fr)"
        gap="1.5"
        flex="1"
        minHeight="0"
      >
        <span />
        {strides.map((s) => (
          <chakra.div
            key={s}
            aria-hidden
            textAlign="center"
            fontWeight={s === planned ? '800' : '500'}
            color={s === planned ? 'ink' : 'quiet'}
          >
            {s}
          </chakra.div>
        ))}
        {TAKE_OFFS.map((takeOff) => (
          <Row key={takeOff}>
            <chakra.div aria-hidden display="flex" alignItems="center" fontWeight="700">
              {t(`takeOff.${takeOff}`)}
            </chakra.div>
            {strides.map((ridden) => {
              const so = count(ridden, takeOff)
              return (
                <Cell
                  key={ridden}
                  data-asked={(ridden === planned && takeOff === 'RIGHT') || undefined}
                  aria-label={t('line.cell', {
                    strides: ridden,
                    takeOff: t(`takeOff.${takeOff}`),
                    count: so,
                  })}
                  onClick={() => onLine({ planned, ridden, takeOff })}
                >
                  {so > 0 ? so : ''}
                </Cell>
              )
            })}
          </Row>
        ))}
      </Grid>
      <chakra.p fontSize="sm" color="quiet">
        {t(`settled.landingLead.${landingLead}`)}
      </chakra.p>
      <LastOfLine last={last} onAmend={onAmend} />
    </Flex>
  )
}

/** What is worth saying of a line; what is not said was right. */
const SAYINGS: { key: string; detail: LineDetail }[] = [
  { key: 'lead.LEFT', detail: { lead: 'LEFT' } },
  { key: 'lead.RIGHT', detail: { lead: 'RIGHT' } },
  { key: 'crooked', detail: { straight: false } },
  { key: 'touched', detail: { rail: 'TOUCHED' } },
  { key: 'down', detail: { rail: 'DOWN' } },
  { key: 'grew', detail: { speed: 'GREW' } },
  { key: 'clean', detail: { change: 'CLEAN' } },
  { key: 'late', detail: { change: 'LATE' } },
  { key: 'simple', detail: { change: 'SIMPLE' } },
  { key: 'none', detail: { change: 'NONE' } },
]

/** What more there is to say of the last line ridden; touched again, it is unsaid. */
function LastOfLine({ last, onAmend }: { last: RideMark | undefined; onAmend: LinePadProps['onAmend'] }) {
  const { t } = useText()
  const said = last?.said.kind === 'line' ? last.said : undefined
  return (
    <Grid role="group" aria-label={t('line.last')} templateColumns="repeat(5, minmax(0, 1fr))" gap="1.5">
      {SAYINGS.map(({ key, detail }) => {
        const [field, value] = Object.entries(detail)[0] as [keyof LineDetail, unknown]
        const isSaid = said?.[field] === value
        return (
          <Button
            key={key}
            look="key"
            paddingX="1"
            fontSize="sm"
            lineHeight="1.1"
            disabled={!said}
            aria-pressed={isSaid}
            onClick={() => last && onAmend(last, isSaid ? { [field]: undefined } : detail)}
          >
            {field === 'lead' ? (
              <>
                <SideLetter side={value as 'LEFT' | 'RIGHT'} /> {t('line.leadShort')}
              </>
            ) : (
              wordIn(t, 'line', key)
            )}
          </Button>
        )
      })}
    </Grid>
  )
}

const Row = chakra('div', { base: { display: 'contents' } })

const Cell = chakra('button', {
  base: {
    minHeight: 'pad',
    borderRadius: 'key',
    borderWidth: '2px',
    borderColor: 'line',
    background: 'card',
    fontFamily: 'heading',
    fontSize: '2xl',
    fontWeight: '750',
    cursor: 'pointer',
    touchAction: 'manipulation',
    userSelect: 'none',
    transition: 'background 0.35s',
    '&[data-asked]': { borderColor: 'good', borderWidth: '3px' },
    _active: { background: 'live', transition: 'none' },
    [ACROSS]: { minHeight: '52px' },
  },
})
