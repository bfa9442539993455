/** How much of whoever signed out here last the server does not have yet. */
export interface UnsentWork {
  unsent: number
}

const LEFT = 'strophos.left'
const OPEN = 'strophos.open'

/** Remembers it for the sign-in screen; with nothing unsent there is nothing to remember. No name is kept. */
export function leave(left: UnsentWork): void {
  if (left.unsent > 0) localStorage.setItem(LEFT, JSON.stringify(left))
  else localStorage.removeItem(LEFT)
}

export function whoLeft(): UnsentWork | undefined {
  const kept = localStorage.getItem(LEFT)
  return kept === null ? undefined : { unsent: (JSON.parse(kept) as UnsentWork).unsent }
}

/** Somebody signed out without a network: the session at the server is still open, and is to be ended before anything else. */
export function leaveOpen(isOpen: boolean): void {
  if (isOpen) localStorage.setItem(OPEN, 'yes')
  else localStorage.removeItem(OPEN)
}

export function isLeftOpen(): boolean {
  return localStorage.getItem(OPEN) !== null
}
