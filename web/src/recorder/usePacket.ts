import { useQuery } from '@tanstack/react-query'
import { useMe } from '../session'
import { packetOf, shelfOf } from '../store'

/** Under which a lesson's packet is known to this page. */
export const packetKey = (person: string, lesson: string) => ['packet', person, lesson] as const

/** What a lesson needs, fetched or as it was kept on this device. */
export function usePacket(lesson: string) {
  const { person } = useMe()
  return useQuery({
    queryKey: packetKey(person, lesson),
    queryFn: () => packetOf(shelfOf(person), lesson),
    networkMode: 'always',
    retry: false,
  })
}
