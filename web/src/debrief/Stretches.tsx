import { Box, chakra, Flex } from '@chakra-ui/react'
import type { DebriefRow } from '../api'
import { useText } from '../text'
import { Quiet } from '../ui'

type Marks = DebriefRow['marks']
type Hold = Marks['holds'][number]

const TALL_PX = 56

/** What was held and how high the head was carried, one mark a time, in order: whether it grew is seen before it is read. */
export function Stretches({ marks: { holds, headsCm } }: { marks: Marks }) {
  return (
    <>
      {unitsOf(holds).map((unit) => (
        <Holds key={unit} unit={unit} amounts={amountsIn(holds, unit)} />
      ))}
      {headsCm.length > 0 && <Heads headsCm={headsCm} />}
    </>
  )
}

/** Each time it was held, in order, unit by unit. */
export function heldInWords(t: ReturnType<typeof useText>['t'], holds: Hold[]): string {
  return unitsOf(holds)
    .map((unit) => `${amountsIn(holds, unit).join(', ')} ${t(`pair.holdUnit.${unit}`)}`)
    .join(' · ')
}

const unitsOf = (holds: Hold[]) => [...new Set(holds.map((h) => h.unit))]

const amountsIn = (holds: Hold[], unit: Hold['unit']) =>
  holds.flatMap((h) => (h.unit === unit ? [h.amount] : []))

/** Bars from one floor, as long as it was held. */
function Holds({ unit, amounts }: { unit: Hold['unit']; amounts: number[] }) {
  const { t } = useText()
  const unitWord = t(`pair.holdUnit.${unit}`)
  const most = Math.max(...amounts)
  return (
    <Box>
      <Quiet>{t('marks.heldInOrder', { unit: unitWord })}</Quiet>
      <Flex
        role="img"
        aria-label={t('marks.held', { stretches: `${amounts.join(', ')} ${unitWord}` })}
        gap="1.5"
        align="end"
        wrap="wrap"
        paddingTop="1"
      >
        {amounts.map((amount, i) => (
          <Flex key={i} direction="column" align="center" minWidth="28px">
            <Number of={String(amount)} />
            <Box
              width="20px"
              background="ink"
              style={{ height: `${String(Math.max(2, (amount / most) * TALL_PX))}px` }}
            />
          </Flex>
        ))}
      </Flex>
    </Box>
  )
}

/** Dots above and below the height of the withers. */
function Heads({ headsCm }: { headsCm: number[] }) {
  const { t } = useText()
  const signed = (cm: number) => (cm > 0 ? `+${String(cm)}` : String(cm).replace('-', '−'))
  const most = Math.max(10, ...headsCm.map(Math.abs))
  return (
    <Box>
      <Quiet>{t('marks.headsInOrder')}</Quiet>
      <Flex
        role="img"
        aria-label={t('marks.heads', { heights: headsCm.map(signed).join(', ') })}
        gap="1.5"
        wrap="wrap"
        paddingTop="1"
      >
        {headsCm.map((cm, i) => (
          <Flex key={i} direction="column" align="center" minWidth="32px">
            <Number of={signed(cm)} />
            <Box position="relative" width="full" style={{ height: `${String(TALL_PX)}px` }}>
              <Box
                position="absolute"
                top="50%"
                left="0"
                right="-6px"
                borderTopWidth="1px"
                borderColor="line"
              />
              <Box
                position="absolute"
                left="50%"
                width="12px"
                height="12px"
                marginLeft="-6px"
                marginTop="-6px"
                borderRadius="999px"
                background="ink"
                style={{ top: `${String(50 - (cm / most) * 40)}%` }}
              />
            </Box>
          </Flex>
        ))}
      </Flex>
    </Box>
  )
}

function Number({ of }: { of: string }) {
  return (
    <chakra.span fontSize="sm" fontWeight="650" fontVariantNumeric="tabular-nums">
      {of}
    </chakra.span>
  )
}
