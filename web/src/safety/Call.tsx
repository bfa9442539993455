import { chakra } from '@chakra-ui/react'
import { Phone } from 'lucide-react'
import { useText } from '../text'
import type { Contact } from '../api'
import { AnchorButton, Quiet } from '../ui'
import { toCall } from './now'
import type { SignKind } from './signs'

interface CallProps {
  contacts: Contact[]
  kind: SignKind
  horse: string | undefined
}

/** Whom to call, each number one touch. */
export function Call({ contacts, kind, horse }: CallProps) {
  const { t } = useText()
  const all = toCall(contacts, kind, horse)
  return (
    <chakra.div role="group" aria-label={t('safety.call')} display="grid" gap="2">
      {all.map((c) => (
        <AnchorButton
          key={c.kind + c.phone}
          href={`tel:${c.phone.replace(/[^+0-9]/g, '')}`}
          justifyContent="flex-start"
          minHeight="56px"
          look="act"
        >
          <chakra.span flexShrink={0}>
            <Phone size={20} aria-hidden />
          </chakra.span>
          <chakra.span flex="1" minWidth="0" textAlign="start">
            {t(`contact.${c.kind}`)}
            <chakra.span display="block" fontSize="sm" fontWeight="400" truncate>
              {c.name}
            </chakra.span>
          </chakra.span>
          <chakra.span whiteSpace="nowrap" fontVariantNumeric="tabular-nums">
            {c.phone}
          </chakra.span>
        </AnchorButton>
      ))}
      {all.length === 0 && <Quiet>{t('safety.noNumber')}</Quiet>}
    </chakra.div>
  )
}
