import { chakra } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useText } from '../text'
import { allOf } from '../api'
import { Button, Card, Quiet, Trouble, Wait } from '../ui'
import { takeEntries } from './api'

const SHOWN = 12

interface EntriesFoundProps {
  text: string
  onTaken: (stored: number) => void
}

/** What would become of a file of entries; then it is taken. */
export function EntriesFound({ text, onTaken }: EntriesFoundProps) {
  const { t } = useText()
  const client = useQueryClient()
  const trial = useQuery({
    queryKey: ['entriesFound', text],
    queryFn: () => takeEntries(text, true),
    retry: false,
    staleTime: Infinity,
    gcTime: 0,
  })
  const taking = useMutation({
    mutationFn: () => takeEntries(text, false),
    onSuccess: async ({ stored, odd }) => {
      await client.invalidateQueries(allOf('debrief'))
      await client.invalidateQueries(allOf('origins'))
      onTaken(stored + odd)
    },
  })
  if (trial.isPending) return <Wait />
  if (trial.isError) return <Trouble cause={trial.error} />
  const { stored, already, odd, refused } = trial.data
  const isNew = stored + odd > 0
  return (
    <Card>
      <chakra.ul listStyleType="none" fontSize="lg" fontWeight="650" display="grid" gap="1" marginBottom="4">
        {isNew ? <li>{t('files.found', { count: stored + odd })}</li> : <li>{t('files.nothingNew')}</li>}
        {already > 0 && <chakra.li color="quiet">{t('files.already', { count: already })}</chakra.li>}
        {odd > 0 && <li>{t('files.odd', { count: odd })}</li>}
        {refused.length > 0 && (
          <chakra.li color="warn">{t('files.refused', { count: refused.length })}</chakra.li>
        )}
      </chakra.ul>
      {refused.slice(0, SHOWN).map((r) => (
        <p key={r.entry}>
          <b>{t('files.entry', { entry: r.entry })}</b> {t(`files.code.${r.code}`)}
        </p>
      ))}
      {refused.length > SHOWN && <Quiet>{t('files.more', { count: refused.length - SHOWN })}</Quiet>}
      {isNew && (
        <Button look="act" marginTop="4" disabled={taking.isPending} onClick={() => taking.mutate()}>
          {t('files.take', { count: stored + odd })}
        </Button>
      )}
      {taking.isError && <Trouble cause={taking.error} onAgain={() => taking.mutate()} />}
    </Card>
  )
}
