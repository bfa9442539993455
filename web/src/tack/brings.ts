import type { HeadgearView } from '../api'
import type { Text } from '../text'

/** What another headgear has that the one worn now has not, as a sentence. */
export function bringsIn(t: Text, brings: NonNullable<HeadgearView['brings']>): string {
  const places = brings.places.map((p) => t(`press.${p}`)).join(', ')
  return [
    brings.action !== 'DIRECT' && t(`tack.brings.${brings.action}`),
    places !== '' && t('tack.bringsPlaces', { places }),
  ]
    .filter(Boolean)
    .join(' ')
}
