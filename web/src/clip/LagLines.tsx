import { chakra, Flex } from '@chakra-ui/react'
import { number, percent, useText } from '../text'
import { Quiet, SideLetter } from '../ui'
import type { LandingOrder } from './footfalls'

/** What some strides' landings say of one side, from here or from the server. */
export interface Lag {
  share: number
  low: number
  high: number
  strides: number
  order: LandingOrder
}

interface LagLinesProps {
  strideS: number
  left: Lag | null
  right: Lag | null
}

/** How far apart the two feet of each side land, in words first. */
export function LagLines({ strideS, left, right }: LagLinesProps) {
  const { t } = useText()
  return (
    <chakra.div data-lags>
      {(['LEFT', 'RIGHT'] as const).map((side) => {
        const lag = side === 'LEFT' ? left : right
        return (
          <Flex key={side} gap="2" align="start" marginTop="1">
            <SideLetter side={side} />
            {lag === null ? (
              <Quiet>{t('clip.tooFew')}</Quiet>
            ) : (
              <div>
                <chakra.span fontWeight="700">{t(`clip.order.${lag.order}`)}</chakra.span>
                <Quiet>
                  {t('clip.lag', {
                    percent: percent(lag.share),
                    low: percent(lag.low),
                    high: percent(lag.high),
                    count: lag.strides,
                  })}
                </Quiet>
              </div>
            )}
          </Flex>
        )
      })}
      <Quiet>{t('clip.stride', { seconds: number(strideS, 2), count: Math.round(60 / strideS) })}</Quiet>
    </chakra.div>
  )
}
