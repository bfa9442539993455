import { Box, chakra, Flex } from '@chakra-ui/react'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Download, FileSpreadsheet } from 'lucide-react'
import { useState } from 'react'
import { allOf, answerOf, api, queries } from '../api'
import type { PeopleView, School } from '../api'
import { useText } from '../text'
import { AnchorButton, Button, Card, CardTitle, Quiet, SchoolField, Trouble, Wait } from '../ui'

const SHOWN = 12

/** Riders and horses from a spreadsheet: looked at first, then taken in; and as one, to take away. */
export function PeopleTable() {
  const { t } = useText()
  const [text, setText] = useState<string>()
  return (
    <Box as="section" marginTop="8">
      <Flex gap="2" wrap="wrap">
        <Button asChild>
          <label>
            <FileSpreadsheet size={20} aria-hidden /> {t('roster.choose')}
            <chakra.input
              type="file"
              accept=".csv,text/csv,text/plain"
              srOnly
              onChange={(e) => {
                const [file] = e.target.files ?? []
                if (file) void file.text().then(setText)
                e.target.value = ''
              }}
            />
          </label>
        </Button>
        <AnchorButton href="/api/v1/people.csv" download>
          <Download size={20} aria-hidden /> {t('roster.export')}
        </AnchorButton>
      </Flex>
      <Quiet marginTop="2">{t('roster.lead')}</Quiet>
      {text !== undefined && <TableFound key={text} text={text} onDone={() => setText(undefined)} />}
    </Box>
  )
}

function take(text: string, school: School, isTrial: boolean) {
  return answerOf(api.POST('/api/v1/people', { body: { text, school, isTrial, leaveOut: true } }))
}

function TableFound({ text, onDone }: { text: string; onDone: () => void }) {
  const { t } = useText()
  const client = useQueryClient()
  const [school, setSchool] = useState<School>('CLASSICAL')
  const trial = useQuery({
    queryKey: ['peopleFound', text, school],
    queryFn: () => take(text, school, true),
    retry: false,
    staleTime: Infinity,
    gcTime: 0,
  })
  const taking = useMutation({
    mutationFn: () => take(text, school, false),
    onSuccess: async () => {
      await client.invalidateQueries(allOf('pairs'))
      await client.invalidateQueries(queries.names())
    },
  })
  if (trial.isPending) return <Wait />
  if (trial.isError) return <Trouble cause={trial.error} />
  const { missing, lines, issues, added } = trial.data
  if (taking.isSuccess)
    return (
      <Card marginTop="4">
        <p role="status">{t('roster.added', { count: taking.data.added })}</p>
        <Button marginTop="3" onClick={onDone}>
          {t('roster.close')}
        </Button>
      </Card>
    )
  return (
    <Card marginTop="4">
      <CardTitle>{t('roster.found')}</CardTitle>
      {missing.length > 0 && (
        <p role="alert">
          {t('roster.missing', { columns: missing.map((c) => t(`roster.column.${c}`)).join(', ') })}
        </p>
      )}
      <Lines lines={lines} />
      <chakra.ul listStyleType="none" color="warn" marginTop="2">
        {issues.map((i) => (
          <li key={`${String(i.line)}${i.column}`}>
            {t('roster.issue', {
              line: i.line,
              column: t(`roster.column.${i.column}`),
              why: t(`roster.why.${i.code}`, { value: i.value }),
            })}
          </li>
        ))}
      </chakra.ul>
      {lines.some((l) => l.line.school === null) && (
        <Box marginTop="3" maxWidth="20rem">
          <SchoolField value={school} onChange={(e) => setSchool(e.target.value as School)} />
          <Quiet marginTop="1">{t('roster.otherwise')}</Quiet>
        </Box>
      )}
      {taking.isError && <Trouble cause={taking.error} />}
      <Flex gap="2" marginTop="4">
        {added > 0 && (
          <Button look="act" disabled={taking.isPending} onClick={() => taking.mutate()}>
            {t('roster.take', { count: added })}
          </Button>
        )}
        <Button onClick={onDone}>{t('roster.leave')}</Button>
      </Flex>
    </Card>
  )
}

function Lines({ lines }: { lines: PeopleView['lines'] }) {
  const { t } = useText()
  const more = lines.length - SHOWN
  return (
    <>
      <chakra.ul listStyleType="none">
        {lines.slice(0, SHOWN).map(({ line, effect, isNewRider, isNewHorse }) => (
          <chakra.li key={line.line} paddingY="1.5" borderTopWidth="1px" borderColor="line">
            <b>{line.horse}</b> {t('pair.and')} <b>{line.rider}</b>
            <chakra.span color={effect === 'TWO_OF_THIS_NAME' ? 'warn' : 'quiet'}>
              {' · '}
              {effect === 'ADDS' && !isNewRider && !isNewHorse
                ? t('roster.bothKnown')
                : effect === 'ADDS' && !isNewRider
                  ? t('roster.riderKnown')
                  : effect === 'ADDS' && !isNewHorse
                    ? t('roster.horseKnown')
                    : t(`roster.effect.${effect}`)}
            </chakra.span>
          </chakra.li>
        ))}
      </chakra.ul>
      {more > 0 && <Quiet>{t('roster.more', { count: more })}</Quiet>}
    </>
  )
}
