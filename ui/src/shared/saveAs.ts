/** Hands a file to the browser's own saving. */
export function saveAs(file: Blob, name: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(file)
  link.download = name
  link.click()
  // The download has its own hold on the file once it has begun.
  setTimeout(() => URL.revokeObjectURL(link.href), 1_000)
}
