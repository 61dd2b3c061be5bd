/** Every file of the build by its address, as the service worker keeps them: one file, written by the build. */
export type OfflineCopy = Record<
  string,
  {
    type: string
    text: string
    /** The text stands for bytes. */
    base64?: true
  }
>
