import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { byId, InputError } from '../base'
import { BinSetUp } from '../domain'
import { CONTAINERS, MATERIALS } from '../library'
import {
  binFacts,
  childrenAtBin,
  cupsIn,
  dyeing,
  fillerMl,
  hiddenText,
  lengthWords,
  LIFT_G,
  outBy,
  readHidden,
  roomWords,
} from '.'

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

describe('what a bin comes to', () => {
  const tub = { id: 'tub', name: 'tub', lengthMm: 580, widthMm: 410, heightMm: 150 }
  const bin = (over: Partial<BinSetUp> = {}): BinSetUp => ({
    container: tub,
    fillerId: 'rice',
    depthMm: 50,
    taken: 0.1,
    tools: [],
    hidden: [{ name: 'figures', count: 8 }],
    filledOn: null,
    ...over,
  })
  const facts = (over: Partial<BinSetUp> = {}, atOnce = 4) => {
    const one = bin(over)
    return binFacts(one, materials.get(one.fillerId)!, atOnce)
  }
  it('is the worked example: 10.7 l, 9.1 kg of rice or 4.4 kg of oats, three children', () => {
    expect(facts()).toMatchObject({ atOnce: 3, inPlace: false, fillMinutes: 4, hidden: 8 })
    expect(facts()!.ml / 1000).toBeCloseTo(10.7, 1)
    expect(facts()!.weight! / 1000).toBeCloseTo(9.1, 1)
    expect(facts({ fillerId: 'rolled-oats' })!.weight! / 1000).toBeCloseTo(4.4, 1)
  })
  it('is filled where it stands at 10 cm of rice: 18.2 kg', () => {
    expect(facts({ depthMm: 100 })).toMatchObject({ inPlace: true, fillMinutes: 6 })
    expect(facts({ depthMm: 100 })!.weight! / 1000).toBeCloseTo(18.2, 1)
  })
  it('takes color where the filler does: 223 ml of vinegar, 45 ml of color, six sheets', () => {
    const { dye } = facts()!
    expect([Math.round(dye!.vinegarMl), Math.round(dye!.colorMl), dye!.trays]).toEqual([223, 45, 6])
    expect(facts({ fillerId: 'rolled-oats' })!.dye).toBeNull()
  })
  it('stands on a sheet where it scatters or is wet', () =>
    expect(['rice', 'water', 'crinkle-paper'].map((fillerId) => facts({ fillerId })!.needsSheet)).toEqual([
      true,
      true,
      false,
    ]))
  it('counts pieces where they are counted, and weighs nothing that nobody weighed', () => {
    expect(facts({ fillerId: 'large-pom-pom' })).toMatchObject({ quantity: 98, weight: null })
    expect(facts({ fillerId: 'cooked-noodle' })).toMatchObject({ quantity: null, weight: null })
  })
  it('comes to nothing where it is deeper than its walls', () => expect(facts({ depthMm: 151 })).toBeNull())
  it('is said in quarts or liters', () => {
    expect([roomWords(10_701, 'us'), roomWords(10_701, 'metric'), roomWords(946, 'us')]).toEqual([
      '11.5 quarts',
      '10.5 liters',
      '1 quart',
    ])
  })
  it('is counted in cups of either kitchen', () =>
    expect([cupsIn(10_701, 'us'), cupsIn(10_701, 'metric')]).toEqual([45, 43]))
  it('is measured as a ruler shows it', () => {
    expect([lengthWords(58, 'metric'), lengthWords(4.25, 'metric')]).toEqual(['58 cm', '4.3 cm'])
    expect([58, 5, 0.7, 0.2].map((cm) => lengthWords(cm, 'us'))).toEqual(['22 3/4 in', '2 in', '1/4 in', '0 in'])
  })
  it('goes when it is wet or food after its day, and else when the unit ends', () => {
    expect(outBy({ fillerId: 'rice', filledOn: '2026-03-05' }, '2026-03-18')).toBe('2026-03-18')
    expect(outBy({ fillerId: 'water', filledOn: '2026-03-05' }, '2026-03-18')).toBe('2026-03-05')
    expect(outBy({ fillerId: 'water', filledOn: null }, '2026-03-18')).toBeNull()
  })
  it('reads what is hidden as it is typed', () => {
    expect(readHidden('8 figures, shell,, 900 beads')).toEqual([
      { name: 'figures', count: 8 },
      { name: 'shell', count: 1 },
      { name: 'beads', count: 200 },
    ])
    expect(hiddenText(readHidden('8 figures, shell'))).toBe('8 figures, shell')
  })
  it.each(CONTAINERS.map((one) => [one.name, one] as const))('of the library, %s holds something', (_, container) => {
    const one = bin({ container, depthMm: Math.min(50, container.heightMm) })
    expect(BinSetUp.safeParse(one).success).toBe(true)
    expect(binFacts(one, materials.get('rice')!, 4)!.ml).toBeGreaterThan(0)
  })
})
