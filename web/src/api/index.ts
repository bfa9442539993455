import type { components } from './schema'

export { api } from './client'
export { answerOf, Problem, Unreachable } from './problem'
export type { Issue } from './problem'

type Schemas = components['schemas']
export type Me = Schemas['Me']
export type SessionView = Schemas['SessionView']
export type Today = Schemas['Today']
export type TodaysLesson = Schemas['TodaysLesson']
export type Lesson = Schemas['Lesson']
export type PairLine = Schemas['PairLine']
export type PairView = Schemas['PairView']
export type Step = Schemas['Step']
export type SideOfStep = Schemas['SideOfStep']
export type Missing = Schemas['MissingView']
export type TrendPoint = Schemas['Point']
export type Made = Schemas['Made']
export type Packet = Schemas['Packet']
export type Debrief = Schemas['View']
export type DebriefRow = Schemas['Row']
export type SideView = Schemas['SideView']
export type Advice = Schemas['AdviceView']
export type Finding = Schemas['FindingView']
export type NumberView = Schemas['NumberView']
export type Decision = Advice['decision']
export type BatchAnswer = Schemas['BatchAnswer']
export type SetupRequest = Schemas['SetupRequest']
export type School = SetupRequest['pair']['school']
