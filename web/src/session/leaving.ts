/** Who signed out here last, and how much of theirs the server does not have yet. */
export interface Left {
  name: string
  unsent: number
}

const KEY = 'strophos.left'

/** Remembers it for the sign-in screen; with nothing unsent there is nothing to remember. */
export function leave(left: Left): void {
  if (left.unsent > 0) localStorage.setItem(KEY, JSON.stringify(left))
  else localStorage.removeItem(KEY)
}

export function whoLeft(): Left | undefined {
  const kept = localStorage.getItem(KEY)
  return kept === null ? undefined : (JSON.parse(kept) as Left)
}
