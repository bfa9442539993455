import { chakra } from '@chakra-ui/react'

/** What is opened on demand: the why of an advice. */
export const WhyBox = chakra('details', {
  base: {
    borderLeftWidth: '4px',
    borderColor: 'line',
    paddingLeft: '3',
    _open: { borderColor: 'live' },
    '& > summary': {
      minHeight: 'touch',
      display: 'flex',
      alignItems: 'center',
      cursor: 'pointer',
      fontWeight: '650',
      textDecoration: 'underline',
      textUnderlineOffset: '3px',
    },
  },
})
