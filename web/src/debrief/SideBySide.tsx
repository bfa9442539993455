import { Box, chakra } from '@chakra-ui/react'
import type { LessonSightings as Seen } from '../api'
import type { Text } from '../text'
import { percent, useText, wordIn } from '../text'
import { Quiet, WhyBox } from '../ui'

type Compared = Seen['compared'][number]

function factorInWords(t: Text, { name, side }: Pick<Compared, 'name' | 'side'>): string {
  const felt = name.startsWith('contact-') ? name.slice('contact-'.length).toUpperCase() : undefined
  const word = felt ? t('seenIn.contact', { felt: wordIn(t, 'felt', felt) }) : wordIn(t, 'seen', name)
  return side === 'NONE' ? word : `${word} ${t(`side.${side}`)}`
}

const counts = (t: Text, c: Compared) =>
  t('seenIn.with', {
    factor: factorInWords(t, c),
    yesWith: c.yesWith,
    with: c.with,
    yesWithout: c.yesWithout,
    without: c.without,
  })

/** What the rider did beside what the horse gave: what is worth checking in counts, never as a cause; all that was compared on demand. */
export function SideBySide({ seen: { worthChecking, compared, notCompared } }: { seen: Seen }) {
  const { t } = useText()
  const tested = [...worthChecking, ...compared]
  if (tested.length + notCompared.length === 0) return null
  return (
    <Box marginBottom="4">
      {worthChecking.length > 0 && (
        <>
          <chakra.h3 fontWeight="700" fontFamily="body">
            {t('seenIn.worth')}
          </chakra.h3>
          <chakra.ul listStyleType="none" display="grid" gap="1.5" marginY="2">
            {worthChecking.map((c) => (
              <chakra.li key={c.name + c.side} borderLeftWidth="4px" borderColor="live" paddingLeft="3">
                {counts(t, c)}
              </chakra.li>
            ))}
          </chakra.ul>
          <Quiet>{t('seenIn.noCause')}</Quiet>
        </>
      )}
      <WhyBox data-compared={tested.length}>
        <summary>
          {tested.length === 0 ? t('seenIn.comparedNone') : t('seenIn.compared', { count: tested.length })}
        </summary>
        <chakra.ul listStyleType="none" display="grid" gap="2" fontVariantNumeric="tabular-nums">
          {tested.map((c) => (
            <li key={c.name + c.side}>
              {counts(t, c)}{' '}
              {t('seenIn.interval', {
                low: percent(c.low),
                high: percent(c.high),
                p: c.adjusted < 0.001 ? '< 0.001' : c.adjusted.toFixed(3),
              })}
            </li>
          ))}
          {notCompared.map((c) => (
            <li key={c.name + c.side}>
              {t('seenIn.notCompared', {
                factor: factorInWords(t, c),
                why: t(`seenIn.tooFew.${c.why}`),
              })}
            </li>
          ))}
        </chakra.ul>
        <Quiet>{t('seenIn.comparedHow')}</Quiet>
      </WhyBox>
    </Box>
  )
}
