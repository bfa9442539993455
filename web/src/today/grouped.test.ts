import { expect, test } from 'vitest'
import type { TodaysLesson } from '../api'
import { lesson } from '../page.testing'
import { grouped } from './grouped'

test('lessons of a group stand together, where the first of them stands', () => {
  const of = (horse: string, group: string | null): TodaysLesson => ({
    lesson: lesson({ horse, group: group === null ? null : { id: group, lessons: [] } }),
    inWork: [],
    isOnVideo: false,
    isLooked: false,
    isPlanned: false,
  })
  const day = [of('Marzipan', null), of('Vesper', 'g'), of('Tamarack', null), of('Skerry', 'g')]
  expect(grouped(day).map((block) => block.map((l) => l.lesson.horse))).toEqual([
    ['Marzipan'],
    ['Vesper', 'Skerry'],
    ['Tamarack'],
  ])
})
