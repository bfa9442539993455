import { Box, chakra, Flex } from '@chakra-ui/react'
import type { ChangeOfSide, DebriefRow, HandBack, SideCost, YesOf } from '../api'
import type { Side } from '../record'
import { percent, useText } from '../text'
import type { Text } from '../text'
import { Quiet, SideLetter } from '../ui'
import { Mirror } from './Mirror'
import type { MirrorHalf } from './Mirror'

/** A side that is judged apart, and what it is called on this exercise. */
export interface NamedSide {
  side: Side
  name: string
}

const NOTHING: YesOf = { yes: 0, asks: 0, low: 0, high: 1 }

function halves(sides: NamedSide[], of: (side: Side) => YesOf | undefined): MirrorHalf[] {
  return sides.map(({ side, name }) => ({
    side,
    name,
    view: { ...(of(side) ?? NOTHING), meanStrength: null },
  }))
}

const isAnything = (drawn: MirrorHalf[]) => drawn.some((h) => h.view.asks > 0)

interface MultiplesProps {
  row: DebriefRow
  sides: NamedSide[]
}

/** The same picture small and often: first and last third, the lessons before; left and right mirrored. */
export function Multiples({ row: { changes, costs }, sides }: MultiplesProps) {
  const { t } = useText()
  const of = (pick: (c: ChangeOfSide) => YesOf | undefined) =>
    halves(sides, (side) => changes.flatMap((c) => (c.side === side ? (pick(c) ?? []) : []))[0]).map((h) => ({
      ...h,
      nothing: t('change.verdict.TOO_FEW'),
    }))
  const lessons = Math.max(0, ...changes.map((c) => c.before?.lessons ?? 0))
  const pictures = [
    { name: t('change.multiple.first'), drawn: of((c) => c.thirds?.first) },
    { name: t('change.multiple.last'), drawn: of((c) => c.thirds?.last) },
    { name: t('change.multiple.before', { count: lessons }), drawn: of((c) => c.before?.before) },
  ].filter(({ drawn }) => isAnything(drawn))
  const amounts = amountsOf(t, costs)
  if (pictures.length + amounts.length === 0) return null
  return (
    <Flex direction="column" gap="3" data-multiples>
      {pictures.map(({ name, drawn }) => (
        <Box key={name}>
          <Quiet>{name}</Quiet>
          <Mirror halves={drawn} />
        </Box>
      ))}
      {amounts.length > 0 && <Amounts amounts={amounts} sides={sides} />}
    </Flex>
  )
}

interface Amount {
  what: string
  of: (side: Side) => string
}

/** What it cost, as far as it was noted; a line where at least one side has something. */
function amountsOf(t: Text, costs: SideCost[]): Amount[] {
  const line = (what: string, words: (c: SideCost) => string): Amount[] => {
    const said = new Map(costs.map((c) => [c.side, words(c)]))
    return [...said.values()].some((w) => w !== '') ? [{ what, of: (side) => said.get(side) ?? '' }] : []
  }
  const share = (part: number, whole: number) =>
    whole > 0 ? t('debrief.ofAsks', { yes: part, asks: whole }) : ''
  return [
    ...line(t('cost.firstAt'), (c) =>
      c.firstAt.flatMap((n, i) => (n > 0 ? [t('cost.at', { strength: i + 1, count: n })] : [])).join(', '),
    ),
    ...line(t('cost.missed'), (c) => share(c.missed, c.released)),
    ...line(t('cost.corrected'), (c) => share(c.corrected, c.errors)),
    ...line(t('cost.soak'), (c) =>
      c.soakS === null ? '' : t('cost.soakOf', { seconds: c.soakS, count: c.soaks }),
    ),
  ]
}

function Amounts({ amounts, sides }: { amounts: Amount[]; sides: NamedSide[] }) {
  const { t } = useText()
  return (
    <chakra.table width="full" fontSize="sm" fontVariantNumeric="tabular-nums">
      <chakra.caption srOnly>{t('cost.title')}</chakra.caption>
      <thead>
        <tr>
          <td />
          {sides.map(({ side, name }) => (
            <chakra.th key={side} scope="col" textAlign="start" fontWeight="400" color="quiet">
              <Flex gap="1.5" align="center">
                {side !== 'NONE' && <SideLetter side={side} />} {name}
              </Flex>
            </chakra.th>
          ))}
        </tr>
      </thead>
      <tbody>
        {amounts.map((a) => (
          <tr key={a.what}>
            <chakra.th scope="row" textAlign="start" fontWeight="400" color="quiet" paddingRight="3">
              {a.what}
            </chakra.th>
            {sides.map(({ side }) => (
              <chakra.td key={side} fontWeight="650">
                {a.of(side) || '–'}
              </chakra.td>
            ))}
          </tr>
        ))}
      </tbody>
    </chakra.table>
  )
}

interface HandBacksProps {
  handBacks: HandBack[]
  sides: NamedSide[]
  rider: string
}

/** The same task before, by the coach or another, and handed back: on one strip, never added up. */
export function HandBacks({ handBacks, sides, rider }: HandBacksProps) {
  const { t } = useText()
  const [first] = handBacks
  if (!first) return null
  const of = (pick: (h: HandBack) => YesOf) =>
    halves(sides, (side) => handBacks.filter((h) => h.side === side).map(pick)[0])
  return (
    <Box as="section" aria-label={t('handBack.title')} data-hand-backs>
      <chakra.p fontWeight="650" marginBottom="1">
        {t('handBack.title')}
      </chakra.p>
      <Quiet>{t('handBack.before', { rider })}</Quiet>
      <Mirror halves={of((h) => h.before)} />
      <Quiet>{t(`handBack.by.${first.by}`)}</Quiet>
      <Mirror halves={of((h) => h.other)} isHollow />
      <Quiet>{t('handBack.after', { rider })}</Quiet>
      <Mirror halves={of((h) => h.after)} />
      {handBacks.map((h) => (
        <Flex key={h.side} gap="2" align="center" marginTop="1">
          {h.side !== 'NONE' && <SideLetter side={h.side} />}
          <Quiet as="span">
            {h.gain
              ? t('handBack.gain', {
                  points: percent(h.gain.estimate),
                  low: percent(h.gain.low),
                  high: percent(h.gain.high),
                })
              : t('handBack.tooFew')}
          </Quiet>
        </Flex>
      ))}
      <Quiet>{t('handBack.apart')}</Quiet>
    </Box>
  )
}
