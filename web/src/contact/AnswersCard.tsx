import { chakra } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { queries } from '../api'
import type { AnswersBeside, StateBeside } from '../api'
import { useText } from '../text'
import { Button, Card, CardTitle, Quiet, Trouble, Wait } from '../ui'
import { Compared } from './Compared'

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
  return (
    <div data-answers>
      <chakra.p marginTop="2">{t('measured.answers.over', { asks, count: lessons })}</chakra.p>
      <Compared<Pick<StateBeside, 'state'>>
        {...{ worthChecking, compared, notCompared }}
        inWords={({ state }) => t(`measured.state.${state}`)}
        said={(count) => t('measured.answers.compared', { count })}
      />
    </div>
  )
}
