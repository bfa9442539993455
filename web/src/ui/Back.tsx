import { chakra } from '@chakra-ui/react'
import { Link } from 'react-router'

/** Where a page was opened from. */
export const Back = chakra(Link, {
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    minHeight: 'touch',
    textDecoration: 'underline',
    textUnderlineOffset: '3px',
  },
})
