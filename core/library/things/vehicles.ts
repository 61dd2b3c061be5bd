/** What rolls, floats and flies, and what belongs to the road, the rails and the water. How a line reads stands in `index.ts`. */
export const VEHICLES = `
car | vehicle | hard | small | red blue green | the road | r4500 t75 | parts: wheels, doors, windows, lights, steering wheel; needs: fuel and a driver; sound: honks; moves: rolls
race car | vehicle | hard | small | red yellow blue | the race track | r4500 t75 | parts: wheels, number, wing, steering wheel; sound: roars; moves: speeds
police car | vehicle | hard | small | black white blue | the road | r4800 t75 | parts: siren, lights, wheels, doors; sound: wails; moves: races
taxi | vehicle | hard | small | yellow black | the city | r4500 t75 | parts: sign, wheels, doors, meter; sound: beeps; moves: rolls
truck | vehicle | hard | large | red blue yellow | the road | r9000 t110 | parts: cab, wheels, bed, mirrors, lights; sound: rumbles; moves: rolls
pickup truck | vehicle | hard | large | red blue | the road | r5500 t90 | parts: cab, bed, tailgate, wheels; moves: rolls
garbage truck | vehicle | hard | large | green white | the street | r9000 t110 | parts: cab, hopper, lift arm, wheels; sound: beeps and crunches; moves: stops and goes
mail truck | vehicle | hard | large | white blue | the street | r4500 t90 | parts: cab, sliding door, shelves, wheels; moves: stops and goes
tow truck | vehicle | hard | large | red yellow | the road | r7000 t110 | parts: hook, cable, cab, wheels; moves: pulls
tanker truck | vehicle | hard | large | silver red | the road | r12000 t130 | parts: tank, cab, wheels; moves: rolls
ice cream truck | vehicle | hard | large | white pink | the street | r6000 t100 | parts: window, menu, bell, wheels; sound: jingles; moves: rolls slowly
food truck | vehicle | hard | large | red white | the market | r6000 t100 | parts: window, menu, kitchen, wheels; moves: rolls
moving van | vehicle | hard | large | white orange | the street | r8000 t110 | parts: ramp, doors, cab, wheels; moves: rolls
van | vehicle | hard | large | white blue | the road | r5500 t90 | parts: sliding door, seats, wheels, windows; moves: rolls
bus | vehicle | hard | large | yellow red | the road | r12000 t120 | plural: buses; parts: doors, seats, wheels, windows, wipers; sound: beeps; moves: stops and goes
school bus | vehicle | hard | large | yellow black | the road | r12000 t120 | plural: school buses; parts: stop sign, doors, seats, wheels, windows; sound: beeps; moves: stops and goes
fire engine | vehicle | hard | large | red | the fire station | r10000 t120 | parts: ladder, hoses, siren, lights, wheels; sound: wails; moves: races
fire truck | vehicle | hard | large | red | the fire station | r10000 t120 | parts: ladder, hoses, siren, lights, wheels; sound: wails; moves: races
ambulance | vehicle | hard | large | white red | the hospital | r6500 t100 | parts: siren, lights, doors, stretcher, wheels; sound: wails; moves: races
motorcycle | vehicle | hard | medium | black red | the road | r2100 t80 | parts: handlebars, wheels, seat, engine; sound: roars; moves: zooms
scooter | vehicle | hard | medium | red blue | the sidewalk | r900 t80 | parts: handlebars, deck, wheels, brake; moves: glides
bicycle | vehicle | hard | medium | red blue | the bike path | r1700 t90 | parts: wheels, pedals, handlebars, chain, seat, bell; needs: someone to pedal; sound: dings; moves: rolls
bike | vehicle | hard | medium | red blue green | the bike path | r1700 t90 | parts: wheels, pedals, handlebars, chain, seat; sound: dings; moves: rolls
tricycle | vehicle | hard | medium | red blue | the yard | r700 t90 | parts: three wheels, pedals, handlebars, seat; moves: rolls
unicycle | vehicle | hard | medium | red | the circus | r1000 t80 | parts: one wheel, pedals, seat; moves: wobbles
skateboard | vehicle | hard | medium | black red | the park | r800 t90 | parts: deck, wheels; moves: rolls
roller skate | vehicle | hard | medium | white pink | the rink | r280 | parts: boot, wheels, laces, brake; moves: glides
wagon | vehicle | hard | medium | red | the yard | r900 t90 | parts: handle, wheels, bed; moves: rolls behind you
stroller | vehicle | soft | large | blue gray | the sidewalk | r1000 t90 | parts: wheels, seat, hood, handle; moves: rolls
wheelchair | vehicle | hard | large | black blue | the house | r1050 t80 | parts: wheels, seat, footrests, brakes; moves: rolls
train | vehicle | hard | large | green red | the tracks | r100000 t90 | parts: engine, cars, wheels, whistle, doors; sound: toots and chugs; moves: chugs
steam train | vehicle | hard | large | black red | the tracks | r60000 t100 | parts: engine, smokestack, coal car, wheels, whistle; sound: chuffs; moves: chugs
caboose | vehicle | hard | medium | red | the tracks | r10000 t80 | parts: wheels, window, steps; moves: rolls last
subway | vehicle | hard | large | silver | the city | r90000 t100 | parts: doors, seats, poles, map; sound: rumbles; moves: rushes underground
trolley | vehicle | hard | large | red green | the city | r14000 t100 | parts: bell, seats, pole, wheels; sound: clangs; moves: rolls on rails
tram | vehicle | hard | large | red white | the rails | r25000 t100 | parts: doors, seats, pole, wheels; sound: dings; moves: glides on rails
tractor | vehicle | hard | large | green red | the farm | r4500 t90 | parts: big wheels, cab, steering wheel, plow; sound: chugs; moves: pulls
combine | vehicle | hard | large | green yellow | the field | r9000 t110 | parts: reel, cab, grain tank, wheels; moves: cuts and threshes
digger | vehicle | hard | large | yellow | the building site | r8000 t110 | parts: bucket, arm, cab, tracks; sound: rumbles; moves: scoops
excavator | vehicle | hard | large | yellow orange | the building site | r9000 t110 | parts: bucket, arm, cab, tracks; sound: rumbles; moves: scoops and swings
bulldozer | vehicle | hard | large | yellow | the building site | r6000 t100 | parts: blade, tracks, cab, engine; sound: growls; moves: pushes
backhoe | vehicle | hard | large | yellow | the building site | r7000 t110 | parts: bucket, loader, arm, cab, wheels; moves: scoops
front loader | vehicle | hard | large | yellow | the building site | r7000 t110 | parts: wide bucket, cab, wheels; moves: lifts and tips
crane | vehicle | hard | large | yellow | the building site | r30000 t150 | parts: boom, hook, cable, cab; moves: lifts and swings
dump truck | vehicle | hard | large | yellow orange | the building site | r8000 t110 | parts: bed, cab, wheels, tailgate; sound: beeps; moves: tips
cement mixer | vehicle | hard | large | white orange | the building site | r9000 t110 | parts: drum, chute, cab, wheels; moves: turns and pours
steamroller | vehicle | hard | large | yellow | the road | r5000 t90 | parts: roller, cab, engine; moves: flattens
forklift | vehicle | hard | medium | yellow | the warehouse | r3000 t80 | parts: forks, mast, cab, wheels; sound: beeps; moves: lifts
street sweeper | vehicle | hard | large | white green | the street | r6000 t90 | parts: brushes, tank, cab; sound: whirs; moves: sweeps
snowplow | vehicle | hard | large | orange yellow | the road | r9000 t110 | parts: blade, lights, cab, wheels; moves: pushes snow
airplane | vehicle | hard | large | white blue | the sky | r40000 t110 | parts: wings, tail, engines, windows, wheels; sound: roars; moves: takes off and lands
plane | vehicle | hard | large | white blue | the sky | r40000 t110 | parts: wings, tail, engines, windows, wheels; sound: roars; moves: takes off and lands
jet | vehicle | hard | large | silver blue | the sky | r20000 t100 | parts: wings, tail, engines, nose; sound: roars; moves: streaks
glider | vehicle | hard | medium | white | the sky | r9000 t110 | parts: long wings, tail, cockpit; moves: glides
helicopter | vehicle | hard | medium | red white | the sky | r12000 t100 | parts: rotor, tail, cabin, skids; sound: whirs; moves: hovers
drone | vehicle | hard | small | black white | the sky | r300 t100 | parts: rotors, camera, body; sound: hums; moves: hovers
rocket | vehicle | hard | large | white red | space | r60000 t120 | parts: nose, fins, engine, window; needs: fuel; sound: blasts; moves: shoots up
spaceship | vehicle | hard | large | silver white | space | r20000 t110 | parts: cockpit, engines, window, wings; moves: zooms
space shuttle | vehicle | hard | large | white black | space | r37000 t110 | parts: wings, cargo bay, engines, nose; moves: launches and lands
satellite | vehicle | hard | medium | silver gold | space | r5000 t80 | parts: solar panels, dish, body; moves: circles the earth
rover | vehicle | hard | medium | white | space | r3000 t80 | parts: wheels, camera, arm; moves: crawls
hot air balloon | vehicle | paper | large | red yellow blue | the sky | r20000 t100 | parts: balloon, basket, burner, ropes; moves: floats
blimp | vehicle | hard | large | silver | the sky | r40000 t100 | parts: balloon, cabin, fins; moves: floats
parachute | flies | soft | large | red white blue | the sky | r6000 t300 | parts: canopy, lines, harness; moves: floats down
boat | vehicle | hard | large | white red | the water | r8000 t90 | parts: hull, deck, sail, anchor, rudder; moves: floats
ship | vehicle | hard | large | white gray | the ocean | r150000 t120 | parts: hull, deck, anchor, bridge, smokestack; sound: toots; moves: sails
sailboat | vehicle | hard | large | white blue | the lake | r8000 t90 | parts: sail, mast, hull, rudder; needs: wind; moves: sails
rowboat | vehicle | hard | medium | brown | the lake | r3500 t90 | parts: oars, hull, seats; moves: glides
canoe | vehicle | hard | medium | red green | the river | r5000 t110 | parts: paddles, hull, seats; moves: glides
kayak | vehicle | hard | medium | orange yellow | the river | r3500 t110 | parts: paddle, hull, seat; moves: glides
raft | vehicle | hard | medium | brown | the river | r3000 t100 | parts: logs, rope, mast; moves: floats
ferry | vehicle | hard | large | white | the harbor | r90000 t120 | plural: ferries; parts: ramp, deck, bridge, smokestack; sound: toots; moves: crosses
tugboat | vehicle | hard | medium | red black | the harbor | r25000 t90 | parts: smokestack, wheelhouse, bumpers; sound: toots; moves: pulls and pushes
barge | vehicle | hard | large | black red | the canal | r60000 t120 | parts: hull, cargo, rudder; moves: drifts slowly
fishing boat | vehicle | hard | large | blue white | the harbor | r15000 t100 | parts: nets, cabin, mast, hull; moves: chugs
pirate ship | vehicle | hard | large | brown black | the ocean | r30000 t120 | parts: sails, mast, flag, anchor, plank; moves: sails
submarine | vehicle | hard | large | yellow gray | the ocean | r100000 t100 | parts: periscope, hatch, propeller; sound: pings; moves: dives
lifeboat | vehicle | hard | medium | orange | the harbor | r7000 t90 | parts: hull, ropes, seats; moves: rescues
wheel | part of a vehicle | hard | medium | black | a car | r600 t60 | parts: tire, hub, spokes; moves: turns
tire | part of a vehicle | hard | medium | black | a car | r650 t70 | parts: tread, rim, hole; moves: rolls
engine | part of a vehicle | hard | medium | gray | a truck | r700 t80 | sound: hums; moves: runs
propeller | part of a vehicle | hard | medium | silver | an airplane | r1500 t80 | parts: blades, hub; moves: spins
anchor | tool | hard | medium | gray black | a ship | r1000 t80 | parts: ring, arms, chain; moves: sinks
sail | part of a vehicle | soft | large | white | a sailboat | r4000 t200 | needs: wind
oar | tool | hard | medium | brown | a rowboat | r2000 t150x20x5 | parts: blade, handle
sled | vehicle | hard | medium | red brown | the hill | r1100 t90 | parts: runners, rope, seat; needs: snow; moves: slides
sleigh | vehicle | hard | large | red | the snow | r2500 t100 | parts: runners, seat, bells; sound: jingles; moves: glides
ski | tool | hard | medium | red blue | the mountains | r1600 t150x20x5 | parts: tip, binding; moves: slides
carriage | vehicle | hard | large | brown gold | the road | r3500 t100 | parts: wheels, seat, door, horses; moves: rolls
cart | vehicle | hard | medium | brown red | the market | r1500 t90 | parts: wheels, handle, bed; moves: rolls
wheelbarrow | tool | hard | medium | red green | the garden | r1400 t90 | parts: wheel, handles, tray; moves: rolls and tips
traffic light | sign | hard | medium | red yellow green | the street | r1000 t90 | parts: red light, yellow light, green light, pole
stop sign | sign | hard | medium | red white | the street | r750 t90 | parts: sign, letters, pole
street sign | sign | hard | medium | green white | the street | r700 t90 | parts: sign, letters, pole
traffic cone | sign | hard | small | orange white | the building site | r450 t60 | parts: cone, stripe, base
ticket | money | paper | small | yellow blue | the station | r140x60x1
bus stop | place | hard | large | blue white | the street | t110 | parts: sign, bench, roof, map
train station | building | hard | large | brown red | the city | r50000 t150 | parts: platform, clock, ticket window, benches, tracks
airport | building | hard | large | white gray | the city | t150 | parts: runway, tower, gates, counter
gas station | building | hard | large | red white | the road | r15000 t130 | parts: pump, hose, shop, roof
garage | building | hard | large | gray red | the street | r7000 t130 | parts: door, lift, tools, ramp
runway | place | hard | large | gray | the airport | t150 | parts: stripes, lights
railroad crossing | sign | hard | medium | red white | the road | r1500 t100 | parts: gate, lights, bell, tracks; sound: dings
track | part of a railroad | hard | medium | brown silver | the railroad | r1400 t150 | parts: rails, ties
tunnel | building | hard | large | gray | the mountains | t130 | parts: opening, walls, rails
bridge | building | hard | large | gray | the river | r60000 t150 | parts: deck, arches, towers, cables
road | place | hard | large | gray | the city | t150 | parts: lanes, lines, curb, signs
canal | place | hard | large | blue | the city | t150 | parts: lock, gate, towpath, water
lock | part of a canal | hard | large | gray brown | the canal | r70000 t110 | parts: gates, water, wheel
map | tool | paper | medium | green blue | the car | r300x200x1 | parts: roads, rivers, key, compass
timetable | sign | paper | medium | white blue | the station | r300x200x1 | parts: times, places, days
compass | tool | hard | small | silver | the backpack | r50x50x12 | plural: compasses; parts: needle, letters, cover
suitcase | tool | hard | large | brown blue | the trip | r600 t90 | parts: handle, wheels, zipper, tag
helmet | clothing | hard | medium | yellow red white | the bike | r280 | parts: shell, strap, padding
seat belt | part of a vehicle | soft | medium | black | a car | r1500 | cord: 1500; parts: buckle, strap
key | tool | hard | small | silver gold | the door | r60x25x3 | parts: teeth, ring, handle
`
