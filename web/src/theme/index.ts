import { createSystem, defaultBaseConfig, defineConfig } from '@chakra-ui/react'
import { colors, fonts, fontSizes, radii, sizes, spacing } from './tokens'

export { buttonRecipe, fieldRecipe } from './recipes'

/** A phone held across: two columns, as there is no height for one. */
export const ACROSS = '@media (orientation: landscape) and (max-height: 500px)'

const config = defineConfig({
  preflight: true,
  conditions: { sun: '.sun &' },
  theme: {
    tokens: { fonts, fontSizes, sizes, spacing, radii },
    semanticTokens: { colors },
    breakpoints: { sm: '30rem', md: '48rem', lg: '62rem', xl: '80rem' },
  },
  globalCss: {
    'html, body': {
      background: 'ground',
      _print: { background: 'white' },
      color: 'ink',
      fontFamily: 'body',
      fontSize: '17px',
      lineHeight: 1.4,
    },
    // what has the focus is not under the bar at the foot
    html: { scrollPaddingBottom: { base: '96px', lg: '0' } },
    // neither pulled to refresh nor swiped back while riding
    'html:has([data-riding])': { overscrollBehavior: 'none' },
    'h1, h2, h3': { fontFamily: 'heading', lineHeight: 1.08, letterSpacing: '-0.015em' },
    '*': { _motionReduce: { transition: 'none !important', animation: 'none !important' } },
    '*:focus-visible': { outline: '3px solid', outlineColor: 'live', outlineOffset: '2px' },
  },
})

export const system = createSystem(defaultBaseConfig, config)
