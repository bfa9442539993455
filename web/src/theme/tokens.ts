/**
 * Every colour of the product, in three modes. Left is cobalt, right is rust, everywhere; each comes with a letter and a
 * pattern. The estuary: tide grey behind, ink for what is decided, marigold for what is live.
 */
const modes = (light: string, dark: string, sun: string) => ({
  value: { base: light, _dark: dark, _sun: sun },
})

export const colors = {
  ground: modes('#e8ece7', '#0e1a1e', '#ffffff'),
  card: modes('#fbfcfa', '#16272d', '#ffffff'),
  sunken: modes('#dde4de', '#0a1418', '#ffffff'),
  ink: modes('#12262c', '#e9f0ec', '#000000'),
  quiet: modes('#465b60', '#a5b8b8', '#000000'),
  line: modes('#b9c6c0', '#34505a', '#000000'),
  rail: modes('#12262c', '#091215', '#000000'),
  onRail: modes('#e8ece7', '#e8ece7', '#ffffff'),
  quietOnRail: modes('#a9bcbc', '#a9bcbc', '#ffffff'),
  strandBlue: modes('#8fb8ff', '#8fb8ff', '#8fb8ff'),
  strandRust: modes('#ffb07a', '#ffb07a', '#ffb07a'),
  live: modes('#f2b632', '#f2b632', '#ffd84a'),
  onLive: modes('#1b1503', '#1b1503', '#000000'),
  // over a picture, whatever is on it: a light line with a dark edge, in every mode
  mark: modes('#ffd84a', '#ffd84a', '#ffd84a'),
  markHelp: modes('#ffffff', '#ffffff', '#ffffff'),
  markEdge: modes('#10181c', '#10181c', '#000000'),
  left: modes('#1b4fa8', '#8fb8ff', '#00309c'),
  onLeft: modes('#ffffff', '#0b1b36', '#ffffff'),
  leftSoft: modes('#d4e0f5', '#1b3158', '#ffffff'),
  right: modes('#a1420a', '#ffb07a', '#8a2e00'),
  onRight: modes('#ffffff', '#301505', '#ffffff'),
  rightSoft: modes('#f5ddcd', '#4a2916', '#ffffff'),
  good: modes('#1d6547', '#7fd1a8', '#004d2b'),
  onGood: modes('#ffffff', '#06251a', '#ffffff'),
  goodSoft: modes('#d3e8dc', '#173b2f', '#ffffff'),
  warn: modes('#96192f', '#ff9aa8', '#8b0018'),
  warnSoft: modes('#f6dade', '#451c25', '#ffffff'),
}

export const fonts = {
  body: { value: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif" },
  heading: { value: "'Bricolage Grotesque Variable', system-ui, sans-serif" },
}

/** Steps of a quarter rem. */
export const spacing = Object.fromEntries(
  [0, 0.5, 1, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 16, 20, 28].map((n) => [n, { value: `${n * 0.25}rem` }]),
)

export const fontSizes = {
  sm: { value: '0.88rem' },
  md: { value: '1rem' },
  lg: { value: '1.14rem' },
  xl: { value: '1.32rem' },
  '2xl': { value: '1.55rem' },
  '3xl': { value: '1.9rem' },
  '4xl': { value: '2.4rem' },
  '5xl': { value: '3rem' },
  '6xl': { value: '4rem' },
}

/** Touch targets: at least `touch`; on the pad at least `pad`. */
export const sizes = {
  full: { value: '100%' },
  touch: { value: '48px' },
  pad: { value: '64px' },
  rail: { value: '208px' },
  page: { value: '1160px' },
}

export const radii = {
  card: { value: '14px' },
  key: { value: '10px' },
}
