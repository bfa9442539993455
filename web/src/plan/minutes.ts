/** Seconds as the plan says them: whole minutes, or with a half. */
export function minutes(seconds: number): string {
  const halves = Math.round(seconds / 30)
  const whole = Math.floor(halves / 2)
  if (halves % 2 === 0) return String(whole)
  return whole === 0 ? '½' : `${whole}½`
}
