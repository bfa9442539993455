import { CHOICES, POLES_ANSWERS, POSITION_ANSWERS } from '../record'
import type { Kind } from '../record'
import type { Usual } from '../api'

/** One answer of a pad without strengths, as it is written. */
export interface PadRow {
  kind: Kind
  payload: object
}

/** The rows of a pad without strengths, from the top; none where it has strengths or strides. */
export function rowsOf(pad: Usual['padKind']): PadRow[] {
  switch (pad) {
    case 'POLES':
      return POLES_ANSWERS.map((answer) => ({ kind: 'poles', payload: { answer } }))
    case 'POSITION':
      return POSITION_ANSWERS.map((answer) => ({ kind: 'position', payload: { answer } }))
    case 'CHOICE':
      return CHOICES.map((choice) => ({ kind: 'choice', payload: { choice } }))
    case 'STRENGTH':
    case 'LINE':
      return []
  }
}
