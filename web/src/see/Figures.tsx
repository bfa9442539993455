import { chakra } from '@chakra-ui/react'

const Drawing = chakra('svg', { base: { width: '100%', height: '100%', display: 'block' } })
const Limb = chakra('path', {
  base: { fill: 'none', stroke: 'line', strokeLinecap: 'round', strokeLinejoin: 'round' },
})
const Body = chakra('path', { base: { fill: 'line' } })
const Tack = chakra('path', { base: { fill: 'none', stroke: 'quiet', strokeLinecap: 'round' } })

/** A rider from the side, in the saddle; what is touched lies over it. */
export function RiderFigure() {
  return (
    <Drawing viewBox="0 0 360 300" aria-hidden>
      <Tack d="M110 214 C150 190 214 192 246 210" strokeWidth={10} />
      <Limb d="M176 62 C170 96 164 140 160 178" strokeWidth={46} />
      <Limb d="M180 84 C182 106 186 122 194 138 L250 142" strokeWidth={19} />
      <Limb d="M164 186 C194 196 214 206 232 218" strokeWidth={34} />
      <Limb d="M232 218 C222 240 212 256 206 274" strokeWidth={23} />
      <Limb d="M200 280 L236 284" strokeWidth={15} />
      <Body d="M162 30 A24 24 0 1 1 208 30 L208 40 A22 24 0 0 1 164 44 Z" />
      <Tack d="M158 30 L214 30" strokeWidth={6} />
      <Tack d="M252 142 L330 168" strokeWidth={4} />
    </Drawing>
  )
}

/** A horse from the side, looking to the right. */
export function HorseFigure() {
  return (
    <Drawing viewBox="0 0 360 300" aria-hidden>
      <Limb d="M70 128 C50 150 46 176 54 206" strokeWidth={12} />
      <Limb d="M92 158 L84 212 L94 262" strokeWidth={20} />
      <Limb d="M118 166 L122 214 L116 262" strokeWidth={17} />
      <Limb d="M228 166 L232 214 L228 262" strokeWidth={17} />
      <Limb d="M250 158 L258 212 L252 262" strokeWidth={20} />
      <Body d="M66 134 C66 92 110 84 160 92 C200 98 232 80 262 92 C288 104 284 158 256 176 C220 196 130 198 96 184 C74 174 66 160 66 134 Z" />
      <Limb d="M252 118 C274 100 288 76 296 52" strokeWidth={46} />
      <Limb d="M298 48 C314 64 324 84 330 100" strokeWidth={27} />
      <Limb d="M292 30 L288 14" strokeWidth={9} />
    </Drawing>
  )
}
