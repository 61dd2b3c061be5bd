/** Tools, animals, land, time, play, art and the neighborhood. How a theme is written stands in `index.ts`. */
export const WORLD_AND_PLAY = `
Tools and fixing | tools, fixing, workshop, toolbox, repair
big: Tools let hands do more.
objects: hammer, screwdriver, wrench, saw, tape measure, ladder, pliers, toolbox, gear
words: fix, turn, measure, twist, build
ask: What needs fixing? / What is this tool for? / What could we use instead?
place: the fix-it shop; roles: fixer, customer, parts clerk; props: tools, old radios without batteries, tape, tags; signs: Fixed, Waiting, Parts
bin: nuts and bolts too large to swallow, to match and turn
science: What lifts more: a long stick or a short one?
doing: hammer, twist, saw, pull, measure
books: a book about tools, a story about mending
outing: watch somebody fix something
event: fix-it day; snack: tool-shaped sandwiches; game: pass the wrench; craft: a wooden picture; bring: something to fix
focus: T, 6

Pets | pets, pet, dogs, cats, taking care of animals
big: Animals that live with us need us every day.
objects: dog, cat, rabbit, fish, hamster, bird, bowl, leash, brush
words: feed, brush, gentle, walk, care
ask: What does it need each day? / How do you touch it gently? / What would you name it?
place: the vet; roles: vet, owner, groomer; props: bandages, brushes, carriers, charts; signs: Waiting room, Gentle hands, Pet food
bin: oats or dry leaves with pets, bowls and beds
science: What do paws feel like: which prints are whose?
doing: wag, purr, hop, fetch, curl
books: a book about pets, a story of a lost animal
outing: meet a calm dog with its owner
event: pet show of stuffed animals; snack: bone-shaped toast; game: fetch; craft: a collar; bring: a stuffed pet
focus: P, 4

The zoo | zoo, zoo animals, wild animals, safari
big: Wild animals show how many ways there are to live.
objects: lion, elephant, giraffe, monkey, zebra, penguin, bear, crocodile, keeper
words: wild, roar, trunk, stripe, herd
ask: What does it eat? / Why the stripes? / Where does it sleep?
place: the zoo; roles: keeper, visitor, ticket seller; props: tickets, buckets, maps, animals; signs: Please do not feed, Tickets, Monkeys
bin: paper grass and stones with large animals and fences
science: Who leaves this track?
doing: roar, stomp, swing, stretch, sneak
books: a book about wild animals, a story with a lion
outing: a zoo, or a walk for city animals
event: animal parade; snack: animal plate; game: keeper says; craft: a mask; bring: a toy animal
focus: Z, 8

The jungle | jungle, rainforest, tropical
big: Where it rains every day, life is everywhere.
objects: monkey, parrot, tiger, snake, frog, vine, butterfly, leaf, sloth
words: vine, swing, canopy, camouflage, drip
ask: Who lives at the top? / Who hides, and how? / What do you hear?
place: the jungle camp; roles: explorer, guide, photographer; props: binoculars, tent, camera, map; signs: Camp, Watch out, Quiet
bin: green paper strips and leaves with animals that hide
science: Which animal is hardest to find on which paper?
doing: swing, slither, creep, squawk, climb
books: a book about the rainforest, a story with a monkey
outing: look for what hides on our fence
event: jungle day; snack: banana and mango; game: vine walk; craft: a paper parrot; bring: something green
focus: J, 7

The desert | desert, cactus, camels, sand and sun
big: Some plants and animals live with little water.
objects: camel, cactus, lizard, snake, sun, sand dune, tortoise, scorpion, tent
words: dry, dune, spine, shade, hot
ask: How do you find water? / Who comes out at night? / Why does a cactus have spines?
place: the desert camp; roles: traveler, guide, tea seller; props: tents of cloth, cups, rugs, map; signs: Water, Shade, Camel rides
bin: play sand with dunes, large stones and animals
science: Where does sand stay cool?
doing: crawl, dig, sway, rest, slither
books: a book about deserts, a story of a long walk
outing: find the shadiest place in the yard
event: tent day; snack: dates for those who may, and tea; game: camel relay; craft: a paper cactus; bring: a scarf
focus: D, 6

Mountains | mountains, hills, volcano, climbing
big: The land goes up and down, and it changes.
objects: mountain, goat, rock, volcano, eagle, tent, rope, sled, pine
words: peak, climb, steep, valley, erupt
ask: How do you get to the top? / What is inside? / Who lives up there?
place: the mountain lodge; roles: climber, guide, cook; props: ropes held by adults, boots, maps, mugs; signs: Trail, Lodge, Danger: rocks
bin: damp sand to pile, with stones and climbing animals
science: What makes our volcano foam?
doing: climb, slide, rumble, echo, balance
books: a book about mountains, a story of a climb
outing: the nearest hill
event: climbing day; snack: mountain of rice; game: follow the trail; craft: a torn-paper mountain; bring: a stone
focus: M, 5

Rivers | river, stream, bridges, flowing water
big: A river starts small and goes to the sea.
objects: river, bridge, boat, fish, stone, otter, beaver, duck, waterfall
words: flow, bank, bridge, current, splash
ask: Where does it begin? / Who builds dams? / How do we cross?
place: the ferry landing; roles: ferry captain, passenger, toll taker; props: boats, ropes, tickets; signs: Ferry, Stop, Deep
bin: a sand valley with a pitcher at the top
science: What stops the water, and what does it carry off?
doing: flow, swirl, leap, splash, cross
books: a book about rivers, a story about a bridge
outing: a stream, or rain in the gutter
event: bridge day; snack: celery logs for those who may; game: cross the river; craft: a long river picture; bring: a stick
focus: R, 4

Rocks and gems | rocks, stones, gems, minerals, fossils
big: Rocks are old, and every one is different.
objects: stone, crystal, gem, fossil, shell, hammer, magnifying glass, mountain, sand
words: hard, smooth, layer, crystal, dig
ask: Which is oldest? / What is inside? / Where did it come from?
place: the museum; roles: guide, visitor, scientist; props: labels, trays, magnifying glasses, tickets; signs: Please touch, Found by, Museum
bin: sand with large stones, brushes and sieves
science: What grows in a jar of salty water?
doing: dig, brush, stack, scratch, sort
books: a book about rocks, a story with a stone in it
outing: fill one pocket with stones
event: rock show; snack: stone soup; game: find the twin stone; craft: painted stones; bring: a favorite stone
focus: R, 9

Dinosaurs | dinosaurs, dinosaur, fossils, long ago animals
big: Bones tell a story from long ago.
objects: dinosaur, triceratops, fossil, bone, egg, volcano, nest, fern, brush
words: fossil, huge, claw, dig, extinct
ask: How big was it? / What did it eat? / How do we know?
place: the dig and the museum; roles: digger, scientist, guide; props: brushes, bones of foam, labels, map; signs: Dig site, Do not touch, Museum
bin: sand with dinosaurs and large bones
science: How does a print become stone?
doing: stomp, roar, dig, hatch, swing
books: a book about dinosaurs, a story of someone very large
outing: measure a dinosaur in steps on the sidewalk
event: dino day; snack: egg-shaped rolls; game: egg rescue; craft: footprints; bring: a toy dinosaur
focus: D, 10

Birds | birds, nests, feathers, backyard birds
big: Feathers, eggs and nests: birds live all around us.
objects: bird, nest, feather, egg, owl, robin, duck, worm, birdhouse
words: wing, nest, hatch, beak, perch
ask: What is a nest made of? / Who sings in the morning? / What do birds eat here?
place: the bird clinic; roles: keeper, doctor, visitor; props: nests, feathers, charts, binoculars; signs: Quiet, Babies, Feeding
bin: straw, twigs and mud for building nests
science: Which beak picks up which food: tongs, spoon, straw?
doing: flap, peck, hop, hatch, soar
books: a book about birds, a story from a nest
outing: sit still by a feeder
event: bird breakfast; snack: a nest of noodles; game: mother bird; craft: a feeder; bring: string scraps no longer than a hand
focus: B, 5

Sports and moving | sports, games, moving, exercise, balls
big: Bodies get strong by play.
objects: ball, hoop, jump rope, goal, bat, whistle, medal, sneaker, bean bag
words: throw, catch, team, score, balance
ask: What can you do now that you could not? / How do teams work? / What makes a ball bounce?
place: the stadium; roles: player, announcer, ticket seller; props: tickets, scoreboard, microphone; signs: Tickets, Home, Visitors
bin: balls of many kinds with tubes and baskets
science: Which ball bounces highest?
doing: jump, throw, kick, run, balance
books: a book about games, a story about trying again
outing: a field with room to run
event: games day for families; snack: orange quarters; game: relay of silly walks; craft: medals; bring: sneakers
focus: S, 8

The circus | circus, acrobats, clowns, juggling
big: Practice makes hard things look easy.
objects: clown, juggler, tent, hoop, drum, ticket, ball, ladder, hat
words: balance, juggle, trick, ticket, applause
ask: What trick can you practice? / What makes people laugh? / Who works behind the tent?
place: the circus ring; roles: ringmaster, acrobat, musician, seller; props: hoops, scarves, drum, tickets; signs: Tickets, Ring, Snacks
bin: pompom-free popcorn of crumpled paper with scoops and cups
science: Where must you hold a stick so that it balances?
doing: balance, tumble, juggle, march, bow
books: a book about a show, a story about practice
outing: walk every curb and line we find
event: our circus; snack: cones of cereal for those who may; game: walk the line; craft: tickets and posters; bring: a trick
focus: C, 3

Puppets and theater | theater, puppets, plays, stories, acting
big: A story comes alive when we play it.
objects: puppet, curtain, ticket, crown, mask, book, lamp, costume, drum
words: stage, act, character, clap, begin
ask: Who is in the story? / How does it end this time? / What does a giant sound like?
place: the theater; roles: actor, ticket seller, light keeper; props: sheet, puppets, costumes, seats; signs: Tickets, Quiet, Stage
bin: story stones too large to swallow, in sand
science: How do you make a shadow large?
doing: whisper, stomp, bow, hide, leap
books: a story with a pattern, a book of rhymes
outing: a library story time
event: a play for families; snack: paper cones of fruit; game: freeze in the part; craft: a stick puppet; bring: a sock
focus: P, 3

Art studio | art, artists, painting, studio, museum of art
big: There are a hundred ways to show what you see.
objects: paintbrush, easel, clay, crayon, paper, frame, statue, tape, mosaic
words: line, texture, print, mix, shape
ask: How did they make this? / What can a line do? / What is it about?
place: the gallery; roles: artist, guide, visitor; props: frames, labels, tickets, lamp; signs: Title, Please look, Studio
bin: clay-free sand to draw in, with combs and brushes
science: What colors hide in a black marker?
doing: dab, swirl, stamp, tear, roll
books: a book of pictures, a book about an artist at work
outing: look for art on the street
event: an opening; snack: painted toast; game: follow the line; craft: a group mural; bring: a frame
focus: A, 6

Machines and robots | robots, machines, inventions, gears
big: Simple machines make work easier.
objects: robot, gear, wheel, lever, pulley, spring, button, lamp, wire
words: press, turn, lift, switch, invent
ask: What should a robot do for us? / How do gears turn? / What is inside?
place: the invention lab; roles: inventor, tester, robot; props: boxes, lids, goggles, plans; signs: Press here, Testing, Plans
bin: nuts, gears and lids too large to swallow
science: How does a pulley change lifting?
doing: beep, turn, lift, spin, stop
books: a book about machines, a story about a robot
outing: find machines in the kitchen
event: inventors' fair; snack: square robots of toast; game: program your friend; craft: a box robot; bring: a clean lid
focus: R, 10

Time and clocks | time, clocks, calendar, days and weeks
big: Days have an order we can count on.
objects: clock, calendar, sun, moon, bell, candle, watch, sand timer, bed
words: before, after, now, soon, week
ask: What comes next? / How long is a minute? / What did you do before?
place: the clock shop; roles: repairer, seller, customer; props: clocks without batteries, tags, tools; signs: Open 9 to 5, Repairs, Back soon
bin: sand with bottles to turn and time
science: What can you do in one minute?
doing: tick, wait, hurry, stop, swing
books: a book about a day, a counting book
outing: look at the same place at three times of day
event: backward day; snack: breakfast for lunch; game: what time is it; craft: a paper clock; bring: pajamas
focus: T, 12

Taking care of the earth | earth day, recycling, caring for the earth, environment, trash
big: What we do helps the place where we live.
objects: tree, bottle, paper, can, worm, compost, bag, earth, flower
words: reuse, sort, plant, clean, save
ask: Where does trash go? / What can this become? / Who needs this tree?
place: the recycling center; roles: driver, sorter, builder; props: boxes, gloves, labels, trucks; signs: Paper, Cans, Compost
bin: clean recycling to sort, stack and build
science: What is gone from the soil after a month?
doing: sort, plant, carry, dig, stack
books: a book about the earth, a story about a tree
outing: pick up litter with gloves and an adult
event: planting day; snack: a snack without trash; game: sort relay; craft: paper from paper; bring: a clean container
focus: E, 4

Birthdays | birthday, birthdays, party, celebrations, growing up
big: Each of us grows, and we celebrate.
objects: cake, candle, gift, balloon, card, crown, invitation, party hat, photo
words: celebrate, wish, grow, gift, year
ask: How old were you last year? / How does your family celebrate? / What makes a good gift?
place: the party shop; roles: baker, seller, guest; props: boxes, ribbons held short, cake of dough, cards; signs: Happy birthday, Gifts, Party today
bin: wrapped blocks, bows and boxes in paper strips
science: Which package makes which sound?
doing: wrap, jump, sing, clap, blow
books: a book about birthdays, a book about growing
outing: deliver a card to a neighbor
event: everyone's birthday; snack: muffins that all can eat; game: pass the package; craft: crowns; bring: a baby photo
focus: B, 5

Sewing and buttons | sewing, buttons, button box, fabric, quilt, weaving
big: Threads hold things together.
objects: button, thread, spool, fabric, zipper, ribbon, quilt, tape measure, basket
words: stitch, thread, sort, weave, pair
ask: What is it made of? / How many holes? / Who sewed your clothes?
place: the sewing shop; roles: tailor, customer, sorter; props: fabric, tape measure, mirror, tags; signs: Buttons, Fitting, Ready
bin: fabric squares, large rings and spools
science: Which fabric soaks up water?
doing: pull, lace, weave, fold, sort
books: a book about cloth, a story about something patched
outing: find patterns on everyone's clothes
event: patchwork day; snack: layered sandwiches; game: find the same button; craft: a paper quilt; bring: a scrap of cloth
focus: B, 10

Camping | camping, camp, tent, campfire, hiking
big: With a tent and friends we can sleep anywhere.
objects: tent, flashlight, backpack, sleeping bag, campfire, map, star, bear, canteen
words: trail, camp, pack, glow, pitch
ask: What do we take along? / What do we hear at night? / How do we find the way?
place: the camp; roles: camper, ranger, cook; props: tent, paper fire, pans, maps; signs: Camp 3, Trail, Ranger
bin: soil, sticks and stones with small tents and animals
science: Which knot or clip holds the tent?
doing: hike, pitch, climb, crackle, rest
books: a book about the outdoors, a story by firelight
outing: a hike with a snack to carry
event: camp-out in the yard; snack: fruit on a stick without a point; game: follow the trail; craft: a lantern; bring: a flashlight
focus: C, 6

Neighborhood helpers | community helpers, helpers, jobs, neighborhood, my town
big: Many people do the work that we all need.
objects: mail carrier, firefighter, doctor, baker, bus driver, crossing guard, librarian, builder, truck
words: help, job, uniform, tool, team
ask: Who helps us today? / What tools do they need? / What would you like to do?
place: Main Street; roles: baker, mail carrier, doctor, shopper; props: hats, tools, counters, play money; signs: Open, Mail, Clinic
bin: a town of blocks in sand with vehicles and people
science: Which shoe is for which work: what grips on wet tile?
doing: carry, build, drive, deliver, fix
books: books about work, a story about a town
outing: say thank you to someone at work
event: job day with families; snack: made and served by the kids; game: whose tool is it; craft: a town map; bring: something from your work
focus: H, 8
`
