import { chakra } from '@chakra-ui/react'
import { useState } from 'react'
import type { FramePoint } from '../record'
import { useText } from '../text'
import { Quiet } from '../ui'
import { Stroke } from './FrameOver'

interface StillPictureProps {
  src: string
  label: string
  /** How large its frame was, in the pixels that what is drawn over it counts in. */
  size?: { width: number; height: number }
  strokes?: readonly (readonly FramePoint[])[]
}

/** A frame that was kept, with what was drawn over it. */
export function StillPicture({ src, label, size, strokes = [] }: StillPictureProps) {
  const { t } = useText()
  const [isGone, setGone] = useState(false)
  if (isGone) return <Quiet>{t('drawing.stillGone')}</Quiet>
  return (
    <chakra.figure position="relative" maxWidth="page" marginY="2" data-still>
      <chakra.img
        src={src}
        alt={label}
        loading="lazy"
        display="block"
        width="full"
        borderRadius="key"
        css={{ maxWidth: '480px' }}
        onError={() => setGone(true)}
      />
      {size && (
        <chakra.svg
          position="absolute"
          left="0"
          top="0"
          width="full"
          height="full"
          viewBox={`0 0 ${size.width} ${size.height}`}
          css={{ maxWidth: '480px' }}
          aria-hidden
        >
          {strokes.map((points, i) => (
            <Stroke key={i} points={points} zoom={1} />
          ))}
        </chakra.svg>
      )}
    </chakra.figure>
  )
}
