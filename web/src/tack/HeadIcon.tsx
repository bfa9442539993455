import { chakra } from '@chakra-ui/react'
import { EAR, HEAD } from './headFromTheSide'

/** The head alone, small. */
export function HeadIcon() {
  return (
    <chakra.svg viewBox="0 0 270 270" width="30px" height="30px" aria-hidden>
      <chakra.path d={HEAD} fill="ink" />
      <chakra.path d={EAR} fill="ink" />
    </chakra.svg>
  )
}
