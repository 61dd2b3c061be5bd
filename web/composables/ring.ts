/** Three short tones and a shake, where the device can: a kitchen is loud, and nobody looks at a screen in it. */
export function ring(): void {
  navigator.vibrate?.([200, 100, 200, 100, 200])
  try {
    const context = new AudioContext()
    for (const [i, at] of [0, 0.35, 0.7].entries()) {
      const tone = context.createOscillator()
      const volume = context.createGain()
      tone.frequency.value = i === 2 ? 880 : 660
      volume.gain.setValueAtTime(0.2, context.currentTime + at)
      volume.gain.exponentialRampToValueAtTime(0.001, context.currentTime + at + 0.3)
      tone.connect(volume).connect(context.destination)
      tone.start(context.currentTime + at)
      tone.stop(context.currentTime + at + 0.3)
    }
    setTimeout(() => void context.close(), 2000)
  } catch {
    // A browser without sound still shows that it is over.
  }
}
