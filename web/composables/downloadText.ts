/** Hands a text to the browser as a file to keep. */
export const downloadText = (name: string, text: string, type: string): void =>
  download(name, new Blob([text], { type }))
/** The same for bytes. */
export const downloadBytes = (name: string, bytes: Uint8Array, type: string): void =>
  download(name, new Blob([bytes as BlobPart], { type }))

function download(name: string, blob: Blob): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(blob)
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}
