import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useLiveQuery } from 'dexie-react-hooks'
import { Download, HardDrive, ShieldCheck, Trash2 } from 'lucide-react'
import { useMe } from '../session'
import { forget, shelfOf, storedOn, unsentFile } from '../store'
import type { Stored } from '../store'
import { dayShort, useText } from '../text'
import { Button, Card, CardTitle, Quiet, HANDS, useHand, useInstall, MODES, useMode, Wait } from '../ui'
import { useRoom } from './useRoom'

/** What is stored here, and how this device is held and looks. Needs no network. */
export default function DevicePage() {
  const { t } = useText()
  const { person } = useMe()
  const shelf = shelfOf(person)
  const stored = useLiveQuery(() => storedOn(shelf), [shelf])
  const install = useInstall()
  if (!stored) return <Wait />
  const save = async () => download(await unsentFile(shelf))
  return (
    <>
      <chakra.h1 fontSize={{ base: '4xl', lg: '5xl' }} fontWeight="780" marginBottom="5">
        {t('device.title')}
      </chakra.h1>
      <Grid
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 7fr) minmax(0, 5fr)' }}
        gap="5"
        alignItems="start"
      >
        <Card>
          <CardTitle>{t('device.stored')}</CardTitle>
          <chakra.p fontSize="lg" fontWeight="650" role="status" color={stored.unsent > 0 ? 'warn' : 'good'}>
            {stored.unsent > 0 ? t('device.unsent', { count: stored.unsent }) : t('device.allSent')}
          </chakra.p>
          {stored.unsent > 0 && (
            <Box marginTop="2">
              <Button onClick={() => void save()}>
                <Download size={18} aria-hidden /> {t('device.saveUnsent')}
              </Button>
            </Box>
          )}
          <Lessons stored={stored} onForget={(lesson) => void forget(shelf, lesson)} />
        </Card>
        <Flex direction="column" gap="5">
          <Room />
          <Card>
            <CardTitle>{t('device.hand')}</CardTitle>
            <Quiet>{t('device.handWhy')}</Quiet>
            <HandChoice />
          </Card>
          <Card>
            <CardTitle>{t('device.light')}</CardTitle>
            <ModeChoice />
          </Card>
          {install && (
            <Card>
              <CardTitle>{t('device.install')}</CardTitle>
              <Quiet>{t('device.installWhy')}</Quiet>
              <Button look="act" marginTop="3" onClick={() => void install()}>
                {t('device.installGo')}
              </Button>
            </Card>
          )}
        </Flex>
      </Grid>
    </>
  )
}

function Lessons({ stored, onForget }: { stored: Stored; onForget: (lesson: string) => void }) {
  const { t } = useText()
  // by this device's own clock: the yard's is not known without a network
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone
  if (stored.lessons.length === 0) {
    return (
      <chakra.p marginTop="4" color="quiet">
        {t('device.none')}
      </chakra.p>
    )
  }
  return (
    <>
      <chakra.ul listStyleType="none" marginTop="3">
        {stored.lessons.map((l) => (
          <chakra.li
            key={l.lesson}
            display="flex"
            alignItems="center"
            gap="3"
            paddingY="2"
            borderTopWidth="1px"
            borderColor="line"
          >
            <chakra.span flex="1" minWidth="0">
              <b>{l.horse}</b> {t('pair.and')} {l.rider}
              <chakra.span display="block" fontSize="sm" color="quiet">
                {dayShort(l.plannedAt, zone)} · {t('device.entries', { count: l.entries })}
                {l.waiting + l.refused > 0 && (
                  <chakra.b color="warn"> · {t('device.unsent', { count: l.waiting + l.refused })}</chakra.b>
                )}
              </chakra.span>
            </chakra.span>
            {l.waiting + l.refused === 0 && (
              <Button
                paddingX="3"
                aria-label={t('device.forget', { horse: l.horse, day: dayShort(l.plannedAt, zone) })}
                onClick={() => onForget(l.lesson)}
              >
                <Trash2 size={18} aria-hidden />
              </Button>
            )}
          </chakra.li>
        ))}
      </chakra.ul>
      <Quiet>{t('device.forgetWhy')}</Quiet>
    </>
  )
}

/** How much room is used, and whether the browser may clear it. */
function Room() {
  const { t } = useText()
  const { room, keepSafe } = useRoom()
  if (!room) return null
  return (
    <Card>
      <CardTitle>{t('device.room')}</CardTitle>
      <Flex gap="3" align="flex-start">
        {room.isSafe ? <ShieldCheck size={26} aria-hidden /> : <HardDrive size={26} aria-hidden />}
        <Box flex="1">
          <p>{t('device.used', { used: megabytes(room.usedBytes), of: megabytes(room.ofBytes) })}</p>
          <p>{t(room.isSafe ? 'device.safe' : 'device.unsafe')}</p>
        </Box>
      </Flex>
      {!room.isSafe && (
        <Button marginTop="3" onClick={() => void keepSafe()}>
          {t('device.keepSafe')}
        </Button>
      )}
      {room.wasRefused && (
        <chakra.p marginTop="2" role="status">
          {t('device.refused')}
        </chakra.p>
      )}
    </Card>
  )
}

function HandChoice() {
  const { t } = useText()
  const [hand, setHand] = useHand()
  return (
    <Grid templateColumns="1fr 1fr" gap="1.5" marginTop="3" role="group" aria-label={t('device.hand')}>
      {HANDS.map((h) => (
        <Button key={h} look="key" minHeight="56px" aria-pressed={h === hand} onClick={() => setHand(h)}>
          {t(`hand.${h}`)}
        </Button>
      ))}
    </Grid>
  )
}

function ModeChoice() {
  const { t } = useText()
  const [mode, setMode] = useMode()
  return (
    <Grid
      templateColumns="repeat(3, 1fr)"
      gap="1.5"
      marginTop="3"
      role="group"
      aria-label={t('device.light')}
    >
      {MODES.map((m) => (
        <Button key={m} look="key" minHeight="56px" aria-pressed={m === mode} onClick={() => setMode(m)}>
          {t(`mode.${m}`)}
        </Button>
      ))}
    </Grid>
  )
}

function megabytes(bytes: number): string {
  return (bytes / 1_000_000).toFixed(bytes < 10_000_000 ? 1 : 0)
}

function download(text: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type: 'application/json' }))
  link.download = 'not-sent.json'
  link.click()
  URL.revokeObjectURL(link.href)
}
