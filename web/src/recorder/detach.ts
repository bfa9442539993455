/** What could not be kept is said by the line above the pad. */
export function detach(said: Promise<unknown>): void {
  said.catch(() => undefined)
}
