import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Download } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import { useParams } from 'react-router'
import { queries } from '../api'
import { HorseLine } from '../safety'
import { useMe } from '../session'
import { dayLongAt, useText } from '../text'
import { AnchorButton, Button, LinkButton, Card, CardTitle, Quiet, Trouble, Wait } from '../ui'
import { ChooseFile } from './ChooseFile'
import { EntriesFound } from './EntriesFound'
import { SheetFound } from './SheetFound'
import type { FileChoice } from './what'

/** The moment: at the table, once in a while. The record goes out into other hands, or comes in from elsewhere. */
export default function RecordPage() {
  const { id = '' } = useParams()
  const { t } = useText()
  const { actions, timeZone } = useMe()
  const [chosen, setChosen] = useState<FileChoice>()
  const [stored, setStored] = useState<number>()
  // what is in the file is what the eye is to meet next
  const found = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (chosen) found.current?.scrollIntoView({ block: 'nearest' })
  }, [chosen])
  const debrief = useQuery(queries.debrief(id))
  if (debrief.isPending) return <Wait />
  if (debrief.isError) return <Trouble cause={debrief.error} onAgain={() => void debrief.refetch()} />
  const { lesson } = debrief.data
  const choose = (file: FileChoice | undefined) => {
    setStored(undefined)
    setChosen(file)
  }
  const done = (count: number) => {
    setChosen(undefined)
    setStored(count)
  }
  return (
    <Flex direction="column" gap="6">
      <Box>
        <Quiet>
          {lesson.horse} {t('pair.and')} {lesson.rider} ·{' '}
          {dayLongAt(lesson.startedAt ?? lesson.plannedAt, timeZone)}
        </Quiet>
        <chakra.h1 fontSize={{ base: '3xl', md: '4xl' }} fontWeight="770">
          {t('files.title')}
        </chakra.h1>
      </Box>
      <HorseLine horse={{ horse: lesson.horseId, pair: lesson.pair }} />
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(2, minmax(0, 1fr))' }} gap="6">
        <TakeOut lesson={id} asks={lesson.exchanges} />
        {actions.includes('IMPORT') && (
          <Card>
            <CardTitle>{t('files.in')}</CardTitle>
            <Quiet>{t('files.inLead')}</Quiet>
            {stored === undefined ? (
              <ChooseFile chosen={chosen} onChoose={choose} />
            ) : (
              <Flex direction="column" gap="3" marginTop="4" align="start">
                <chakra.p role="status" fontSize="lg" fontWeight="650" color="good">
                  {t('files.taken', { count: stored })}
                </chakra.p>
                <Flex gap="2" wrap="wrap">
                  <LinkButton look="act" to={`/lessons/${id}/debrief`}>
                    {t('files.toDebrief')}
                  </LinkButton>
                  <Button onClick={() => choose(undefined)}>{t('files.another')}</Button>
                </Flex>
              </Flex>
            )}
          </Card>
        )}
      </Grid>
      <div ref={found}>
        {chosen?.is === 'entries' && <EntriesFound key={chosen.text} text={chosen.text} onTaken={done} />}
        {chosen?.is === 'sheet' && (
          <SheetFound key={chosen.text} lesson={id} text={chosen.text} onTaken={done} />
        )}
      </div>
    </Flex>
  )
}

const MEGABYTE = 1024 * 1024

const FILES = [
  { name: 'asks', files: [{ file: 'asks.csv', type: 'csvType' }] },
  { name: 'tallies', files: [{ file: 'tallies.csv', type: 'csvType' }] },
  {
    name: 'entries',
    files: [
      { file: 'entries.json', type: 'jsonType' },
      { file: 'entries.csv', type: 'csvType' },
    ],
  },
  { name: 'attachments', files: [{ file: 'attachments.zip', type: 'zipType' }] },
] as const

function TakeOut({ lesson, asks }: { lesson: string; asks: number }) {
  const { t } = useText()
  const origins = useQuery(queries.origins(lesson))
  const use = useQuery(queries.attachments())
  return (
    <Card>
      <CardTitle>{t('files.out')}</CardTitle>
      <Quiet>{t('files.outLead', { count: asks })}</Quiet>
      {origins.data?.broughtIn.map(({ by, entries }) => (
        <Quiet key={by}>{t('files.broughtIn', { by, count: entries })}</Quiet>
      ))}
      {FILES.map(({ name, files }) => (
        <Flex
          key={name}
          align="center"
          gap="3"
          paddingY="3"
          marginTop="3"
          borderTopWidth="1px"
          borderColor="line"
          wrap="wrap"
        >
          <Box flex="1" minWidth="12rem">
            <chakra.h3 fontFamily="body" fontSize="md" fontWeight="700">
              {t(`files.${name}`)}
            </chakra.h3>
            <Quiet>{t(`files.${name}Why`)}</Quiet>
          </Box>
          <Flex gap="2">
            {files.map(({ file, type }) => (
              <AnchorButton
                key={file}
                href={`/api/v1/lessons/${lesson}/files/${file}`}
                download
                aria-label={t('files.save', { name: t(`files.${name}`), type: t(`files.${type}`) })}
              >
                <Download size={18} aria-hidden /> {t(`files.${type}`)}
              </AnchorButton>
            ))}
          </Flex>
        </Flex>
      ))}
      {use.data && (
        <Quiet marginTop="2">
          {t('files.use', {
            count: use.data.count,
            used: (use.data.bytes / MEGABYTE).toFixed(1),
            most: (use.data.mostBytes / MEGABYTE).toFixed(0),
          })}
        </Quiet>
      )}
    </Card>
  )
}
