import { useState } from 'react'

/** Whether the question what was felt is over, said or passed by; as long as this tab stays open. */
export function useSkipped(lesson: string): [boolean, () => void] {
  const key = `felt-passed.${lesson}`
  const [isSkipped, setSkipped] = useState(() => sessionStorage.getItem(key) !== null)
  return [
    isSkipped,
    () => {
      sessionStorage.setItem(key, 'yes')
      setSkipped(true)
    },
  ]
}
