import { SIGN_KIND_ENDS_WORK, STOP_SIGN_KIND, STOP_SIGN_STOPS_HOMEWORK } from '../record'
import type { SignKind, StopSign } from '../record'

export type { SignKind }

export function kindOf(sign: StopSign): SignKind {
  return STOP_SIGN_KIND[sign]
}

/** Ends the lesson or the practice in which it is seen. */
export function endsWork(sign: StopSign): boolean {
  return SIGN_KIND_ENDS_WORK.includes(kindOf(sign))
}

/** Pauses the homework of its pair until the coach has answered. */
export function pausesHomework(sign: StopSign): boolean {
  return STOP_SIGN_STOPS_HOMEWORK.includes(sign)
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
