import { chakra } from '@chakra-ui/react'
import { useText } from '../text'
import { RESPONSES, STRENGTHS } from '../record'
import type { Side } from '../record'
import { SIDE } from '../ui'

interface SmallPadProps {
  side: Side
  /** The side, in words. */
  name: string
  counts: number[][]
}

/** The filled pad again, small: a table of answers by strength. */
export function SmallPad({ side, name, counts }: SmallPadProps) {
  const { t } = useText()
  const most = Math.max(1, ...counts.flat())
  return (
    <chakra.table
      width="full"
      fontSize="sm"
      fontVariantNumeric="tabular-nums"
      borderCollapse="separate"
      borderSpacing="2px"
    >
      <chakra.caption srOnly>{t('debrief.counts', { side: name })}</chakra.caption>
      <thead>
        <tr>
          <td />
          {STRENGTHS.map((s) => (
            <chakra.th key={s} scope="col" color="quiet" fontWeight="400" title={t(`strength.${s}`)}>
              {s}
            </chakra.th>
          ))}
        </tr>
      </thead>
      <tbody>
        {RESPONSES.map((response, row) => (
          <tr key={response}>
            <chakra.th scope="row" textAlign="left" fontWeight="400" paddingRight="2">
              {t(`response.${response}`)}
            </chakra.th>
            {STRENGTHS.map((strength) => {
              const count = counts[strength - 1]?.[row] ?? 0
              return (
                <chakra.td
                  key={strength}
                  position="relative"
                  textAlign="center"
                  width="19%"
                  height="26px"
                  background="sunken"
                  borderRadius="4px"
                  fontWeight="700"
                >
                  {count > 0 && (
                    <chakra.span
                      aria-hidden
                      position="absolute"
                      inset="0"
                      borderRadius="4px"
                      background={side === 'NONE' ? 'quiet' : SIDE[side].color}
                      style={{ opacity: 0.12 + 0.28 * (count / most) }}
                    />
                  )}
                  <chakra.span position="relative">{count > 0 ? count : ''}</chakra.span>
                </chakra.td>
              )
            })}
          </tr>
        ))}
      </tbody>
    </chakra.table>
  )
}
