// Hears a tip or a cushion: a short burst that stands out of the room's noise. Works on samples; where they come from is not its business.

/** How many times louder than the room a burst is. */
const LOUDER = 6
/** Never for less than this (full scale is 1): a silent room has no noise to stand out of. */
const FAINTEST = 0.02
/** How quickly the room's noise is followed (seconds). */
const ROOM_SECONDS = 0.5
/** A ball's sound rings on; it is one sound. */
const RING_SECONDS = 0.12
const BLOCK_SAMPLES = 64

export class OnsetDetector {
  private room = FAINTEST / LOUDER
  private quietFrom = 0

  constructor(private readonly samplesPerSecond: number) {}

  /** Times of bursts in these samples (seconds); `beginsAt` is the time of the first sample. */
  hear(samples: Float32Array, beginsAt: number): number[] {
    const onsets: number[] = []
    const share = 1 - Math.exp(-BLOCK_SAMPLES / this.samplesPerSecond / ROOM_SECONDS)
    for (let from = 0; from + BLOCK_SAMPLES <= samples.length; from += BLOCK_SAMPLES) {
      const loud = peak(samples, from)
      const at = beginsAt + from / this.samplesPerSecond
      if (loud > Math.max(FAINTEST, LOUDER * this.room)) {
        if (at >= this.quietFrom) onsets.push(at)
        this.quietFrom = at + RING_SECONDS
      } else {
        this.room += share * (loud - this.room)
      }
    }
    return onsets
  }
}

function peak(samples: Float32Array, from: number): number {
  let most = 0
  for (let i = from; i < from + BLOCK_SAMPLES; i++) most = Math.max(most, Math.abs(samples[i] ?? 0))
  return most
}
