const dimDevice = window.matchMedia('(prefers-color-scheme: dark)')
let wanted: 'SYSTEM' | 'LIGHT' | 'DARK' = 'SYSTEM'

function paint(): void {
  const dark = wanted === 'DARK' || (wanted === 'SYSTEM' && dimDevice.matches)
  document.documentElement.classList.toggle('dark', dark)
}

/** Paper, dim hall, or as the device says. */
export function useTheme(theme: typeof wanted): void {
  wanted = theme
  paint()
}

dimDevice.addEventListener('change', paint)
paint()
