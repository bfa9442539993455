import { chakra } from '@chakra-ui/react'
import { AnchorButton } from '../ui'

interface ChooseVideoProps {
  label: string
  named?: string
  isFirst?: boolean
  onFile: (file: File) => void
}

/** A file of this device. */
export function ChooseVideo({ label, named, isFirst = false, onFile }: ChooseVideoProps) {
  return (
    <AnchorButton as="label" look={isFirst ? 'act' : 'key'} cursor="pointer">
      {label}
      <chakra.input
        type="file"
        accept="video/*,.mkv,.mov"
        srOnly
        {...(named && { 'aria-label': named })}
        onChange={(e) => {
          const file = e.target.files?.[0]
          // the same one may be chosen again
          e.target.value = ''
          if (file) onFile(file)
        }}
      />
    </AnchorButton>
  )
}
