import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answerOf, api, queries } from '../api'
import type { PlannedLesson, PlanLatch, WantedBlock } from '../api'
import { wantedOf } from './edit'

/** A plan as the coach wants it. */
interface PlanAsked {
  blocks: WantedBlock[]
  latch: PlanLatch | null
}

/** Keeps each change at once, with the way back; a refused one changes nothing and is said. */
export function useKeepPlan(planned: PlannedLesson) {
  const client = useQueryClient()
  const id = planned.lesson.id
  const [before, setBefore] = useState<PlanAsked[]>([])
  const [after, setAfter] = useState<PlanAsked[]>([])
  const put = useMutation({
    // one after the other: each is made from the version the one before left
    scope: { id: `plan-${id}` },
    mutationFn: ({ blocks, latch }: PlanAsked) => {
      const version = client.getQueryData<PlannedLesson>(['plan', id])?.version ?? planned.version
      return answerOf(
        api.PUT('/api/v1/lessons/{id}/plan', { params: { path: { id } }, body: { version, blocks, latch } }),
      )
    },
    onSuccess: (next) => client.setQueryData(queries.plan(id).queryKey, next),
  })
  const now: PlanAsked = { blocks: wantedOf(planned.plan.blocks), latch: planned.latch }
  const keep = (change: Partial<PlanAsked>) => {
    put.mutate(
      { ...now, ...change },
      {
        onSuccess: () => {
          setBefore((all) => [...all, now])
          setAfter([])
        },
      },
    )
  }
  /** One step from the one pile, leaving what stands now on the other. */
  const step = (from: PlanAsked[], take: typeof setBefore, leave: typeof setBefore) => {
    const last = from.at(-1)
    if (!last) return
    put.mutate(last, {
      onSuccess: () => {
        take((all) => all.slice(0, -1))
        leave((all) => [...all, now])
      },
    })
  }
  return {
    keep,
    undo: () => step(before, setBefore, setAfter),
    redo: () => step(after, setAfter, setBefore),
    canUndo: before.length > 0,
    canRedo: after.length > 0,
    trouble: put.error,
  }
}
