/** The content of a file as an address of its own, to stand inside a drawing. */
export const readAsUrl = (blob: Blob): Promise<string> =>
  new Promise((settle, fail) => {
    const reader = new FileReader()
    reader.onload = () => settle(reader.result as string)
    reader.onerror = () => fail(new Error('The picture could not be read'))
    reader.readAsDataURL(blob)
  })
