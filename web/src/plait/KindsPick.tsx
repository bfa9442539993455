import { chakra, Flex } from '@chakra-ui/react'
import { memo } from 'react'
import type { PlaitOfLesson } from '../api'
import { useText } from '../text'
import { Button, Quiet } from '../ui'
import { keyOf, kindInWords } from './inWords'
import { meetingOf } from './meeting'

interface KindsPickProps {
  plait: NonNullable<PlaitOfLesson['plait']>
  chosen: number[]
  /** By what they are known by. */
  onChoose: (chosen: string[]) => void
}

const STRANDS = ['RIDER', 'CONTACT', 'HORSE', 'COACH'] as const

/** All that is in the lesson, by strand: any two are chosen, to see where they meet. */
export const KindsPick = memo(function KindsPick({ plait, chosen, onChoose }: KindsPickProps) {
  const { t } = useText()
  const choose = (kind: number) =>
    onChoose(
      (chosen.includes(kind) ? chosen.filter((k) => k !== kind) : [...chosen.slice(-1), kind]).flatMap((k) =>
        plait.kinds[k] ? [keyOf(plait.kinds[k])] : [],
      ),
    )
  return (
    <Flex direction="column" gap="2">
      {STRANDS.map((strand) => {
        const kinds = plait.kinds.flatMap((kind, i) => (kind.strand === strand ? [{ kind, i }] : []))
        if (kinds.length === 0) return null
        return (
          <Flex
            key={strand}
            gap="1.5"
            wrap="wrap"
            align="center"
            role="group"
            aria-label={t(`plait.strand.${strand}`)}
          >
            <chakra.span fontWeight="700" minWidth="5rem">
              {t(`plait.strand.${strand}`)}
            </chakra.span>
            {kinds.map(({ kind, i }) => (
              <Button
                key={i}
                look="key"
                aria-pressed={chosen.includes(i)}
                onClick={() => choose(i)}
                minHeight="48px"
                paddingX="3"
                fontSize="sm"
              >
                {kindInWords(t, kind)}&nbsp;
                <chakra.span fontVariantNumeric="tabular-nums">{kind.count}</chakra.span>
              </Button>
            ))}
          </Flex>
        )
      })}
      <Meeting plait={plait} chosen={chosen} />
    </Flex>
  )
})

/** How often two kinds meet, and how often they do not. */
function Meeting({ plait, chosen }: { plait: KindsPickProps['plait']; chosen: number[] }) {
  const { t } = useText()
  const met = meetingOf(plait, chosen)
  const one = met && plait.kinds[met.one]
  const other = met && plait.kinds[met.other]
  return (
    <div role="status" data-meeting>
      {chosen.length < 2 && <Quiet>{t(chosen.length === 0 ? 'plait.chooseTwo' : 'plait.chooseOther')}</Quiet>}
      {chosen.length === 2 && !met && <p>{t('plait.noMoment')}</p>}
      {met && one && other && (
        <>
          <chakra.p fontSize="lg" fontWeight="650">
            {t('plait.met', {
              other: kindInWords(t, other),
              one: kindInWords(t, one),
              met: met.othersMet,
              count: met.others,
            })}
          </chakra.p>
          <p>
            {t('plait.metToo', {
              one: kindInWords(t, one),
              other: kindInWords(t, other),
              met: met.onesMet,
              count: met.ones,
            })}{' '}
            {t(
              met.othersMet === 0
                ? 'plait.never'
                : met.adjusted === null
                  ? 'plait.untested'
                  : met.isOftener
                    ? 'plait.oftener'
                    : 'plait.byChance',
              { p: met.adjusted === null ? '' : met.adjusted < 0.01 ? '< 0.01' : met.adjusted.toFixed(2) },
            )}
          </p>
          <Quiet>{t('plait.how', { seconds: plait.withinS })}</Quiet>
        </>
      )}
    </div>
  )
}
