/** People and what they do, the body, mail, and buildings. How a line reads stands in `index.ts`. */
export const PEOPLE = `
baker | person | hard | medium | white | the bakery | t80 | parts: apron, hat, rolling pin; moves: kneads
cook | person | hard | medium | white | the kitchen | t80 | parts: apron, hat, spoon; moves: stirs
chef | person | hard | medium | white | the restaurant | t80 | parts: hat, apron, spoon, knife; moves: chops and stirs
farmer | person | hard | medium | blue green | the farm | t80 | parts: hat, overalls, boots; moves: plants and picks
gardener | person | hard | medium | green brown | the garden | t80 | parts: gloves, hat, trowel; moves: digs and waters
doctor | person | hard | medium | white | the clinic | t80 | parts: coat, stethoscope, bag; moves: listens and checks
nurse | person | hard | medium | blue white | the hospital | t80 | parts: scrubs, watch, thermometer; moves: helps and bandages
dentist | person | hard | medium | white blue | the dentist's office | t80 | parts: mask, mirror, light; moves: counts teeth
vet | person | hard | medium | white green | the animal clinic | t80 | parts: coat, stethoscope; moves: listens to animals
firefighter | person | hard | medium | yellow black | the fire station | t80 | parts: helmet, boots, coat, hose; moves: climbs and sprays
police officer | person | hard | medium | blue | the street | t80 | parts: badge, hat, radio; moves: walks and helps
mail carrier | person | hard | medium | blue | the street | t80 | parts: bag, hat, letters; moves: walks and delivers
crossing guard | person | hard | medium | yellow orange | the crosswalk | t80 | parts: vest, stop sign, whistle; moves: stops the cars
bus driver | person | hard | medium | blue | the bus | t80 | parts: seat, wheel, hat; moves: steers
train engineer | person | hard | medium | blue white | the train | t80 | parts: cap, whistle; moves: drives
pilot | person | hard | medium | blue black | the airplane | t80 | parts: cap, headset; moves: flies
astronaut | person | hard | medium | white | space | t80 | parts: helmet, suit, boots, gloves; moves: floats
sailor | person | hard | medium | white blue | the ship | t80 | parts: cap, collar; moves: pulls ropes
captain | person | hard | medium | blue white | the ship | t80 | parts: cap, wheel, map; moves: steers
pirate | person | hard | medium | black red | the ship | t80 | parts: hat, patch, map; moves: sails
diver | person | hard | medium | black yellow | the ocean | t80 | parts: mask, fins, tank; moves: swims down
fisherman | person | hard | medium | yellow green | the boat | t80 | plural: fishermen; parts: hat, boots, net, rod; moves: casts and reels
builder | person | hard | medium | yellow orange | the building site | t80 | parts: hard hat, vest, tools; moves: lifts and hammers
carpenter | person | hard | medium | brown | the workshop | t80 | parts: saw, hammer, apron; moves: saws and hammers
plumber | person | hard | medium | blue | the house | t80 | parts: wrench, pipes; moves: fixes pipes
painter | person | hard | medium | white blue | the house | t80 | parts: brush, bucket, ladder; moves: brushes up and down
mechanic | person | hard | medium | blue gray | the garage | t80 | parts: wrench, overalls; moves: fixes cars
garbage collector | person | hard | medium | orange green | the street | t80 | parts: gloves, vest; moves: lifts and tips
teacher | person | hard | medium | red blue | the school | t80 | parts: books, board; moves: reads and shows
librarian | person | hard | medium | blue brown | the library | t80 | parts: books, cart, stamp; moves: finds books
scientist | person | hard | medium | white | the lab | t80 | parts: coat, goggles, notebook; moves: looks and tests
artist | person | hard | medium | red blue | the studio | t80 | parts: brush, palette, smock; moves: paints
musician | person | hard | medium | black red | the stage | t80 | parts: instrument, music; moves: plays
dancer | person | hard | medium | pink blue | the stage | t80 | parts: shoes, skirt; moves: twirls and leaps
clown | person | hard | medium | red yellow | the circus | t80 | parts: red nose, wig, big shoes; moves: tumbles and juggles
juggler | person | hard | medium | red yellow | the circus | t80 | parts: balls, hat; moves: throws and catches
acrobat | person | hard | medium | blue red | the circus | t80 | moves: flips and balances
cowboy | person | hard | medium | brown | the ranch | t80 | parts: hat, boots, rope; moves: rides
ranger | person | hard | medium | green brown | the forest | t80 | parts: hat, badge, map; moves: hikes
cashier | person | hard | medium | red | the store | t80 | parts: register, apron; moves: rings up
shopkeeper | person | hard | medium | green | the store | t80 | parts: apron, scale; moves: sells and weighs
waiter | person | hard | medium | black white | the cafe | t80 | parts: tray, notepad, apron; moves: carries and serves
hairdresser | person | hard | medium | pink black | the salon | t80 | parts: comb, scissors, cape; moves: snips and brushes
tailor | person | hard | medium | gray | the shop | t80 | parts: needle, thread, tape; moves: measures and sews
king | person | hard | medium | purple gold | the castle | t80 | parts: crown, robe, throne; moves: walks slowly
queen | person | hard | medium | purple gold | the castle | t80 | parts: crown, robe, throne; moves: waves
prince | person | hard | medium | blue gold | the castle | t80 | parts: crown, cape; moves: rides
princess | person | hard | medium | pink gold | the castle | t80 | plural: princesses; parts: crown, gown; moves: twirls
knight | person | hard | medium | silver | the castle | t80 | parts: armor, shield, horse; moves: rides
dragon | story creature | hard | large | green red | the castle | t110 | parts: wings, tail, scales, claws; sound: roars; moves: flies
unicorn | story creature | hard | large | white pink | the forest | t90 | parts: horn, mane, hooves, tail; moves: gallops
mermaid | story creature | hard | medium | green blue | the ocean | t80 | parts: tail, fins, hair; moves: swims
fairy | story creature | hard | small | pink white | the garden | t70 | plural: fairies; parts: wings, wand; moves: flutters
giant | story creature | hard | large | brown green | the castle | t100 | parts: boots, beard; moves: stomps
monster | story creature | soft | large | green purple | under the bed | t80 | parts: eyes, horns, teeth, fur; sound: growls; moves: stomps
gnome | story creature | hard | small | red blue | the garden | t70 | parts: hat, beard, boots; moves: tiptoes
baby | person | hard | small | pink brown | the crib | t80 | plural: babies; stages: baby, toddler, child, grown-up; parts: hands, feet, tummy, cheeks; needs: milk, sleep and hugs; sound: cries and coos; moves: crawls
child | person | hard | medium | brown pink | the house | t80 | plural: children; stages: baby, child, grown-up; moves: runs and plays
friend | person | hard | medium | brown pink | the playground | t80 | moves: plays with you
family | person | hard | large | brown pink | the house | t80 | plural: families; form: idea; parts: grown-ups, children, pets
mother | person | hard | medium | brown pink | the house | t80 | moves: hugs
father | person | hard | medium | brown pink | the house | t80 | moves: hugs
grandmother | person | hard | medium | gray | the house | t80 | moves: rocks and reads
grandfather | person | hard | medium | gray | the house | t80 | moves: walks slowly
brother | person | hard | medium | brown pink | the house | t80
sister | person | hard | medium | brown pink | the house | t80
neighbor | person | hard | medium | brown pink | the street | t80 | moves: waves
face | part of the body | paper | small | brown pink | the body | t90x90x2 | parts: eyes, nose, mouth, ears, cheeks
eye | part of the body | paper | small | brown blue green | the face | t60x40x2 | parts: lid, lashes, pupil; moves: blinks
ear | part of the body | paper | small | brown pink | the head | t60x40x2
nose | part of the body | paper | small | brown pink | the face | t60x40x5 | moves: sniffs
mouth | part of the body | paper | small | red pink | the face | t60x40x2 | parts: lips, tongue, teeth
tooth | part of the body | hard | small | white | the mouth | t60 | plural: teeth; stages: no tooth, baby tooth, wobbly tooth, new tooth; parts: crown, root
tongue | part of the body | paper | small | pink | the mouth | t60x40x2
hair | part of the body | soft | medium | black brown yellow red | the head | | form: stuff
hand | part of the body | paper | small | brown pink | the arm | t120x90x2 | parts: fingers, thumb, palm, nails; moves: waves and claps
finger | part of the body | paper | small | brown pink | the hand | t70x20x2 | moves: points
foot | part of the body | paper | small | brown pink | the leg | t120x60x2 | plural: feet; parts: toes, heel, sole; moves: stomps
toe | part of the body | paper | small | brown pink | the foot | t60x30x2 | moves: wiggles
arm | part of the body | paper | medium | brown pink | the body | t120x40x2 | parts: elbow, wrist, hand; moves: swings
leg | part of the body | paper | medium | brown pink | the body | t120x40x2 | parts: knee, ankle, foot; moves: kicks
heart | part of the body | paper | small | red | the chest | t80x80x3 | sound: thumps; moves: beats
brain | part of the body | paper | small | pink | the head | t80x60x2
skeleton | part of the body | hard | large | white | the body | t100 | parts: skull, ribs, backbone, arms, legs; moves: rattles
muscle | part of the body | paper | medium | red | the arm | t100x60x2 | moves: squeezes
skin | part of the body | paper | large | brown pink | the body | | form: stuff
bandage | for the doctor | soft | small | white | the clinic | r70x20x1 | parts: pad, sticky ends
stethoscope | for the doctor | hard | medium | black | the clinic | r700 | cord: 500; parts: ear pieces, tube, disc; sound: thumps
cast | for the doctor | hard | medium | white | the hospital | t100
crutch | for the doctor | hard | large | silver brown | the hospital | r1200 | plural: crutches
x-ray | for the doctor | paper | medium | black white | the hospital | r350x300x1 | parts: bones
stretcher | for the doctor | hard | large | white red | the ambulance | r1900 t90
germ | for the doctor | hard | small | green | the hand | t50
thank-you card | mail | paper | small | white | the table | r150x110x1
letter | mail | paper | small | white | the mailbox | r150x110x1 | stages: paper, written letter, envelope, delivered letter; parts: greeting, lines, name
envelope | mail | paper | small | white | the mailbox | r160x115x1 | parts: flap, stamp, address
stamp | mail | paper | small | red blue | the envelope | r25x20x1
postcard | mail | paper | small | white blue | the mailbox | r150x105x1 | parts: picture, lines, stamp, address
package | mail | paper | large | brown | the post office | r300x200x150 | parts: tape, label, box
parcel | mail | paper | large | brown | the post office | r300x200x150 | parts: string, label, box
newspaper | mail | paper | medium | white black | the porch | r400x300x5
badge | for wearing | hard | small | gold silver | the uniform | r60x50x5 | hazards: sharp
crown | for wearing | hard | small | gold | the castle | r180 | parts: points, gems, band
wand | story thing | hard | small | silver black | the show | r300x10x10 | parts: star, stick
treasure chest | story thing | hard | medium | brown gold | the island | r400 t80 | plural: treasure chests; parts: lid, lock, coins, jewels
treasure map | story thing | paper | medium | brown | the ship | r300x200x1 | parts: X, path, compass, island
castle | building | hard | large | gray | the hill | r40000 t130 | parts: towers, gate, moat, flag, wall
palace | building | hard | large | white gold | the city | r60000 t130 | parts: throne room, towers, gate
house | building | hard | large | red white | the street | r10000 t100 | parts: roof, door, windows, chimney, walls
apartment building | building | hard | large | brown red | the city | r20000 t120 | parts: doors, windows, elevator, stairs, mailboxes
cabin | building | hard | medium | brown | the forest | r6000 t90 | parts: logs, door, chimney, porch
barn | building | hard | large | red | the farm | r20000 t110 | parts: loft, doors, stalls, roof
silo | building | hard | large | silver red | the farm | r20000 t110
farm | place | hard | large | green red | the country | t150 | parts: barn, fields, pens, tractor
skyscraper | building | hard | large | gray silver | the city | r200000 t130 | parts: windows, elevator, lobby
lighthouse | building | hard | large | red white | the coast | r30000 t110 | parts: light, stairs, tower, door; moves: blinks
school | building | hard | large | red | the city | r40000 t120 | parts: classroom, playground, bell, flag
library | building | hard | large | brown red | the city | r30000 t120 | plural: libraries; parts: shelves, desk, reading corner
hospital | building | hard | large | white | the city | r60000 t120 | parts: beds, waiting room, ambulance bay
clinic | building | hard | medium | white | the street | t110 | parts: waiting room, scale, desk
fire station | building | hard | large | red | the city | r25000 t120 | parts: pole, garage doors, bell, bunks
police station | building | hard | large | blue gray | the city | r25000 t120
post office | building | hard | large | white blue | the city | r20000 t120 | parts: counter, mailboxes, scale, sorting bins
bakery | building | hard | medium | brown white | the street | t110 | plural: bakeries; parts: oven, counter, shelves, window
store | building | hard | large | green white | the street | t110 | parts: shelves, counter, cart, door
market | place | hard | large | red green | the city | t120 | parts: stalls, scales, baskets, signs
stall | building | hard | medium | red white | the market | t100 | parts: roof, table, sign
restaurant | building | hard | large | red brown | the city | t110 | parts: kitchen, tables, menu, door
cafe | building | hard | medium | brown | the street | t100 | parts: counter, tables, menu, cups
museum | building | hard | large | white | the city | t130 | parts: hall, cases, guard, ticket desk
theater | building | hard | large | red | the city | t130 | parts: stage, curtain, seats, lights
zoo | place | hard | large | green | the city | t150 | parts: cages, paths, ticket gate
circus | place | hard | large | red yellow | the field | t150 | plural: circuses; parts: tent, ring, trapeze, wagons
playground | place | hard | large | red green | the park | t150 | parts: slide, swings, sandbox, bench
park | place | plant | large | green | the city | t150 | parts: paths, benches, trees, pond; living: no
city | place | hard | large | gray | the country | t150 | plural: cities; parts: streets, buildings, park, bridge
town | place | hard | large | red brown | the country | t150 | parts: street, houses, stores, square
street | place | hard | large | gray | the city | t150 | parts: sidewalk, crosswalk, curb, signs
crosswalk | sign | paper | medium | white black | the street | t150x100x1 | parts: stripes, signal
sidewalk | place | hard | large | gray | the street | t150
bench | in the park | hard | large | brown green | the park | r1500 t80 | parts: seat, back, legs
fountain | in the park | hard | large | gray blue | the park | r3000 t90 | sound: splashes; moves: sprays
streetlight | in the park | hard | large | black | the street | r5000 t120
fire hydrant | in the park | hard | medium | red yellow | the sidewalk | r800 t80 | parts: cap, bolts, hose nut
elevator | in the house | hard | large | silver | the building | r2200 t100 | parts: doors, buttons, bell; moves: goes up and down
keeper | person | hard | medium | brown green | the zoo | t80 | parts: hat, bucket, keys; moves: feeds and cleans
`
