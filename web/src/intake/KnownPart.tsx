import { chakra, Grid } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { BookUser, Camera, Ruler, ScanEye, Split, Stethoscope } from 'lucide-react'
import { Link } from 'react-router'
import { queries } from '../api'
import { useMe } from '../session'
import { dayShort, useText } from '../text'
import { Quiet } from '../ui'
import { HeadIcon } from '../tack'

/** What is known beside the lessons, in five tiles: what must be read before teaching stands on them, all else behind. */
export function KnownPart({ pair }: { pair: string }) {
  const { t } = useText()
  const { timeZone } = useMe()
  const known = useQuery(queries.known(pair))
  if (!known.data) return null
  const { intake, tack, cues, count } = known.data
  const must = (['fears', 'sightAndHearing', 'worries', 'clashes'] as const).filter((f) => intake[f] !== null)
  return (
    <Grid
      templateColumns={{ base: '1fr 1fr', lg: '4fr 3fr 3fr 2fr 2fr' }}
      gap="3"
      as="nav"
      aria-label={t('known.title')}
    >
      <Tile to={`/pairs/${pair}/about`} gridColumn={WHOLE}>
        <BookUser size={26} aria-hidden />
        <span>
          <b>{t('known.about')}</b>
          {must.length + intake.unwanted.length === 0 && <Quiet as="span">{t('known.nothingAsked')}</Quiet>}
          {must.map((f) => (
            <chakra.span key={f} display="block">
              {t(`known.${f}`, { what: intake[f] })}
            </chakra.span>
          ))}
          {intake.unwanted.length > 0 && (
            <span>{t('known.unwanted', { gaits: intake.unwanted.join(', ') })}</span>
          )}
          <Quiet as="span">{t('known.cues', { count: cues.cues })}</Quiet>
          {cues.clashes > 0 && (
            <Alert>
              <Split size={16} aria-hidden /> {t('known.clashing', { count: cues.clashes })}
            </Alert>
          )}
        </span>
      </Tile>
      <Tile to={`/pairs/${pair}/tack`} gridColumn={WHOLE}>
        <HeadIcon />
        <span>
          <b>{t('known.tack')}</b>
          <chakra.span display="block">{tack.headgear ?? t('known.noHeadgear')}</chakra.span>
          <Quiet as="span">
            {[
              t('known.inUse', { count: tack.inUse }),
              tack.later > 0 && t('known.later', { count: tack.later }),
            ]
              .filter(Boolean)
              .join(' · ')}
          </Quiet>
        </span>
      </Tile>
      <Tile to={`/pairs/${pair}/count`}>
        <ScanEye size={26} aria-hidden />
        <span>
          <b>{t('known.count')}</b>
          {count === null ? (
            <Quiet as="span">{t('known.notCounted')}</Quiet>
          ) : (
            <chakra.span display="block">
              {t('known.counted', { count: count.count, of: count.of, day: dayShort(count.at, timeZone) })}
            </chakra.span>
          )}
          {count?.isVetFirst && (
            <Alert>
              <Stethoscope size={16} aria-hidden /> {t('known.vetFirst')}
            </Alert>
          )}
        </span>
      </Tile>
      <Tile to={`/pairs/${pair}/photos`}>
        <Camera size={26} aria-hidden />
        <span>
          <b>{t('known.photos')}</b>
        </span>
      </Tile>
      <Tile to={`/pairs/${pair}/strides`}>
        <Ruler size={26} aria-hidden />
        <span>
          <b>{t('known.strides')}</b>
        </span>
      </Tile>
    </Grid>
  )
}

/** On a phone a tile with much on it takes the whole line. */
const WHOLE = { base: '1 / -1', lg: 'auto' }

const Tile = chakra(Link, {
  base: {
    display: 'flex',
    gap: '3',
    alignItems: 'flex-start',
    padding: '4',
    minHeight: 'pad',
    background: 'card',
    borderWidth: '1px',
    borderColor: 'line',
    borderRadius: 'card',
    lineHeight: '1.3',
    overflowWrap: 'anywhere',
    '& > svg': { flexShrink: 0 },
    '& > span': { minWidth: 0, display: 'grid', gap: '0.5' },
    _hover: { borderColor: 'ink' },
  },
})

const Alert = chakra('span', {
  base: { display: 'flex', gap: '1', alignItems: 'center', fontWeight: '650', color: 'warn' },
})
