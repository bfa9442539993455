/** The words of one ask. Their order is part of the record's format. */
export const RESPONSES = ['YES', 'TRY', 'BRACE', 'NONE', 'WRONG'] as const
export const STRENGTHS = [1, 2, 3, 4] as const
export const REINS = ['LEFT', 'RIGHT', 'NONE'] as const
export const GAITS = ['HALT', 'WALK', 'TROT', 'CANTER', 'REIN_BACK'] as const
export const PLACES = ['RAIL', 'CIRCLE', 'ACROSS'] as const
export const MOUNTED = ['RIDER', 'COACH', 'OTHER'] as const

/** A side of the body, never a direction of travel. */
export const SIDES = ['LEFT', 'RIGHT', 'NONE'] as const
export const RELEASES = ['PROMPT', 'LATE', 'MISSED'] as const
export const FELT = ['NONE', 'LIGHT', 'EVEN', 'STRONG', 'LEANING'] as const
export const HOLD_UNITS = ['STRIDES', 'SECONDS', 'METRES'] as const
export const FOOTINGS = ['GOOD', 'DEEP', 'HARD', 'SLIPPERY', 'FROZEN'] as const

export type Response = (typeof RESPONSES)[number]
export type Strength = (typeof STRENGTHS)[number]
export type Rein = (typeof REINS)[number]
export type Gait = (typeof GAITS)[number]
export type Place = (typeof PLACES)[number]
export type Mounted = (typeof MOUNTED)[number]
export type Side = (typeof SIDES)[number]
export type Release = (typeof RELEASES)[number]
export type Felt = (typeof FELT)[number]
export type HoldUnit = (typeof HOLD_UNITS)[number]
export type Footing = (typeof FOOTINGS)[number]
