import { Unreachable } from '../api'

/** How recordings are kept and sent: fetched when one is there, so that the first load stays small. */
export async function recordings() {
  try {
    return await import('./recordings')
  } catch {
    throw new Unreachable()
  }
}
