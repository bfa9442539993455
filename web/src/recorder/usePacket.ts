import { useQuery } from '@tanstack/react-query'
import { useMe } from '../session'
import { packetOf, shelfOf } from '../store'

/** What a lesson needs, fetched or as it was kept on this device. */
export function usePacket(lesson: string) {
  const { person } = useMe()
  return useQuery({
    queryKey: ['packet', person, lesson],
    queryFn: () => packetOf(shelfOf(person), lesson),
    networkMode: 'always',
    retry: false,
  })
}
