// Written from format/ by ./strophos kinds.
import { flag, list, object, oneOf, open, part, text, whole } from '../shape'
import type { Shape } from '../shape'
import { AID_ORDERS, BENDS, BEND_PLACES, BETTERS, CHOICES, CIRCLES, COMPLAINTS, CORRECTION_POLICIES, EFFORTS, FEET, FELT, FOOTINGS, FRAME_SHAPES, HOLD_UNITS, LEAD_CHANGES, MANNERS, MEANS, MOUNTED, POLES_ANSWERS, POSITION_ANSWERS, RAILS, REINS, RELEASES, RESPONSES, RIDING_MINUTES, SCHOOLS, SCORES, SHOTS, SIDES, SOUNDNESS, SPEEDS, STATIONS, STOP_SIGNS, STRENGTHS, TAKE_OFFS, TIME_SOURCES, WATCHABLE } from './words'
import type { AidOrder, Bend, BendPlace, Better, Choice, Circle, Complaint, CorrectionPolicy, Effort, Felt, Foot, Footing, FrameShape, Gait, HoldUnit, LeadChange, Manner, Means, Mounted, Place, PolesAnswer, PositionAnswer, Rail, Rein, Release, Response, RidingMinutes, School, Score, Shot, Side, Soundness, Speed, Station, StopSign, Strength, TakeOff, TimeSource, Watchable } from './words'

/** One aid of an ask. */
export interface Aid {
  /** What an aid is given with. */
  means: Means
  /** Of the rider's body; NONE: both sides, or of no side. */
  side: Side
  /** How an aid is given. */
  manner?: Manner
  /** The foot it is tied to. */
  foot?: Foot
}

/** When it was, on a second time base. The entry's own time still says when it was written. */
export interface Moment {
  /** The `time_base` entry. */
  base: string
  /** Milliseconds since the base began. */
  ms: number
}

/** A video that stays where it is: what it is found again by. */
export interface ClipFile {
  /** As the file was called. */
  fileName: string
  /** How large it is. */
  bytes: number
  /** How long it plays. */
  durationMs: number
  /**
   * Of its first and its last 65 536 bytes, one after the other; of all of it where it is no larger than
   * both.
   */
  digest: string
}

/** A point of a frame of a clip, in its own pixels from the left and from the top. */
export interface FramePoint {
  /** From the left edge. */
  x: number
  /** From the top edge. */
  y: number
}

/**
 * Two points of a frame that are level in life, as along a rail or the foot of a wall: by them the camera's
 * tilt is taken off.
 */
export interface FrameLevel {
  /** A point of a frame of a clip, in its own pixels from the left and from the top. */
  from: FramePoint
  /** A point of a frame of a clip, in its own pixels from the left and from the top. */
  to: FramePoint
}

/** A length that is known, between two points of a frame. */
export interface KnownLength {
  /** A point of a frame of a clip, in its own pixels from the left and from the top. */
  from: FramePoint
  /** A point of a frame of a clip, in its own pixels from the left and from the top. */
  to: FramePoint
  /** In millimetres, as it is in life. */
  lengthMm: number
}

/** One stroke of a drawing. */
export interface Stroke {
  /** Up to a hundred points, joined in their order. */
  points: FramePoint[]
}

/** What was drawn over a frame. */
export interface Drawing {
  /** How wide the frame is, in pixels. */
  width: number
  /** How high it is. */
  height: number
  /** Up to twenty strokes, in the order they were drawn in. */
  strokes: Stroke[]
}

/** A foot landed. */
export interface Landing {
  /** The foot that landed. */
  foot: Foot
  /** Milliseconds since the clip began. */
  ms: number
}

/** One thing a video is to show. */
export interface FilmShot {
  /** What a video is to show, so that something can be told from it. */
  shot: Shot
}

/** A rung that is shown. */
export interface RungShown {
  /** How something got better. */
  better: Better
  /** Its id in the library: exercise, gait and place. */
  rung: string
}

/** A spoken note that is shown. */
export interface VoiceShown {
  /** The SHA-256 of what lies beside the record, in hexadecimal. */
  sha256: string
}

/** What was spoken with an entry; its sound is kept beside the record, under its digest. */
export interface VoiceBeside {
  /** The SHA-256 of what lies beside the record, in hexadecimal. */
  sha256: string
  /** How long it is. */
  durationMs: number
}

/** Where a finding was seen. */
export interface StationTicks {
  /** Standing. */
  standing?: boolean
  /** Walking in hand. */
  inHand?: boolean
  /** From the saddle. */
  mounted?: boolean
}

/** What was seen in the first minutes. A check that was not made is left out, never 0. */
export interface FirstLook {
  /** What was seen of the horse's soundness today. */
  soundness?: Soundness
  /** 0 jumps away … 4 calm. */
  calm?: Score
  /** 0 elsewhere … 2 comes and goes … 4 with the rider. */
  attention?: Score
  /** 0 tight or crooked … 4 level, soft, breathing. */
  rider?: Score
  /** The rider’s seat: 0 hangs to one side … 4 level. */
  seat?: Score
  /** 0 tight … 4 loose. */
  tension?: Score
  /** 0 held … 4 even and low. */
  breath?: Score
  /** What the rider says after riding this horse, again and again. */
  complaint?: Complaint
  /** Answer to the stop, from walk first: 0 none … 4 at a whisper. */
  halt?: Score
  /** Answer to the stop above the walk: 0 runs through the hand … 4 at a whisper. */
  haltFaster?: Score
  /** Answer to the leg: 0 none … 4 at a whisper. */
  leg?: Score
  /** It stands against the leg rather than being slow to it. */
  balks?: boolean
  /** 0 hurried or uneven … 4 steady by itself. */
  tempo?: Score
  /** 0 leans on the hand … 4 carries itself. */
  hand?: Score
  /** How softly jaw and poll give to the left. */
  jawLeft?: Score
  /** How softly jaw and poll give to the right. */
  jawRight?: Score
  /** How readily it bends to the left. */
  bendLeft?: Score
  /** How readily it bends to the right. */
  bendRight?: Score
  /** Where along the neck it bends to the left. */
  placeLeft?: BendPlace
  /** Where along the neck it bends to the right. */
  placeRight?: BendPlace
  /** To the left. */
  circleLeft?: Circle
  /** To the right. */
  circleRight?: Circle
  /** The heavier shoulder: −2 the left, much … 2 the right, much; 0 level. */
  shoulder?: number
  /** The same shoulder is the heavy one on both reins: natural crookedness, not balance. */
  shoulderBoth?: boolean
  /** On each rein the inside shoulder is the heavy one: balance, or the rider’s inside hand. */
  shoulderInside?: boolean
  /** How well the left hind steps under when it is the inside one. */
  hindLeft?: Score
  /** How well the right hind steps under when it is the inside one. */
  hindRight?: Score
  /** The neck twists as the quarters are asked over. */
  neckTwists?: boolean
  /** Ridden earlier today. */
  riddenToday?: RidingMinutes
  /** Ridden yesterday. */
  riddenYesterday?: RidingMinutes
  /** Where the answer to the stop was seen. */
  haltAt?: StationTicks
  /** Where the answer to the leg was seen. */
  legAt?: StationTicks
  /** Where the jaw was seen. */
  jawAt?: StationTicks
  /** Where the bend was seen. */
  bendAt?: StationTicks
  /** Where the weight on the shoulders was seen. */
  shouldersAt?: StationTicks
  /** Where the inside hind was seen. */
  hindAt?: StationTicks
}

/** What each kind says, once it has been understood. */
export interface Payloads {
  /** Puts another payload in place of an earlier entry's, of the same kind and version. */
  amend: {
    /** The entry. */
    target: string
    /** What it says instead. */
    payload: Record<string, unknown>
  }
  /** What the horse chose. */
  choice: {
    /** The segment it belongs to. */
    segment: string
    /** What the horse chose in reward-based and loose work. Leaving is no error. */
    choice: Choice
    /** Seconds it was away, for one that came back; left out: not known. */
    returnS?: number
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /**
   * What must be added to this device's times to get the server's. One a device and lesson; the latest
   * counts.
   */
  clock: {
    /** Milliseconds; at most ten years of 365 days are believed. */
    offsetMs: number
  }
  /** What is said about a moment of a clip, or about a span of it. */
  comment: {
    /** The moment, or where the span begins. */
    at: Moment
    /** Where the span ends, in milliseconds since the base began; left out for a moment. */
    untilMs?: number
    /** In the coach's words. */
    text: string
    /** It cannot be told from where this was filmed. */
    cannotTell?: boolean
    /** What the coach asks to be filmed next. */
    film?: FilmShot[]
    /** What was drawn over the frame at that moment. */
    drawing?: Drawing
    /** The frame as a picture, kept beside the record; left out where it is not to be kept. */
    still?: string
    /** The same, spoken. */
    spoken?: VoiceBeside
  }
  /** Ground and weather; what was not noted is left out, but something was. */
  conditions: {
    /** The ground of the day. */
    footing?: Footing
    /** Degrees Celsius. */
    temperatureC?: number
    /** Percent. */
    humidityPct?: number
  }
  /** The contact of one rein as felt. */
  contact: {
    /** The segment it belongs to. */
    segment: string
    /** Of the rein. */
    side: 'LEFT' | 'RIGHT'
    /** The contact of one rein as it feels in the hand. */
    felt: Felt
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /** An error was corrected, or let pass. */
  correction: {
    /** The segment it belongs to. */
    segment: string
    /** Corrected; else let pass. */
    made: boolean
    /** When the error began, on the same base; left out: not known. */
    error?: Moment
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /** How hard it was: for the horse, and for the rider where asked. */
  effort: {
    /** Effort, from rest to as much as can be. */
    horse: Effort
    /** Effort, from rest to as much as can be. */
    rider?: Effort
  }
  /** One ask in the named segment. */
  exchange: {
    /** The segment it belongs to. */
    segment: string
    /** The level at which the horse answered; when it did not, the highest level used. */
    strength: Strength
    /** What the horse gave. The order is the pad's, from best to worst, and part of the record's format. */
    response: Response
    /** The strength first asked at, at most that of the answer; left out: not noted. */
    first?: Strength
    /** What was asked with, where it was not the segment's usual. */
    aids?: Aid[]
    /** Of two aids or more. */
    order?: AidOrder
    /** When the aid began, on the same base; left out: not known. */
    asked?: Moment
    /** When it was asked again, stronger, on the same base; left out: it was not, or it is not known. */
    reinforced?: Moment
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /** A position fault (against what this exercise asks) or an aid habit of the rider, by name. */
  fault: {
    /** The segment it belongs to. */
    segment: string
    /** A short name, as exercises, faults and signs have. The lists grow: any name is read. */
    name: string
    /** Of the body it was seen on. */
    side: Side
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /** The first look of the lesson; a later one takes its place. */
  first_look: {
    seen: FirstLook
  }
  /** When the horse's feet landed, marked on the frames of a clip. */
  footfalls: {
    /** The `time_base` entry of the clip. */
    base: string
    /** From one frame to the next, rounded up: a landing is known to half of it. */
    frameMs: number
    /** Up to four hundred landings. */
    landings: Landing[]
  }
  /** What of the debrief the rider is shown: only what is chosen here. The last one said stands. */
  for_rider: {
    /** What got better, by rungs of this lesson. */
    better?: RungShown[]
    /** The one thing to think of. */
    think?: string
    /** The homework that runs is shown. */
    homework: boolean
    /** Spoken notes of this lesson. */
    voices?: VoiceShown[]
    /** What was said on the lesson's clips is shown. */
    clips?: boolean
  }
  /**
   * What was measured on one frame of a clip: the points that were set, from which everything else is
   * reckoned.
   */
  frame_measure: {
    /** The frame. */
    at: Moment
    /** What is measured on a frame of a clip, by the points that are set on it. */
    shape: FrameShape
    /** How wide the frame is, in pixels. */
    width: number
    /** How high it is. */
    height: number
    /**
     * EARS: the withers, then the ears. SEAT: shoulder, hip, heel. HIPS: the left point of the hip, then the
     * right.
     */
    points: FramePoint[]
    /**
     * So many pixels of the frame, either way, each point may lie beside what it was set on, 95 times of a
     * hundred.
     */
    withinPx: number
    /** The horse faces the right edge of the frame; left out: the left one. */
    facesRight?: boolean
    /** Left out: the camera was held level. */
    level?: FrameLevel
    /** Left out: no length is known, and none is told. */
    scale?: KnownLength
    /** What it is of, in the coach's words. */
    of?: string
    /** The frame as a picture, kept beside the record; left out where it is not to be kept. */
    still?: string
  }
  /** Where the ears were carried. */
  head: {
    /** The segment it belongs to. */
    segment: string
    /** Centimetres above the withers; below them less than 0. */
    cm: number
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /**
   * What the horse wears on its head in this lesson, where that is not what its tack says; the last one
   * counts.
   */
  headgear: {
    /** A kind of headgear, or other. */
    headgear: string
  }
  /** A stretch that was kept for so much. */
  held: {
    /** The segment it belongs to. */
    segment: string
    /** What a stretch that is kept is measured in. */
    unit: HoldUnit
    /** How much, in the unit. */
    amount: number
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /** The coach's own word: another exercise, ridden before, helped what this segment rides. */
  help: {
    /** The segment it belongs to. */
    segment: string
    /** The other exercise, by its id in the library. */
    exercise: string
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /**
   * One fault or habit of the rider's, chosen for the lesson: it is there now, or no more. The next ask
   * carries it and ends it.
   */
  latch: {
    /** The segment it belongs to. */
    segment: string
    /** A short name, as exercises, faults and signs have. The lists grow: any name is read. */
    name: string
    /** Of the body it was seen on. */
    side: Side
    /** There now; else no more. */
    on: boolean
  }
  /** The lesson ends; judgement waits for this. */
  lesson_ended: {
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /** The lesson begins (or goes on, after an end). */
  lesson_started: {
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /** One line of poles or fences ridden; what was not noted is left out. */
  line: {
    /** The segment it belongs to. */
    segment: string
    /** Strides, as ridden. */
    ridden: number
    /** Strides, as planned. */
    planned?: number
    /** Where a fence was left from: too near, where it should be, too far off. */
    takeOff?: TakeOff
    /** The landing lead. */
    lead?: 'LEFT' | 'RIGHT'
    /** Ridden straight. */
    straight?: boolean
    /** What became of the rail. */
    rail?: Rail
    /**
     * How the lead was changed after a fence: in one stride, late behind, through trot or walk, not at all.
     */
    change?: LeadChange
    /** What became of the speed on a line. */
    speed?: Speed
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /** What to think of when the next lesson is planned. The last one said stands. */
  next_time: {
    /** As written. */
    text: string
  }
  /** One line in the coach's words. */
  note: {
    /** Kept as written; something other than blanks. */
    text: string
  }
  /** Poles ridden once: what the feet did. */
  poles: {
    /** The segment it belongs to. */
    segment: string
    /** What the horse's feet did over poles, from best to worst. */
    answer: PolesAnswer
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /**
   * Whether the rider's position asked for here holds. Of the rider, in every school; the horse is asked for
   * nothing.
   */
  position: {
    /** The segment it belongs to. */
    segment: string
    /** Whether the rider's position holds, from best to worst. */
    answer: PositionAnswer
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /** The rider praised. */
  praise: {
    /** The segment it belongs to. */
    segment: string
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /**
   * From here on a question is asked: about four asks on what this segment rides, another exercise, four asks
   * again.
   */
  probe: {
    /** The segment it belongs to. */
    segment: string
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /** Whether the rider let go after this exchange. */
  release: {
    /** The exchange it belongs to. */
    exchange: string
    /** Whether the rider let go after the answer, as touched in. */
    release: Release
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /** From here on nothing is asked: long rein, stretch, stand. Ends the segment before. */
  rest: {
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /** Food or another reward was given. */
  reward: {
    /** The segment it belongs to. */
    segment: string
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /** What the rider felt, asked after riding and before any number was shown. The last one said stands. */
  rider_felt: {
    /** What was felt, and what was different; as written. */
    text?: string
    /** The side of the horse that felt better; NONE: both alike. */
    better?: Side
    /** What the rider held in the left rein, mostly, as it felt, in kilograms. */
    leftKg?: number
    /** The same of the right rein. */
    rightKg?: number
  }
  /**
   * From here on: this exercise, gait, place and rein, with this person in the saddle. Ends the segment
   * before.
   */
  segment: {
    /** Its id in the library. */
    exercise: string
    /** The gait of a segment; those listed in the order in which gaits open on a rung. */
    gait: Gait
    /** Where a segment is ridden; those listed in the order in which places open on a rung. */
    place: Place
    /** Direction of travel: on the left rein the horse has its left side to the inside. */
    rein: Rein
    /** Who rides. Only the pair's own rider's exchanges count for the pair; the others are shown beside. */
    mounted: Mounted
    /** The circle's diameter in metres. */
    circleM?: number
    /** How the horse is flexed on its figure: not at all, to its inside, to its outside. */
    bend?: Bend
    /** What is usually asked with here, with sides resolved. */
    aids?: Aid[]
    /**
     * The side of the horse that is worked, where the exercise leaves it open; left out: not known, and
     * counted for no side.
     */
    side?: 'LEFT' | 'RIGHT'
    /** A step of the exercise that is no gait or place, such as one foot on the ramp. */
    stage?: string
    /** How it is asked here, where that is borrowed from another school than the pair's. */
    school?: School
    /** What is done about an error here, where that is said apart from exercise and school. */
    correction?: CorrectionPolicy
    /** The letter on the track at which it was begun; left out: not known. */
    from?: string
    /** The cue of the pair's book it is asked by here; left out: none of its own. */
    cue?: string
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /** A sign of the horse's, good or other, by name. */
  sign: {
    /** The segment it belongs to. */
    segment: string
    /** A short name, as exercises, faults and signs have. The lists grow: any name is read. */
    name: string
    /** Of the body it was seen on. */
    side: Side
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /**
   * The rider asked wrongly, and knows it: this exchange counts for the rider and leaves the horse's rate.
   */
  slip: {
    /** The exchange it belongs to. */
    exchange: string
  }
  /** A stop sign was seen: the work ends. A mark of the lesson's, since there may be no segment yet. */
  stop_sign: {
    /** What ends the work at once, whoever sees it: in a first look, while riding, or in a report. */
    sign: StopSign
    /** Of the body. */
    side: Side
    /** When it was, on a second time base. The entry's own time still says when it was written. */
    when?: Moment
  }
  /**
   * A turn's answers counted afterwards, those that were touched in among them: about how many were good, and
   * how many were not. They have no order and no times. Of several of one turn the last stands.
   */
  tally: {
    /** The segment it belongs to: the turn that was ridden. */
    segment: string
    /** So many were good. */
    good: number
    /** So many were not. */
    others: number
    /** About how strongly it was asked; left out where nothing is asked by strength. */
    strength?: Strength
  }
  /** A second time base: the clock of a clip or a sensor, which other entries may give their moment on. */
  time_base: {
    /** What a second time base is the clock of. */
    source: TimeSource
    /** Which video it is; left out with a sensor. */
    clip?: ClipFile
    /** The `time_base` entry of the same video, of which this is a copy that was made smaller on its way. */
    copyOf?: string
    /**
     * Its link to the lesson's clock: when the base began, in milliseconds since 1970 UTC. What has a moment
     * on it then stands there; left out: not linked yet, and everything stands when it was written.
     */
    startMs?: number
  }
  /** A spoken note, written when it ends; its sound is kept beside the record, under its digest. */
  voice: {
    /** The SHA-256 of what lies beside the record, in hexadecimal. */
    sha256: string
    /** How long it is; a held note ends by itself after a minute. */
    durationMs: number
    /** It is the rider saying, after riding, what was felt. */
    felt?: boolean
  }
  /** Takes an earlier entry back; taking back a void restores what it took back. */
  void: {
    /** The entry. */
    target: string
  }
  /** A sign of the horse's or a fault of the rider's is put on watch. */
  watch: {
    /** What can be put on watch: a fault of the rider's or a sign of the horse's. */
    of: Watchable
    /** A short name, as exercises, faults and signs have. The lists grow: any name is read. */
    name: string
    /** A side of the body, of horse or rider; never a direction of travel, which is the rein. */
    side: Side
    /** For so many weeks. */
    weeks: number
    /** Where it was seen, and is looked for again. */
    station?: Station
  }
  /** Whether what an entry (of whatever lesson) put on watch was seen today. */
  watched: {
    /** The watch entry. */
    watch: string
    seen: boolean
  }
}

export type Kind = keyof Payloads

/** What the payload of each kind is. */
export type Writes = Omit<Payloads, 'first_look'> & { first_look: FirstLook }

/** The kinds that are marks, and what each hangs on; null: the lesson itself. */
export const HANGS_ON = {
  choice: 'segment',
  comment: null,
  conditions: null,
  contact: 'segment',
  correction: 'segment',
  effort: null,
  fault: 'segment',
  footfalls: null,
  for_rider: null,
  frame_measure: null,
  head: 'segment',
  headgear: null,
  held: 'segment',
  help: 'segment',
  latch: 'segment',
  line: 'segment',
  next_time: null,
  poles: 'segment',
  position: 'segment',
  praise: 'segment',
  probe: 'segment',
  release: 'exchange',
  reward: 'segment',
  rider_felt: null,
  sign: 'segment',
  slip: 'exchange',
  stop_sign: null,
  tally: 'segment',
  time_base: null,
  voice: null,
  watch: null,
  watched: null,
} as const
export type MarkKind = keyof typeof HANGS_ON

/** What a kind counts for beside being kept and shown. */
export interface Counts {
  as_ask: 'choice' | 'line' | 'poles' | 'position' | 'tally'
  ask: 'exchange'
  consistency: 'correction'
  factor: 'contact' | 'fault'
  focus: 'first_look'
  headgear: 'headgear'
  latch: 'latch'
  load: 'effort'
  observed: 'choice' | 'fault' | 'held' | 'latch' | 'sign'
  order: 'amend' | 'clock' | 'void'
  plait: 'choice' | 'contact' | 'correction' | 'fault' | 'head' | 'held' | 'help' | 'line' | 'poles' | 'position' | 'praise' | 'probe' | 'release' | 'reward' | 'sign' | 'slip' | 'stop_sign' | 'tally' | 'voice'
  release: 'release'
  slip: 'slip'
  stop: 'first_look' | 'sign' | 'stop_sign'
  time: 'lesson_ended' | 'lesson_started' | 'rest' | 'segment'
  watch: 'watch' | 'watched'
}

/** The version each kind is written in. */
export const LATEST: Record<Kind, number> = {
  amend: 1,
  choice: 1,
  clock: 1,
  comment: 1,
  conditions: 1,
  contact: 1,
  correction: 1,
  effort: 1,
  exchange: 1,
  fault: 1,
  first_look: 1,
  footfalls: 1,
  for_rider: 1,
  frame_measure: 1,
  head: 1,
  headgear: 1,
  held: 1,
  help: 1,
  latch: 1,
  lesson_ended: 1,
  lesson_started: 1,
  line: 1,
  next_time: 1,
  note: 1,
  poles: 1,
  position: 1,
  praise: 1,
  probe: 1,
  release: 1,
  rest: 1,
  reward: 1,
  rider_felt: 1,
  segment: 1,
  sign: 1,
  slip: 1,
  stop_sign: 1,
  tally: 1,
  time_base: 1,
  voice: 1,
  void: 1,
  watch: 1,
  watched: 1,
}

const ID = text(/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/)
const TEXT_500 = text(/[^ \t\r\n]/, 500)
const SHA256 = text(/^[0-9a-f]{64}$/)
const NAME = text(/^[a-z][a-z0-9-]{0,63}$/)
const THINK_300 = text(/[^ \t\r\n]/, 300)
const OF_80 = text(/[^ \t\r\n]/, 80)
const TEXT_400 = text(/[^ \t\r\n]/, 400)
const TEXT_2000 = text(/[^ \t\r\n]/, 2000)
const TEXT_1000 = text(/[^ \t\r\n]/, 1000)
const GAIT = open(/^[A-Z][A-Z_]{0,31}$/)
const PLACE = open(/^[A-Z][A-Z_]{0,31}$/)
const FROM = text(/^[A-Z]$/)
const FILE_NAME_255 = text(/[^ \t\r\n]/, 255)
const RUNG = text(/^[a-z][a-z0-9-]{0,63}\.[a-z-]{1,20}\.[a-z-]{1,20}$/)
const AID: Shape = {
  need: {
    means: oneOf(MEANS),
    side: oneOf(SIDES),
  },
  may: {
    manner: oneOf(MANNERS),
    foot: oneOf(FEET),
  },
}
const MOMENT: Shape = {
  need: {
    base: ID,
    ms: whole(0, 86400000),
  },
}
const CLIP_FILE: Shape = {
  need: {
    fileName: FILE_NAME_255,
    bytes: whole(1, 1000000000000),
    durationMs: whole(1, 86400000),
    digest: SHA256,
  },
}
const FRAME_POINT: Shape = {
  need: {
    x: whole(0, 16384),
    y: whole(0, 16384),
  },
}
const LANDING: Shape = {
  need: {
    foot: oneOf(FEET),
    ms: whole(0, 86400000),
  },
}
const FILM_SHOT: Shape = {
  need: {
    shot: oneOf(SHOTS),
  },
}
const RUNG_SHOWN: Shape = {
  need: {
    better: oneOf(BETTERS),
    rung: RUNG,
  },
}
const VOICE_SHOWN: Shape = {
  need: {
    sha256: SHA256,
  },
}
const VOICE_BESIDE: Shape = {
  need: {
    sha256: SHA256,
    durationMs: whole(1, 61000),
  },
}
const STATION_TICKS: Shape = {
  may: {
    standing: flag,
    inHand: flag,
    mounted: flag,
  },
}
const FRAME_LEVEL: Shape = {
  need: {
    from: part(FRAME_POINT),
    to: part(FRAME_POINT),
  },
}
const KNOWN_LENGTH: Shape = {
  need: {
    from: part(FRAME_POINT),
    to: part(FRAME_POINT),
    lengthMm: whole(50, 100000),
  },
}
const STROKE: Shape = {
  need: {
    points: list(FRAME_POINT, 2, 100),
  },
}
const DRAWING: Shape = {
  need: {
    width: whole(1, 16384),
    height: whole(1, 16384),
    strokes: list(STROKE, 1, 20),
  },
}
const FIRST_LOOK: Shape = {
  may: {
    soundness: oneOf(SOUNDNESS),
    calm: oneOf(SCORES),
    attention: oneOf(SCORES),
    rider: oneOf(SCORES),
    seat: oneOf(SCORES),
    tension: oneOf(SCORES),
    breath: oneOf(SCORES),
    complaint: oneOf(COMPLAINTS),
    halt: oneOf(SCORES),
    haltFaster: oneOf(SCORES),
    leg: oneOf(SCORES),
    balks: flag,
    tempo: oneOf(SCORES),
    hand: oneOf(SCORES),
    jawLeft: oneOf(SCORES),
    jawRight: oneOf(SCORES),
    bendLeft: oneOf(SCORES),
    bendRight: oneOf(SCORES),
    placeLeft: oneOf(BEND_PLACES),
    placeRight: oneOf(BEND_PLACES),
    circleLeft: oneOf(CIRCLES),
    circleRight: oneOf(CIRCLES),
    shoulder: whole(-2, 2),
    shoulderBoth: flag,
    shoulderInside: flag,
    hindLeft: oneOf(SCORES),
    hindRight: oneOf(SCORES),
    neckTwists: flag,
    riddenToday: oneOf(RIDING_MINUTES),
    riddenYesterday: oneOf(RIDING_MINUTES),
    haltAt: part(STATION_TICKS),
    legAt: part(STATION_TICKS),
    jawAt: part(STATION_TICKS),
    bendAt: part(STATION_TICKS),
    shouldersAt: part(STATION_TICKS),
    hindAt: part(STATION_TICKS),
  },
  beside: ['shoulderBoth', 'shoulder'],
}

/** By kind, then version. */
export const SHAPES: Record<string, Record<number, Shape>> = {
  amend: {
    1: {
      need: {
        target: ID,
        payload: object,
      },
    },
  },
  choice: {
    1: {
      need: {
        segment: ID,
        choice: oneOf(CHOICES),
      },
      may: {
        returnS: whole(0, 3600),
        when: part(MOMENT),
      },
    },
  },
  clock: {
    1: {
      need: {
        offsetMs: whole(-315360000000, 315360000000),
      },
    },
  },
  comment: {
    1: {
      need: {
        at: part(MOMENT),
        text: TEXT_500,
      },
      may: {
        untilMs: whole(0, 86400000),
        cannotTell: flag,
        film: list(FILM_SHOT, 1, 4),
        drawing: part(DRAWING),
        still: SHA256,
        spoken: part(VOICE_BESIDE),
      },
    },
  },
  conditions: {
    1: {
      may: {
        footing: oneOf(FOOTINGS),
        temperatureC: whole(-40, 60),
        humidityPct: whole(0, 100),
      },
      oneOf: ['footing', 'temperatureC', 'humidityPct'],
    },
  },
  contact: {
    1: {
      need: {
        segment: ID,
        side: oneOf(['LEFT', 'RIGHT']),
        felt: oneOf(FELT),
      },
      may: {
        when: part(MOMENT),
      },
    },
  },
  correction: {
    1: {
      need: {
        segment: ID,
        made: flag,
      },
      may: {
        error: part(MOMENT),
        when: part(MOMENT),
      },
    },
  },
  effort: {
    1: {
      need: {
        horse: oneOf(EFFORTS),
      },
      may: {
        rider: oneOf(EFFORTS),
      },
    },
  },
  exchange: {
    1: {
      need: {
        segment: ID,
        strength: oneOf(STRENGTHS),
        response: oneOf(RESPONSES),
      },
      may: {
        first: oneOf(STRENGTHS),
        aids: list(AID, 1, 4),
        order: oneOf(AID_ORDERS),
        asked: part(MOMENT),
        reinforced: part(MOMENT),
        when: part(MOMENT),
      },
      atMost: ['first', 'strength'],
    },
  },
  fault: {
    1: {
      need: {
        segment: ID,
        name: NAME,
        side: oneOf(SIDES),
      },
      may: {
        when: part(MOMENT),
      },
    },
  },
  first_look: {
    1: { as: 'seen', of: FIRST_LOOK },
  },
  footfalls: {
    1: {
      need: {
        base: ID,
        frameMs: whole(1, 1000),
        landings: list(LANDING, 1, 400),
      },
    },
  },
  for_rider: {
    1: {
      need: {
        homework: flag,
      },
      may: {
        better: list(RUNG_SHOWN, 1, 6),
        think: THINK_300,
        voices: list(VOICE_SHOWN, 1, 5),
        clips: flag,
      },
    },
  },
  frame_measure: {
    1: {
      need: {
        at: part(MOMENT),
        shape: oneOf(FRAME_SHAPES),
        width: whole(1, 16384),
        height: whole(1, 16384),
        points: list(FRAME_POINT, 2, 3),
        withinPx: whole(1, 1000),
      },
      may: {
        facesRight: flag,
        level: part(FRAME_LEVEL),
        scale: part(KNOWN_LENGTH),
        of: OF_80,
        still: SHA256,
      },
    },
  },
  head: {
    1: {
      need: {
        segment: ID,
        cm: whole(-90, 120),
      },
      may: {
        when: part(MOMENT),
      },
    },
  },
  headgear: {
    1: {
      need: {
        headgear: NAME,
      },
    },
  },
  held: {
    1: {
      need: {
        segment: ID,
        unit: oneOf(HOLD_UNITS),
        amount: whole(1, 10000),
      },
      may: {
        when: part(MOMENT),
      },
    },
  },
  help: {
    1: {
      need: {
        segment: ID,
        exercise: NAME,
      },
      may: {
        when: part(MOMENT),
      },
    },
  },
  latch: {
    1: {
      need: {
        segment: ID,
        name: NAME,
        side: oneOf(SIDES),
        on: flag,
      },
    },
  },
  lesson_ended: {
    1: {
      may: {
        when: part(MOMENT),
      },
    },
  },
  lesson_started: {
    1: {
      may: {
        when: part(MOMENT),
      },
    },
  },
  line: {
    1: {
      need: {
        segment: ID,
        ridden: whole(1, 30),
      },
      may: {
        planned: whole(1, 30),
        takeOff: oneOf(TAKE_OFFS),
        lead: oneOf(['LEFT', 'RIGHT']),
        straight: flag,
        rail: oneOf(RAILS),
        change: oneOf(LEAD_CHANGES),
        speed: oneOf(SPEEDS),
        when: part(MOMENT),
      },
    },
  },
  next_time: {
    1: {
      need: {
        text: TEXT_400,
      },
    },
  },
  note: {
    1: {
      need: {
        text: TEXT_2000,
      },
    },
  },
  poles: {
    1: {
      need: {
        segment: ID,
        answer: oneOf(POLES_ANSWERS),
      },
      may: {
        when: part(MOMENT),
      },
    },
  },
  position: {
    1: {
      need: {
        segment: ID,
        answer: oneOf(POSITION_ANSWERS),
      },
      may: {
        when: part(MOMENT),
      },
    },
  },
  praise: {
    1: {
      need: {
        segment: ID,
      },
      may: {
        when: part(MOMENT),
      },
    },
  },
  probe: {
    1: {
      need: {
        segment: ID,
      },
      may: {
        when: part(MOMENT),
      },
    },
  },
  release: {
    1: {
      need: {
        exchange: ID,
        release: oneOf(RELEASES),
      },
      may: {
        when: part(MOMENT),
      },
    },
  },
  rest: {
    1: {
      may: {
        when: part(MOMENT),
      },
    },
  },
  reward: {
    1: {
      need: {
        segment: ID,
      },
      may: {
        when: part(MOMENT),
      },
    },
  },
  rider_felt: {
    1: {
      may: {
        text: TEXT_1000,
        better: oneOf(SIDES),
        leftKg: whole(0, 20),
        rightKg: whole(0, 20),
      },
      oneOf: ['text', 'better', 'leftKg', 'rightKg'],
    },
  },
  segment: {
    1: {
      need: {
        exercise: NAME,
        gait: GAIT,
        place: PLACE,
        rein: oneOf(REINS),
        mounted: oneOf(MOUNTED),
      },
      may: {
        circleM: whole(6, 40),
        bend: oneOf(BENDS),
        aids: list(AID, 1, 4),
        side: oneOf(['LEFT', 'RIGHT']),
        stage: NAME,
        school: oneOf(SCHOOLS),
        correction: oneOf(CORRECTION_POLICIES),
        from: FROM,
        cue: ID,
        when: part(MOMENT),
      },
    },
  },
  sign: {
    1: {
      need: {
        segment: ID,
        name: NAME,
        side: oneOf(SIDES),
      },
      may: {
        when: part(MOMENT),
      },
    },
  },
  slip: {
    1: {
      need: {
        exchange: ID,
      },
    },
  },
  stop_sign: {
    1: {
      need: {
        sign: oneOf(STOP_SIGNS),
        side: oneOf(SIDES),
      },
      may: {
        when: part(MOMENT),
      },
    },
  },
  tally: {
    1: {
      need: {
        segment: ID,
        good: whole(0, 60),
        others: whole(0, 60),
      },
      may: {
        strength: oneOf(STRENGTHS),
      },
    },
  },
  time_base: {
    1: {
      need: {
        source: oneOf(TIME_SOURCES),
      },
      may: {
        clip: part(CLIP_FILE),
        copyOf: ID,
        startMs: whole(0, 4102444800000),
      },
    },
  },
  voice: {
    1: {
      need: {
        sha256: SHA256,
        durationMs: whole(1, 61000),
      },
      may: {
        felt: flag,
      },
    },
  },
  void: {
    1: {
      need: {
        target: ID,
      },
    },
  },
  watch: {
    1: {
      need: {
        of: oneOf(WATCHABLE),
        name: NAME,
        side: oneOf(SIDES),
        weeks: whole(1, 26),
      },
      may: {
        station: oneOf(STATIONS),
      },
    },
  },
  watched: {
    1: {
      need: {
        watch: ID,
        seen: flag,
      },
    },
  },
}

/** Numbers and lengths that are believed, by kind and field. */
export const BOUNDS = {
  choice: { returnS: { least: 0, most: 3600 } },
  clock: { offsetMs: { least: -315360000000, most: 315360000000 } },
  comment: { untilMs: { least: 0, most: 86400000 }, text: { least: 1, most: 500 }, film: { least: 1, most: 4 } },
  conditions: { temperatureC: { least: -40, most: 60 }, humidityPct: { least: 0, most: 100 } },
  exchange: { aids: { least: 1, most: 4 } },
  footfalls: { frameMs: { least: 1, most: 1000 }, landings: { least: 1, most: 400 } },
  for_rider: { better: { least: 1, most: 6 }, think: { least: 1, most: 300 }, voices: { least: 1, most: 5 } },
  frame_measure: { width: { least: 1, most: 16384 }, height: { least: 1, most: 16384 }, points: { least: 2, most: 3 }, withinPx: { least: 1, most: 1000 }, of: { least: 1, most: 80 } },
  head: { cm: { least: -90, most: 120 } },
  held: { amount: { least: 1, most: 10000 } },
  line: { ridden: { least: 1, most: 30 }, planned: { least: 1, most: 30 } },
  next_time: { text: { least: 1, most: 400 } },
  note: { text: { least: 1, most: 2000 } },
  rider_felt: { text: { least: 1, most: 1000 }, leftKg: { least: 0, most: 20 }, rightKg: { least: 0, most: 20 } },
  segment: { circleM: { least: 6, most: 40 }, aids: { least: 1, most: 4 } },
  tally: { good: { least: 0, most: 60 }, others: { least: 0, most: 60 } },
  time_base: { startMs: { least: 0, most: 4102444800000 } },
  voice: { durationMs: { least: 1, most: 61000 } },
  watch: { weeks: { least: 1, most: 26 } },
} as const
