import { Box, chakra } from '@chakra-ui/react'
import type { Tack } from '../api'
import { percent, useText } from '../text'
import { Card, CardTitle, Quiet } from '../ui'

/** What was answered in each headgear, laid beside each other: shown, not judged. */
export function BesidePart({ beside, nameOf }: { beside: Tack['beside']; nameOf: (id: string) => string }) {
  const { t } = useText()
  if (beside.length === 0) return null
  return (
    <Card>
      <CardTitle>{t('tack.beside')}</CardTitle>
      <Quiet marginBottom="3">{t('tack.besideLead')}</Quiet>
      <chakra.ul listStyleType="none" display="grid" gap="3">
        {beside.map((b) => (
          <li key={b.headgear}>
            <chakra.b>{nameOf(b.headgear)}</chakra.b>
            <Share of={b} />
            <Quiet fontVariantNumeric="tabular-nums">
              {t('tack.besideOf', {
                yes: b.yes,
                asks: b.asks,
                share: percent(b.share),
                low: percent(b.interval.low),
                high: percent(b.interval.high),
                strength: b.strength.toFixed(1),
              })}
              {' · '}
              {t('tack.besideLessons', { count: b.lessons })}
            </Quiet>
          </li>
        ))}
      </chakra.ul>
    </Card>
  )
}

/** The share as a mark in its interval, on one scale for all. */
function Share({ of }: { of: Tack['beside'][number] }) {
  const at = (share: number) => `${String(100 * share)}%`
  return (
    <Box position="relative" height="14px" marginY="1" background="sunken" borderRadius="key" aria-hidden>
      <Box
        position="absolute"
        insetY="3px"
        borderRadius="key"
        background="quiet"
        style={{ left: at(of.interval.low), width: at(of.interval.high - of.interval.low) }}
      />
      <Box
        position="absolute"
        insetY="0"
        width="4px"
        background="ink"
        style={{ left: `calc(${at(of.share)} - 2px)` }}
      />
    </Box>
  )
}
