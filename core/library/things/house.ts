/** What is in a kitchen, a bathroom, a workshop, a garden and a sewing box. How a line reads stands in `index.ts`. */
export const HOUSE = `
oven | tool | hard | large | gray black | the kitchen | r900 t90 | parts: door, racks, knobs, light; sound: hums
stove | tool | hard | large | white black | the kitchen | r900 t90 | parts: burners, knobs, oven door
fridge | tool | hard | large | white silver | the kitchen | r1700 t100 | parts: door, shelves, drawer, light; sound: hums
sink | tool | hard | large | white silver | the kitchen | r600 t80 | parts: faucet, drain, basin; sound: gurgles
blender | tool | hard | medium | white silver | the kitchen | r400 t80 | parts: jar, lid, blades, buttons; sound: whirs
mixer | tool | hard | medium | white red | the kitchen | r350 t80 | parts: beaters, bowl, handle; sound: whirs; moves: spins
toaster | tool | hard | medium | silver | the kitchen | r300 t70 | parts: slots, lever, cord; sound: pops
kettle | tool | hard | medium | silver red | the kitchen | r250 t70 | parts: spout, lid, handle; sound: whistles
teapot | tool | hard | medium | white blue | the kitchen | r220 | parts: spout, lid, handle
timer | tool | hard | small | white red | the kitchen | r70x70x30 | sound: dings; parts: numbers, dial
rolling pin | tool | hard | medium | brown | the kitchen | r400x60x60 | parts: handles, roller; moves: rolls
whisk | tool | hard | small | silver | the kitchen | r250x60x60 | parts: wires, handle; moves: stirs
spatula | tool | hard | small | red black | the kitchen | r280x60x10 | parts: blade, handle
ladle | tool | hard | small | silver | the kitchen | r280x80x60 | parts: bowl, handle
spoon | tool | hard | small | silver brown | the kitchen | r180x40x20 | parts: bowl, handle
fork | tool | hard | small | silver | the table | r180x25x15 | parts: prongs, handle
knife | tool | hard | small | silver | the kitchen | r200x25x10 | plural: knives; parts: blade, handle; hazards: sharp
chopsticks | tool | hard | small | brown | the table | r230x8x8 | plural: chopsticks; form: pair
bowl | tool | hard | medium | white blue | the kitchen | r170x170x70 | parts: rim, base
plate | tool | hard | medium | white blue | the table | r250x250x20 | parts: rim, middle
cup | tool | hard | small | white red blue | the table | r90x80x80 | parts: handle, rim
mug | tool | hard | small | white blue | the table | r100x90x90 | parts: handle, rim
glass | tool | hard | small | white | the table | r120x70x70 | plural: glasses; hazards: sharp
pan | tool | hard | medium | black | the kitchen | r300x260x50 | parts: handle, bottom, rim
pot | tool | hard | medium | silver black | the kitchen | r250x200x150 | parts: lid, handles, bottom
baking sheet | tool | hard | medium | silver | the kitchen | r400x300x20
muffin tin | tool | hard | medium | silver | the kitchen | r350x260x30 | parts: cups, rim
cookie cutter | tool | hard | small | silver red | the kitchen | r80x70x20
sieve | tool | hard | medium | silver | the kitchen | r250x200x80 | parts: mesh, handle
colander | tool | hard | medium | silver white | the kitchen | r250x250x110 | parts: holes, handles
measuring cup | tool | hard | small | white red | the kitchen | r120x90x60 | parts: lines, handle
grater | tool | hard | small | silver | the kitchen | r220x100x80 | parts: holes, handle; hazards: sharp
funnel | tool | hard | small | white red | the kitchen | r120x100x100 | parts: cone, spout
tongs | tool | hard | small | silver | the kitchen | r250x40x30 | plural: tongs; form: pair
jar | tool | hard | medium | white | the kitchen | r150x90x90 | parts: lid, label
bottle | tool | hard | medium | green white | the kitchen | r250x70x70 | parts: cap, neck, label
can | tool | hard | small | silver red | the pantry | r110x75x75 | parts: label, lid
box | tool | paper | medium | brown | the closet | r300x200x200 | plural: boxes; parts: lid, sides, bottom
bag | tool | paper | medium | brown white | the store | r300x200x100 | parts: handles, bottom
basket | tool | hard | medium | brown | the market | r350x250x200 | parts: handle, rim, weave
tray | tool | hard | medium | brown white | the shelf | r400x300x30
bucket | tool | hard | medium | red blue yellow | the yard | r280x250x250 | parts: handle, rim, bottom
broom | tool | hard | large | brown yellow | the closet | r1200x300x50 | parts: bristles, handle; sound: swishes; moves: sweeps
mop | tool | soft | large | white blue | the closet | r1200x200x100 | parts: strings, handle; moves: swishes
dustpan | tool | hard | medium | red blue | the closet | r300x230x80 | parts: handle, edge
vacuum | tool | hard | large | red gray | the closet | r1000 t80 | parts: hose, brush, cord, bag; sound: roars; moves: sucks up dust
sponge | for washing | soft | small | yellow blue | the sink | r110x70x30 | moves: soaks up
soap | for washing | hard | small | white pink | the bathroom | r80x55x25 | form: stuff; parts: bubbles, bar; hazards: irritant
bubble | for washing | soft | small | white | the bathtub | | moves: floats and pops; sound: pops; form: stuff
towel | for washing | soft | large | white blue | the bathroom | r1200x600x5
bathtub | for washing | hard | large | white | the bathroom | r1600 t100 | parts: faucet, drain, tub
shampoo | for washing | food | small | blue white | the bathroom | | form: stuff; hazards: irritant; made: none
toothbrush | tool | hard | small | blue red green | the bathroom | r190x15x12 | plural: toothbrushes; parts: bristles, handle; moves: scrubs
toothpaste | for washing | food | small | white blue | the bathroom | | form: stuff; made: none
comb | tool | hard | small | black red | the bathroom | r150x35x5 | parts: teeth, handle
hairbrush | tool | hard | small | brown pink | the bathroom | r220x60x40 | plural: hairbrushes; parts: bristles, handle
mirror | in the room | hard | medium | silver | the wall | r300x200x10 | parts: glass, frame; hazards: sharp
toilet | in the room | hard | large | white | the bathroom | r700 t70 | parts: seat, lid, tank, handle; sound: flushes
laundry | for washing | soft | large | white blue red | the laundry room | | form: stuff; stages: dirty clothes, wet clothes, dry clothes
washing machine | tool | hard | large | white | the laundry room | r900 t80 | parts: door, drum, buttons, hose; sound: sloshes; moves: spins
dryer | tool | hard | large | white | the laundry room | r900 t80 | parts: door, drum, buttons; sound: tumbles; moves: spins
clothespin | tool | hard | small | brown red | the clothesline | r75x12x10 | parts: spring, two sides; moves: pinches
clothesline | tool | soft | large | white | the yard | r5000 | cord: 5000; parts: rope, poles
iron | tool | hard | medium | white blue | the laundry room | r280 t80 | parts: plate, handle, cord; hazards: hot
bed | in the room | soft | large | white blue | the bedroom | r1900 t100 | parts: pillow, blanket, mattress, frame
crib | in the room | hard | large | white brown | the bedroom | r1300 t100 | parts: bars, mattress, sheet
pillow | in the room | soft | medium | white blue | the bedroom | r600x400x120 | hazards: soft-prop
blanket | in the room | soft | large | blue pink green | the bedroom | r1500x1200x5 | hazards: soft-prop
quilt | in the room | soft | large | red blue yellow | the bedroom | r1800x1500x15 | parts: squares, stitches, border; hazards: soft-prop
chair | in the room | hard | large | brown | the table | r800 t70 | parts: legs, seat, back
table | in the room | hard | large | brown | the kitchen | r1500 t90 | parts: legs, top
couch | in the room | soft | large | brown gray | the living room | r2000 t90 | plural: couches; parts: cushions, arms, back
rug | in the room | soft | large | red blue | the floor | r2000 t120
lamp | light | hard | medium | white yellow | the table | r450 t70 | parts: shade, bulb, cord, switch
light bulb | light | hard | small | white yellow | a lamp | r110x60x60 | parts: glass, wire, base; hazards: sharp
flashlight | light | hard | small | black red | the tent | r160x35x35 | parts: bulb, switch, battery, handle; needs: batteries; hazards: button-cell
lantern | light | paper | medium | yellow red | the porch | r250 | parts: handle, light, sides
candle | light | hard | small | white | the table | r150x25x25 | parts: wick, wax, flame; hazards: hot
match | light | hard | small | red brown | the kitchen | r45x2x2 | plural: matches; hazards: hot
clock | in the room | hard | medium | white | the wall | r300 t90 | parts: hands, face, numbers; sound: ticks
alarm clock | in the room | hard | small | red white | the bedroom | r110x100x50 | parts: bell, hands, numbers; sound: rings
watch | for wearing | hard | small | black silver | the wrist | r230x35x10 | plural: watches; parts: hands, strap, face; hazards: button-cell
door | in the house | hard | large | brown red | the house | r2000 t90 | parts: knob, hinges, lock; sound: creaks
window | in the house | hard | large | white | the house | r1200 t80 | parts: glass, frame, sill
wall | in the house | hard | large | white | the house | r2500 t100
roof | in the house | hard | large | red gray | the house | r8000 t110 | parts: shingles, gutter, chimney
chimney | in the house | hard | medium | red | the roof | r1500 t80 | parts: bricks, smoke hole
stair | in the house | hard | large | brown | the house | r1000 t90 | parts: steps, railing
fence | in the yard | hard | large | white brown | the yard | r1200 t100 | parts: posts, boards, gate
gate | in the yard | hard | medium | white | the yard | r1000 t90 | parts: latch, hinges, bars; sound: squeaks
mailbox | mail | hard | medium | blue red | the street | r500 t80 | plural: mailboxes; parts: door, flag, post
swing | playground | hard | large | red yellow | the playground | r2000 t90 | parts: seat, chains, frame; moves: swings
slide | playground | hard | large | yellow red | the playground | r2500 t100 | parts: ladder, chute
seesaw | playground | hard | large | red | the playground | r2500 t100 | parts: plank, middle, handles; moves: goes up and down
sandbox | playground | hard | large | brown yellow | the playground | r1500 t110 | plural: sandboxes; parts: sand, sides
merry-go-round | playground | hard | large | red yellow | the playground | r3000 t100 | parts: platform, bars; moves: spins
trampoline | playground | hard | large | black blue | the yard | r3000 t100 | moves: bounces
tent | home | soft | large | green orange | the campsite | r2000 t110 | parts: poles, door, floor, stakes
sleeping bag | camping | soft | large | blue red | the tent | r1900 | parts: zipper, lining; hazards: soft-prop
backpack | camping | soft | medium | blue red | the trail | r450 | parts: straps, pockets, zipper
campfire | camping | paper | medium | red orange | the campsite | r800 t90 | parts: logs, flames, stones, smoke; sound: crackles
canteen | camping | hard | small | green | the trail | r200x120x60 | parts: cap, strap
telescope | tool | hard | medium | white black | the yard | r900 t110 | parts: lens, tube, stand
binoculars | tool | hard | small | black | the trail | r150x130x50 | plural: binoculars; form: pair; parts: lenses, strap
magnifying glass | tool | hard | small | black | the discovery shelf | r170x80x15 | plural: magnifying glasses; parts: lens, handle
microscope | tool | hard | medium | white | the lab | r350 t90 | parts: lens, stage, light
magnet | tool | hard | small | red silver | the fridge | r40x20x6 | parts: two ends; hazards: loose-magnet; moves: pulls and pushes
battery | tool | hard | small | black gold | the flashlight | r50x14x14 | plural: batteries; hazards: button-cell
camera | tool | hard | small | black | the trip | r120x80x60 | parts: lens, button, strap; sound: clicks
phone | tool | hard | small | black | the pocket | r150x75x9 | parts: screen, buttons; sound: rings
telephone | tool | hard | medium | red black | the table | r220 t80 | parts: receiver, cord, buttons; sound: rings
computer | tool | hard | large | gray black | the desk | r400 t80 | parts: screen, keyboard, mouse
radio | tool | hard | medium | red black | the kitchen | r250 t80 | parts: dial, speaker, antenna; sound: plays music
robot | toy | hard | medium | silver gray | the lab | r1200 t80 | parts: arms, buttons, lights, wheels; sound: beeps; moves: rolls and turns
hammer | tool | hard | medium | brown gray | the workshop | r300x120x30 | parts: head, handle, claw; sound: bangs
saw | tool | hard | medium | gray | the workshop | r450x120x20 | parts: blade, teeth, handle; sound: rasps; hazards: sharp
screwdriver | tool | hard | small | red silver | the workshop | r200x30x30 | parts: tip, shaft, handle; moves: twists
wrench | tool | hard | small | silver | the workshop | r200x45x12 | plural: wrenches; parts: jaws, handle; moves: turns
pliers | tool | hard | small | red silver | the workshop | r180x50x15 | plural: pliers; form: pair; parts: jaws, handles; moves: grips
drill | tool | hard | medium | yellow black | the workshop | r220 t80 | parts: bit, trigger, handle; sound: whirs; moves: spins; hazards: sharp
screw | small part | hard | small | silver | the workshop | r40x8x8 | parts: head, threads, tip; hazards: sharp; moves: twists in
nail | small part | hard | small | gray | the workshop | r60x6x6 | parts: head, point; hazards: sharp
bolt | small part | hard | small | silver | the workshop | r40x15x15 | parts: head, threads
nut and bolt | small part | hard | small | silver | the workshop | r45x18x18 | plural: nuts and bolts; parts: nut, bolt, threads
gear | small part | hard | small | silver red | the machine | r60x60x12 | parts: teeth, hole; moves: turns
spring | small part | hard | small | silver | the machine | r40x15x15 | moves: bounces
pulley | tool | hard | small | silver | the workshop | r70x60x25 | parts: wheel, groove, rope; moves: lifts
lever | tool | hard | medium | brown | the workshop | r600x50x20 | moves: lifts
ramp | tool | hard | large | brown | the block corner | r600x200x20 |
tape measure | tool | hard | small | yellow | the workshop | r80x70x35 | parts: tape, numbers, case
ruler | tool | hard | small | yellow brown | the desk | r300x30x3 | parts: lines, numbers
level | tool | hard | medium | yellow | the workshop | r400x50x20 | parts: bubble, edges
toolbox | tool | hard | medium | red | the workshop | r400 t90 | plural: toolboxes; parts: lid, handle, tray
brick | building material | hard | small | red | the building site | r200x100x60
plank | building material | hard | large | brown | the building site | r1000x100x20
pipe | building material | hard | medium | silver | the building site | r500x50x50 | parts: ends, elbow
cement | building material | hard | medium | gray | the building site | | form: stuff; stages: powder, wet cement, hard cement; hazards: chemical, loose-powder
ladder | tool | hard | large | brown silver | the building site | r2500 t110 | parts: rungs, rails
hard hat | clothing | hard | medium | yellow | the building site | r280 | parts: brim, strap
blueprint | sign | paper | medium | blue white | the building site | r600x400x1 | parts: lines, rooms, numbers
shovel | tool | hard | medium | brown gray | the garden | r1000x200x60 | parts: blade, handle; moves: digs
rake | tool | hard | large | green brown | the garden | r1400x400x60 | parts: teeth, handle; moves: scratches
hoe | tool | hard | large | brown gray | the garden | r1400x150x60 | parts: blade, handle
trowel | tool | hard | small | green | the garden | r280x80x40 | parts: blade, handle; moves: digs
watering can | tool | hard | medium | green blue | the garden | r300 | parts: spout, handle, holes; moves: pours
hose | tool | soft | large | red green | the yard | r10000 | cord: 10000; parts: nozzle, ends; sound: hisses; moves: sprays
flowerpot | tool | hard | medium | brown red | the garden | r150x140x140 | parts: rim, hole, saucer
scarecrow | figure | soft | large | brown red | the field | r1700 t90 | parts: hat, straw, shirt, pole
rope | tool | soft | medium | white brown | the workshop | r2000 | cord: 2000; parts: strands, ends
string | tool | soft | small | white | the drawer | r1000 | form: stuff; cord: 1000
ribbon | for sewing | soft | small | red blue pink | the gift | r600 | cord: 600
yarn | for sewing | soft | small | red blue green | the basket | | form: stuff; cord: 1000; stages: wool, spun yarn, knitted scarf
thread | for sewing | soft | small | white red | the sewing box | | form: stuff; cord: 500
needle | for sewing | hard | small | silver | the sewing box | r40x1x1 | parts: eye, point; hazards: sharp
pin | for sewing | hard | small | silver | the sewing box | r30x3x3 | hazards: sharp
button | for sewing | hard | small | white black red | a shirt | r20x20x4 | parts: holes, rim
thimble | for sewing | hard | small | silver | the sewing box | r24x18x18 | parts: dimples, rim
zipper | for sewing | hard | small | black red | a coat | r200x25x5 | parts: teeth, pull; sound: zips; moves: slides
bobbin | for sewing | hard | small | white | the sewing box | r22x20x12
spool | for sewing | hard | small | red blue | the sewing box | r50x30x30 | parts: thread, hole
pincushion | for sewing | soft | small | red | the sewing box | r80x80x60 | hazards: sharp
scissors | tool | hard | small | red silver | the art table | r140x60x10 | plural: scissors; form: pair; parts: blades, handles; moves: snip; hazards: sharp
fabric | for sewing | soft | medium | red blue yellow | the basket | r300x300x1 | form: stuff
pocket | for sewing | soft | small | blue | a coat | r150x120x2
patch | for sewing | soft | small | red blue | the basket | r80x80x1 | plural: patches
coin | money | hard | small | gold silver | the market | r24x24x2 | parts: heads, tails, edge
penny | money | hard | small | brown | the piggy bank | r19x19x2 | plural: pennies; parts: heads, tails
dollar | money | paper | small | green | the store | r156x66x1
cash register | tool | hard | medium | gray | the store | r350 t100 | parts: drawer, keys, screen; sound: dings
shopping cart | tool | hard | large | silver | the store | r1000 t90 | parts: wheels, basket, handle; moves: rolls
price tag | sign | paper | small | white | the store | r60x40x1
receipt | sign | paper | small | white | the store | r200x80x1
scale | tool | hard | medium | silver | the market | r300 t90 | parts: pans, arm, numbers; moves: tips
menu | sign | paper | medium | white red | the cafe | r300x200x1 | parts: pictures, prices
tablecloth | in the room | soft | large | red white | the table | r1500x1200x1
napkin | in the room | paper | small | white | the table | r300x300x1
vase | in the room | hard | medium | blue white | the table | r250 | hazards: sharp
picture frame | in the room | hard | medium | brown gold | the wall | r250x200x15
cork | tool | plant | small | brown | the bottle | r40x22x22 | moves: floats
tube | tool | paper | medium | brown white | the shelf | r280x42x42 | parts: ends, sides; moves: rolls
brush | tool | hard | small | brown red | the shelf | r200x40x30 | plural: brushes; parts: bristles, handle; moves: scrubs
leash | for pets | soft | medium | red blue | the hook | r1200 | plural: leashes; cord: 1200; parts: loop, clip
wire | tool | hard | small | red black | the workshop | r300 | cord: 300; hazards: sharp
hydrant | in the park | hard | medium | red yellow | the sidewalk | r800 t80 | parts: cap, bolts
`
