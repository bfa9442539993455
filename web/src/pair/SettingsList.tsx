import { chakra, Grid } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useId } from 'react'
import { answerOf, api, queries } from '../api'
import type { PairView, SchoolsOfPair } from '../api'
import { useMe } from '../session'
import { useText } from '../text'
import type { Text } from '../text'
import { Quiet, Select, Trouble, WhyBox } from '../ui'

const CHOICES = {
  sideReins: ['ALLOWED', 'NEVER'],
  leg: ['NEAR', 'OFF'],
  slack: ['GOAL', 'RELEASE', 'FAULT'],
  bit: ['BITLESS', 'SNAFFLE', 'LEVERAGE'],
  landingLead: ['LEFT_ALONE', 'CHANGED'],
  canterFrom: ['TROT', 'WALK'],
  order: ['FEET_FIRST', 'HEAD_FIRST', 'JAW_FIRST'],
} as const

type Setting = keyof typeof CHOICES
type Own = SchoolsOfPair['own']
const SETTINGS = Object.keys(CHOICES) as Setting[]

interface SettingsListProps {
  pair: PairView
  known: SchoolsOfPair
}

/** What good teachers disagree on: what holds for this pair, where it acts, and who said so. */
export function SettingsList({ pair, known }: SettingsListProps) {
  const { t } = useText()
  const client = useQueryClient()
  const canEdit = useMe().actions.includes('EDIT_PAIR')
  const { own, version } = known
  const settle = useMutation({
    mutationFn: (settings: Own) =>
      answerOf(
        api.PUT('/api/v1/pairs/{id}/settings', {
          params: { path: { id: pair.id } },
          body: { version, settings },
        }),
      ),
    onSettled: () =>
      Promise.all([
        client.invalidateQueries(queries.pair(pair.id)),
        client.invalidateQueries(queries.school(pair.id)),
      ]),
  })
  const held = known.schools.find((s) => s.school === known.now)?.settings
  if (!held) return null
  const settled = SETTINGS.filter((s) => own[s] !== null)
  return (
    <WhyBox marginTop="4">
      <summary>
        {settled.length === 0
          ? t('setting.none')
          : t('setting.some', { settings: settled.map((s) => inWords(t, s, own)).join('; ') })}
      </summary>
      <Quiet marginBottom="3">{t('setting.lead', { horse: pair.horse })}</Quiet>
      {SETTINGS.map((s) => (
        <Row
          key={s}
          setting={s}
          own={own}
          held={held}
          school={t(`school.${known.now}`)}
          canEdit={canEdit && !settle.isPending}
          onChoose={(choice) => settle.mutate({ ...own, [s]: choice })}
        />
      ))}
      <Quiet marginTop="2">{t('setting.elsewhere')}</Quiet>
      {settle.isError && <Trouble cause={settle.error} />}
    </WhyBox>
  )
}

function inWords(t: Text, setting: Setting, own: Own): string {
  return `${t(`setting.${setting}.title`)}: ${choiceInWords(t, setting, own[setting] ?? '')}`
}

function choiceInWords(t: Text, setting: Setting, choice: string): string {
  return t(`setting.${setting}.${choice}` as 'setting.leg.NEAR')
}

interface RowProps {
  setting: Setting
  own: Own
  held: SchoolsOfPair['schools'][number]['settings']
  school: string
  canEdit: boolean
  onChoose: (choice: string | null) => void
}

function Row({ setting, own, held, school, canEdit, onChoose }: RowProps) {
  const { t } = useText()
  const id = useId()
  // with its own word taken away the school's holds; what that is stands in `held` while nothing is settled
  const bySchool = own[setting] === null ? held[setting] : null
  return (
    <Grid
      templateColumns={{ base: 'minmax(0, 1fr)', md: 'minmax(0, 3fr) minmax(0, 2fr)' }}
      columnGap="4"
      rowGap="2"
      paddingY="2"
      borderTopWidth="1px"
      borderColor="line"
    >
      <div>
        <chakra.label htmlFor={id} fontWeight="650">
          {t(`setting.${setting}.title`)}
        </chakra.label>
        <Quiet>{t(`setting.${setting}.why`)}</Quiet>
        <Quiet>{t(`setting.${setting}.acts`)}</Quiet>
      </div>
      <Select
        id={id}
        alignSelf="start"
        disabled={!canEdit}
        value={own[setting] ?? ''}
        onChange={(e) => onChoose(e.target.value === '' ? null : e.target.value)}
      >
        <option value="">
          {bySchool === null
            ? t(`setting.${setting}.open`)
            : t('setting.bySchool', { school, choice: choiceInWords(t, setting, bySchool) })}
        </option>
        {CHOICES[setting].map((choice) => (
          <option key={choice} value={choice}>
            {choiceInWords(t, setting, choice)}
          </option>
        ))}
      </Select>
    </Grid>
  )
}
