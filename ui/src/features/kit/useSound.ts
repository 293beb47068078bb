// Listens for tip and cushion with the browser's own means: what is heard stays in this page and is not kept.
import { onUnmounted, ref } from 'vue'
import { SoundClock } from './soundClock'
import { OnsetDetector } from './soundOnsets'

const POLL_MILLISECONDS = 15
/** More than passes between two looks, so that no sample is missed. */
const WINDOW_SAMPLES = 8192

/** `brokeOff` is told where the device lost some of the sound: what was being timed then is worth nothing. */
export function useSound(heard: (atMilliseconds: number) => void, brokeOff: () => void) {
  const listening = ref(false)
  const refused = ref(false)
  let stop: () => void = () => undefined

  async function listen(): Promise<void> {
    refused.value = false
    try {
      const stream = await navigator.mediaDevices.getUserMedia({
        audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
      })
      const context = new AudioContext()
      const analyser = context.createAnalyser()
      analyser.fftSize = WINDOW_SAMPLES
      context.createMediaStreamSource(stream).connect(analyser)
      const detector = new OnsetDetector(context.sampleRate)
      const clock = new SoundClock()
      const window = new Float32Array(WINDOW_SAMPLES)
      let last = context.currentTime
      const look = () => {
        const now = context.currentTime
        const fresh = Math.round((now - last) * context.sampleRate)
        const whole = clock.look(now, performance.now()) && fresh <= WINDOW_SAMPLES
        if (!whole) brokeOff()
        if (fresh <= 0) return
        const seen = Math.min(WINDOW_SAMPLES, fresh)
        analyser.getFloatTimeDomainData(window)
        for (const at of detector.hear(
          window.subarray(WINDOW_SAMPLES - seen),
          now - seen / context.sampleRate,
        ))
          heard(clock.onPage(at))
        last = now
      }
      const timer = setInterval(look, POLL_MILLISECONDS)
      stop = () => {
        clearInterval(timer)
        stream.getTracks().forEach((track) => track.stop())
        void context.close()
      }
      listening.value = true
    } catch {
      // Refused, no microphone, or a page that came over plain http: said on the page; the key goes on working.
      refused.value = true
    }
  }

  function quiet(): void {
    stop()
    stop = () => undefined
    listening.value = false
  }
  onUnmounted(quiet)

  return { listening, refused, listen, quiet }
}
