/**
 * Counting rhymes: verses that are filled with the things of the theme. `{things}` comes with a word before it that keeps
 * the beat: three syllables in all, for things of one, two and three.
 */
export const COUNTING = `
= on-the-hill | rhyme | down | older-toddler | sit | 0 | 2 3 5 | early-math language
{N} on the hill
{N} {things} in a row on the hill,
tugging and swaying, they cannot stand still.
Along came the wind with a whoosh and a spin,
and off went the one at the end with a grin.
end: No more {all} in a row on the hill.
  The wind has gone home, and the grass is all still.
adj: little, small
moves: Hold up as many fingers, swaying. On “whoosh”, spin your hands; fold one finger down.
ask: How many are left?
shorten: Begin with three.
go on: Count them back up the hill, one by one.

= side-by-side | rhyme | down | older-toddler | sit | 0 | 2 3 5 | early-math language
{N} side by side
{N} {things} side by side,
one slipped off to run and hide.
We looked up high, we looked down low.
{M} {left} left, as far as we know.
end: Nobody here now, side by side.
  We looked, we looked: what a place to hide!
adj: little, small
moves: Look up with a hand over your eyes, look down; put one behind your back.
ask: Where could it be?
props: as many things as you count
takes: theme-figure count
shorten: Begin with three.
go on: Find them again, one at a time, and count up.

= out-on-the-lake | rhyme | down | older-toddler | sit | 0 | 2 3 5 | early-math language
{N} on the lake
{N} {things} out on the lake,
rocking and bobbing and half awake.
One saw a ripple and gave a great hop.
Under the water it went with a plop!
end: No more {all} out on the lake,
  only the ripples that {bare} can make.
adj: little, small
moves: Rock from side to side. On “plop”, duck down and come up again.
ask: How many are still dry?
shorten: Begin with three.
go on: Let one hop out again in each verse.

= set-out-to-sell | rhyme | down | preschool | sit | 0 | 2 4 6 | early-math social-emotional
{N} set out to sell
{N} {things} set out to sell.
Along came a friend and rang on the bell.
“One for me, please, to take home today.”
It went in the basket and off on its way.
end: No more {all} set out to sell.
  The shop is closed now. Goodbye to the bell!
adj: little, small
moves: The child whose turn it is rings the bell, takes one and says thank you.
ask: How many can we still sell?
props: a small bell, a basket, as many things as you count
takes: jingle-bell 1, basket 1, theme-figure count
shorten: Two friends come at once.
go on: Everything is brought back the next day.

= sleepy-and-slow | rhyme | down | young-toddler | sit | -1 | 2 3 4 | early-math social-emotional
{N} sleepy and slow
{N} {things}, sleepy and slow,
down to the blanket together they go.
One gives a yawn and curls up small.
Hush, not a sound, not a sound at all.
single: One {thing}, sleepy and slow,
  down to the blanket, the last to go.
  It gives a yawn and curls up small.
  Hush, not a sound, not a sound at all.
end: All of them sleeping, all in a row.
  The moon looks in with a soft, soft glow.
adj: little, small
moves: Softer in each verse. Yawn, and lay one down on your palm.
ask: How many are still awake?
shorten: Begin with two.
go on: Wake them with a whisper, one by one.

= riding-the-bus | rhyme | down | older-toddler | sit | 1 | 2 3 5 | early-math world
{N} riding the bus
{N} {things} riding the bus,
bumping and jolting along with us.
Ding goes the bell, and the doors open wide.
One hops down to the curb outside.
end: Nobody now is riding the bus.
  The seats are all empty, except for us!
adj: little, small
moves: Bounce on your seat; press the bell; open both arms for the doors.
ask: How many are riding now?
shorten: Two get off at once.
go on: On the way home everyone gets on again.

= up-in-a-tree | rhyme | down | older-toddler | sit | 1 | 2 3 5 | early-math language
{N} up in a tree
{N} {things} up in a tree.
One looked down and waved at me.
Down it came with a tumble and twirl,
round and around in a great big swirl.
end: Nobody now is up in the tree.
  They all sit here in a ring with me.
adj: little, small
moves: Reach up high; wave; roll your hands down to the floor.
ask: How many are up there still?
shorten: Begin with three.
go on: Help them up again, one by one.

= under-the-moon | rhyme | down | young-toddler | sit | -1 | 2 3 4 | early-math music-movement
{N} under the moon
{N} {things} under the moon,
humming together a very soft tune.
One heard a whisper and tiptoed away,
home to its bed till the break of the day.
end: Nobody now is under the moon.
  We can still hum you the very soft tune.
adj: little, small
moves: Hum between the lines. Let two fingers tiptoe away.
ask: How many hum now?
shorten: Begin with three.
go on: Hum it once more, without words.

= out-in-the-rain | rhyme | down | older-toddler | sit | 0 | 2 3 5 | early-math science
{N} out in the rain
{N} {things} out in the rain,
drip and a drop on the windowpane.
One got so soggy it shook and it said:
“It is drier at home, so I’m off to my bed.”
end: No more {all} out in the rain.
  Here comes the sun on the windowpane.
adj: little, small
moves: Tap one finger on your palm for the rain; shake yourself dry.
ask: How many are getting wet?
shorten: Two go home at once.
go on: Tap the rain softer and softer until it stops.

= standing-in-twos | rhyme | down | preschool | sit | 0 | 2 4 6 | early-math
{N} standing in twos
{N} {things} standing in twos,
combing their hair and shining their shoes.
Two took a ticket and waved at the rest,
off to the place that they both like best.
end: Nobody now is standing in twos.
  Only a comb and a rag for the shoes.
adj: little, small
moves: Count by twos, two fingers at a time. Wave with both hands.
ask: How many pairs are left?
props: as many things as you count
takes: theme-figure count
shorten: Begin with six.
go on: They come back in twos: two, four, six.

= having-some-fun | rhyme | up | older-toddler | sit | 1 | 2 3 5 | early-math social-emotional
{N} having some fun
{N} {things} having some fun,
rolling about in the morning sun.
So much to do and so much to see:
“Come, little friend, come and play with me!”
end: Now they are tired, and all of them land
  flat on their backs in the soft warm sand.
adj: little, small
moves: One more finger each time. Roll your hands; beckon with your finger.
ask: How many will there be now?
shorten: Stop at three.
go on: Let each child here be called in by name.

= stacked-on-the-ground | rhyme | up | older-toddler | sit | 1 | 2 3 5 | early-math science
{N} stacked on the ground
{N} {things} stacked on the ground,
wobble and wobble without a sound.
Is there some room for one more on top?
Easy and easy and easy and stop.
end: Higher and higher it grew until, crash!
  All of them tumbled apart in a flash.
adj: little, small
moves: Fist upon fist. Hold your breath on “stop”. On “crash”, clap and let all fall.
ask: How high is it now?
props: blocks or as many things as you count
takes: unit-block count
shorten: Stop at three.
go on: Build it again, and count down as you take them off.

= jumped-in-a-puddle | rhyme | up | older-toddler | up | 2 | 2 3 5 | early-math gross-motor
{N} jumped in a puddle
{N} {things} jumped in a puddle,
splashing about in a muddy huddle.
Somebody shouted, “There’s plenty of room!”
In came another one, splash and boom.
end: Somebody shouted, “There isn’t a space!”
  Everyone laughed with a mud-covered face.
adj: little, small
moves: Stand up and jump once for each. One more child comes into the ring.
ask: How many are in the puddle?
shorten: Stop at three.
go on: Hop out again, one by one, and shake your feet.

= went-in-the-pot | rhyme | up | older-toddler | sit | 0 | 2 3 5 | early-math practical-life
{N} in the pot
{N} {things} went in the pot.
Stir it and stir it until it is hot.
Give it a taste with the tip of the spoon:
“One more, I think, and we’re eating by noon.”
end: Give it a taste: it is ready, hooray!
  Bowls on the table, it’s dinner today.
adj: little, small
moves: Stir with both arms; blow; taste from a finger.
ask: How many are in the pot?
props: a pot, a spoon, as many things as you count
takes: bowl 1, spoon 1, theme-figure count
shorten: Stop at three.
go on: Serve everyone one, and count down.

= down-the-street | rhyme | up | older-toddler | up | 2 | 2 3 5 | early-math gross-motor
{N} down the street
{N} {things} marching in line,
left and right and all in time.
Somebody opened a window to see:
“Wait till I come! There is room for me.”
end: Once round the corner and home for tea.
  That was the best of parades, you’ll agree.
adj: little, small
moves: March on the spot. One more child joins behind at each verse.
ask: How many are marching?
shorten: Stop at four.
go on: Turn the parade around, and let one after another sit down.

= knocked-at-the-door | rhyme | up | young-toddler | sit | 0 | 1 2 4 | early-math social-emotional
{N} at the door
{N} {things} knocked at the door,
tap, tap, tap, and a little bit more.
“Come on in and sit on the rug.
Here is a cup and here is a hug.”
end: Nobody else can fit on the rug.
  Let’s all give everyone else a hug.
adj: little, small
moves: Knock with your fist; open the door; hug yourself.
ask: Who is at the door now?
shorten: Stop at three.
go on: Say the names of those on the rug.

= up-the-steep-hill | rhyme | back | preschool | up | 1 | 3 4 6 | early-math gross-motor
Up the steep hill
{N} {things} climbing the hill,
puffing and panting, up, up until,
turn: there on the top they could see far and wide.
  Down, everyone, down the other side!
home: {N} {things} rolling down the hill,
  tumbling and laughing, over until,
end: there in the valley the grass is so deep.
  One, two, three, and they fell asleep.
adj: little, small
moves: Climb with your knees high and your body rising; on the way down, get lower and lower.
ask: How many are on the hill?
shorten: Go up to three.
go on: Climb a hill that is one higher.

= into-the-cave | rhyme | back | preschool | sit | 1 | 3 4 6 | early-math language
Into the cave
{N} {things} tiptoe inside.
Dark is the cave, and the cave is wide.
turn: What was that rumble? And what was that roar?
  Quick, let us run to the light at the door!
home: {N} {things} running outside.
  Bright is the day, and the world is wide.
end: Safe in the sun now they looked back and saw:
  only the wind made that terrible roar.
adj: little, small
moves: Walk two fingers up your arm, slowly; run them back down, fast.
ask: How many are inside?
shorten: Go in with three.
go on: Go in again, and let another sound come out.

= onto-the-boat | rhyme | back | preschool | sit | 1 | 3 4 6 | early-math science
Onto the boat
{N} {things} climb in the boat.
Rock it and rock it, and still we float.
turn: Over it leans now, too far to one side.
  Hold on to your hats for the slippery ride!
home: {N} {things} slide out of the boat.
  Splash go their feet, and still they float.
end: Nobody now on the boat on the blue.
  Everyone’s wet, and so are you!
adj: little, small
moves: Rock as one boat, arms linked. On the turn lean over, then slide off one by one.
ask: Does it still float?
shorten: Take three on board.
go on: Try how many more it carries.

= i-packed-my-bag | rhyme | list | preschool | sit | 0 | 2 4 7 | language early-math
I packed my bag
I packed my bag and what did I take?
I took {list}, all for the sake
of having them with me wherever I go.
Can you say them all, now, steady and slow?
end: My bag is so full that it won’t close at all.
  Out they all come again, big ones and small.
moves: Point to a place in the air for each thing, always the same one.
ask: What else goes in?
shorten: Stop after three.
go on: Whoever has an idea puts it in.

= in-our-yard | rhyme | list | older-toddler | sit | 1 | 2 4 6 | language world
Here in our yard
Who came today to our yard to stay?
{list} came out to play.
There by the gate is a space on the ground,
so let us call, and let’s make a sound.
end: Now it is evening, and time to go.
  Wave them goodbye, one and all, just so.
moves: Beckon with both hands; make the sound of each.
ask: Who else could come?
shorten: Stop after three.
go on: Call one that does not belong, and laugh.

= on-my-toe | rhyme | text | young-toddler | sit | 0 | 1 2 3 | language gross-motor
One on my toe
There’s {aThing} sitting on my toe.
How it got there, I really don’t know.

There’s {aThing} sitting on my knee.
It looks up and winks, and it’s looking at me.

There’s {aThing} sitting on my hand.
It says that it never has seen such a land.

There’s {aThing} sitting on my chin.
It tickles and wiggles and makes me grin.

There’s {aThing} sitting on my head.
It likes it up there, so I’ll take it to bed.
adj: little, small
moves: Set it on each place with a finger, from the toes up; at the end hold it on your head and stand up.
ask: Where will it sit next?
props: one thing of the theme
takes: theme-figure 1
shorten: Toe, hand and head.
go on: Ask for other places, with or without a rhyme.

= who-can-it-be | rhyme | each | older-toddler | sit | 0 | 2 3 6 | language science
Who can it be?
I’m thinking of something that you’ve seen before.
It lives in {lives}, or it may be next door.
It {move} when it’s going, as sure as can be.
Guess what I’m thinking of: who can it be?
end: All of them guessed, every one, hooray!
  Think of another for some other day.
moves: Cup a hand to your ear for each clue; whisper the last line.
ask: Who is it?
shorten: One riddle.
go on: A child gives the clues.

= can-you-do-it-too | rhyme | each | young-toddler | up | 2 | 2 3 5 | gross-motor language
Can you do it too?
Here is the way that {aThing} will go.
It {move} very fast, and it {move} very slow.
It {move} over here, and it {move} past you.
Now stand up tall: can you do it too?
end: Now shake it out, and come back to your place.
  Sit yourself down with a smile on your face.
adj: little, small
moves: Everyone moves as it does: fast, slow, past each other.
ask: How does it move?
shorten: Two things only.
go on: Ask who moves in some other way.
`
