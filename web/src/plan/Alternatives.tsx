import { chakra, Flex, Grid } from '@chakra-ui/react'
import type { Plan, PlanAlternative, PlannedLesson } from '../api'
import { useText, wordIn } from '../text'
import { Button, FoldCard, Quiet } from '../ui'
import { minutes } from './minutes'

interface AlternativesProps {
  alternatives: PlanAlternative[]
  /** The horse's name. */
  horse: string
  canEdit: boolean
  onChoose: (blocks: PlanAlternative['blocks']) => void
}

/** The same day planned otherwise, and what that gives up. */
export function Alternatives({ alternatives, horse, canEdit, onChoose }: AlternativesProps) {
  const { t } = useText()
  if (alternatives.length === 0) return null
  return (
    <FoldCard title={t('plan.otherwise')}>
      <Grid gap="4" templateColumns={{ base: 'minmax(0, 1fr)', md: 'repeat(2, minmax(0, 1fr))' }}>
        {alternatives.map((a) => (
          <Flex key={a.kind} direction="column" gap="1.5">
            <chakra.h3 fontWeight="720">
              {t(`plan.alternative.${a.kind}`)}
              <chakra.span fontWeight="400" color="quiet">
                {' '}
                {t('debrief.min', { minutes: minutes(a.workS) })}
              </chakra.span>
            </chakra.h3>
            <chakra.p fontSize="sm">
              {a.parts.map((p) => `${p.name} ${minutes(p.seconds)}`).join(' · ')}
            </chakra.p>
            <Quiet>
              {t('plan.givesUp')}{' '}
              {a.givesUp
                .map(({ code, values }) =>
                  t(`plan.cost.${code}`, {
                    ...values,
                    horse,
                    focus: values.focus && wordIn(t, 'focus', values.focus),
                  }),
                )
                .join('; ')}
              .
            </Quiet>
            {canEdit && (
              <Button alignSelf="flex-start" onClick={() => onChoose(a.blocks)}>
                {t(`plan.take.${a.kind}`)}
              </Button>
            )}
          </Flex>
        ))}
      </Grid>
    </FoldCard>
  )
}

/** What to bring and who must be there; and what there is no room for today. */
export function Beside({ plan }: { plan: Plan }) {
  const { t } = useText()
  const bring = plan.kit.map((k) =>
    k.substitute === null ? k.item : t('plan.orInstead', { item: k.item, substitute: k.substitute }),
  )
  const helpers = plan.helpers.map((h) => t(`plan.helper.${h.people}`, { name: h.name }))
  const later = plan.later.flatMap((w) =>
    w.focus === null
      ? w.rung === null
        ? []
        : [`${w.rung.name}, ${wordIn(t, 'gait', w.rung.gait)}`]
      : [wordIn(t, 'focus', w.focus)],
  )
  const lines = [
    ['bring', bring],
    ['helpers', helpers],
    ['nextTime', later],
  ] as const
  if (lines.every(([, said]) => said.length === 0)) return null
  return (
    <Grid as="dl" templateColumns="max-content 1fr" columnGap="3" rowGap="1" marginTop="3" fontSize="sm">
      {lines.map(
        ([line, said]) =>
          said.length > 0 && (
            <chakra.div key={line} display="contents">
              <chakra.dt color="quiet">{t(`plan.${line}`)}</chakra.dt>
              <dd>{said.join(' · ')}</dd>
            </chakra.div>
          ),
      )}
    </Grid>
  )
}

/** The blocks fitted into the lesson, offered where they fill it badly. */
export function FitKey({ planned, onFit }: { planned: PlannedLesson; onFit: () => void }) {
  const { t } = useText()
  const offS = planned.plan.workS - planned.roomS
  // a minute over, or a fifth too little, is left alone
  if (offS <= 60 && offS >= -planned.roomS / 5) return null
  return <Button onClick={onFit}>{t('plan.fit', { minutes: minutes(planned.roomS) })}</Button>
}
