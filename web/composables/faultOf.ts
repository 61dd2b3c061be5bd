import { InputError } from '@core/base'

/** What is wrong with what a computation is given, by field; nothing where it can be computed. */
export function faultOf(compute: () => unknown): Record<string, string> {
  try {
    compute()
    return {}
  } catch (error) {
    if (error instanceof InputError) return Object.fromEntries(error.faults.map((one) => [one.field, one.message]))
    throw error
  }
}
