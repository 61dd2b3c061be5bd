/** What a field of numbers holds: none where it is empty. */
export const numberOrNone = (value: unknown): number | null => (value === '' || value === null ? null : Number(value))
