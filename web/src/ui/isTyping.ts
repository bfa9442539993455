/** Whether keys go into a field. A slider is none: it is moved by our own keys. */
export function isTyping(target: EventTarget | null): boolean {
  if (target instanceof HTMLInputElement) return target.type !== 'range'
  return target instanceof HTMLTextAreaElement || target instanceof HTMLSelectElement
}
