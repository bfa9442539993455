/** Bytes as text. */
export function base64Of(content: Uint8Array): string {
  return btoa(Array.from(content, (byte) => String.fromCharCode(byte)).join(''))
}
