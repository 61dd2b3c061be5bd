/** Things by their id. */
export const byId = <T extends { id: string }>(things: readonly T[]): Map<string, T> =>
  new Map(things.map((thing) => [thing.id, thing]))
