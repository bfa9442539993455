import { Box, chakra, Flex } from '@chakra-ui/react'
import { Camera as CameraIcon, Ghost } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import { useText } from '../text'
import { Button } from '../ui'

interface CameraProps {
  /** The last photo of this side: it lies over the picture, so that the next is taken from the same place. */
  ghost: string | undefined
  onPicture: (picture: Blob) => void
  onClose: () => void
}

/** The camera, with the earlier photo as a ghost before it. */
export function Camera({ ghost, onPicture, onClose }: CameraProps) {
  const { t } = useText()
  const video = useRef<HTMLVideoElement>(null)
  const [isGhost, setGhost] = useState(true)
  const [state, setState] = useState<'starting' | 'ready' | 'refused'>('starting')
  useEffect(() => {
    let stream: MediaStream | undefined
    let isOver = false
    const begin = async () => {
      try {
        stream = await navigator.mediaDevices.getUserMedia({
          video: { facingMode: 'environment', width: { ideal: 1600 } },
        })
        if (isOver || !video.current) stop(stream)
        else {
          video.current.srcObject = stream
          await video.current.play()
          setState('ready')
        }
      } catch {
        setState('refused')
      }
    }
    void begin()
    return () => {
      isOver = true
      if (stream) stop(stream)
    }
  }, [])
  const take = () => {
    const from = video.current
    if (!from) return
    const canvas = document.createElement('canvas')
    canvas.width = from.videoWidth
    canvas.height = from.videoHeight
    canvas.getContext('2d')?.drawImage(from, 0, 0)
    canvas.toBlob((picture) => picture && onPicture(picture), 'image/jpeg', 0.95)
  }
  return (
    <Box>
      {state === 'refused' ? (
        <p role="alert">{t('photo.noCamera')}</p>
      ) : (
        <Box position="relative" background="sunken" borderRadius="card" overflow="hidden" minHeight="16rem">
          <chakra.video
            ref={video}
            width="100%"
            display="block"
            muted
            playsInline
            aria-label={t('photo.camera')}
          />
          {ghost && isGhost && (
            <chakra.img
              src={ghost}
              alt=""
              position="absolute"
              inset="0"
              width="100%"
              height="100%"
              objectFit="contain"
              opacity="0.4"
              pointerEvents="none"
            />
          )}
        </Box>
      )}
      <Flex gap="2" marginTop="3" wrap="wrap">
        <Button look="live" minHeight="72px" flex="1" disabled={state !== 'ready'} onClick={take}>
          <CameraIcon size={22} aria-hidden /> {t('photo.take')}
        </Button>
        {ghost && (
          <Button look="key" aria-pressed={isGhost} onClick={() => setGhost(!isGhost)}>
            <Ghost size={20} aria-hidden /> {t('photo.ghost')}
          </Button>
        )}
        <Button onClick={onClose}>{t('photo.close')}</Button>
      </Flex>
    </Box>
  )
}

function stop(stream: MediaStream): void {
  stream.getTracks().forEach((track) => track.stop())
}
