// Ids made on the device. The browser's own maker of ids exists only in a secure context; random bytes exist everywhere.
import { remember, remembered } from './localMemory'

const BYTES = 16
const DEVICE = 'amber-device'

/** A random id (UUID, version 4: RFC 9562, section 5.4), also on a page that came over plain http. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(BYTES))
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-')
}

let device: string | undefined

/** A name for this browser, made once; it orders attempts that two devices record at the same time. */
export function deviceId(): string {
  if (!device) {
    device = remembered(DEVICE) ?? newId()
    remember(DEVICE, device)
  }
  return device
}
