// What a browser says it is, in the two words that a person knows it by.

const BROWSERS: [pattern: RegExp, name: string][] = [
  [/Edg\//, 'Edge'],
  [/Firefox\//, 'Firefox'],
  [/Chrom(e|ium)\//, 'Chrome'],
  [/Safari\//, 'Safari'],
]
const SYSTEMS: [pattern: RegExp, name: string][] = [
  [/iPhone/, 'iPhone'],
  [/iPad/, 'iPad'],
  [/Android/, 'Android'],
  [/Windows/, 'Windows'],
  [/Mac OS X/, 'Mac'],
  [/Linux/, 'Linux'],
]

export function deviceWords(userAgent: string): string {
  const found = [BROWSERS, SYSTEMS].flatMap(
    (list) => list.find(([pattern]) => pattern.test(userAgent))?.[1] ?? [],
  )
  return found.length ? found.join(', ') : userAgent.slice(0, 40)
}
