import { chakra, Flex, Grid } from '@chakra-ui/react'
import { useText } from '../text'
import { FELT, RELEASES } from '../record'
import type { Packet } from '../api'
import { Button, Quiet, SideLetter } from '../ui'
import { Group } from './Group'
import type { NewMark } from './newMark'

interface HandsProps {
  /** What a rein without weight is for this pair. */
  slack: Packet['settled']['slack']
  lastAsk: string | undefined
  onSay: (said: NewMark) => void
}

/** Release after the last ask, contact as felt on each rein. */
export function Hands({ slack, lastAsk, onSay }: HandsProps) {
  const { t } = useText()
  return (
    <Flex direction="column" gap="4" overflowY="auto">
      <Group name={t('see.release')}>
        {lastAsk ? (
          <Grid templateColumns="repeat(3, 1fr)" gap="1.5">
            {RELEASES.map((release) => (
              <Button
                key={release}
                minHeight="56px"
                onClick={() => onSay({ kind: 'release', exchange: lastAsk, release })}
              >
                {t(`release.${release}`)}
              </Button>
            ))}
          </Grid>
        ) : (
          <chakra.p color="quiet">{t('see.noAsk')}</chakra.p>
        )}
      </Group>
      <Quiet>{t(`settled.slack.${slack}`)}</Quiet>
      {(['LEFT', 'RIGHT'] as const).map((side) => (
        <Group key={side} name={t(`see.contact.${side}`)} letter={<SideLetter side={side} />}>
          <Grid templateColumns="repeat(5, 1fr)" gap="1.5">
            {FELT.map((felt) => (
              <Button
                key={felt}
                minHeight="56px"
                paddingX="1"
                fontSize="sm"
                onClick={() => onSay({ kind: 'contact', side, felt })}
              >
                {t(`felt.${felt}`)}
              </Button>
            ))}
          </Grid>
        </Group>
      ))}
    </Flex>
  )
}
