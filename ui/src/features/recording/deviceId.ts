const KEY = 'amber-device'
let id: string | undefined

/** A name for this browser, made once; it orders attempts that two devices record at the same time. */
export function deviceId(): string {
  if (!id) {
    id = localStorage.getItem(KEY) ?? crypto.randomUUID()
    localStorage.setItem(KEY, id)
  }
  return id
}
