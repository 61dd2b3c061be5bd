import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { byId, InputError } from '../base'
import { MATERIALS } from '../library'
import { childrenAtBin, dyeing, fillerMl, LIFT_G } from '.'

const BIN = { lengthCm: 58, widthCm: 41, heightCm: 15 }
const materials = byId(MATERIALS)
const kilograms = (id: string, ml: number) => Math.round((ml * materials.get(id)!.density!) / 100) / 10

describe('a bin of 58 by 41 cm', () => {
  it('takes 10.7 liters at 5 cm: 9.1 kg of rice, 4.4 kg of oats', () => {
    const ml = fillerMl(BIN, 5)
    expect(Math.round(ml / 100) / 10).toBe(10.7)
    expect(kilograms('rice', ml)).toBe(9.1)
    expect(kilograms('rolled-oats', ml)).toBe(4.4)
    expect(ml * materials.get('rice')!.density!).toBeLessThan(LIFT_G)
  })

  it('takes 18.2 kg of rice at 10 cm, too much to lift', () => {
    expect(kilograms('rice', fillerMl(BIN, 10))).toBe(18.2)
  })

  it('has room for three, or as many as the center takes', () => {
    expect(childrenAtBin(BIN, 8)).toBe(3)
    expect(childrenAtBin(BIN, 2)).toBe(2)
    expect(childrenAtBin({ lengthCm: 12, widthCm: 10 }, 4)).toBe(1)
  })

  it.each([
    ['depthCm: Fill it with something', BIN, 0, 0.1],
    ['depthCm: Fill it with something', BIN, NaN, 0.1],
    ['depthCm: That is deeper than its walls are high', BIN, 15.1, 0.1],
    ['lengthCm: A bin has a length', { ...BIN, lengthCm: 0 }, 5, 0.1],
    ['widthCm: A bin has a width', { ...BIN, widthCm: -1 }, 5, 0.1],
    ['heightCm: A bin has walls', { ...BIN, heightCm: 0 }, 5, 0.1],
    ['taken: Tools and hidden things take less than all of it', BIN, 5, 1],
  ])('says “%s”', (message, container, depth, taken) => {
    expect(() => fillerMl(container, depth, taken)).toThrow(
      new InputError({ field: message.split(':')[0], message: message.split(': ')[1] }),
    )
  })

  it('takes more the deeper it is, in proportion', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 7.5, noNaN: true }), (depth) => {
        expect(fillerMl(BIN, 2 * depth)).toBeCloseTo(2 * fillerMl(BIN, depth), 6)
      }),
    )
  })
})

describe('coloring rice', () => {
  it('takes vinegar and color by the 240 ml, and as many trays as it needs at 1.5 cm', () => {
    // 10.7 l on trays of 40 by 30 cm: 1.8 l on each.
    expect(dyeing(10_701, [40, 30])).toEqual({
      vinegarMl: (10_701 / 240) * 5,
      colorMl: 10_701 / 240,
      trays: 6,
      hours: [8, 12],
    })
    expect(dyeing(1800, [40, 30]).trays).toBe(1)
  })

  it('needs something to color, and a tray', () => {
    expect(() => dyeing(0, [40, 30])).toThrow('ml: Color something')
    expect(() => dyeing(100, [0, 30])).toThrow('trayCm: A tray has a length and a width')
  })
})
