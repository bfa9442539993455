// Written from format/ by ./strophos kinds.

/** The language key of each vocabulary that is shown, and its words. */
export const TEXTS: Record<string, readonly (string | number)[]> = {
  'response': ['YES', 'TRY', 'BRACE', 'NONE', 'WRONG'],
  'strength': [1, 2, 3, 4],
  'rein': ['LEFT', 'RIGHT', 'NONE'],
  'gait': ['HALT', 'WALK', 'TROT', 'CANTER', 'REIN_BACK'],
  'place': ['RAIL', 'CIRCLE', 'ACROSS', 'SPOT', 'POLES', 'FENCES', 'TRAIL', 'HILL', 'STALL', 'TRAILER'],
  'mounted': ['RIDER', 'COACH', 'OTHER'],
  'bend': ['STRAIGHT', 'BEND', 'COUNTER_BEND'],
  'means': ['SEAT', 'LEG', 'REIN', 'WEIGHT', 'VOICE', 'WHIP', 'GAZE'],
  'manner': ['TAP', 'HOLD', 'PUSH', 'LIFT', 'OPEN', 'GIVE', 'TAKE', 'ALTERNATE'],
  'foot': ['LEFT_HIND', 'RIGHT_HIND', 'LEFT_FORE', 'RIGHT_FORE'],
  'order': ['TOGETHER', 'IN_TURN'],
  'side': ['LEFT', 'RIGHT', 'NONE'],
  'release': ['PROMPT', 'LATE', 'MISSED'],
  'felt': ['NONE', 'LIGHT', 'EVEN', 'STRONG', 'LEANING'],
  'pair.holdUnit': ['STRIDES', 'SECONDS', 'METRES'],
  'choice': ['COMES', 'WAITS', 'LEAVES', 'RETURNS', 'FRIGHT'],
  'poles': ['CLEAN', 'TOUCHED', 'RUSHED', 'TRIPPED'],
  'position': ['HOLDS', 'COMES_AND_GOES', 'LOST'],
  'takeOff': ['DEEP', 'RIGHT', 'LONG'],
  'footing': ['GOOD', 'DEEP', 'HARD', 'SLIPPERY', 'FROZEN'],
  'soundness': ['SOUND', 'UNLEVEL', 'REFUSES_ONE_SIDE', 'PAIN_SIGNS'],
  'bendPlace': ['EVEN', 'POLL_ONLY', 'BASE_ONLY', 'TWISTED'],
  'stopSign': ['SORE_SPOT', 'UNLEVEL', 'REFUSES_ONE_SIDE', 'SWEAT_WITHOUT_WORK', 'FRIGHT', 'RIDER_HURTS', 'PAIN_SIGNS', 'FLINCHES', 'SWELLING', 'BLOOD', 'BUCKS', 'REARS', 'BOLTS', 'KICKS_AT_LEG', 'FALL', 'HEAD_KNOCK'],
  'timeSource': ['CLIP', 'SENSOR'],
}
