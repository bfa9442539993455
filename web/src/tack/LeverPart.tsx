import { Box, chakra, Flex } from '@chakra-ui/react'
import type { LeverView } from '../api'
import { useText } from '../text'
import { Button, Quiet } from '../ui'

interface LeverPartProps {
  lever: LeverView
  angleDeg: number
  onAngle: (angleDeg: number) => void
  reinKg: number
  onRein: (reinKg: number) => void
}

/** What a rein becomes at chin and mouth: chosen by touch, computed by the yard's server. */
export function LeverPart({ lever, angleDeg, onAngle, reinKg, onRein }: LeverPartProps) {
  const { t } = useText()
  const pull = lever.pulls.find((p) => p.reinKg === reinKg && p.angleDeg === angleDeg)
  const reins = [...new Set(lever.pulls.map((p) => p.reinKg))]
  const angles = [...new Set(lever.pulls.map((p) => p.angleDeg))]
  return (
    <Box marginTop="4">
      <Keys
        name={t('tack.rein')}
        all={reins}
        now={reinKg}
        text={(kg) => t('tack.kg', { kg })}
        onChoose={onRein}
      />
      <Keys
        name={t('tack.angle')}
        all={angles}
        now={angleDeg}
        text={(deg) => t('tack.deg', { deg })}
        onChoose={onAngle}
      />
      {pull && (
        <chakra.p
          marginTop="3"
          fontSize="xl"
          fontWeight="650"
          fontVariantNumeric="tabular-nums"
          aria-live="polite"
        >
          {t('tack.pull', { rein: reinKg, chin: pull.chinKg.toFixed(1), mouth: pull.mouthKg.toFixed(1) })}
        </chakra.p>
      )}
      {lever.chain && (
        <p>{t(`tack.chain.${lever.chain.timing}`, { turn: Math.round(lever.chain.turnDeg ?? 0) })}</p>
      )}
      <Quiet marginTop="1">
        {t(lever.isUsualSize ? 'tack.usualSize' : 'tack.ownSize', {
          above: lever.aboveCm.toFixed(1),
          below: lever.belowCm.toFixed(1),
          ratio: lever.ratio.toFixed(1),
        })}{' '}
        {t('tack.statics')}
      </Quiet>
    </Box>
  )
}

interface KeysProps {
  name: string
  all: number[]
  now: number
  text: (n: number) => string
  onChoose: (n: number) => void
}

function Keys({ name, all, now, text, onChoose }: KeysProps) {
  return (
    <Flex role="group" aria-label={name} gap="1.5" wrap="wrap" marginTop="2">
      <chakra.span fontWeight="650" fontSize="sm" width="full">
        {name}
      </chakra.span>
      {all.map((n) => (
        <Button key={n} look="key" flex="1" paddingX="1" aria-pressed={n === now} onClick={() => onChoose(n)}>
          {text(n)}
        </Button>
      ))}
    </Flex>
  )
}
