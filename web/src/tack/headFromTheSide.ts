import type { Pressure } from '../api'

/**
 * A horse's head from the side, looking right, in a field of 360 by 300; the head is 0.4 of a horse's height long and its jaw half as
 * deep (artists' canon, from memory). Each place where headgear presses is a path of its own.
 */
export const HEAD =
  'M0 128C26 92 58 64 90 52C112 50 126 60 136 76C160 106 192 140 224 170C242 186 254 196 258 208C262 222 256 232 246 234' +
  'C238 236 232 234 228 230C232 238 230 250 220 252C208 254 198 247 192 238C174 222 152 212 134 205C110 197 94 182 90 160' +
  'C88 150 84 145 78 148C60 164 44 194 36 236L0 252Z'

export const EAR = 'M92 54C86 38 90 20 104 6C115 22 116 42 106 58Z'

export const FAR_EAR = 'M106 56C104 40 110 26 122 16C128 30 126 46 118 60Z'

export const MANE = 'M0 128C26 92 58 64 90 52L94 62C66 78 40 104 18 138C10 144 0 140 0 140Z'

/** Where the cheek ends: the jaw's round edge. */
export const CHEEK = 'M90 160C100 182 128 190 146 172C158 158 154 134 138 124'

export const MOUTH = 'M228 230C220 226 212 221 205 214'

export const EYE = { x: 138, y: 102 }

export const NOSTRIL = { x: 244, y: 210 }

/** The mouthpiece, seen from the side. */
export const BIT = { x: 206, y: 216 }

/** Where each place lies on the head; those inside the mouth are drawn beside it, cut open. */
export const PLACES: Record<Exclude<Pressure, 'TONGUE' | 'BARS' | 'PALATE'>, string> = {
  POLL: 'M84 54C90 50 100 50 108 52L112 68C102 64 96 65 90 68Z',
  NOSE: 'M176 122L206 152L196 166C186 154 176 144 164 136Z',
  CORNERS: 'M198 206C206 204 214 210 216 220C210 226 200 224 196 216C195 211 196 208 198 206Z',
  CURB_GROOVE: 'M186 234C192 240 200 248 210 252L204 262C194 258 184 250 178 242Z',
}

/** The mouth cut open along its middle, in a field of 150 by 110, the lips to the right. */
export const INSIDE: Record<'TONGUE' | 'BARS' | 'PALATE', string> = {
  PALATE: 'M4 26C40 16 90 16 132 30L130 38C90 26 40 26 6 36Z',
  TONGUE: 'M6 46C40 40 84 44 122 58C126 62 122 68 114 68C80 62 40 62 8 68Z',
  BARS: 'M8 76C46 70 84 74 118 82L116 92C82 84 46 82 10 88Z',
}

export const JAWS =
  'M0 14C40 2 96 4 146 28L146 40C138 44 132 42 128 36M0 100C40 96 86 100 122 106C132 106 138 98 136 88'
