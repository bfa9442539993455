import type { TodaysLesson } from '../api'

/** The day's lessons in their order, those that are ridden together under one another where the first of them stands. */
export function grouped(lessons: TodaysLesson[]): TodaysLesson[][] {
  const groups = new Map<string, TodaysLesson[]>()
  for (const one of lessons) {
    const key = one.lesson.group?.id ?? one.lesson.id
    groups.set(key, [...(groups.get(key) ?? []), one])
  }
  return [...groups.values()]
}
