import { chakra, Flex } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { queries } from '../api'
import type { Exercise, OwnForm } from '../api'
import { useText } from '../text'
import { Button, Card, CardTitle, Quiet, Trouble, Wait } from '../ui'
import { AsideFields, isSafe, NO_ASIDE } from './AsideFields'
import { OwnFields } from './OwnFields'
import { blankForm, copyOf, missingIn, newOwnId } from './ownForm'
import { useSaveOwn } from './useSaveOwn'

/** The moment: something of your own, in a minute, while you remember it. Or a shipped one, made your own. */
export default function OwnPage() {
  const { t } = useText()
  const { id } = useParams()
  const [search] = useSearchParams()
  const base = id ?? search.get('from')
  const exercise = useQuery({ ...queries.exercise(base ?? ''), enabled: base !== null })
  if (base === null)
    return <Form title={t('own.new')} id={newOwnId()} version={0} first={blankForm([t('own.stop.uneven')])} />
  if (exercise.isPending) return <Wait />
  if (exercise.isError) return <Trouble cause={exercise.error} onAgain={() => void exercise.refetch()} />
  const e = exercise.data
  return id && e.own ? (
    <Form title={t('own.change')} id={id} version={e.own.version} first={e.own.exercise} shown={e} />
  ) : (
    <Form
      title={t('own.copyOf', { name: e.name })}
      id={newOwnId()}
      version={0}
      first={copyOf(e, t('own.copyName', { name: e.name }))}
    />
  )
}

interface FormProps {
  title: string
  id: string
  version: number
  first: OwnForm
  /** As it is shown now, where it is there already. */
  shown?: Exercise
}

function Form({ title, id: madeId, version, first, shown }: FormProps) {
  const { t } = useText()
  const navigate = useNavigate()
  // one id and one beginning, however often this is drawn
  const [id] = useState(madeId)
  const [form, setForm] = useState(first)
  const [aside, setAside] = useState(shown?.aside ?? NO_ASIDE)
  const [fresh, setFresh] = useState<Record<string, string>>({})
  const [isTried, setTried] = useState(false)
  const save = useSaveOwn((saved) => void navigate(`/library/${saved}`, { replace: true }))
  const submit = () => {
    setTried(true)
    if (missingIn(form).length === 0 && isSafe(aside))
      save.mutate({
        id,
        version,
        form,
        aside,
        asideVersion: shown?.asideVersion ?? 0,
        before: shown?.aside ?? null,
      })
  }
  return (
    <chakra.form
      noValidate
      onSubmit={(e) => {
        e.preventDefault()
        submit()
      }}
    >
      <chakra.h1 fontSize={{ base: '3xl', md: '4xl' }} fontWeight="770" marginBottom="4">
        {title}
      </chakra.h1>
      {form.from !== null && <Quiet marginBottom="4">{t('own.copyKeeps')}</Quiet>}
      <Card marginBottom="5">
        <OwnFields form={form} onChange={setForm} isTried={isTried} />
      </Card>
      <Card marginBottom="5">
        <CardTitle>{t('own.aside')}</CardTitle>
        <AsideFields
          aside={aside}
          onChange={setAside}
          fresh={fresh}
          onFresh={(sha256, url) => setFresh((all) => ({ ...all, [sha256]: url }))}
        />
      </Card>
      {save.isError && <Trouble cause={save.error} />}
      <Flex gap="3" marginTop="3">
        <Button
          type="submit"
          look="live"
          minWidth="12rem"
          minHeight="64px"
          fontSize="lg"
          disabled={save.isPending}
        >
          {t('own.save')}
        </Button>
        <Button minHeight="64px" onClick={() => void navigate(-1)}>
          {t('own.leave')}
        </Button>
      </Flex>
    </chakra.form>
  )
}
