let audio: AudioContext | undefined

/** Browsers let sound begin only on a touch: called on the touch that starts the timer. */
export function readySound(): void {
  audio ??= 'AudioContext' in window ? new AudioContext() : undefined
  void audio?.resume()
}

/** So many tones and so many pulses in the pocket: one for the left rein, two for the right, a long one for the end. */
export function signal(what: 'LEFT' | 'RIGHT' | 'OVER'): void {
  const pattern = { LEFT: [0.35], RIGHT: [0.35, 0.35], OVER: [1.2] }[what]
  if ('vibrate' in navigator) navigator.vibrate(pattern.flatMap((s) => [s * 1000, 200]))
  if (audio?.state !== 'running') return
  let at = audio.currentTime
  for (const seconds of pattern) {
    const tone = audio.createOscillator()
    const volume = audio.createGain()
    tone.frequency.value = what === 'OVER' ? 523 : 784
    volume.gain.setValueAtTime(0.5, at)
    volume.gain.exponentialRampToValueAtTime(0.01, at + seconds)
    tone.connect(volume).connect(audio.destination)
    tone.start(at)
    tone.stop(at + seconds)
    at += seconds + 0.15
  }
}
