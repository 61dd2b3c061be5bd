/** Sky, weather, water, rocks and places. How a line reads stands in `index.ts`. */
export const WORLD = `
sun | sky | hard | large | yellow | the sky | t80 | stages: sunrise, noon, sunset; parts: rays, middle; moves: rises and sets
moon | sky | hard | medium | white gray | the sky | t80 | stages: new moon, half moon, full moon; parts: craters, bright side, dark side; moves: circles the earth
star | sky | hard | small | yellow white | the sky | t60 | parts: points, middle; moves: twinkles
planet | sky | hard | large | blue red | space | t80 | parts: rings, clouds, moons; moves: circles the sun
earth | sky | hard | large | blue green | space | t90 | form: stuff; parts: oceans, land, clouds, ice; moves: turns
mars | sky | hard | medium | red | space | t70 | form: name
saturn | sky | hard | medium | yellow | space | t80 | form: name; parts: rings, moons
comet | sky | hard | medium | white blue | space | t80 | parts: head, tail; moves: streaks
meteor | sky | hard | small | brown gray | space | t60 | moves: falls and glows
galaxy | sky | paper | large | purple white | space | t120 | plural: galaxies; parts: stars, arms, middle; moves: spins
crater | sky | hard | medium | gray | the moon | t80 | parts: rim, floor
constellation | sky | paper | large | white black | the sky | t120 | parts: stars, lines
cloud | weather | soft | medium | white gray | the sky | t90 | stages: water, mist, cloud, rain; moves: drifts
rain | weather | paper | medium | blue gray | the sky | | form: stuff; stages: cloud, rain, puddle; sound: patters; moves: falls
raindrop | weather | paper | small | blue | the sky | t60 | stages: cloud, raindrop, puddle; sound: plops; moves: falls
puddle | weather | hard | medium | brown blue | the sidewalk | t110 | stages: rain, puddle, dry ground; sound: splashes; moves: ripples
rainbow | weather | paper | large | red orange yellow green blue purple | the sky | t120 | parts: red band, orange band, yellow band, green band, blue band, purple band; needs: sun and rain
snow | weather | soft | medium | white | the yard | | form: stuff; stages: cloud, snow, puddle; moves: falls softly; made: ice
snowflake | weather | paper | small | white | the sky | t90x90x1 | parts: six arms, middle; moves: floats down
snowball | weather | hard | small | white | the yard | r80x80x80 | made: ice
snowman | figure | soft | large | white | the yard | t80 | plural: snowmen; stages: snowball, three balls, snowman, puddle; parts: hat, carrot nose, buttons, scarf, stick arms
ice | weather | hard | small | white blue | the freezer | | form: stuff; stages: water, ice, water; made: ice; hazards: ice
ice cube | weather | hard | small | white | the freezer | r35x35x30 | stages: water, ice cube, puddle; hazards: ice, choking-food
icicle | weather | hard | medium | white | the roof | r250x30x30 | stages: snow, drip, icicle, drip; hazards: ice; moves: drips
frost | weather | hard | small | white | the window | | form: stuff
hail | weather | hard | small | white | the sky | | form: stuff; sound: rattles
fog | weather | soft | large | white gray | the harbor | | form: stuff; moves: creeps
mist | weather | soft | medium | white | the lake | | form: stuff
dew | weather | hard | small | white | the grass | | form: stuff
wind | weather | soft | large | white blue | the sky | | form: stuff; sound: whooshes; moves: blows
breeze | weather | soft | medium | white blue | the beach | | moves: blows softly; form: idea
storm | weather | paper | large | gray black | the sky | | form: idea; stages: dark clouds, wind, rain, sunshine; sound: rumbles; moves: rolls in
thunder | weather | paper | large | gray | the sky | | form: stuff; sound: rumbles
lightning | weather | paper | large | yellow | the sky | | form: stuff; moves: flashes
tornado | weather | paper | large | gray | the plain | t90 | plural: tornadoes; parts: funnel, cloud; moves: spins
hurricane | weather | paper | large | white gray | the ocean | t110 | parts: eye, bands, wind; moves: spins
sunshine | weather | paper | large | yellow | the sky | | form: stuff
shadow | light | paper | medium | black gray | the sidewalk | | form: idea; stages: long shadow, short shadow, long shadow; needs: light and something in its way; moves: follows you
light | light | paper | large | yellow white | the sky | | form: stuff
season | weather | paper | large | green orange white yellow | the year | | stages: spring, summer, fall, winter; form: idea
water | water | food | medium | blue | the sink | | form: stuff; stages: ice, water, steam; moves: flows; hazards: water; sound: splashes
wave | water | hard | large | blue white | the ocean | t110 | stages: swell, crest, splash; sound: crashes; moves: rolls in
splash | water | hard | medium | blue | the pool | | plural: splashes; form: idea
drop | water | hard | small | blue | the sink | t60 | sound: drips; moves: falls
steam | water | soft | medium | white | the kettle | | form: stuff; sound: hisses; hazards: hot; moves: rises
waterfall | place | hard | large | blue white | the mountains | t110 | parts: top, falling water, pool, rocks; sound: roars; moves: falls
river | place | hard | large | blue | the valley | t150 | parts: bank, bend, source, mouth; sound: gurgles; moves: flows
stream | place | hard | medium | blue | the forest | t120 | parts: banks, stones, water; sound: babbles; moves: flows
lake | place | hard | large | blue | the hills | t130 | parts: shore, dock, water
pond | place | hard | medium | green blue | the park | t120 | parts: water, lily pads, mud, reeds
ocean | place | hard | large | blue | the world | t150 | parts: waves, sand, deep water, reef
beach | place | hard | large | yellow | the coast | t150 | plural: beaches; parts: sand, waves, shells, dunes
island | place | hard | large | green yellow | the ocean | t120 | parts: beach, trees, shore
mountain | place | hard | large | gray white | the range | t130 | parts: peak, slope, snow, foot
hill | place | hard | large | green | the country | t120 | parts: top, side, foot
valley | place | hard | large | green | the hills | t130
volcano | place | hard | large | gray red | the island | t110 | plural: volcanoes; stages: quiet mountain, smoke, lava, new rock; parts: crater, vent, lava, ash; sound: rumbles
lava | rock | hard | medium | red orange | a volcano | | form: stuff; stages: hot lava, warm lava, cool rock; moves: flows slowly
cave | place | hard | large | gray black | the mountains | t110 | parts: opening, walls, stalactites, bats
desert | place | hard | large | yellow orange | the world | t150 | parts: dunes, cacti, rocks, sky
jungle | place | plant | large | green | the world | t150 | parts: vines, trees, flowers, river; living: no
rainforest | place | plant | large | green | the world | t150 | parts: canopy, vines, floor, river; living: no
swamp | place | plant | large | green brown | the world | t130 | parts: mud, moss, water, trees; living: no
iceberg | place | hard | large | white blue | the ocean | t110 | parts: tip, hidden part; moves: drifts; made: ice
glacier | place | hard | large | white blue | the mountains | t130 | moves: creeps; made: ice
igloo | home | hard | large | white | the ice | t90 | parts: door, blocks, dome
sand | rock | hard | small | yellow | the beach | | form: stuff; moves: pours; hazards: loose-powder
dune | place | hard | large | yellow | the desert | t130 | moves: drifts
soil | rock | hard | medium | brown black | the garden | | form: stuff; parts: sand, clay, rotted leaves, roots; hazards: gathered-plant
dirt | rock | hard | medium | brown | the garden | | form: stuff; hazards: gathered-plant
mud | rock | hard | medium | brown | the yard | | form: stuff; stages: dry dirt, wet dirt, mud, cracked mud; sound: squelches; moves: oozes
clay | rock | hard | medium | brown red | the riverbank | | form: stuff; stages: soft clay, shaped clay, dry clay
stone | rock | hard | small | gray white | the river | r50x40x30
rock | rock | hard | medium | gray brown | the trail | r80x60x45
pebble | rock | hard | small | gray white brown | the beach | r20x15x10
gravel | rock | hard | small | gray | the driveway | r12x10x8 | form: stuff; sound: crunches
boulder | rock | hard | large | gray | the mountains | r1200 t90
crystal | rock | hard | small | white purple | a cave | r40x20x20 | stages: salty water, tiny crystals, big crystals; hazards: sharp
gem | rock | hard | small | red green blue | the mine | r15x12x10
diamond | rock | hard | small | white | the mine | r8x8x6
gold | rock | hard | small | gold yellow | the mine | | form: stuff
fossil | rock | hard | small | gray brown | the rocks | r60x50x25 | stages: living animal, bone in mud, rock, fossil
bone | part of an animal | hard | small | white | the museum | r120x30x25
shell | found outdoors | hard | small | white pink brown | the beach | r50x40x20 | parts: ridges, opening, spiral
pearl | found outdoors | hard | small | white | an oyster | r8x8x8
driftwood | found outdoors | hard | medium | brown gray | the beach | r300x60x50 | form: stuff
sea glass | found outdoors | hard | small | green blue | the beach | r25x20x8 | form: stuff
sand castle | building | hard | medium | yellow | the beach | r400 t90 | parts: towers, moat, flag, wall
fire | hot thing | paper | medium | red orange yellow | the campsite | | form: stuff; parts: flames, smoke, sparks; sound: crackles; moves: flickers; hazards: hot
smoke | hot thing | soft | medium | gray | the chimney | | form: stuff; moves: rises
ash | hot thing | hard | small | gray | the fireplace | | form: stuff; hazards: loose-powder
air | weather | soft | large | white | the sky | | form: stuff; moves: blows
flag | sign | paper | medium | red white blue | the school | r600 t150x100x2 | parts: stripes, pole; moves: waves
kite | flies | paper | medium | red blue yellow | the sky | r800 | cord: 20000; parts: sail, tail, string, sticks; needs: wind; moves: soars
pinwheel | spins | paper | small | red blue | the garden | r200x150x30 | parts: blades, pin, stick; needs: wind; moves: spins
windmill | building | hard | large | white brown | the farm | r20000 t110 | parts: blades, tower, door; needs: wind; moves: turns
wind chime | instrument | hard | medium | silver | the porch | r500 | cord: 300; parts: tubes, string; needs: wind; sound: tinkles; moves: sways
weather vane | tool | hard | medium | black | the roof | r800 t100 | parts: arrow, rooster, letters; needs: wind; moves: points
thermometer | tool | hard | small | white red | the porch | r200x40x10 | parts: numbers, red line
umbrella | tool | hard | large | red blue black | the rain | r900 | parts: handle, ribs, cover, button; moves: opens
balloon | celebration | soft | medium | red blue yellow | the party | r250x200x200 | parts: knot, string; hazards: film; moves: floats; sound: pops
globe | tool | hard | large | blue green | the classroom | r350 t100 | parts: oceans, land, stand; moves: turns
trash can | tool | hard | large | gray green | the street | r700 t80 | parts: lid, wheels, handle
trash | for the earth | hard | medium | gray brown | the street | | form: stuff
recycling | for the earth | paper | medium | blue green | the curb | | form: stuff; stages: old bottle, melted plastic, new bottle
compost | for the earth | plant | medium | brown | the garden | | form: stuff; stages: scraps, rotting scraps, rich soil; needs: air, water and worms
`
