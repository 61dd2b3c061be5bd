/** Colors and shapes, the body and the home, food, work, travel, water. How a theme is written stands in `index.ts`. */
export const PEOPLE_AND_PLACES = `
All the colors | colors, color, rainbow, mixing colors
big: A few colors make all the others.
objects: rainbow, crayon, paint, apple, leaf, sun, flower, fish, balloon
words: red, yellow, blue, mix, shade
ask: What happens when two colors meet? / What is always green? / What color is a shadow?
place: the paint store; roles: mixer, seller, painter; props: color cards, brushes, cans, order pad; signs: Mixing here, Wet paint, Pick your color
bin: colored rice or paper in stripes with cups of each color
science: How do three colors climb a paper towel and meet?
doing: mix, drip, splash, blend, stripe
books: a book about colors, a book with strong pictures
outing: a color hunt with a strip of paint cards
event: rainbow day; snack: fruit of every color; game: color corners; craft: a rainbow window; bring: something of your favorite color
focus: C, 6

Shapes all around | shapes, shape, circles, squares
big: Everything is made of shapes.
objects: circle, square, block, ball, wheel, window, cone, tent, clock
words: corner, side, round, flat, edge
ask: Where are circles in our room? / Which shapes roll? / Can two triangles make a square?
place: the shape factory; roles: cutter, sorter, inspector; props: cookie cutters, boxes, stamps, hard hats; signs: Round, Square, Machines on
bin: blocks, rings and lids to bury, trace and sort
science: Which shape holds up the most books?
doing: roll, stack, slide, turn, fit
books: a book of shapes, a book about buildings
outing: a shape walk with a clipboard
event: shape day; snack: square crackers and round fruit; game: jump to the shape; craft: a shape animal; bring: a box
focus: S, 3

My body | body, my body, all about me, bones, human body
big: My body can do many things, and it is mine.
objects: hand, foot, eye, ear, nose, tooth, heart, bone, mirror
words: stretch, breathe, bones, muscle, grow
ask: What can your hands do? / How do you know your heart is working? / What do you need to grow?
place: the checkup room; roles: doctor, nurse, patient; props: stethoscope, scale, eye chart, bandages; signs: Checkups, Wash hands, Measure here
bin: water with sponges, dolls and towels for a bath
science: Does your heart beat faster after jumping?
doing: stretch, bend, wiggle, breathe, balance
books: a book about the body, a book about growing
outing: measure our steps from door to gate
event: a healthy day; snack: a rainbow plate; game: body part freeze; craft: a traced me; bring: a baby picture
focus: B, 10

Feelings | feelings, emotions, feeling, kindness, how i feel
big: Every feeling is allowed, and feelings pass.
objects: happiness, sadness, anger, fear, surprise, calm, hug, face, mirror
words: happy, sad, angry, calm, kind
ask: Where do you feel angry in your body? / What helps when you are sad? / How can you tell how a friend feels?
place: the cozy corner; roles: helper, friend, listener; props: pillows, mirror, feeling cards, a jar to shake; signs: Breathe, I need a hug, Quiet
bin: soft things, smooth things and a glitter-free calm bottle beside them
science: What does your breath do when you run, and when you rest?
doing: breathe, hug, stomp, smile, rest
books: a book about feelings, a story in which somebody makes up
outing: say good morning to a neighbor
event: kindness day; snack: a snack made for someone else; game: guess the face; craft: a kindness jar; bring: a picture of someone you love
focus: F, 5

Families | family, families, my family, home and family
big: Families look different and take care of each other.
objects: house, baby, grandmother, photo, table, bed, dog, soup, blanket
words: family, home, together, care, share
ask: Who lives at your house? / What do you do together? / What did your grown-ups play?
place: the family kitchen; roles: grown-up, baby, grandparent, guest; props: dolls, dishes, blankets, phone; signs: Dinner time, Baby sleeps, Welcome
bin: baby dolls to wash, wrap and rock
science: Which blanket keeps the bottle warm longest?
doing: rock, hug, cook, share, sing
books: books with families of every form, a book from home
outing: families show a place they like
event: family breakfast; snack: a food from each home; game: guess whose baby picture; craft: a family frame; bring: a photo of your family
focus: F, 4

Homes and houses | homes, houses, house, building homes, where we live
big: Everyone needs a place to be safe.
objects: house, nest, tent, cave, door, roof, key, brick, window, igloo
words: roof, wall, door, shelter, build
ask: Who lives in a hole? / What is your house made of? / What does a home need?
place: the house for sale; roles: builder, painter, mover; props: boxes, keys, tape measure, brushes; signs: For rent, Wet paint, Welcome home
bin: sand, sticks and blocks for building small homes
science: Which house stands in the wind: paper, sticks or blocks?
doing: build, stack, knock, hide, open
books: a book about homes around the world, a story of three builders
outing: a walk to look at doors
event: open house; snack: cracker houses; game: find your home; craft: a box house; bring: a small box
focus: H, 7

What we wear | clothes, clothing, getting dressed, shoes, hats
big: Clothes keep us warm, dry and ourselves.
objects: coat, hat, mitten, sock, shoe, button, zipper, dress, scarf
words: zip, button, pair, warm, fold
ask: What do you wear in the rain? / Where does wool come from? / How do you put it on by yourself?
place: the clothing store; roles: seller, tailor, shopper; props: hangers, mirror, tape measure, tags; signs: Sale, Fitting room, Shoes
bin: socks to match, fold and hang on a line
science: Which cloth keeps water out?
doing: zip, button, fold, tie, hang
books: a book about clothes, a story about something lost
outing: hang a line in the yard and see what dries first
event: dress-up day; snack: zebra-striped toast; game: sock toss; craft: a paper coat; bring: a funny hat
focus: C, 2

Food that grows | vegetables, fruit, garden, harvest, food that grows
big: What we eat begins in the ground.
objects: carrot, tomato, pumpkin, apple, corn, bean, potato, seed, shovel, basket
words: seed, ripe, harvest, root, peel
ask: Which part of the plant do we eat? / What is inside? / How long does a radish take?
place: the vegetable stand; roles: grower, seller, cook; props: baskets, scale, apron, price cards; signs: Fresh today, Taste, Prices
bin: soil or shredded paper with vegetables to dig up
science: What grows from a cut-off carrot top in water?
doing: dig, pull, peel, chop, crunch
books: a book about gardens, a story about something that grew too large
outing: a garden, a market or the produce aisle
event: a soup day; snack: soup that all cut for; game: pull the turnip; craft: vegetable prints; bring: one vegetable
focus: V, 8

In the kitchen | kitchen, cooking, cook, chef, recipes
big: Cooking changes things.
objects: bowl, spoon, whisk, pan, oven, apron, cup, egg, timer, plate
words: stir, mix, pour, taste, recipe
ask: What changes when it gets hot? / What does your family cook? / How do we measure?
place: the restaurant; roles: cook, waiter, guest, dishwasher; props: menus, aprons, dishes, order pad; signs: Menu, Open, Please wait
bin: dry oats with pots, whisks, spoons and measuring cups
science: What disappears in water and what does not?
doing: stir, pour, whisk, chop, sip
books: a cookbook with pictures, a story around a pot
outing: the kitchen shelf at home: find five things that grow
event: restaurant day for families; snack: what the kids cooked; game: spoon race; craft: place mats; bring: a family recipe
focus: K, 6

At the market | market, store, grocery, farmers market, shopping
big: People bring things to sell and things to buy.
objects: apple, basket, scale, coin, bread, egg, flower, cart, price tag
words: buy, sell, price, weigh, trade
ask: What do we need? / How much is it? / Who grew this?
place: the market; roles: seller, shopper, weigher; props: stalls of boxes, baskets, coins, scale; signs: Apples, Sale, Pay here
bin: scoop-and-weigh with pasta, bags and a scale
science: Which is heavier: a big thing or a small thing?
doing: carry, weigh, count, trade, bag
books: a book about a market, a counting book
outing: a store, with a list of three things
event: market day; snack: fruit from each stall; game: fetch what is on the list; craft: shopping bags; bring: a clean box
focus: M, 10

Building site | building site, construction, builders, diggers, trucks at work
big: Big things are built a piece at a time.
objects: digger, dump truck, crane, brick, hard hat, hammer, cement mixer, ladder, cone
words: dig, lift, build, load, plan
ask: What holds a house up? / How does a crane lift? / What comes first?
place: the site office; roles: builder, driver, architect; props: hard hats, plans, cones, tools; signs: Hard hats only, Stop, Deliveries
bin: sand and stones with trucks, cones and boards
science: Which ramp lets the load roll farthest?
doing: dig, dump, lift, hammer, roll
books: a book about machines, a book on how a house is built
outing: watch a site from a safe place
event: builders' day; snack: sandwich towers; game: load and dump relay; craft: a blueprint; bring: a box to build with
focus: D, 7

The post office | mail, post office, letters, mail carrier, postcards
big: A letter carries words to someone far away.
objects: letter, envelope, stamp, mailbox, package, mail truck, bag, scale, postcard
words: address, stamp, deliver, send, sort
ask: Who gets a letter? / How does it find the house? / What would you send?
place: the post office; roles: clerk, carrier, customer; props: stamps, scale, bags, mailboxes; signs: Stamps, Packages, Mailbox 1 2 3
bin: paper strips with letters and numbers to find and sort
science: Which wrapping keeps a cracker whole?
doing: fold, stamp, sort, carry, knock
books: a book about mail, a story told in letters
outing: mail a real letter
event: mail day: families get a letter; snack: envelope wraps; game: deliver to the right box; craft: a postcard; bring: an address
focus: P, 5

The doctor | doctor, hospital, nurse, clinic, getting well, vet
big: Helpers take care of bodies.
objects: doctor, bandage, stethoscope, ambulance, bed, scale, tooth, x-ray, teddy bear
words: heal, pulse, bandage, weigh, gentle
ask: What helps when it hurts? / What is inside us? / Who helps animals?
place: the clinic; roles: doctor, nurse, patient, receptionist; props: bandages, charts, scale, teddy bears; signs: Waiting room, Wash hands, Doctor is in
bin: soapy water with dolls, cloths and towels
science: How do germs travel: powder on hands, before and after soap?
doing: wash, wrap, breathe, rest, stretch
books: a book about a checkup, a story about feeling better
outing: count what helps people in your street
event: teddy bear clinic; snack: fruit; game: stretcher relay; craft: a doctor bag; bring: a stuffed animal
focus: D, 8

Firefighters | fire station, firefighters, fire truck, fire safety, firefighter
big: Firefighters help, and we know what to do.
objects: fire truck, hose, helmet, ladder, firefighter, bell, boot, hydrant, dalmatian dog
words: siren, rescue, climb, hose, safe
ask: What do firefighters wear? / What do we do when the alarm rings? / How does the hose work?
place: the fire station; roles: firefighter, driver, caller; props: helmets, hoses, map, phone; signs: Exit, Call for help, Truck 1
bin: water with sprayers, cups and small ladders
science: How far does water go from a big hole and a small one?
doing: climb, crawl, spray, ring, race
books: a book about firefighters, a book about being safe
outing: a fire station, or our own two ways out
event: safety day; snack: ladder of pretzel sticks for those who may; game: stop, drop and roll; craft: a fire truck; bring: boots
focus: F, 9

Trains | trains, train, railroad, tracks, subway
big: Trains carry people and things on rails.
objects: train, track, ticket, tunnel, bridge, suitcase, whistle, clock, caboose
words: track, engine, station, ticket, ride
ask: Where would you go? / What does a train carry? / How does it stay on?
place: the train station; roles: engineer, conductor, passenger; props: tickets, hats, chairs in rows, timetable; signs: Tickets, Platform 1, All aboard
bin: gravel or pasta with tracks, trains and tunnels
science: How steep can a train climb?
doing: chug, whistle, load, rumble, stop
books: a book about trains, a story about a ride
outing: watch a train, or draw a track through the yard
event: a train ride through the house; snack: food cars on a tray; game: follow the engine; craft: a box train; bring: a box
focus: T, 10

Boats and floating | boats, ships, sailing, floating, sink and float
big: Some things float, and people ride on them.
objects: boat, sailboat, raft, anchor, oar, cork, duck, bridge, island
words: float, sink, sail, anchor, load
ask: What floats? / How much can a boat carry? / What pushes it?
place: the harbor; roles: captain, sailor, passenger; props: boxes, sails, steering wheel, maps; signs: Ferry, Life vests, Island
bin: water with boats, corks, stones and a harbor
science: How many blocks until a foil boat sinks?
doing: float, row, sail, sink, rock
books: a book about boats, a story of a voyage
outing: a stream with an adult for each hand
event: a regatta in tubs; snack: fruit boats; game: captain says; craft: a cork boat; bring: a clean lid
focus: B, 6

Cars, trucks and roads | cars, trucks, vehicles, transportation, road, traffic
big: Wheels take us and our things from place to place.
objects: car, truck, bus, bicycle, traffic light, stop sign, fire truck, road, gas station
words: road, wheel, stop, load, speed
ask: Where is it going? / Which wheels roll best? / Who drives at night?
place: the garage; roles: mechanic, driver, car washer; props: tools, hoses, tires, order pad; signs: Stop, Car wash, Open
bin: flour-free road of cornmeal or sand with cars and bridges
science: Which surface slows a car most?
doing: roll, honk, zoom, stop, turn
books: a book about vehicles, a counting book of cars
outing: count what passes in ten minutes
event: wheels day; snack: wheel-shaped fruit; game: red light, green light; craft: a box car; bring: a toy car
focus: C, 4

Wheels and ramps | wheels, ramps, rolling, things that roll, machines
big: Round things roll, and slopes make them go.
objects: wheel, ball, ramp, car, wagon, skate, log, tube, gear
words: roll, slope, steep, spin, axle
ask: What rolls, what slides? / What makes it faster? / Where do we use wheels?
place: the repair shop; roles: mechanic, tester, customer; props: wheels, tools, order cards; signs: Test track, Ready, Waiting
bin: gutters, tubes and balls too large to swallow
science: How far does it roll from one block, two blocks, three?
doing: roll, spin, push, slide, crash
books: a book about machines, a story with a runaway thing
outing: a wheel hunt on the street
event: a soapbox day; snack: rolled wraps; game: roll to the target; craft: prints from wheels; bring: a cardboard tube
focus: W, 4

Things that fly | flying, airplanes, airport, birds in the sky, planes
big: Wings push on air, and air pushes back.
objects: airplane, bird, kite, helicopter, butterfly, rocket, feather, balloon basket, suitcase
words: wing, glide, land, lift, pilot
ask: What do birds and planes share? / What falls slowest? / Where would you fly?
place: the airport; roles: pilot, passenger, ticket agent; props: chairs, tickets, suitcases, headphones; signs: Gate 3, Tickets, Fasten seat belts
bin: cotton clouds with planes and birds
science: Which paper falls slowest: flat, folded or balled?
doing: soar, glide, flap, land, dive
books: a book about flight, a story of a trip
outing: look up for ten minutes and count
event: paper plane meet; snack: cloud dip; game: landing strip; craft: a glider; bring: a magazine page
focus: A, 6

Water | water, splash, bubbles, pouring
big: Water goes everywhere and changes shape.
objects: cup, bucket, sponge, boat, funnel, ice cube, hose, umbrella, watering can
words: pour, drip, float, soak, splash
ask: Where does it go? / What soaks it up? / Can water be hard?
place: the car wash; roles: washer, driver, cashier; props: sponges, buckets, towels; signs: Car wash, Wet floor, Pay here
bin: water with funnels, tubes and cups of many sizes
science: Where does the puddle go?
doing: pour, splash, drip, soak, swirl
books: a book about water, a story with rain in it
outing: find water on our street
event: water day; snack: melon and ice water; game: sponge relay; craft: drip painting; bring: a towel
focus: W, 5

Ice and melting | ice, melting, frozen, freezing, cold and hot
big: Cold makes water hard, warmth sets it free.
objects: ice cube, icicle, penguin, mitten, polar bear, sled, iceberg, cup, freezer box
words: freeze, melt, slip, solid, warm
ask: What melts it faster? / Who lives on ice? / How can we keep it cold?
place: the ice rescue station; roles: scientist, rescuer, penguin keeper; props: mittens, brushes, spray bottles; signs: Cold, Rescue team, Warm up here
bin: large ice blocks with animals inside, salt and warm water in adult hands
science: Which wrap keeps ice longest?
doing: slide, melt, crack, drip, waddle
books: a book about the poles, a story about penguins
outing: find the coldest and the warmest place in the yard
event: ice day; snack: ice pops of fruit; game: pass the ice; craft: ice painting; bring: mittens
focus: I, 3
`
