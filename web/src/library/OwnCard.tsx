import { chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { queries } from '../api'
import type { Exercise, OwnExercise } from '../api'
import { useMe } from '../session'
import { timeAndDay, useText } from '../text'
import { Button, Card, CardTitle, LinkButton, Quiet, Trouble, WhyBox } from '../ui'
import { useSaveOwn } from './useSaveOwn'

/** What a coach can do with an exercise: change an own one, put it away, go back to how it was; or make any one their own. */
export function OwnCard({ exercise: e }: { exercise: Exercise }) {
  const { t } = useText()
  const { actions } = useMe()
  const save = useSaveOwn(() => undefined)
  if (!actions.includes('MAKE_EXERCISES')) return null
  const { own } = e
  const set = (form: OwnExercise['exercise'], isPutAway: boolean) =>
    own && save.mutate({ id: e.id, version: own.version, form, isPutAway })
  return (
    <Card>
      <CardTitle>{t(own ? 'own.yours' : 'own.makeYours')}</CardTitle>
      {own?.isPutAway && <Quiet marginBottom="2">{t('own.isPutAway')}</Quiet>}
      <Flex gap="2" wrap="wrap">
        {own && <LinkButton to={`/library/${e.id}/change`}>{t('own.changeIt')}</LinkButton>}
        {!own && <LinkButton to={`/library/new?from=${e.id}`}>{t('own.copy')}</LinkButton>}
        {own && (
          <Button disabled={save.isPending} onClick={() => set(own.exercise, !own.isPutAway)}>
            {t(own.isPutAway ? 'own.bringBack' : 'own.putAway')}
          </Button>
        )}
      </Flex>
      {save.isError && <Trouble cause={save.error} />}
      {own && own.version > 1 && <Versions own={own} onRestore={(form) => set(form, false)} />}
    </Card>
  )
}

function Versions({
  own,
  onRestore,
}: {
  own: OwnExercise
  onRestore: (form: OwnExercise['exercise']) => void
}) {
  const { t } = useText()
  const { timeZone } = useMe()
  const [isOpen, setOpen] = useState(false)
  const versions = useQuery({ ...queries.versions(own.id), enabled: isOpen })
  return (
    <WhyBox marginTop="3" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary>{t('own.versions', { count: own.version })}</summary>
      <chakra.ul listStyleType="none">
        {versions.data?.versions.map((v) => (
          <Flex as="li" key={v.version} gap="3" align="center" wrap="wrap" minHeight="touch">
            <span>{t('own.version', { version: v.version, by: v.by, at: timeAndDay(v.at, timeZone) })}</span>
            <Quiet as="span">{v.exercise.feel}</Quiet>
            {v.version !== own.version && (
              <Button marginLeft="auto" onClick={() => onRestore(v.exercise)}>
                {t('own.restore')}
              </Button>
            )}
          </Flex>
        ))}
      </chakra.ul>
    </WhyBox>
  )
}
