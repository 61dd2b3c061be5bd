import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { newIdea, newThemeObject, Unit } from '../../domain'
import { KNOWN_THINGS } from '../../library/things'
import { byId } from '../../base'
import { aMaterial, anActivity, aNeed, aUnit } from '../../testing/build'
import { activitiesFor } from './activitiesFor'
import { interestWords, speaksOf } from './interest'
import { inTheme } from './slots'
import { many, one, readNumber, withArticle } from './words'
import { leftOutOf, meantBy, readThings } from './readThings'
import { slug, themeOf, thingMaterial } from './theme'
import { stretched, stretchesFor } from './stretch'
import { thingUpdates } from './thingUpdates'

const focus = { letter: 'K', number: 'five', shape: 'diamond', colour: 'sky blue' }
const kites = aUnit({
  name: 'Wind',
  words: ['gust', 'lift'],
  focus,
  objects: [
    { ...newThemeObject('kite', 3), pieceMm: [600, 500, 20], colours: ['red'] },
    { ...newThemeObject('Kites', 2), colours: ['blue'] },
    newThemeObject('thunder'),
    { ...newThemeObject('bead', 40), pieceMm: [9, 9, 6] },
  ],
})

describe('words', () => {
  it('makes a cookie of cookies, as of berries a berry', () =>
    expect(['cookies', 'brownies', 'berries', 'pies'].map(one)).toEqual(['cookie', 'brownie', 'berry', 'pie']))
  it('makes one and many of names, and knows what has no many', () => {
    expect([one('leaves'), many('leaf'), many('mouse'), many('sheep'), many('thunder'), one('glass')]).toEqual([
      'leaf',
      'leaves',
      'mice',
      'sheep',
      'thunder',
      'glass',
    ])
    expect([
      withArticle('apple'),
      withArticle('unicorn'),
      withArticle('umbrella'),
      withArticle('hour glass'),
      withArticle('snow'),
    ]).toEqual(['an apple', 'a unicorn', 'an umbrella', 'an hour glass', 'snow'])
  })
  it('reads numbers as they are written', () =>
    expect(['five', ' 12 ', 'Twenty', 'many', '', '-3', '101'].map(readNumber)).toEqual([
      5,
      12,
      20,
      null,
      null,
      null,
      null,
    ]))
})

describe('a line of objects', () => {
  it('takes counts, colors and what is commonly known', () => {
    const [shells, crab, gizmo] = readThings('12 red and white shells, crab; two gizmos', KNOWN_THINGS)
    expect(shells).toMatchObject({
      name: 'shell',
      onHand: 12,
      colours: ['red', 'white'],
      category: 'found outdoors',
      lives: 'the beach',
    })
    expect(crab).toMatchObject({ name: 'crab', onHand: 0, colours: ['red', 'orange'], category: 'sea animal' })
    expect(gizmo).toEqual({ ...newThemeObject('gizmo'), onHand: 2 })
  })
  it('takes names as hurried people type them', () => {
    const names = (text: string) => readThings(text, KNOWN_THINGS).map((one) => one.name)
    expect(names('a pine cone , the squirrel; TREES 🌳, Acorns!!, leafs, some mushrooms')).toEqual([
      'pine cone',
      'squirrel',
      'tree',
      'acorn',
      'leaf',
      'mushroom',
    ])
    expect(names('Grandma’s quilt, Bus stop, mars, GLASSES, Oak leaves, Яблоко')).toEqual([
      'Grandma’s quilt',
      'bus stop',
      'Mars',
      'glasses',
      'oak leaf',
      'яблоко',
    ])
    expect(readThings('3 big red leaves, pine cone, 2 Pine Cones', KNOWN_THINGS)).toMatchObject([
      { name: 'leaf', onHand: 3, size: 'large', colours: ['red'] },
      { name: 'pine cone', onHand: 2 },
    ])
  })
  it('knows a kind by its last word, but not how large it is', () => {
    expect(readThings('12 baby carrots', KNOWN_THINGS)).toMatchObject([
      { name: 'baby carrot', category: 'vegetable', hazards: ['choking-food'], usualMm: null },
    ])
  })
  it('leaves out what is not for play, and says why', () => {
    expect(readThings('gun, 3 bandages, medicine', KNOWN_THINGS).map((one) => one.name)).toEqual(['bandage'])
    expect(leftOutOf('a Gun!, 3 bandages, medicine').map((one) => one.name)).toEqual(['gun', 'medicine'])
    expect(leftOutOf('gunny sack, matching socks, wineglass, pillow')).toEqual([])
  })
  it('finds what was meant by a slip of the finger, and nothing where two could be', () => {
    const known = new Map([...KNOWN_THINGS].filter(([name]) => ['mushroom', 'mouse', 'moose', 'tree'].includes(name)))
    expect(
      ['mushrom', 'muhsroom', 'mushroomm', 'mushrooms', 'mouze', 'tre', 'bicycle'].map((one) => meantBy(one, known)),
    ).toEqual(['mushroom', 'mushroom', 'mushroom', null, 'mouse', null, null])
    expect(meantBy('mosse', known)).toBeNull()
  })
  it('leaves blank pieces out and keeps a lone number or color as a name', () => {
    expect(readThings(' , ;\n , ')).toEqual([])
    expect(readThings('7, red').map((thing) => [thing.name, thing.onHand])).toEqual([
      ['7', 0],
      ['red', 0],
    ])
  })
  it('gives only what a unit may hold, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400, unit: 'binary' }), (text) => {
        const objects = readThings(text, KNOWN_THINGS)
        const checked = Unit.shape.objects.safeParse(objects)
        expect(checked.success || checked.error.issues).toBe(true)
      }),
    )
    expect(
      readThings(Array.from({ length: 900 }, (_, i) => `thing${'x'.repeat(i % 7)} ${i} a`).join(',')),
    ).toHaveLength(500)
  })
})

describe('a theme', () => {
  it('counts objects of one name as one', () => {
    const [kite] = themeOf(kites).things
    expect(kite).toMatchObject({ one: 'kite', many: 'kites', onHand: 5, colours: ['red', 'blue'], large: true })
    expect(themeOf(kites).things).toHaveLength(3)
  })
  it('says of what nobody has measured that it is not known, whatever its size in the theme', () => {
    const [gizmo] = themeOf(aUnit({ objects: [{ ...newThemeObject('gizmo', 2), size: 'large' }] })).things
    expect([gizmo.piece, gizmo.large]).toEqual(['unknown', false])
    expect(thingMaterial(gizmo)).toMatchObject({
      id: 'thing-gizmo',
      name: 'gizmos',
      onHand: 2,
      safety: { partMm: null, measured: false },
    })
  })
  it('takes a thing to be as large as it usually is, until somebody measures the one that is here', () => {
    const of = (text: string, over = {}) =>
      themeOf(aUnit({ objects: readThings(text, KNOWN_THINGS).map((one) => ({ ...one, ...over })) })).things[0]
    expect([of('3 benches').piece, of('3 thimbles').piece, of('3 thimbles', { pieceMm: [90, 80, 70] }).piece]).toEqual([
      'large',
      'small',
      'large',
    ])
    expect(thingMaterial(of('3 thimbles')).safety).toMatchObject({ partMm: [24, 18, 18], measured: true })
    expect(thingMaterial(of('some flour')).safety).toMatchObject({ partMm: null, measured: true })
  })
  it('knows what a thing means as a material', () => {
    const safety = (text: string) =>
      thingMaterial(themeOf(aUnit({ objects: readThings(text, KNOWN_THINGS) })).things[0]).safety
    expect(safety('6 eggs').allergens).toEqual(['egg'])
    expect(safety('bread').allergens).toEqual(['wheat'])
    expect(safety('honey').hazards).toContain('honey')
    expect(safety('12 grapes').hazards).toContain('choking-food')
    expect(safety('nails').hazards).toContain('sharp')
    expect(safety('candles').hazards).toContain('hot')
    expect(safety('12 balloons').hazards).toContain('film')
    expect(safety('6 magnets').hazards).toContain('loose-magnet')
    expect(safety('3 ropes').cordMm).toBe(2000)
    expect(safety('6 marbles').ballMm).toBe(16)
    expect(safety('3 benches')).toMatchObject({ allergens: [], hazards: [], cordMm: null, ballMm: null })
  })
  it('reads a number of 1 to 20 and none else', () => {
    expect(
      ['five', '20', '0', '21', 'x'].map((number) => themeOf(aUnit({ focus: { ...focus, number } })).number),
    ).toEqual([5, 20, null, null, null])
  })
  it('makes an id of any name', () =>
    expect([slug('Übergröße & Co'), slug('…'), slug('a'.repeat(90)).length]).toEqual(['ubergro-e-co', 'thing', 40]))
})

describe('slots', () => {
  const activity = anActivity({
    title: 'Hunt for {theme}',
    steps: ['{objects} hide.', 'Look for {object}, {name}.', 'Say {words} and {number}, {letter}, {shape}, {color}.'],
  })
  it('take what is large and in the house, and name what is talked about', () => {
    const [filled] = inTheme([activity], kites)
    expect(filled.title).toBe('Hunt for “Wind”')
    expect(filled.steps).toEqual([
      'Kites hide.',
      'Look for a kite, a kite.',
      'Say “gust” and “lift” and five, the letter K, a diamond, sky blue.',
    ])
  })
  it('never put a small part into a child’s hands by a text', () => {
    const small = aUnit({ objects: [{ ...newThemeObject('bead', 40), pieceMm: [9, 9, 6] }] })
    expect(inTheme([activity], small)[0].steps[0]).toBe('A few large things hide.')
  })
  it('read well without a unit, and leave an activity without a slot as it is', () => {
    const plain = anActivity()
    expect(inTheme([activity, plain], null)[0].steps[1]).toBe('Look for a large thing, something of the theme.')
    expect(inTheme([plain], kites)[0]).toBe(plain)
  })
})

describe('stretching', () => {
  const sails = aMaterial({ id: 'sail', name: 'sails', unit: 'each' })
  const paint = aMaterial({ id: 'tempera-paint', name: 'washable paint', unit: 'ml' })
  const materials = byId([sails, paint])
  const boats = anActivity({
    centers: ['art-table'],
    requirements: [aNeed('sail', { quantity: 3, basis: { by: 'child' } }), aNeed('tempera-paint', { quantity: 20 })],
  })
  const theme = themeOf(kites)
  it('offers five sails because the number is five, and each other focus at most once', () => {
    const found = stretchesFor(boats, theme, materials)
    expect(found.map((stretch) => stretch.id)).toEqual(['letter', 'number', 'shape', 'colour'])
    expect(found[1]).toMatchObject({ words: 'Five sails each: the number is five.', quantities: { sail: 5 } })
    expect(found[3].step).toBe('Choose washable paint in sky blue, with one other color beside it.')
  })
  it('leaves a quantity alone that the text counts by itself, or that is too far from it', () => {
    const said = { ...boats, steps: ['Give each child three sails.'] }
    expect(stretchesFor(said, theme, materials).find((stretch) => stretch.id === 'number')?.quantities ?? {}).toEqual(
      {},
    )
    const far = { ...boats, requirements: [aNeed('sail', { quantity: 2, basis: { by: 'child' } })] }
    expect(
      stretchesFor(far, { ...theme, number: 9 }, materials).find((stretch) => stretch.id === 'number')?.quantities ??
        {},
    ).toEqual({})
  })
  it('offers nothing where a unit has no focus', () => {
    expect(stretchesFor(boats, themeOf(aUnit()), materials)).toEqual([])
  })
  it('changes the quantity and adds the step only where it was taken', () => {
    expect(stretched(boats, theme, materials, {})).toBe(boats)
    const taken = stretched(boats, theme, materials, { number: 'taken', letter: 'left' })
    expect(taken.requirements[0].quantity).toBe(5)
    expect(taken.steps).toEqual(['Do it.', 'Count five sails out with each child.'])
  })
  it('reaches the plan through the basket, and follows when the number changes', () => {
    const idea = { ...newIdea('i', 'unit', 'act'), stretches: { number: 'taken' as const } }
    expect(activitiesFor(kites, [idea], [boats], materials)[0].requirements[0].quantity).toBe(5)
    expect(
      activitiesFor({ ...kites, focus: { ...focus, number: '4' } }, [idea], [boats], materials)[0].requirements[0]
        .quantity,
    ).toBe(4)
  })
})

describe('an interest', () => {
  it.each([
    ['anything that spins', ['spin']],
    ['Trains and diggers', ['train', 'digger']],
    ['her own letters', ['letter']],
    ['the', []],
    ['', []],
  ])('“%s” is about %j', (interest, words) => expect(interestWords(interest)).toEqual(words))
  it('is met by the beginning of a word, not by its middle', () => {
    const rails = anActivity({ steps: ['Lay rails for the trains.'] })
    expect([
      speaksOf(rails, ['train']),
      speaksOf(anActivity({ aim: 'Strain the peas.' }), ['train']),
      speaksOf(rails, []),
    ]).toEqual([true, false, false])
  })
})

describe('the materials of a theme’s objects', () => {
  const before = aUnit({ objects: [newThemeObject('shell', 6), newThemeObject('crab', 1)] })
  const stock = byId(themeOf(before).things.map((thing) => ({ ...thingMaterial(thing), place: 'blue box' })))
  const change = (over: Partial<Unit['objects'][number]>) =>
    thingUpdates(before, { ...before, objects: [{ ...before.objects[0], ...over }, before.objects[1]] }, stock)
  it('take on a measure, and keep their place', () =>
    expect(change({ pieceMm: [90, 60, 40] })).toEqual([
      expect.objectContaining({
        id: 'thing-shell',
        place: 'blue box',
        onHand: 6,
        safety: expect.objectContaining({ partMm: [90, 60, 40] }),
      }),
    ]))
  it('take on a count, and keep their measure', () =>
    expect(change({ onHand: 9 })).toEqual([{ ...stock.get('thing-shell'), onHand: 9 }]))
  it('stay as they are when something else changes, or when the pantry does not have them', () => {
    expect(change({ colours: ['pink'] })).toEqual([])
    expect(thingUpdates(before, { ...before, objects: [{ ...before.objects[0], onHand: 9 }] }, new Map())).toEqual([])
  })
})
