import { chakra, Flex, Grid } from '@chakra-ui/react'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Plus, X } from 'lucide-react'
import { useState } from 'react'
import { useFieldArray, useForm } from 'react-hook-form'
import { useText } from '../text'
import { answerOf, api } from '../api'
import type { Contact } from '../api'
import { useMe } from '../session'
import { Button, Input, Select, Card, CardTitle, Quiet, Trouble } from '../ui'
import { useSafety, safetyKey } from './useSafety'

const KINDS: Contact['kind'][] = [
  'EMERGENCY',
  'VET',
  'DOCTOR',
  'OWNER',
  'FITTER',
  'PHYSIOTHERAPIST',
  'DENTIST',
  'FARRIER',
  'OTHER',
]

type FormValues = { contacts: Pick<Contact, 'kind' | 'name' | 'phone'>[] }

/** Whom to call: the yard's numbers, or a horse's own. They lie on every device of the horse, without a network too. */
export function ContactsCard({ horse }: { horse: string | null }) {
  const { t } = useText()
  const { actions } = useMe()
  const kept = useSafety().contacts.filter((c) => c.horse === horse)
  const [isOpen, setOpen] = useState(false)
  return (
    <Card>
      <CardTitle>{t(horse ? 'contacts.ofHorse' : 'contacts.ofYard')}</CardTitle>
      <Quiet marginBottom="3">{t('contacts.lead')}</Quiet>
      {isOpen ? (
        <Edit horse={horse} kept={kept} onDone={() => setOpen(false)} />
      ) : (
        <>
          <chakra.ul listStyleType="none" marginBottom="3">
            {kept.map((c) => (
              <Flex as="li" key={c.kind + c.phone} gap="3" minHeight="touch" align="center">
                <chakra.span fontWeight="650" minWidth="7rem">
                  {t(`contact.${c.kind}`)}
                </chakra.span>
                <chakra.span flex="1">{c.name}</chakra.span>
                <chakra.a
                  href={`tel:${c.phone.replace(/[^+0-9]/g, '')}`}
                  minHeight="touch"
                  display="inline-flex"
                  alignItems="center"
                  textDecoration="underline"
                  fontVariantNumeric="tabular-nums"
                >
                  {c.phone}
                </chakra.a>
              </Flex>
            ))}
          </chakra.ul>
          {actions.includes('EDIT_PAIR') && (
            <Button onClick={() => setOpen(true)}>
              {t(kept.length > 0 ? 'contacts.change' : 'contacts.add')}
            </Button>
          )}
        </>
      )}
    </Card>
  )
}

interface EditProps {
  horse: string | null
  kept: FormValues['contacts']
  onDone: () => void
}

function Edit({ horse, kept, onDone }: EditProps) {
  const { t } = useText()
  const { person } = useMe()
  const client = useQueryClient()
  const { control, register, handleSubmit } = useForm<FormValues>({
    defaultValues: {
      contacts: kept.length > 0 ? kept : [{ kind: 'VET', name: '', phone: '' }],
    },
  })
  const { fields, append, remove } = useFieldArray({ control, name: 'contacts' })
  const keep = useMutation({
    mutationFn: ({ contacts }: FormValues) =>
      answerOf(
        api.PUT('/api/v1/contacts', {
          body: { horse, contacts: contacts.map(({ kind, name, phone }) => ({ kind, name, phone })) },
        }),
      ),
    onSuccess: (safety) => {
      client.setQueryData(safetyKey(person), safety)
      onDone()
    },
  })
  const submit = handleSubmit((values) => keep.mutate(values))
  return (
    <chakra.form noValidate display="grid" gap="2" onSubmit={(e) => void submit(e)}>
      {fields.map((field, i) => (
        <Grid key={field.id} templateColumns={{ base: '1fr auto', md: '11rem 1fr 12rem auto' }} gap="2">
          <Select aria-label={t('contacts.kind')} {...register(`contacts.${i}.kind`)}>
            {KINDS.map((kind) => (
              <option key={kind} value={kind}>
                {t(`contact.${kind}`)}
              </option>
            ))}
          </Select>
          <Input
            gridColumn={{ base: '1 / -1', md: 'auto' }}
            aria-label={t('contacts.name')}
            placeholder={t('contacts.name')}
            maxLength={80}
            {...register(`contacts.${i}.name`)}
          />
          <Input
            gridColumn={{ base: '1 / -1', md: 'auto' }}
            aria-label={t('contacts.phone')}
            placeholder={t('contacts.phone')}
            type="tel"
            maxLength={40}
            {...register(`contacts.${i}.phone`)}
          />
          <Button
            paddingX="3"
            gridRow={{ base: '1', md: 'auto' }}
            gridColumn={{ base: '2', md: 'auto' }}
            aria-label={t('contacts.remove')}
            onClick={() => remove(i)}
          >
            <X size={20} aria-hidden />
          </Button>
        </Grid>
      ))}
      <Flex gap="2" wrap="wrap">
        <Button onClick={() => append({ kind: 'OTHER', name: '', phone: '' })}>
          <Plus size={18} aria-hidden /> {t('contacts.another')}
        </Button>
        <Button type="submit" look="act" disabled={keep.isPending}>
          {t('contacts.keep')}
        </Button>
      </Flex>
      {keep.isError && <Trouble cause={keep.error} />}
    </chakra.form>
  )
}
