const COLOURS = [
  'ink',
  'quiet',
  'line',
  'card',
  'sunken',
  'live',
  'left',
  'leftSoft',
  'right',
  'rightSoft',
  'warn',
  'good',
] as const
export type Palette = Record<(typeof COLOURS)[number], string> & { font: string }

/** The colours as they are now, in day, dark or sun. */
export function paletteOf(element: Element): Palette {
  const style = getComputedStyle(element)
  const of = Object.fromEntries(
    COLOURS.map((c) => [
      c,
      style.getPropertyValue(`--chakra-colors-${c.replace(/[A-Z]/g, (l) => `-${l.toLowerCase()}`)}`).trim() ||
        '#888',
    ]),
  )
  return { ...(of as Record<(typeof COLOURS)[number], string>), font: style.fontFamily }
}
