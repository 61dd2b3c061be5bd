/**
 * Quantities are counted in thousandths of a base unit: no kitchen measures finer, and what products such as 10 x 1.1
 * leave over is.
 */
export const PER_UNIT = 1000

/** A quantity as it counts: to a thousandth of a base unit. The one place where quantities are rounded. */
export const tidy = (quantity: number): number => Math.round(quantity * PER_UNIT) / PER_UNIT
