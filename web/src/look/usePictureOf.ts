import { useEffect, useMemo } from 'react'

/** An address for a picture that lies on this device, as long as it is shown; undefined while there is none. */
export function usePictureOf(content: Uint8Array<ArrayBuffer> | undefined): string | undefined {
  const url = useMemo(() => content && URL.createObjectURL(new Blob([content])), [content])
  useEffect(
    () => () => {
      if (url) URL.revokeObjectURL(url)
    },
    [url],
  )
  return url
}
