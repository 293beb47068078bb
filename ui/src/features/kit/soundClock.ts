// Where a moment of the sound falls on the page's clock. A browser tells the sound's own time in jumps of a buffer, so it is
// late by up to one and never early: the least lateness seen is the truth. A larger one means that the sound broke off, and
// that what is heard from then on is late as well.

/** Two clocks of one device do not part faster than that: what was seen long ago says little of now (milliseconds for each that goes by). */
const MOST_DRIFT = 0.0005
/** More than any buffer: a device that has that much on its hands does not time anything. */
const BROKE_OFF_MILLISECONDS = 100
const MILLISECONDS = 1000

export class SoundClock {
  private offset = Number.POSITIVE_INFINITY
  private lookedAt = 0

  /** Looks at both clocks at once; false where the sound broke off since the last look, after which it begins anew. */
  look(soundSeconds: number, pageMilliseconds: number): boolean {
    const atMost = this.offset + MOST_DRIFT * (pageMilliseconds - this.lookedAt)
    this.lookedAt = pageMilliseconds
    const now = pageMilliseconds - soundSeconds * MILLISECONDS
    const broke = now - atMost > BROKE_OFF_MILLISECONDS
    this.offset = broke ? now : Math.min(atMost, now)
    return !broke
  }

  /** A moment of the sound (seconds) on the page's clock (milliseconds). */
  onPage(soundSeconds: number): number {
    return soundSeconds * MILLISECONDS + this.offset
  }
}
