export type { Entry } from './entry'
export { fold, GrowingFold } from './fold'
export { BOUNDS, LATEST } from './generated/kinds'
export type {
  Aid,
  ClipFile,
  Drawing,
  FirstLook,
  FramePoint,
  Kind,
  Landing,
  Moment,
  Payloads,
  StationTicks,
  Writes,
} from './generated/kinds'
export * from './generated/words'
export { MARK_KINDS, momentsOf, readPayload, takesMoment } from './payload'
export { keepable } from './plain'
export type { AskDetail, LineDetail, Mark, Moments, Payload } from './payload'
export { padKey } from './ride'
export type { Exchange, RideMark, Rest, Ride, Segment, PadCounts } from './ride'
export type { StopSignSeen } from './stopSigns'
export { Times } from './times'
export { TEXTS } from './generated/texts'
export { reinFor, sidesOf, workedSide } from './workedSide'
export type { WorkedSide } from './workedSide'
