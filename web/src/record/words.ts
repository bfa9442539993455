/** The words of one ask. Their order is part of the record's format. */
export const RESPONSES = ['YES', 'TRY', 'BRACE', 'NONE', 'WRONG'] as const
export const STRENGTHS = [1, 2, 3, 4] as const
export const REINS = ['LEFT', 'RIGHT', 'NONE'] as const
export const GAITS = ['HALT', 'WALK', 'TROT', 'CANTER', 'REIN_BACK'] as const
export const PLACES = ['RAIL', 'CIRCLE', 'ACROSS'] as const
export const MOUNTED = ['RIDER', 'COACH', 'OTHER'] as const

export const BENDS = ['STRAIGHT', 'BEND', 'COUNTER_BEND'] as const

/** The words of an aid. */
export const MEANS = ['SEAT', 'LEG', 'REIN', 'WEIGHT', 'VOICE', 'WHIP', 'GAZE'] as const
export const MANNERS = ['TAP', 'HOLD', 'PUSH', 'LIFT', 'OPEN', 'GIVE', 'TAKE', 'ALTERNATE'] as const
/** An aid tied to a foot is given as it leaves the ground. */
export const FEET = ['LEFT_HIND', 'RIGHT_HIND', 'LEFT_FORE', 'RIGHT_FORE'] as const
export const ORDERS = ['TOGETHER', 'IN_TURN'] as const

/** What the horse chose in reward-based and loose work. */
export const CHOICES = ['COMES', 'WAITS', 'LEAVES', 'RETURNS', 'FRIGHT'] as const

/** The words of a line of poles or fences. */
export const TAKE_OFFS = ['DEEP', 'RIGHT', 'LONG'] as const
export const RAILS = ['CLEAR', 'TOUCHED', 'DOWN'] as const
export const LEAD_CHANGES = ['CLEAN', 'LATE', 'SIMPLE', 'NONE'] as const
export const SPEEDS = ['KEPT', 'GREW'] as const

/** What ends the work at once. The order is the server's. */
export const STOP_SIGNS = [
  'SORE_SPOT',
  'UNLEVEL',
  'REFUSES_ONE_SIDE',
  'SWEAT_WITHOUT_WORK',
  'FRIGHT',
  'RIDER_HURTS',
  'PAIN_SIGNS',
  'FLINCHES',
  'SWELLING',
  'BLOOD',
  'BUCKS',
  'REARS',
  'BOLTS',
  'KICKS_AT_LEG',
  'FALL',
  'HEAD_KNOCK',
] as const

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
export type StopSign = (typeof STOP_SIGNS)[number]
export type Side = (typeof SIDES)[number]
export type Release = (typeof RELEASES)[number]
export type Felt = (typeof FELT)[number]
export type HoldUnit = (typeof HOLD_UNITS)[number]
export type Footing = (typeof FOOTINGS)[number]
export type Bend = (typeof BENDS)[number]
export type Means = (typeof MEANS)[number]
export type Manner = (typeof MANNERS)[number]
export type Foot = (typeof FEET)[number]
export type Order = (typeof ORDERS)[number]
export type Choice = (typeof CHOICES)[number]
export type TakeOff = (typeof TAKE_OFFS)[number]
export type Rail = (typeof RAILS)[number]
export type LeadChange = (typeof LEAD_CHANGES)[number]
export type Speed = (typeof SPEEDS)[number]
