/** Songs to tunes that belong to everyone, with new words; and what is called and answered. */
export const SONGS = `
= wash-and-rinse | rhyme | text | young-toddler | sit | 0 | 1 1 2 | practical-life music-movement
Soap goes around
Soap on the back of both of my hands,
the back of my hands, the back of my hands.
Soap on the back of both of my hands,
until the bubbles cover.

Rinse in between and under the nails,
and under the nails, and under the nails.
Rinse in between and under the nails,
until they shine all over.
tune: The Mulberry Bush
moves: Rub the back of each hand, and lace the fingers.
  Rinse, and shake them off.
shorten: Sing it once.
go on: Wrists, thumbs, nails.

= sun-is-peeking | rhyme | text | young-toddler | sit | 0 | 1 1 2 | music-movement science
Peeking at the day
Peek at me and peek at you,
sun upon the window blue.
Down the wall and on the floor,
over toes and out the door.
Peek again tomorrow, do:
I will keep a place for you.
tune: Twinkle, Twinkle, Little Star
moves: Peek between your fingers; slide one hand down; tap your toes.
shorten: The first two lines.
go on: Sing of the moon, softer.

= wheels-of-a-cart | rhyme | text | young-toddler | sit | 1 | 1 2 3 | music-movement language
What the cart can do
The cart rumbles over the hilltop,
the cart rumbles over the stone.
It rumbles with apples and barley,
and brings all the apples back home.

The bell on the cart goes a-jingling,
a-jingling as far as the bend,
and someone who hears it a-jingling
comes out to the road for a friend.
tune: My Bonnie Lies over the Ocean
moves: Roll your arms.
  Ring with one finger.
ask: What else is on the cart?
shorten: One verse.
go on: Add the horse, the driver, the apples.

= if-i-were-a-tree | rhyme | text | older-toddler | up | 1 | 1 2 2 | gross-motor science
Branches in the wind
Wave your twigs, and wave them high,
wave them high, wave them high.
Wave your twigs up to the sky,
tree in autumn.

Let your leaves come drifting down,
drifting down, drifting down,
red and yellow, gold and brown,
tree in autumn.
tune: London Bridge
moves: Arms are branches, and wave.
  Flutter the leaves to the floor, and sink after them.
shorten: Once.
go on: Stand bare in winter; bud in spring.

= round-the-table | rhyme | text | older-toddler | up | 1 | 1 2 3 | music-movement social-emotional
Round we go
One goes walking, walking around,
one goes walking, hardly a sound,
one goes walking, look who is found:
Come to the ring and follow.

Two go walking, walking around,
two go walking, hardly a sound,
two go walking, look who is found:
Come to the ring and follow.
tune: Skip to My Lou
moves: A child walks inside the ring, and chooses another.
  Both walk, and choose two; then four.
ask: How many go around now?
shorten: Two rounds.
go on: Until nobody is left in the ring.

= sleepy-echo | rhyme | text | infant | sit | -1 | 1 1 2 | music-movement social-emotional
Is it bedtime?
Is it bedtime? Is it bedtime?
Look and see. Look and see.
Even dolls are yawning, even dolls are yawning,
just like me, just like me.
tune: Are You Sleeping?
moves: Sing a line, they sing it back. Stretch and yawn.
shorten: Hum the last two lines.
go on: Sing it as a round with an adult.

= scoop-it-up | rhyme | text | young-toddler | sit | 1 | 0.5 1 2 | practical-life gross-motor
Pick it up, put it in
Pick a thing up off the floor,
and let it join the others.
Who can find a thing or two more?
Plop! with its brothers.

Is there one beneath the chair,
behind the door, or under?
Have a look and look once again:
Plop! goes the thunder.
tune: Pop Goes the Weasel
moves: Do what it says; clap on “plop”.
  Look low, and clap on “plop”.
shorten: Until the floor is clear.
go on: Only round things, then only blue ones.

= bread-in-the-oven | rhyme | text | young-toddler | sit | 0 | 1 1 2 | practical-life music-movement
Knead it and bake it
Knead it and fold it and push,
and now it needs a rest.
It grows as round as any moon.
Warm from the oven is best.
tune: Hickory Dickory Dock
moves: Press with the heels of your hands; fold; spread your arms; sniff.
shorten: The first two lines.
go on: Name who gets a slice.

= rocking-boat | rhyme | text | infant | sit | -1 | 1 1 2 | music-movement social-emotional
Easy on the water
Lean and lean again,
easy goes the oar.
Easy, easy, easy, easy, easy, easy,
till we touch the shore.
tune: Row, Row, Row Your Boat
moves: Sit face to face with hands joined; rock forward and back.
shorten: Once.
go on: A wave comes; a fish looks in; and easy again.

= marching-drums | rhyme | text | older-toddler | up | 2 | 1 2 3 | music-movement gross-motor
The band comes by
Here they come along the street,
the whistlers and the hummers.
Hear the tramp of twenty feet,
and I am with the drummers.

Left foot, right foot, make some room,
the band is coming nearer.
Hear the biggest drum go boom,
and all of it is clearer.
tune: Yankee Doodle
moves: March on the spot; play what each one plays.
  March with your knees high, and drum on “boom”.
props: pots, lids or drums
takes: drum 1
shorten: Once around.
go on: Change who has the drum.

= this-old-coat | rhyme | text | older-toddler | sit | 0 | 1 2 2 | practical-life language
One arm in
One arm in, two arms in,
pull it up beneath my chin.
With a zip and a button, and a hat pulled low,
out into the cold we go.
tune: This Old Man
moves: Do each with the coat on, or with none.
shorten: While the coats go on.
go on: Boots, hat, mittens.

= five-notes-down | rhyme | text | preschool | sit | 0 | 1 1 2 | music-movement
Five notes down
Down we go,
down we go.
Five and four and three and two and
rest below.
tune: Hot Cross Buns
moves: Step down with your hand, a step for each word; rest it in your lap.
ask: Which note was lowest?
shorten: Down only.
go on: Stop on a step, and let them sing the next.

= call-from-the-hill | game | text | older-toddler | sit | 1 | 1 2 3 | language music-movement
Call from the hill
Hello over there! (“Hello over there!”)
Is anyone home? (“Is anyone home?”)
I’m up on the hill, (“I’m up on the hill,”)
and not on my own. (“and not on my own.”)
moves: Cup both hands; call; they are the echo, each time softer.
shorten: Two calls.
go on: A child calls.

= soup-answers | game | text | preschool | sit | 1 | 1 2 3 | language practical-life
Is it for soup?
Does it go in the pot? “Yes, yes, yes!”
Is it slimy or not? “You must guess!”
Would you eat it at noon? “With a spoon!”
Then we’ll eat very soon, very soon.
moves: Hold up one thing after another; they answer together.
ask: Does this go in?
props: four things, two of them silly
shorten: Two things.
go on: They ask, and you answer.

= big-voice-small-voice | game | text | young-toddler | sit | 1 | 1 1 2 | language
Big voice, small voice
Say it as big as a bear would: HO!
Say it as small as a mouse would: oh.
Say it as high as a bird in the tree.
Say it as low as a frog: with me.
moves: Stretch tall; shrink; stand on tiptoe; squat.
shorten: Big and small.
go on: Say a word of the theme in each voice.

= ride-along-answers | game | text | older-toddler | sit | 1 | 1 2 3 | world language
Where are we going?
Where are we going? “Wherever you say!”
How do we get there? “A boat, or a sleigh!”
Who comes along with us? “Everyone, all!”
Hold on to something, or else you will fall.
moves: Lean left, lean right, over a bump, stop.
ask: Where to next?
shorten: One ride.
go on: Everyone chooses once.

= pass-the-beat | game | text | preschool | sit | 1 | 1 2 3 | music-movement early-math
Two for you
Two on my knees, and then two in the air,
two for my neighbor, who’s sitting there.
moves: Pat, pat, clap, clap, two soft taps on the neighbor’s hands; again, a little faster.
shorten: Pat and clap only.
go on: Change the neighbor.

= same-or-not | game | text | older-toddler | sit | 0 | 1 2 2 | music-movement language
Same or not?
Listen to one, and then listen to two.
Were they the same? I am asking you.
moves: Play two sounds behind your back: thumbs say same or not.
ask: Were they the same?
props: two spoons, a cup, a jar
takes: spoon 2, paper-cup 1, jar 1
shorten: Two rounds.
go on: High or low; long or short.

= my-turn-your-turn | game | text | infant | sit | 0 | 0.5 1 2 | language social-emotional
My turn, your turn
I make a face, and then you make it too.
I stick out my tongue: now what will you do?
I pop with my lips, and I wait, and I see.
Whatever you make, I will give back to me.
moves: A face, a sound; wait long; give back what a baby does.
shorten: One face.
go on: Follow what they begin.

= finish-my-line | game | text | preschool | sit | 0 | 1 2 3 | language
Finish my line
I sat on a chair and I combed my … hair.
I looked in a book for the tail of a … hook.
I fell in the pond with a splash and I … found
that frogs can be silly, and so can a … hound.
moves: Stop before the last word; any word that rhymes is right.
ask: Which word fits?
shorten: Two lines.
go on: They begin a line.
`
