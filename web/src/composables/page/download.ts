/** Hands a file that the server made to the browser, to be saved. */
export function download(file: unknown, name: string): void {
  const address = URL.createObjectURL(file as Blob)
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
  URL.revokeObjectURL(address)
}
