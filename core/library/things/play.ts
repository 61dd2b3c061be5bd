/** Toys, instruments, art, clothes, parties, shapes, feelings and doings. How a line reads stands in `index.ts`. */
export const PLAY = `
ball | toy | soft | medium | red yellow blue | the yard | r200x200x200 | moves: bounces and rolls
marble | toy | hard | small | blue green red | the bag | r16x16x16 | moves: rolls
block | toy | hard | small | red blue green | the rug | r50x50x50 | parts: sides, edges, corners
doll | toy | soft | medium | pink brown | the bed | r300 | parts: dress, hair, arms, legs
teddy bear | toy | soft | medium | brown | the bed | r300 | parts: ears, paws, nose, ribbon
stuffed animal | toy | soft | medium | brown white | the bed | r250
puppet | toy | soft | medium | red blue | the stage | r250 | parts: head, hands, strings
puzzle | toy | hard | medium | blue green | the table | r60x50x5 | parts: pieces, edges, corners
top | toy | hard | small | red yellow | the floor | r60x50x50 | moves: spins
yo-yo | toy | hard | small | red blue | the pocket | r55x55x35 | cord: 1000; moves: goes up and down
jump rope | toy | soft | medium | red white | the playground | r2100 | cord: 2100; parts: handles, rope
hula hoop | toy | hard | large | pink blue | the playground | r800x800x20 | moves: spins
frisbee | toy | hard | medium | red yellow | the park | r250x250x25 | moves: sails
bat and ball | toy | hard | medium | brown white | the field | r750 | plural: bats and balls
baseball | toy | hard | small | white red | the field | r74x74x74
basketball | toy | soft | medium | orange black | the court | r240x240x240 | moves: bounces
football | toy | soft | medium | brown | the field | r280x170x170
soccer ball | toy | soft | medium | black white | the field | r220x220x220 | moves: rolls
tennis ball | toy | soft | small | yellow | the court | r67x67x67 | moves: bounces
beach ball | toy | soft | large | red yellow blue white | the beach | r350x350x350
die | toy | hard | small | white | the game | r16x16x16 | plural: dice; parts: dots, sides
domino | toy | hard | small | black white | the table | r48x24x8 | plural: dominoes; parts: dots, line
card | toy | paper | small | white red | the table | r88x63x1
board game | toy | paper | medium | red green | the table | r400x400x20
toy | toy | hard | small | red blue | the toy box | t70
dollhouse | toy | hard | large | pink white | the bedroom | r700 t100 | parts: rooms, roof, stairs, furniture
rattle | toy | hard | small | yellow | the crib | r130x60x60 | sound: rattles
jack-in-the-box | toy | hard | medium | red blue | the shelf | r150 | plural: jack-in-the-boxes; sound: pops; moves: springs up
rocking horse | toy | hard | large | brown red | the bedroom | r800 t80 | parts: rockers, saddle, mane; moves: rocks
bubble wand | toy | hard | small | pink | the yard | r150x60x8
drum | instrument | hard | large | red brown | the band | r300 | parts: skin, sides, sticks; sound: booms
drumstick | instrument | hard | small | brown | the drum | r400x15x15
bell | instrument | hard | small | gold silver | the door | r60x60x60 | parts: clapper, handle; sound: rings
jingle bell | instrument | hard | small | silver gold | the sleigh | r25x25x25 | sound: jingles
triangle | instrument | hard | small | silver | the band | r150x150x10 | cord: 100; sound: tings
tambourine | instrument | hard | medium | brown silver | the band | r250x250x45 | parts: skin, jingles; sound: jingles
maraca | instrument | hard | small | red yellow | the band | r220x70x70 | parts: handle, seeds; sound: shakes
shaker | instrument | hard | small | red blue | the band | r80x60x60 | sound: shakes
cymbal | instrument | hard | medium | gold | the band | r300x300x15 | sound: crashes
xylophone | instrument | hard | medium | red yellow green blue | the band | r400 | parts: bars, mallets; sound: rings
piano | instrument | hard | large | black white | the stage | r1500 t100 | parts: keys, pedals, strings; sound: plays
keyboard | instrument | hard | large | black white | the stage | r900 t100 | parts: keys, buttons; sound: plays
guitar | instrument | hard | large | brown | the stage | r950 t110 | parts: strings, neck, body; sound: strums
ukulele | instrument | hard | medium | brown | the beach | r530 t90 | parts: strings, neck, body; sound: strums
violin | instrument | hard | medium | brown | the stage | r600 t90 | parts: strings, bow, neck; sound: sings
banjo | instrument | hard | medium | brown white | the porch | r900 t90 | sound: twangs
harp | instrument | hard | large | gold brown | the stage | r1700 t100 | parts: strings, frame; sound: ripples
flute | instrument | hard | small | silver brown | the band | r650x25x25 | parts: holes, mouthpiece; sound: whistles
recorder | instrument | hard | small | white brown | the school | r330x30x30 | parts: holes, mouthpiece; sound: toots
whistle | instrument | hard | small | silver red | the coach | r50x22x20 | sound: tweets
trumpet | instrument | hard | medium | gold | the band | r480 t80 | parts: valves, bell, mouthpiece; sound: blares
trombone | instrument | hard | large | gold | the band | r1200 t100 | parts: slide, bell; sound: slides
tuba | instrument | hard | large | gold | the band | r1000 t90 | sound: oompahs
saxophone | instrument | hard | medium | gold | the band | r700 t90 | sound: wails
clarinet | instrument | hard | medium | black | the band | r650x30x30 | sound: sings
harmonica | instrument | hard | small | silver | the pocket | r100x28x25 | sound: hums
accordion | instrument | hard | medium | red black | the street | r450 t80 | parts: keys, folds, straps; sound: wheezes
kazoo | instrument | hard | small | red silver | the party | r120x30x30 | sound: buzzes
rain stick | instrument | hard | medium | brown | the rainforest | r500x50x50 | sound: rustles
music | sound | paper | medium | black red | the stage | | form: stuff
song | sound | paper | medium | black | the circle | | form: idea
sound | sound | paper | medium | black | the house | | form: idea
echo | sound | paper | medium | gray | the mountains | | plural: echoes; form: idea
rhythm | sound | paper | medium | black | the band | | form: idea
noise | sound | paper | medium | red | the street | | form: stuff
band | sound | hard | large | red gold | the parade | | form: idea; parts: drums, horns, leader
microphone | tool | hard | small | black silver | the stage | r180x50x50
headphones | tool | hard | medium | black | the desk | r180 | plural: headphones; form: pair
crayon | for art | hard | small | red blue green yellow | the art table | r92x8x8 | parts: wrapper, tip
marker | for art | hard | small | red blue green | the art table | r140x15x15 | parts: cap, tip
pencil | for art | hard | small | yellow red | the desk | r175x7x7 | parts: point, eraser, wood
pen | for art | hard | small | blue black | the desk | r140x10x10 | parts: cap, point
chalk | for art | hard | small | white pink blue | the sidewalk | r75x10x10 | form: stuff; hazards: loose-powder
eraser | for art | hard | small | pink | the desk | r50x20x10
paint | for art | food | small | red blue yellow | the easel | | form: stuff; made: none
paintbrush | for art | hard | small | brown red | the easel | r200x12x12 | plural: paintbrushes; parts: bristles, handle; moves: strokes
easel | for art | hard | large | brown | the art area | r1200 t90 | parts: legs, tray, board
paper | for art | paper | medium | white | the art table | r280x216x1 | form: stuff; stages: tree, pulp, paper
glue | for art | food | small | white | the art table | | form: stuff; made: none
tape | for art | hard | small | white | the art table | | form: stuff
sticker | for art | paper | small | red yellow | the art table | r25x25x1
glitter | for art | hard | small | gold silver | the art table | | form: stuff; hazards: loose-powder, sharp
bead | for art | hard | small | red blue yellow | the tray | r10x10x10
pom-pom | for art | soft | small | red white yellow | the art table | r20x20x20
feather boa | for wearing | soft | medium | pink white | the dress-up corner | r1800 | cord: 1800
stamp pad | for art | hard | small | black blue | the art table | r100x70x20
mosaic | for art | hard | medium | blue green | the wall | t100 | parts: tiles, picture
statue | for art | hard | large | gray | the park | r2000 t90
mask | for art | paper | medium | red white | the party | r220x180x2 | parts: eye holes, strap
book | for reading | paper | medium | red blue | the library | r280x220x10 | stages: idea, words and pictures, printed pages, book; parts: cover, pages, spine, title
story | for reading | paper | medium | red blue | the book nook | | plural: stories; form: idea; stages: beginning, middle, end
page | for reading | paper | small | white | a book | r280x220x1
magazine | for reading | paper | medium | red white | the table | r280x220x4
poem | for reading | paper | small | white | the book nook | | form: idea
word | for reading | paper | small | black | a book | | form: idea
alphabet | for reading | paper | medium | red blue green | the classroom | t100x80x2 | parts: letters
desk | in the room | hard | large | brown | the school | r1200 t80 | parts: drawers, top, legs
chalkboard | in the room | hard | large | black green | the school | r1500 t100
classroom | place | hard | large | white | the school | t130
lunch box | tool | hard | medium | red blue | the school | r250 | plural: lunch boxes; parts: lid, handle
notebook | for reading | paper | medium | blue red | the backpack | r250x200x8
calendar | for reading | paper | medium | white red | the wall | r300x300x3 | parts: months, weeks, days
hat | clothing | soft | small | red blue black | the closet | r250 | parts: brim, crown, band
cap | clothing | soft | small | blue red | the closet | r270 | parts: brim, button
mitten | clothing | soft | small | red blue | the coat closet | r180x110x20 | parts: thumb, cuff
glove | clothing | soft | small | black red | the coat closet | r200x110x20 | parts: fingers, thumb, cuff
scarf | clothing | soft | medium | red blue green | the coat closet | r1400 | cord: 1400; hazards: soft-prop; parts: fringe, ends
coat | clothing | soft | large | blue red | the coat closet | r800 | parts: sleeves, buttons, pockets, hood
jacket | clothing | soft | large | blue green | the coat closet | r650 | parts: sleeves, zipper, pockets
raincoat | clothing | soft | large | yellow | the coat closet | r700 | parts: hood, snaps, sleeves
sweater | clothing | soft | large | red green | the drawer | r600 | stages: sheep's wool, yarn, sweater; parts: sleeves, collar
shirt | clothing | soft | medium | white blue | the drawer | r600 | parts: sleeves, collar, buttons
t-shirt | clothing | soft | medium | red white blue | the drawer | r600 | parts: sleeves, neck
pants | clothing | soft | medium | blue brown | the drawer | r700 | plural: pants; form: pair; parts: legs, pockets, zipper
jeans | clothing | soft | medium | blue | the drawer | r700 | plural: jeans; form: pair; parts: legs, pockets, zipper
shorts | clothing | soft | medium | blue red | the drawer | r350 | plural: shorts; form: pair
overalls | clothing | soft | medium | blue | the farm | r800 | plural: overalls; form: pair; parts: straps, pockets
dress | clothing | soft | large | red blue | the closet | r700 | plural: dresses; parts: skirt, sleeves, buttons
skirt | clothing | soft | medium | red blue | the closet | r400
pajamas | clothing | soft | medium | blue yellow | the bed | r700 | plural: pajamas; form: pair
sock | clothing | soft | small | white blue red | the drawer | r200x80x10 | parts: toe, heel, cuff
shoe | clothing | hard | medium | black brown red | the closet | r200x80x80 | parts: laces, sole, heel, tongue
sneaker | clothing | soft | medium | white red blue | the closet | r200x80x80 | parts: laces, sole, tongue
boot | clothing | hard | medium | yellow red blue | the mudroom | r220x90x200 | parts: sole, heel, top
sandal | clothing | hard | medium | brown | the beach | r200x80x40 | parts: strap, sole, buckle
slipper | clothing | soft | medium | pink blue | the bedroom | r200x80x60
apron | clothing | soft | medium | white blue | the kitchen | r700 | cord: 500; parts: pocket, strings, bib
belt | clothing | hard | medium | brown black | the closet | r800 | cord: 800; parts: buckle, holes
tie | clothing | soft | small | red blue | the closet | r1400 | cord: 1400
bow | clothing | soft | small | red pink | the gift | r90x60x30
cape | clothing | soft | large | red | the dress-up corner | r700 | cord: 400
costume | clothing | soft | large | red green | the dress-up corner | r800
glasses | for wearing | hard | small | black brown | the face | r140x50x40 | plural: glasses; form: pair; parts: lenses, frames
sunglasses | for wearing | hard | small | black | the beach | r140x50x40 | plural: sunglasses; form: pair
goggles | for wearing | hard | small | blue red | the pool | r160x60x50 | plural: goggles; form: pair; parts: lenses, strap
necklace | for wearing | hard | small | red gold | the dress-up corner | r400 | cord: 400; parts: beads, clasp
ring | for wearing | hard | small | gold silver | the finger | r20x20x5
bracelet | for wearing | hard | small | gold red | the wrist | r70x70x10
purse | for wearing | soft | medium | red brown | the closet | r250 | parts: strap, clasp, pocket
swimsuit | clothing | soft | medium | red blue | the pool | r400
tutu | clothing | soft | medium | pink | the stage | r300
wig | for wearing | soft | medium | red yellow | the circus | r300
birthday | celebration | paper | large | red yellow blue | the party | | form: idea; parts: cake, candles, gifts, guests
party | celebration | paper | large | red yellow blue | the house | | plural: parties; form: idea; parts: balloons, snacks, games, guests
gift | celebration | paper | medium | red green | the party | r200x150x100 | stages: box, wrapped box, opened gift; parts: paper, bow, tag
present | celebration | paper | medium | red green | the party | r200x150x100 | parts: paper, bow, tag
party hat | celebration | paper | small | red blue yellow | the party | r180 | cord: 300
streamer | celebration | paper | medium | red blue yellow | the party | r2000 | cord: 2000
confetti | celebration | paper | small | red blue yellow | the party | r6x6x1 | form: stuff
parade | celebration | paper | large | red white blue | the street | | form: idea; parts: band, floats, flags; moves: marches
firework | celebration | paper | large | red white blue | the sky | | form: idea; sound: booms; moves: bursts
piñata | celebration | paper | medium | red yellow green | the party | r500
holiday | celebration | paper | large | red green | the year | | form: idea
invitation | celebration | paper | small | white pink | the mailbox | r150x110x1
swimming pool | place | hard | large | blue | the yard | t130 | parts: ladder, deep end, shallow end
circle | shape | paper | small | red blue | the block corner | t80x80x5
square | shape | paper | small | red blue | the block corner | t80x80x5 | parts: sides, corners
rectangle | shape | paper | small | red blue | the block corner | t90x60x5 | parts: sides, corners
oval | shape | paper | small | red blue | the block corner | t90x60x5
cube | shape | hard | small | red blue | the block corner | r50x50x50 | parts: faces, edges, corners
cone | shape | hard | small | orange red | the block corner | r80x60x60 | parts: point, round bottom
cylinder | shape | hard | small | red blue | the block corner | r80x50x50
pyramid | shape | hard | small | yellow | the block corner | r60x60x60
color | color | paper | small | red yellow blue | the paint box | | form: idea; parts: light, dark
number | number | paper | small | red blue | the classroom | t80x60x5
shape | shape | paper | small | red blue | the block corner | t80x80x5
pattern | shape | paper | medium | red blue | the rug | | form: idea
kindness | feeling | paper | small | red pink | the heart | | form: idea; shows: helping, sharing, a gentle hand
sharing | doing | paper | small | red blue | the playground | | form: idea; shows: one for you and one for me
helping | doing | paper | small | green blue | the house | | form: idea; shows: carrying, holding a door, cleaning up together
caring | feeling | paper | small | red | the heart | | form: idea; shows: a hug, a blanket, a bandage
friendship | feeling | paper | small | red yellow | the playground | | form: idea; shows: playing together, taking turns
love | feeling | paper | small | red pink | the heart | | form: idea; shows: a hug, a smile
happiness | feeling | paper | small | yellow | the face | | form: idea; shows: a smile, a jump, a laugh
joy | feeling | paper | small | yellow | the face | | form: idea; shows: a smile, a jump, a laugh
sadness | feeling | paper | small | blue | the face | | form: idea; shows: tears, a turned-down mouth, slow steps
anger | feeling | paper | small | red | the face | | form: idea; shows: a frown, tight fists, stomping
fear | feeling | paper | small | purple | the face | | form: idea; shows: wide eyes, hiding, holding a hand
worry | feeling | paper | small | gray | the face | | plural: worries; form: idea; shows: a wrinkled forehead, biting a lip
surprise | feeling | paper | small | orange | the face | | form: idea; shows: wide eyes, an open mouth
excitement | feeling | paper | small | orange yellow | the face | | form: idea; shows: bouncing, big eyes, clapping
pride | feeling | paper | small | purple gold | the face | | form: idea; shows: standing tall, a smile
shyness | feeling | paper | small | pink | the face | | form: idea; shows: looking down, hiding behind someone
calm | feeling | paper | small | blue green | the body | | form: idea; shows: slow breaths, soft hands, a quiet face
frustration | feeling | paper | small | red | the face | | form: idea; shows: a huff, a frown, trying again
loneliness | feeling | paper | small | blue | the face | | form: idea; shows: sitting alone, looking for someone
patience | feeling | paper | small | green | the line | | form: idea; shows: waiting, slow breaths
courage | feeling | paper | small | red gold | the heart | | form: idea; shows: trying something new, a deep breath
feeling | feeling | paper | small | red blue yellow | the face | | form: idea; shows: faces, hands, voices
hug | doing | paper | small | red pink | the house | | form: idea; shows: arms around someone
smile | doing | paper | small | yellow | the face | | form: idea; shows: turned-up lips, bright eyes
tear | feeling | paper | small | blue | the face | t60x40x2
manners | doing | paper | small | blue green | the table | | form: idea; plural: manners; shows: please, thank you, waiting
sleep | doing | paper | medium | blue black | the bed | | form: idea; shows: closed eyes, slow breaths
dream | doing | paper | medium | blue purple | the bed | | form: idea
dancing | doing | paper | medium | pink red | the stage | | form: idea; shows: steps, turns, arms up
singing | doing | paper | medium | red blue | the circle | | form: idea; shows: open mouth, a tune
cooking | doing | paper | medium | red white | the kitchen | | form: idea; shows: stirring, tasting, chopping
baking | doing | paper | medium | brown white | the bakery | | form: idea; shows: mixing, kneading, waiting for the oven
building | doing | paper | medium | red yellow | the building site | | form: idea; shows: stacking, hammering, measuring
gardening | doing | paper | medium | green brown | the garden | | form: idea; shows: digging, watering, picking
swimming | doing | paper | medium | blue | the pool | | form: idea; shows: kicking, floating, splashing
camping | doing | paper | medium | green brown | the campsite | | form: idea; shows: pitching a tent, looking at stars
fishing | doing | paper | medium | blue | the lake | | form: idea; shows: casting, waiting, reeling
flying | doing | paper | medium | blue white | the sky | | form: idea; shows: arms out, gliding
running | doing | paper | medium | red | the playground | | form: idea; shows: fast feet, swinging arms
jumping | doing | paper | medium | green | the playground | | form: idea; shows: bent knees, feet off the ground
day | time | paper | large | yellow blue | the week | | form: idea; stages: morning, noon, evening, night
night | time | paper | large | black blue | the sky | | form: stuff; stages: sunset, night, sunrise
morning | time | paper | large | yellow | the day | | form: idea; stages: waking up, breakfast, getting dressed
evening | time | paper | large | orange purple | the day | | form: idea
week | time | paper | large | red blue | the calendar | | form: idea; parts: Monday, Tuesday, Wednesday, Thursday, Friday, Saturday, Sunday
month | time | paper | large | red blue | the calendar | | form: idea
year | time | paper | large | green orange white yellow | the calendar | | form: idea; stages: winter, spring, summer, fall
summer | season | paper | large | yellow blue | the year | | form: stuff; parts: sun, sand, water, fireflies
fall | season | paper | large | orange red brown | the year | | form: stuff; parts: leaves, pumpkins, wind, acorns
autumn | season | paper | large | orange red brown | the year | | form: stuff; parts: leaves, pumpkins, wind, acorns
winter | season | paper | large | white blue | the year | | form: stuff; parts: snow, ice, mittens, bare trees
hoop | toy | hard | large | red blue | the playground | r600x600x20 | moves: rolls
goal | toy | hard | large | white | the field | r2000 t110 | parts: posts, net
medal | celebration | hard | small | gold silver | the stadium | r60x60x4 | cord: 500; parts: ribbon, disc
skate | toy | hard | medium | white red | the rink | r280 | parts: boot, wheels, laces; moves: glides
curtain | in the room | soft | large | red | the stage | r2000 | parts: folds, rings; moves: opens and closes
frame | in the room | hard | medium | brown gold | the wall | r250x200x15 | parts: corners, sides
photo | for reading | paper | small | white black | the album | r150x100x1
prism | light | hard | small | white | the window | r100x30x30 | parts: sides, edges; hazards: sharp
`
