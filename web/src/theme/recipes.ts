import { defineRecipe } from '@chakra-ui/react'

/** Our buttons: `act` for the one thing a screen is for, `plain` beside it, `key` on the pad and the bars. */
export const buttonRecipe = defineRecipe({
  className: 'button',
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    gap: '2',
    minHeight: 'touch',
    minWidth: 'touch',
    paddingX: '4',
    borderRadius: 'key',
    borderWidth: '2px',
    fontFamily: 'body',
    fontSize: 'md',
    fontWeight: '650',
    lineHeight: '1.1',
    cursor: 'pointer',
    textDecoration: 'none',
    userSelect: 'none',
    touchAction: 'manipulation',
    _focusVisible: { outline: '3px solid', outlineColor: 'live', outlineOffset: '2px' },
    _disabled: { cursor: 'not-allowed', opacity: 0.55 },
  },
  variants: {
    look: {
      act: { background: 'ink', borderColor: 'ink', color: 'ground', _hover: { background: 'quiet' } },
      live: { background: 'live', borderColor: 'live', color: 'onLive' },
      plain: { background: 'transparent', borderColor: 'line', color: 'ink', _hover: { borderColor: 'ink' } },
      bare: {
        background: 'transparent',
        borderColor: 'transparent',
        color: 'ink',
        _hover: { background: 'sunken' },
      },
      key: {
        background: 'card',
        borderColor: 'line',
        color: 'ink',
        _pressed: { background: 'ink', borderColor: 'ink', color: 'ground' },
      },
    },
  },
  defaultVariants: { look: 'plain' },
})

export const fieldRecipe = defineRecipe({
  className: 'field',
  base: {
    width: 'full',
    minHeight: 'touch',
    paddingX: '3',
    borderRadius: 'key',
    borderWidth: '2px',
    borderColor: 'line',
    background: 'card',
    color: 'ink',
    fontFamily: 'body',
    fontSize: 'md',
    _focusVisible: { outline: '3px solid', outlineColor: 'live', outlineOffset: '1px', borderColor: 'ink' },
    _invalid: { borderColor: 'warn' },
  },
})
