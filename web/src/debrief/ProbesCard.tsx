import { Box, chakra } from '@chakra-ui/react'
import type { Debrief } from '../api'
import { useText, wordIn } from '../text'
import { FoldCard, Quiet } from '../ui'

/** A rung, another exercise, the rung again: whether the other one helped today. */
export function ProbesCard({ probes, words }: { probes: Debrief['probes']; words: Debrief['helpWords'] }) {
  const { t } = useText()
  if (probes.length + words.length === 0) return null
  return (
    <FoldCard title={t('probe.title')}>
      {probes.map((p, i) => (
        // the same two can be ridden in turn more than once
        <Box key={i} paddingY="2" borderTopWidth={i > 0 ? '1px' : '0'} borderColor="line">
          <chakra.p fontWeight="650">
            {t('probe.between', { between: p.between, name: p.name, gait: wordIn(t, 'gait', p.gait) })}
          </chakra.p>
          <chakra.p fontVariantNumeric="tabular-nums">
            {t('probe.before', { yes: p.yesBefore, asks: p.asksBefore })},{' '}
            {t('probe.after', { yes: p.yesAfter, asks: p.asksAfter })}
          </chakra.p>
          <Quiet>{t(`probe.verdict.${p.verdict}`, { fewest: p.fewest })}</Quiet>
          {p.days > 1 && (
            <Quiet>
              {t(`probe.overDays.${p.overDays}`, {
                helped: p.helped,
                days: p.days,
                daysNeeded: p.daysNeeded,
              })}
            </Quiet>
          )}
        </Box>
      ))}
      {words.map((w) => (
        <chakra.p key={`${w.name}.${w.between}`} marginTop="2" fontWeight="650">
          {t('probe.word', { between: w.between, name: w.name, gait: wordIn(t, 'gait', w.gait) })}
        </chakra.p>
      ))}
    </FoldCard>
  )
}
