export { append } from './append'
export type { NewEntry } from './append'
export { counterOf, lastSignedIn, onLeaving, rememberSignedIn, shelfOf } from './device'
export type {
  HeardSign,
  StoredCards,
  StoredEntry,
  StoredGhost,
  StoredPacket,
  StoredPhoto,
  StoredPiece,
  StoredPractice,
  StoredRecording,
  StoredSign,
  StoredAttachment,
  RunningTimer,
  Shelf,
} from './device'
export { fetchGhosts, keepPhoto, sendPhoto, viewsOf } from './photos'
export { digestOf, keepAttachment } from './attachments'
export { recordings } from './heavy'
export { cardsOf } from './cards'
export { LESSON_MINUTES, lessonNow, ridableOn } from './lessons'
export { beginPair, blankSchools, fetchBlanks } from './newPair'
export { Outbox } from './outbox'
export type { OutboxState } from './outbox'
export { hear, safetyOf } from './safety'
export { waitingSigns } from './waitingSigns'
export { waitingEntries } from './waitingEntries'
export { waitingPractices } from './waitingPractices'
export { useOutbox } from './useOutbox'
export { fetchAhead, packetOf, readOn } from './packets'
export { NO_SCHOOL } from './upgrade'
export { forget, storedOn, unsentFile, unsentOn } from './stored'
export type { Stored, StoredLesson } from './stored'
export { sweep, sweepAll } from './sweep'
