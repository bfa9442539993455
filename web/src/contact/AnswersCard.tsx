import { chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { queries } from '../api'
import type { AnswersBeside, StateBeside } from '../api'
import { percent, useText } from '../text'
import type { Text } from '../text'
import { Button, Card, CardTitle, Quiet, Trouble, Wait, WhyBox } from '../ui'

/** How the reins were before the asks, beside what the horse answered; reckoned when it is wanted, since it reads many lessons. */
export function AnswersCard({ lesson }: { lesson: string }) {
  const { t } = useText()
  const [isWanted, want] = useState(false)
  const beside = useQuery({ ...queries.contactAnswers(lesson), enabled: isWanted })
  return (
    <Card>
      <CardTitle>{t('measured.answers.title')}</CardTitle>
      <Quiet>{t('measured.answers.about')}</Quiet>
      {!isWanted && (
        <Button marginTop="3" onClick={() => want(true)}>
          {t('measured.answers.reckon')}
        </Button>
      )}
      {isWanted && beside.isPending && <Wait />}
      {beside.isError && <Trouble cause={beside.error} onAgain={() => void beside.refetch()} />}
      {beside.data && <Answers of={beside.data} />}
    </Card>
  )
}

function Answers({ of: { lessons, asks, worthChecking, compared, notCompared } }: { of: AnswersBeside }) {
  const { t } = useText()
  const tested = [...worthChecking, ...compared]
  return (
    <div data-answers>
      <chakra.p marginTop="2">{t('measured.answers.over', { asks, count: lessons })}</chakra.p>
      {worthChecking.length > 0 && (
        <>
          <chakra.h3 fontWeight="700" marginTop="2">
            {t('seenIn.worth')}
          </chakra.h3>
          <chakra.ul listStyleType="none" display="grid" gap="1.5" marginY="2">
            {worthChecking.map((c) => (
              <chakra.li key={c.state} borderLeftWidth="4px" borderColor="live" paddingLeft="3">
                {counts(t, c)}
              </chakra.li>
            ))}
          </chakra.ul>
          <Quiet>{t('seenIn.noCause')}</Quiet>
        </>
      )}
      <WhyBox>
        <summary>
          {tested.length === 0
            ? t('seenIn.comparedNone')
            : t('measured.answers.compared', { count: tested.length })}
        </summary>
        <chakra.ul listStyleType="none" display="grid" gap="2" fontVariantNumeric="tabular-nums">
          {tested.map((c) => (
            <li key={c.state}>
              {counts(t, c)}{' '}
              {t('seenIn.interval', {
                low: percent(c.low),
                high: percent(c.high),
                p: c.adjusted < 0.001 ? '< 0.001' : c.adjusted.toFixed(3),
              })}
            </li>
          ))}
          {notCompared.map((c) => (
            <li key={c.state}>
              {t('seenIn.notCompared', {
                factor: t(`measured.state.${c.state}`),
                why: t(`seenIn.tooFew.${c.why}`),
              })}
            </li>
          ))}
        </chakra.ul>
      </WhyBox>
    </div>
  )
}

const counts = (t: Text, c: StateBeside) =>
  t('seenIn.with', {
    factor: t(`measured.state.${c.state}`),
    yesWith: c.yesWith,
    with: c.with,
    yesWithout: c.yesWithout,
    without: c.without,
  })
