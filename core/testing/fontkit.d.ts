declare module 'fontkit' {
  /** What the tests ask of a font file. */
  export interface Font {
    characterSet: number[]
    capHeight: number
    glyphForCodePoint(code: number): { advanceWidth: number }
  }
  export function openSync(path: string): Font
}
