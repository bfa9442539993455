import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useQuery } from '@tanstack/react-query'
import { Camera as CameraIcon } from 'lucide-react'
import { useState } from 'react'
import { useParams } from 'react-router'
import { queries } from '../api'
import type { HorsePhoto, Photos } from '../api'
import { Camera, ChoosePicture, Chips } from '../capture'
import { useMe } from '../session'
import { dayAndYear, useText } from '../text'
import { Back, Button, Card, Quiet, Trouble, Wait, WhyBox } from '../ui'
import { Photo, ThenAndNow } from './ThenAndNow'
import { photoAt, usePhotos } from './usePhotos'

const VIEWS: readonly HorsePhoto['view'][] = ['LEFT', 'RIGHT', 'FRONT', 'BEHIND', 'ABOVE']

/** The moment: every few weeks, in the yard, the horse stood square. The same side as before, and what has changed. */
export default function PhotosPage() {
  const { id = '' } = useParams()
  const { t } = useText()
  const photos = useQuery(queries.photos(id))
  const [view, setView] = useState<HorsePhoto['view']>('LEFT')
  if (photos.isPending) return <Wait />
  if (photos.isError) return <Trouble cause={photos.error} onAgain={() => void photos.refetch()} />
  return (
    <Flex direction="column" gap="5" maxWidth="52rem">
      <Box>
        <chakra.h1 fontSize={{ base: '3xl', md: '4xl' }} fontWeight="770">
          {t('photo.title', { horse: photos.data.horse })}
        </chakra.h1>
        <Back to={`/pairs/${id}`}>{t('pain.back', { horse: photos.data.horse })}</Back>
      </Box>
      <Chips
        name={t('photo.side')}
        words={VIEWS}
        now={view}
        text={(v) => t(`photo.view.${v}`)}
        isNeeded
        onChoose={(v) => v && setView(v)}
      />
      <Side key={view} pair={id} all={photos.data} view={view} />
    </Flex>
  )
}

interface SideProps {
  pair: string
  all: Photos
  view: HorsePhoto['view']
}

/** One side of the horse: the last photo over an earlier one, and a new one. */
function Side({ pair, all, view }: SideProps) {
  const { t } = useText()
  const canEdit = useMe().actions.includes('EDIT_PAIR')
  const { add, putAway } = usePhotos(pair)
  const [isOpen, setOpen] = useState(false)
  const [chosen, setChosen] = useState<string>()
  const of = all.photos.filter((p) => p.view === view)
  const here = of.filter((p) => !p.isPutAway)
  const away = of.filter((p) => p.isPutAway)
  const [now] = here
  const then = here.find((p) => p.sha256 === chosen && p !== now) ?? here.at(-1)
  const keep = (picture: Blob) =>
    add.mutate({ picture, view, takenOn: all.today }, { onSuccess: () => setOpen(false) })
  if (isOpen)
    return <Camera ghost={now && photoAt(pair, now)} onPicture={keep} onClose={() => setOpen(false)} />
  return (
    <>
      {now && then && now !== then && <ThenAndNow pair={pair} horse={all.horse} then={then} now={now} />}
      {now && now === then && (
        <Photo
          src={photoAt(pair, now)}
          alt={t('photo.of', { horse: all.horse, day: dayAndYear(now.takenOn) })}
          borderRadius="card"
          background="sunken"
        />
      )}
      {!now && <Quiet>{t('photo.none')}</Quiet>}
      {add.isError && <Trouble cause={add.error} />}
      {canEdit && (
        <Flex gap="2" wrap="wrap">
          <Button look="act" onClick={() => setOpen(true)}>
            <CameraIcon size={20} aria-hidden /> {t(now ? 'photo.again' : 'photo.first')}
          </Button>
          <ChoosePicture isBusy={add.isPending} onChoose={keep} />
        </Flex>
      )}
      {putAway.isError && <Trouble cause={putAway.error} />}
      {here.length > 0 && (
        <Card>
          <Grid as="ul" listStyleType="none" templateColumns="repeat(auto-fill, minmax(9rem, 1fr))" gap="3">
            {here.map((p) => (
              <li key={p.sha256}>
                <Photo
                  src={photoAt(pair, p)}
                  alt={t('photo.of', { horse: all.horse, day: dayAndYear(p.takenOn) })}
                  borderRadius="key"
                  background="sunken"
                  loading="lazy"
                />
                <Quiet>{dayAndYear(p.takenOn)}</Quiet>
                <Flex wrap="wrap">
                  {p !== now && (
                    <Button look="bare" aria-pressed={p === then} onClick={() => setChosen(p.sha256)}>
                      {t('photo.compare')}
                    </Button>
                  )}
                  {canEdit && (
                    <Button
                      look="bare"
                      disabled={putAway.isPending}
                      onClick={() => putAway.mutate({ sha256: p.sha256, isPutAway: true })}
                    >
                      {t('photo.putAway')}
                    </Button>
                  )}
                </Flex>
              </li>
            ))}
          </Grid>
        </Card>
      )}
      {canEdit && away.length > 0 && (
        <WhyBox>
          <summary>{t('photo.awayMany', { count: away.length })}</summary>
          {away.map((p) => (
            <Button
              key={p.sha256}
              look="bare"
              onClick={() => putAway.mutate({ sha256: p.sha256, isPutAway: false })}
            >
              {t('photo.takeBack', { day: dayAndYear(p.takenOn) })}
            </Button>
          ))}
        </WhyBox>
      )}
    </>
  )
}
