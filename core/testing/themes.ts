/**
 * Twenty themes as a hurried person types them: name, words, objects. The first ten are themes that Kobby can begin with, the
 * others are known to no starter.
 */
export const TYPED_THEMES: readonly (readonly [name: string, words: string, objects: string])[] = [
  ['A bakery at night', 'knead, crust, rise', 'bread, roll, oven, flour, 4 aprons, 3 rolling pins, pretzel, 2 whisks'],
  ['The pond', 'hop, ripple, lily', 'frog, duck, TADPOLE, 5 stones, dragonfly, cattails, fish'],
  ['Building site', 'lift, dig, beam', 'crane, 3 trucks, bricks, helmet, ladder, bulldozer, 10 blocks'],
  ['leafs and trees', 'bark, twig, autumn', 'leaf, acorns, squirrel, 12 pine cones, oak tree, owl'],
  ['Feelings', 'calm, proud, mad', 'happiness, sadness, anger, hug, face, mirror'],
  ['Going to the doctor', 'listen, heal, breathe', '2 stethoscopes, bandage, doctor, x-ray, thermometer, teddy bear'],
  ['space', 'orbit, launch, crater', 'rocket, moon, star, planet, astronaut, 3 helmets, sun'],
  ['Bugs!', 'crawl, buzz, wing', 'ant, bee, butterfly, ladybug, caterpillar, 4 magnifiers'],
  ['The sea', 'wave, deep, salty', '6 shells, crab, 2 boats, seaweed, whale, octopus'],
  ['winter', 'frost, melt, shiver', 'snowman, mitten, sled, scarf, snowflake, penguin, 2 shovels'],
  ["Grandma's button box", 'thread, shiny, round', '40 buttons, thimble, zipper, ribbon, needle, spool'],
  ['The canal', 'lock, float, rope', 'barge, lock, rope, bridge, swan, bicycle, 2 buckets'],
  ['Bus stop in the rain', 'wait, splash, ticket', 'bus, bench, umbrella, puddle, ticket, timetable'],
  ['Night market', 'lantern, spicy, bargain', 'lantern, noodles, stall, moon, teapot, fish, 3 baskets'],
  ['Mud', 'squish, ooze, sticky', 'mud, 6 boots'],
  ['robots', 'signal, bolt, program', 'robot, gear, antenna, wheel, battery, claw'],
  ['Hats from everywhere', 'brim, feather, crown', 'hat, helmet, crown, bonnet, beret, 5 caps, turban'],
  ['Noodles', 'slurp, twist, steam', 'noodle, pot, fork, chopsticks, soup, 4 bowls, broth'],
  ['keys and locks', 'turn, open, hide', 'key, padlock, door, treasure chest, 3 boxes, doorbell'],
  ['The laundromat', 'spin, fold, foam', 'washing machine, sock, shirt, soap, 10 clothespins, basket, towel'],
]
