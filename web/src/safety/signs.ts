import type { StopSign } from '../record'

/** What a sign does; the twin of the server's. */
export type SignKind = 'PAIN' | 'BEHAVIOUR' | 'FALL' | 'RIDER' | 'FRIGHT'

const KINDS: Record<StopSign, SignKind> = {
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

export function kindOf(sign: StopSign): SignKind {
  return KINDS[sign]
}

/** Ends the lesson or the practice in which it is seen. */
export function endsWork(sign: StopSign): boolean {
  return kindOf(sign) !== 'FRIGHT'
}

/** Pauses the homework of its pair until the coach has answered; the twin of the server's. */
export function pausesHomework(sign: StopSign): boolean {
  return kindOf(sign) === 'RIDER' || kindOf(sign) === 'FRIGHT' || sign === 'HEAD_KNOCK'
}

/** What the red key offers, in the order in which it is looked for. */
export const OFFERED: { kind: SignKind; signs: StopSign[] }[] = [
  {
    kind: 'PAIN',
    signs: [
      'UNLEVEL',
      'FLINCHES',
      'SWELLING',
      'BLOOD',
      'SORE_SPOT',
      'REFUSES_ONE_SIDE',
      'SWEAT_WITHOUT_WORK',
    ],
  },
  { kind: 'BEHAVIOUR', signs: ['BUCKS', 'REARS', 'BOLTS', 'KICKS_AT_LEG'] },
  { kind: 'FALL', signs: ['FALL', 'HEAD_KNOCK'] },
  { kind: 'RIDER', signs: ['RIDER_HURTS'] },
]

/** Who is called for what, the first first. */
export const CALLED: Record<SignKind, string[]> = {
  PAIN: ['VET', 'OWNER', 'FITTER', 'PHYSIOTHERAPIST', 'DENTIST', 'FARRIER'],
  BEHAVIOUR: ['VET', 'OWNER', 'FITTER', 'PHYSIOTHERAPIST', 'DENTIST'],
  FALL: ['EMERGENCY', 'DOCTOR', 'OWNER'],
  RIDER: ['EMERGENCY', 'DOCTOR', 'OWNER'],
  FRIGHT: ['OWNER'],
}
