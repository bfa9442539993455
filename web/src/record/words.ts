/** The words of one ask. Their order is part of the record's format. */
export const RESPONSES = ['YES', 'TRY', 'BRACE', 'NONE', 'WRONG'] as const
export const STRENGTHS = [1, 2, 3, 4] as const
export const REINS = ['LEFT', 'RIGHT', 'NONE'] as const
export const GAITS = ['HALT', 'WALK', 'TROT', 'CANTER', 'REIN_BACK'] as const
export const PLACES = ['RAIL', 'CIRCLE', 'ACROSS'] as const
export const MOUNTED = ['RIDER', 'COACH', 'OTHER'] as const

export type Response = (typeof RESPONSES)[number]
export type Strength = (typeof STRENGTHS)[number]
export type Rein = (typeof REINS)[number]
export type Gait = (typeof GAITS)[number]
export type Place = (typeof PLACES)[number]
export type Mounted = (typeof MOUNTED)[number]
