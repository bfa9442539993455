import { chakra } from '@chakra-ui/react'

/** A key of a pad without strengths: a word, and how often it was touched. A frame in colour and shape says what it is worth. */
export const PadKey = chakra('button', {
  base: {
    display: 'flex',
    alignItems: 'center',
    justifyContent: 'space-between',
    textAlign: 'start',
    minHeight: 'pad',
    paddingX: '4',
    borderRadius: 'key',
    borderWidth: '2px',
    borderColor: 'line',
    background: 'card',
    fontSize: 'lg',
    fontWeight: '720',
    cursor: 'pointer',
    touchAction: 'manipulation',
    userSelect: 'none',
    transition: 'background 0.35s',
    '&[data-worth=good]': { borderColor: 'good', borderWidth: '3px' },
    '&[data-worth=warn]': { borderColor: 'warn', borderStyle: 'dashed' },
    _active: { background: 'live', transition: 'none' },
  },
})

export const PadCount = chakra('span', {
  base: { fontFamily: 'heading', fontSize: '3xl', fontWeight: '750', fontVariantNumeric: 'tabular-nums' },
})
