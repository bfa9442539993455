import { chakra } from '@chakra-ui/react'
import { FileDown } from 'lucide-react'
import { useState } from 'react'
import { useText } from '../text'
import type { FileChoice } from './what'
import { whatIs } from './what'

interface ChooseFileProps {
  chosen: FileChoice | undefined
  onChoose: (chosen: FileChoice) => void
}

/** A place to let a file fall, or to choose one; what cannot be read says so here. */
export function ChooseFile({ chosen, onChoose }: ChooseFileProps) {
  const { t } = useText()
  const [isOver, setIsOver] = useState(false)
  const name = chosen && chosen.is !== 'unreadable' ? chosen.name : undefined
  const take = (files: FileList | null) => {
    const file = files?.[0]
    if (file) void whatIs(file).then(onChoose)
  }
  return (
    <>
      <Place
        data-over={isOver || undefined}
        onDragOver={(e) => {
          e.preventDefault()
          setIsOver(true)
        }}
        onDragLeave={() => setIsOver(false)}
        onDrop={(e) => {
          e.preventDefault()
          setIsOver(false)
          take(e.dataTransfer.files)
        }}
      >
        <FileDown size={26} aria-hidden />
        <span>
          <b>{name ?? t('files.choose')}</b> {t(name === undefined ? 'files.drop' : 'files.dropAnother')}
        </span>
        <Hidden
          type="file"
          accept=".csv,.tsv,.txt,.json,text/csv,application/json"
          onChange={(e) => {
            take(e.target.files)
            // the same file, mended, can be chosen again
            e.target.value = ''
          }}
        />
      </Place>
      {chosen?.is === 'unreadable' && (
        <chakra.p role="alert" marginTop="2" color="warn" fontWeight="650">
          {t(`files.${chosen.why}`)}
        </chakra.p>
      )}
    </>
  )
}

const Place = chakra('label', {
  base: {
    position: 'relative',
    display: 'flex',
    alignItems: 'center',
    justifyContent: 'center',
    gap: '3',
    minHeight: '112px',
    padding: '4',
    marginTop: '4',
    borderWidth: '2px',
    borderStyle: 'dashed',
    borderColor: 'line',
    borderRadius: 'card',
    background: 'sunken',
    cursor: 'pointer',
    _hover: { borderColor: 'ink' },
    _focusWithin: { borderColor: 'ink', outline: '3px solid', outlineColor: 'live', outlineOffset: '2px' },
    '&[data-over]': { borderColor: 'live', background: 'card' },
  },
})

/** Reachable by keys and readers, drawn by the label round it. */
const Hidden = chakra('input', {
  base: { position: 'absolute', inset: '0', opacity: '0', cursor: 'pointer' },
})
