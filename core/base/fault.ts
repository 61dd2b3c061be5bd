/** Where in its input a computation found something it cannot work with. */
export interface Fault {
  /** Path of the field, such as `packs.0.size`. */
  field: string
  message: string
}

/** Thrown by every function in core for input that has no answer. Names the field; never a NaN instead. */
export class InputError extends Error {
  readonly faults: Fault[]
  constructor(...faults: Fault[]) {
    super(faults.map((fault) => `${fault.field}: ${fault.message}`).join('; '))
    this.name = 'InputError'
    this.faults = faults
  }
}

/**
 * Throws an {@link InputError} unless the condition holds.
 *
 * @param holds what must be true
 * @param field path of the field to name
 * @param message what is wrong with it, in plain words
 */
export function demand(holds: unknown, field: string, message: string): asserts holds {
  if (!holds) throw new InputError({ field, message })
}

/** Throws an {@link InputError}: where words for a fault are costly and the check is made many thousand times. */
export function fail(field: string, message: string): never {
  throw new InputError({ field, message })
}
