import { Box, chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { OctagonX } from 'lucide-react'
import { useState } from 'react'
import { answerOf, api, queries } from '../api'
import type { PairView, SchoolView } from '../api'
import { useMe } from '../session'
import { useText, wordIn } from '../text'
import type { Text } from '../text'
import { Button, Card, CardTitle, LinkButton, Select, Trouble, WhyBox } from '../ui'
import { SettingsList } from './SettingsList'

/** How this pair is taught, and what another school would change, said before it is changed. */
export function SchoolCard({ pair }: { pair: PairView }) {
  const { t } = useText()
  const { actions } = useMe()
  const known = useQuery(queries.school(pair.id))
  if (!known.data) return null
  const { now, schools } = known.data
  const school = schools.find((s) => s.school === now)
  if (!school) return null
  return (
    <Card>
      <CardTitle>{t('schoolOf.title', { school: t(`school.${now}`) })}</CardTitle>
      <AsTaught school={school} />
      <SettingsList pair={pair} known={known.data} />
      {actions.includes('EDIT_PAIR') && (
        <WhyBox marginTop="4">
          <summary>{t('schoolOf.change')}</summary>
          <Another pair={pair} now={school} others={schools.filter((s) => s.school !== now)} />
        </WhyBox>
      )}
    </Card>
  )
}

function AsTaught({ school }: { school: SchoolView }) {
  const { t } = useText()
  return (
    <>
      <Flex gap="2" align="flex-start" marginBottom="3">
        <chakra.span color="warn" flexShrink={0} paddingTop="0.5">
          <OctagonX size={22} aria-hidden />
        </chakra.span>
        <p>
          <b>{t('schoolOf.notAllowed')}:</b> {school.notAllowed}{' '}
          <chakra.span color="quiet">{school.why}</chakra.span>
        </p>
      </Flex>
      <chakra.h3 fontSize="md" fontWeight="720" fontFamily="body">
        {t('schoolOf.ladder')}
      </chakra.h3>
      {school.ladder.length === 0 ? (
        <p>{t('schoolOf.noLadder')}</p>
      ) : (
        <chakra.ol listStyleType="decimal" paddingLeft="5">
          {school.ladder.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </chakra.ol>
      )}
      {(['teaches', 'frame', 'leg'] as const).map((what) => (
        <chakra.p key={what} marginTop="1">
          <b>{t(`schoolOf.${what}`)}:</b> {school[what]}
        </chakra.p>
      ))}
      <chakra.p marginTop="1">
        <b>{t('schoolOf.error')}:</b> {t(`correct.${school.correction}`)}
      </chakra.p>
      <LinkButton look="bare" paddingX="0" to={`/library?school=${school.school}`}>
        {t('schoolOf.exercises', { school: t(`school.${school.school}`) })}
      </LinkButton>
    </>
  )
}

function Another({ pair, now, others }: { pair: PairView; now: SchoolView; others: SchoolView[] }) {
  const { t } = useText()
  const client = useQueryClient()
  const [chosen, setChosen] = useState<string>('')
  const then = others.find((s) => s.school === chosen)
  const change = useMutation({
    mutationFn: (school: SchoolView['school']) =>
      answerOf(api.PUT('/api/v1/pairs/{id}/school', { params: { path: { id: pair.id } }, body: { school } })),
    onSuccess: () => {
      setChosen('')
      return Promise.all([
        client.invalidateQueries(queries.pair(pair.id)),
        client.invalidateQueries(queries.school(pair.id)),
      ])
    },
  })
  return (
    <Box marginTop="2">
      <Select aria-label={t('schoolOf.change')} value={chosen} onChange={(e) => setChosen(e.target.value)}>
        <option value="">{t('schoolOf.keep', { school: t(`school.${pair.school}`) })}</option>
        {others.map((s) => (
          <option key={s.school} value={s.school}>
            {t(`school.${s.school}`)}
          </option>
        ))}
      </Select>
      {then && (
        <Box marginTop="3">
          <chakra.h3 fontSize="md" fontWeight="720" fontFamily="body">
            {t('schoolOf.would', { school: t(`school.${then.school}`) })}
          </chakra.h3>
          <chakra.ul listStyleType="disc" paddingLeft="5" marginBottom="3">
            {changesOf(t, now, then, pair.horse).map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </chakra.ul>
          <AsTaught school={then} />
          <Button
            look="act"
            marginTop="3"
            disabled={change.isPending}
            onClick={() => change.mutate(then.school)}
          >
            {t('schoolOf.do', { horse: pair.horse })}
          </Button>
        </Box>
      )}
      {change.isError && <Trouble cause={change.error} />}
    </Box>
  )
}

/** What this school would change, a sentence each. */
function changesOf(t: Text, now: SchoolView, then: SchoolView, horse: string): string[] {
  const { change, strands, settings, correction } = then
  if (!change) return []
  const { comes, goes, isByChoice, isByStrength } = change
  return [
    ...(comes.length > 0 ? [t('schoolOf.comes', { count: comes.length, names: comes.join(', ') })] : []),
    ...(goes.length > 0
      ? [t('schoolOf.goes', { count: goes.length, names: goes.join(', ') }), t('schoolOf.stays', { horse })]
      : []),
    ...(correction === now.correction
      ? []
      : [t('schoolOf.correction', { policy: t(`correct.${correction}`).toLowerCase() })]),
    ...(settings.slack === now.settings.slack ? [] : [t(`settled.slack.${settings.slack}`)]),
    ...(settings.landingLead === now.settings.landingLead
      ? []
      : [t(`settled.landingLead.${settings.landingLead}`)]),
    ...(isByChoice ? [t('schoolOf.byChoice')] : []),
    ...(isByStrength ? [t('schoolOf.byStrength')] : []),
    t('schoolOf.firstStrands', {
      strands: strands
        .slice(0, 3)
        .map((s) => wordIn(t, 'strand', s))
        .join(', '),
    }),
  ]
}
