const DAY_S = 86_400

/**
 * When the first sample was taken: by the file's clock, on the lesson's day where it says only the time; else when the lesson began. A
 * clock says the time of where it was, which is taken to be where this device is.
 */
export function startOf(clockS: number | null, lessonBegan: string): Date {
  const began = new Date(lessonBegan)
  if (clockS === null) return began
  if (clockS >= DAY_S) return new Date(clockS * 1000)
  const midnight = new Date(began)
  midnight.setHours(0, 0, 0, 0)
  return new Date(midnight.getTime() + clockS * 1000)
}
