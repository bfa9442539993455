import { Box, chakra, Flex, Grid } from '@chakra-ui/react'
import { useMutation } from '@tanstack/react-query'
import { useLiveQuery } from 'dexie-react-hooks'
import { Camera as CameraIcon, ImageIcon } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Camera, ChoosePicture, resized } from '../capture'
import { detach } from '../recorder'
import type { Recorder } from '../recorder'
import { useMe } from '../session'
import { fetchGhosts, keepPhoto, shelfOf, viewsOf } from '../store'
import type { StoredPacket, StoredPhoto } from '../store'
import { dayAndYear, dayOf, useText } from '../text'
import { Button, LinkButton, Quiet, Trouble } from '../ui'
import { usePictureOf } from './usePictureOf'

interface LookPhotosProps {
  kept: StoredPacket
  outbox: Recorder['outbox']
}

/** Two photos of the horse, each from the side it was taken from weeks ago; kept on the device until there is a network. */
export function LookPhotos({ kept, outbox }: LookPhotosProps) {
  const { t } = useText()
  const { person, timeZone } = useMe()
  const shelf = shelfOf(person)
  const { id: lesson, pair, horse } = kept.packet.lesson
  useEffect(() => {
    // without a network those that came before are there
    fetchGhosts(shelf, pair).catch(() => undefined)
  }, [shelf, pair])
  const ghosts = useLiveQuery(() => shelf.ghosts.where({ pair }).toArray(), [shelf, pair])
  const taken = useLiveQuery(() => shelf.photos.where({ lesson }).sortBy('id'), [shelf, lesson])
  const [open, setOpen] = useState<StoredPhoto['view']>()
  const dayNow = () => dayOf(Date.now() + kept.offsetMs, timeZone)
  const keep = useMutation({
    networkMode: 'always',
    mutationFn: async ({ picture, view }: { picture: Blob; view: StoredPhoto['view'] }) =>
      keepPhoto(shelf, { lesson, pair, view, takenOn: dayNow(), content: await resized(picture) }),
    onSuccess: () => {
      setOpen(undefined)
      detach(outbox.send())
    },
  })
  const ghostUrl = usePictureOf(ghosts?.find((g) => g.view === open)?.content)
  if (!ghosts || !taken) return null
  return (
    <Box as="section" aria-label={t('look.twoPhotos')} marginTop="5">
      <chakra.h2 fontSize="xl" fontWeight="720" marginBottom="2">
        {t('look.twoPhotos')}
      </chakra.h2>
      {open ? (
        <>
          <Quiet marginBottom="2">{t('look.photoFrom', { view: t(`look.photoView.${open}`) })}</Quiet>
          <Camera
            ghost={ghostUrl}
            onPicture={(picture) => keep.mutate({ picture, view: open })}
            onClose={() => setOpen(undefined)}
          />
          <Box marginTop="2">
            <ChoosePicture
              isBusy={keep.isPending}
              onChoose={(picture) => keep.mutate({ picture, view: open })}
            />
          </Box>
        </>
      ) : (
        <Grid templateColumns="1fr 1fr" gap="3">
          {viewsOf(ghosts).map((view) => {
            const now = taken.findLast((p) => p.view === view)
            const before = ghosts.find((g) => g.view === view)
            return (
              <Flex key={view} direction="column" gap="1">
                <Picture photo={now ?? before} isGhost={!now} horse={horse} />
                <Button onClick={() => setOpen(view)}>
                  <CameraIcon size={20} aria-hidden />
                  {t(now ? 'look.photoAgain' : 'look.photoTake', { view: t(`look.photoView.${view}`) })}
                </Button>
                <Quiet>
                  {now
                    ? t(`look.photoIs.${now.passage === 'stored' ? 'SENT' : 'HERE'}`)
                    : before && t('look.photoBefore', { day: dayAndYear(before.takenOn) })}
                </Quiet>
              </Flex>
            )
          })}
        </Grid>
      )}
      {keep.isError && <Trouble cause={keep.error} />}
      <LinkButton to={`/pairs/${pair}/photos`} marginTop="3">
        {t('look.photos')}
      </LinkButton>
    </Box>
  )
}

interface PictureProps {
  photo: Pick<StoredPhoto, 'content' | 'takenOn'> | undefined
  /** Of weeks ago. */
  isGhost: boolean
  horse: string
}

/** As much room with a picture as without one. */
function Picture({ photo, isGhost, horse }: PictureProps) {
  const { t } = useText()
  const url = usePictureOf(photo?.content)
  return (
    <Box
      background="sunken"
      borderRadius="key"
      overflow="hidden"
      aspectRatio="4 / 3"
      display="grid"
      placeItems="center"
      color="quiet"
    >
      {!photo && <ImageIcon size={36} aria-hidden />}
      {photo && url && (
        <chakra.img
          src={url}
          alt={t('photo.of', { horse, day: dayAndYear(photo.takenOn) })}
          width="100%"
          height="100%"
          objectFit="contain"
          opacity={isGhost ? 0.45 : 1}
        />
      )}
    </Box>
  )
}
