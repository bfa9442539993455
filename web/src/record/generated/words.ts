// Written from format/ by ./strophos kinds.

/** What the horse gave. The order is the pad's, from best to worst, and part of the record's format. */
export const RESPONSES = ['YES', 'TRY', 'BRACE', 'NONE', 'WRONG'] as const
export type Response = (typeof RESPONSES)[number]

/** The level at which the horse answered; when it did not, the highest level used. */
export const STRENGTHS = [1, 2, 3, 4] as const
export type Strength = (typeof STRENGTHS)[number]

/** Direction of travel: on the left rein the horse has its left side to the inside. */
export const REINS = ['LEFT', 'RIGHT', 'NONE'] as const
export type Rein = (typeof REINS)[number]

/** The two reins a rung is judged on, in the order they are shown. */
export const REIN_BOTH: readonly Rein[] = ['LEFT', 'RIGHT']

/**
 * The gait of a segment; those listed in the order in which gaits open on a rung. An open vocabulary: a word
 * that is not listed is read as it is written.
 */
export const GAITS = ['HALT', 'WALK', 'TROT', 'CANTER', 'REIN_BACK', 'OWN_GAIT'] as const
export type Gait = (typeof GAITS)[number] | (string & {})

/**
 * Where a segment is ridden; those listed in the order in which places open on a rung. An open vocabulary: a
 * word that is not listed is read as it is written.
 */
export const PLACES = ['RAIL', 'CIRCLE', 'ACROSS', 'SPOT', 'POLES', 'FENCES', 'TRAIL', 'HILL', 'STALL', 'TRAILER'] as const
export type Place = (typeof PLACES)[number] | (string & {})

/** Who rides. Only the pair's own rider's exchanges count for the pair; the others are shown beside. */
export const MOUNTED = ['RIDER', 'COACH', 'OTHER'] as const
export type Mounted = (typeof MOUNTED)[number]

/** How the horse is flexed on its figure: not at all, to its inside, to its outside. */
export const BENDS = ['STRAIGHT', 'BEND', 'COUNTER_BEND'] as const
export type Bend = (typeof BENDS)[number]

/** What an aid is given with. */
export const MEANS = ['SEAT', 'LEG', 'REIN', 'WEIGHT', 'VOICE', 'WHIP', 'GAZE'] as const
export type Means = (typeof MEANS)[number]

/** How an aid is given. */
export const MANNERS = ['TAP', 'HOLD', 'PUSH', 'LIFT', 'OPEN', 'GIVE', 'TAKE', 'ALTERNATE'] as const
export type Manner = (typeof MANNERS)[number]

/** A foot of the horse's; an aid tied to it is given as it leaves the ground. */
export const FEET = ['LEFT_HIND', 'RIGHT_HIND', 'LEFT_FORE', 'RIGHT_FORE'] as const
export type Foot = (typeof FEET)[number]

/** Whether the aids of one ask came at once or one after the other. */
export const AID_ORDERS = ['TOGETHER', 'IN_TURN'] as const
export type AidOrder = (typeof AID_ORDERS)[number]

/** Where a finding was seen. */
export const STATIONS = ['STANDING', 'IN_HAND', 'MOUNTED'] as const
export type Station = (typeof STATIONS)[number]

/** A side of the body, of horse or rider; never a direction of travel, which is the rein. */
export const SIDES = ['LEFT', 'RIGHT', 'NONE'] as const
export type Side = (typeof SIDES)[number]

/** How something got better. */
export const BETTERS = ['MOVED_ON', 'SINCE', 'WITHIN', 'OVER'] as const
export type Better = (typeof BETTERS)[number]

/** Whether the rider let go after the answer, as touched in. */
export const RELEASES = ['PROMPT', 'LATE', 'MISSED'] as const
export type Release = (typeof RELEASES)[number]

/** The contact of one rein as it feels in the hand. */
export const FELT = ['NONE', 'LIGHT', 'EVEN', 'STRONG', 'LEANING'] as const
export type Felt = (typeof FELT)[number]

/** What a stretch that is kept is measured in. */
export const HOLD_UNITS = ['STRIDES', 'SECONDS', 'METRES'] as const
export type HoldUnit = (typeof HOLD_UNITS)[number]

/** What the horse chose in reward-based and loose work. Leaving is no error. */
export const CHOICES = ['COMES', 'WAITS', 'LEAVES', 'RETURNS', 'FRIGHT'] as const
export type Choice = (typeof CHOICES)[number]

/** What the horse's feet did over poles, from best to worst. */
export const POLES_ANSWERS = ['CLEAN', 'TOUCHED', 'RUSHED', 'TRIPPED'] as const
export type PolesAnswer = (typeof POLES_ANSWERS)[number]

/** Whether the rider's position holds, from best to worst. */
export const POSITION_ANSWERS = ['HOLDS', 'COMES_AND_GOES', 'LOST'] as const
export type PositionAnswer = (typeof POSITION_ANSWERS)[number]

/** Where a fence was left from: too near, where it should be, too far off. */
export const TAKE_OFFS = ['DEEP', 'RIGHT', 'LONG'] as const
export type TakeOff = (typeof TAKE_OFFS)[number]

/** What became of the rail. */
export const RAILS = ['CLEAR', 'TOUCHED', 'DOWN'] as const
export type Rail = (typeof RAILS)[number]

/** How the lead was changed after a fence: in one stride, late behind, through trot or walk, not at all. */
export const LEAD_CHANGES = ['CLEAN', 'LATE', 'SIMPLE', 'NONE'] as const
export type LeadChange = (typeof LEAD_CHANGES)[number]

/** What became of the speed on a line. */
export const SPEEDS = ['KEPT', 'GREW'] as const
export type Speed = (typeof SPEEDS)[number]

/** The ground of the day. */
export const FOOTINGS = ['GOOD', 'DEEP', 'HARD', 'SLIPPERY', 'FROZEN'] as const
export type Footing = (typeof FOOTINGS)[number]

/** What can be put on watch: a fault of the rider's or a sign of the horse's. */
export const WATCHABLE = ['fault', 'sign'] as const
export type Watchable = (typeof WATCHABLE)[number]

/** What was seen of the horse's soundness today. */
export const SOUNDNESS = ['SOUND', 'UNLEVEL', 'REFUSES_ONE_SIDE', 'PAIN_SIGNS'] as const
export type Soundness = (typeof SOUNDNESS)[number]

/** Nothing is ridden, and no rung is judged, before somebody licensed has looked. */
export const SOUNDNESS_PAIN: readonly Soundness[] = ['UNLEVEL', 'REFUSES_ONE_SIDE', 'PAIN_SIGNS']

/** What the rider says after riding this horse, again and again. */
export const COMPLAINTS = ['NONE', 'ARMS_TIRED', 'BACK_SORE', 'LEGS_TIRED', 'UNEASY'] as const
export type Complaint = (typeof COMPLAINTS)[number]

/** Where along the neck it bends to one side. */
export const BEND_PLACES = ['EVEN', 'POLL_ONLY', 'BASE_ONLY', 'TWISTED'] as const
export type BendPlace = (typeof BEND_PLACES)[number]

/** What a stop sign does. */
export const SIGN_KINDS = ['PAIN', 'BEHAVIOUR', 'FALL', 'RIDER', 'FRIGHT'] as const
export type SignKind = (typeof SIGN_KINDS)[number]

/** Ends the lesson or the practice in which it is seen. */
export const SIGN_KIND_ENDS_WORK: readonly SignKind[] = ['PAIN', 'BEHAVIOUR', 'FALL', 'RIDER']

/** What ends the work at once, whoever sees it: in a first look, while riding, or in a report. */
export const STOP_SIGNS = ['SORE_SPOT', 'UNLEVEL', 'REFUSES_ONE_SIDE', 'SWEAT_WITHOUT_WORK', 'FRIGHT', 'RIDER_HURTS', 'PAIN_SIGNS', 'FLINCHES', 'SWELLING', 'BLOOD', 'BUCKS', 'REARS', 'BOLTS', 'KICKS_AT_LEG', 'FALL', 'HEAD_KNOCK'] as const
export type StopSign = (typeof STOP_SIGNS)[number]

/** Pauses the homework it is reported with until the coach has answered. */
export const STOP_SIGN_STOPS_HOMEWORK: readonly StopSign[] = ['FRIGHT', 'RIDER_HURTS', 'HEAD_KNOCK']

/** The kind of each. */
export const STOP_SIGN_KIND: Record<StopSign, SignKind> = {
  SORE_SPOT: 'PAIN',
  UNLEVEL: 'PAIN',
  REFUSES_ONE_SIDE: 'PAIN',
  SWEAT_WITHOUT_WORK: 'PAIN',
  FRIGHT: 'FRIGHT',
  RIDER_HURTS: 'RIDER',
  PAIN_SIGNS: 'PAIN',
  FLINCHES: 'PAIN',
  SWELLING: 'PAIN',
  BLOOD: 'PAIN',
  BUCKS: 'BEHAVIOUR',
  REARS: 'BEHAVIOUR',
  BOLTS: 'BEHAVIOUR',
  KICKS_AT_LEG: 'BEHAVIOUR',
  FALL: 'FALL',
  HEAD_KNOCK: 'FALL',
}

/** A way of teaching with its own aid ladder, correction policy and limits. */
export const SCHOOLS = ['CLASSICAL', 'PRESSURE_AND_RELEASE', 'REWARD_BASED', 'FORWARD_SEAT', 'GAITED'] as const
export type School = (typeof SCHOOLS)[number]

/** What is done about an error. */
export const CORRECTION_POLICIES = ['AT_ONCE', 'WHEN_CLEAR', 'PREVENT', 'IGNORE'] as const
export type CorrectionPolicy = (typeof CORRECTION_POLICIES)[number]

/** What is measured on a frame of a clip, by the points that are set on it. */
export const FRAME_SHAPES = ['LINE', 'ANGLE', 'EARS', 'SEAT', 'HIPS'] as const
export type FrameShape = (typeof FRAME_SHAPES)[number]

/** What a video is to show, so that something can be told from it. */
export const SHOTS = ['SIDE', 'FRONT', 'BEHIND', 'FEET', 'HANDS', 'RIDER', 'EACH_REIN', 'SLOPE', 'WHOLE'] as const
export type Shot = (typeof SHOTS)[number]

/** What a second time base is the clock of. */
export const TIME_SOURCES = ['CLIP', 'SENSOR'] as const
export type TimeSource = (typeof TIME_SOURCES)[number]

/** How good a check was, from bad to as it should be. */
export const SCORES = [0, 1, 2, 3, 4] as const
export type Score = (typeof SCORES)[number]

/**
 * The smallest circle that stays even, in metres across, of those a first look tries; 0: even on none of
 * them.
 */
export const CIRCLES = [20, 15, 12, 10, 8, 0] as const
export type Circle = (typeof CIRCLES)[number]

/** Effort, from rest to as much as can be. */
export const EFFORTS = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10] as const
export type Effort = (typeof EFFORTS)[number]

/** About so many minutes of riding, of those a first look asks for; 0: none, 60: that or more. */
export const RIDING_MINUTES = [0, 20, 40, 60] as const
export type RidingMinutes = (typeof RIDING_MINUTES)[number]
