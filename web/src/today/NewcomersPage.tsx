import { chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useLiveQuery } from 'dexie-react-hooks'
import { Play } from 'lucide-react'
import { useForm } from 'react-hook-form'
import { useNavigate } from 'react-router'
import { allOf, queries, Unreachable } from '../api'
import type { School } from '../api'
import { useMe } from '../session'
import { beginPair, blankSchools, shelfOf } from '../store'
import { useText } from '../text'
import { Button, Field, Quiet, SchoolField, Trouble } from '../ui'
import { keepSchool, lastSchool } from './lastSchool'

interface FormValues {
  rider: string
  horse: string
  school: School
}

/** The moment: a clinic, two strangers at the gate, perhaps no network. Two names, ride; the rest can come later or never. */
export default function NewcomersPage() {
  const { t } = useText()
  const { person } = useMe()
  const shelf = shelfOf(person)
  const client = useQueryClient()
  const navigate = useNavigate()
  const { register, handleSubmit, formState } = useForm<FormValues>({
    defaultValues: { rider: '', horse: '', school: lastSchool() },
  })
  const ready = useLiveQuery(() => blankSchools(shelf), [shelf])
  const begin = useMutation({
    networkMode: 'always',
    mutationFn: ({ rider, horse, school }: FormValues) =>
      beginPair(shelf, { rider: rider.trim(), horse: horse.trim(), school }),
    onSuccess: (lesson, { school }) => {
      keepSchool(school)
      void client.invalidateQueries(queries.today())
      void client.invalidateQueries(allOf('pairs'))
      void client.invalidateQueries(queries.names())
      void navigate(`/lessons/${lesson}/ride`, { replace: true })
    },
  })
  const submit = handleSubmit((typed) => begin.mutate(typed))
  return (
    <chakra.form noValidate onSubmit={(e) => void submit(e)} maxWidth="34rem">
      <chakra.h1 fontSize={{ base: '3xl', md: '5xl' }} fontWeight="760" marginBottom="1">
        {t('newcomers.title')}
      </chakra.h1>
      <Quiet marginBottom="5">{t('newcomers.lead')}</Quiet>
      <Flex direction="column" gap="4">
        {(['rider', 'horse'] as const).map((name) => (
          <Field
            key={name}
            label={t(`newcomers.${name}`)}
            fontSize="xl"
            minHeight="pad"
            maxLength={80}
            autoFocus={name === 'rider'}
            autoComplete="off"
            {...register(name, { required: true, validate: (typed) => typed.trim() !== '' })}
          />
        ))}
        <SchoolField {...register('school')} />
        {begin.error instanceof Unreachable ? (
          <p role="alert">{t('newcomers.notReady')}</p>
        ) : (
          begin.isError && <Trouble cause={begin.error} />
        )}
        <Button
          type="submit"
          look="live"
          minHeight="96px"
          fontSize="xl"
          disabled={!formState.isValid || begin.isPending}
        >
          <Play size={22} aria-hidden /> {t('newcomers.go')}
        </Button>
        {ready && ready.length > 0 && <Quiet>{t('newcomers.ready')}</Quiet>}
      </Flex>
    </chakra.form>
  )
}
