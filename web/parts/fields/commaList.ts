/** What a field with commas between holds. */
export const commaList = (text: unknown): string[] =>
  String(text ?? '')
    .split(',')
    .map((part) => part.trim())
    .filter(Boolean)
