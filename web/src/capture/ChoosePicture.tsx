import { chakra } from '@chakra-ui/react'
import { ImagePlus } from 'lucide-react'
import { useText } from '../text'
import { Button } from '../ui'

interface ChoosePictureProps {
  /** One is being kept. */
  isBusy?: boolean
  onChoose: (picture: Blob) => void
}

/** A picture from the device's own album, where there is no camera or it is refused. */
export function ChoosePicture({ isBusy = false, onChoose }: ChoosePictureProps) {
  const { t } = useText()
  return (
    <Button asChild aria-disabled={isBusy}>
      <label>
        <ImagePlus size={20} aria-hidden /> {t('photo.choose')}
        <chakra.input
          type="file"
          accept="image/*"
          srOnly
          disabled={isBusy}
          onChange={(e) => {
            const [file] = e.target.files ?? []
            if (file) onChoose(file)
            e.target.value = ''
          }}
        />
      </label>
    </Button>
  )
}
