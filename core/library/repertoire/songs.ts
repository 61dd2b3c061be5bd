/** Songs to tunes that belong to everyone, with new words; and what is called and answered. */
export const SONGS = `
= wash-and-rinse | rhyme | text | young-toddler | sit | 0 | 1 1 2 | practical-life music-movement
Soap goes around
Soap goes around on the back of my hand,
back of my hand, back of my hand.
Between all my fingers the bubbles expand
until they are cleaner than clean.
tune: The Mulberry Bush
moves: Rub the back of each hand; lace the fingers; rinse; shake.
shorten: Sing it once.
go on: Wrists, thumbs, nails.

= sun-is-peeking | rhyme | text | young-toddler | sit | 0 | 1 1 2 | music-movement science
Peeking at the day
Peeking at me, peeking at you,
sun in the window, and blue, blue, blue.
Slide down the wall and over the floor,
over my toes and out at the door.
tune: Twinkle, Twinkle, Little Star (first part, twice)
moves: Peek between your fingers; slide one hand down; tap your toes.
shorten: The first two lines.
go on: Sing of the moon, softer.

= wheels-of-a-cart | rhyme | text | young-toddler | sit | 1 | 1 2 3 | music-movement language
What the cart can do
The cart on the hill goes a-rumbling on down,
rumbling on down, rumbling on down.
The cart on the hill goes a-rumbling on down
to bring us the apples to town.

The bell on the cart goes a-tinkling along,
tinkling along, tinkling along.
The bell on the cart goes a-tinkling along
and sings us a bit of a song.
tune: My Bonnie Lies over the Ocean (verse)
moves: Roll your arms.
  Ring with one finger.
ask: What else is on the cart?
shorten: One verse.
go on: Add the horse, the driver, the apples.

= if-i-were-a-tree | rhyme | text | older-toddler | up | 1 | 1 2 2 | gross-motor science
Branches in the wind
Wave all your branches, wave them about,
wave them about, wave them about.
Wave all your branches, wave them about
till all of your leaves fall down.
tune: London Bridge
moves: Arms are branches; wave; flutter the leaves to the floor and sink after them.
shorten: Once.
go on: Stand bare in winter; bud in spring.

= round-the-table | rhyme | text | older-toddler | up | 1 | 1 2 3 | music-movement social-emotional
Round we go
Somebody walks, and somebody walks,
somebody walks in the ring, oh.
Pick out a friend by the touch of your hand,
and now there are two to sing, oh.
tune: Skip to My Lou
moves: A child walks inside the ring, chooses another; then two, then four.
ask: How many go around now?
shorten: Two rounds.
go on: Until nobody is left in the ring.

= sleepy-echo | rhyme | text | infant | sit | -1 | 1 1 2 | music-movement social-emotional
Is it evening?
Is it evening? Is it evening?
Look and see. Look and see.
Everything is yawning, everything is yawning:
you and me, you and me.
tune: Are You Sleeping? (as an echo)
moves: Sing a line, they sing it back. Stretch and yawn.
shorten: Hum the last two lines.
go on: Sing it as a round with an adult.

= scoop-it-up | rhyme | text | young-toddler | sit | 1 | 0.5 1 2 | practical-life gross-motor
Pick it up, put it in
Pick up a thing and go put it in there.
Pick up another from under the chair.
One in the basket and one on the shelf,
look how you did it, all by yourself.
tune: Pop Goes the Weasel (slow)
moves: Do what it says; clap at the end.
shorten: Until the floor is clear.
go on: Only round things, then only blue ones.

= bread-in-the-oven | rhyme | text | young-toddler | sit | 0 | 1 1 2 | practical-life music-movement
Knead it and bake it
Knead it and fold it and knead it some more,
flour on my nose and some flour on the floor.
Warm in the oven it puffs and it grows.
Who’s here for bread? It’s whoever has a nose.
tune: Hickory Dickory Dock
moves: Press with the heels of your hands; fold; spread your arms; sniff.
shorten: The first two lines.
go on: Name who gets a slice.

= rocking-boat | rhyme | text | infant | sit | -1 | 1 1 2 | music-movement social-emotional
Easy on the water
Easy on the water, and easy goes the oar.
Easy, easy, easy till we touch the other shore.
tune: Row, Row, Row Your Boat (slow)
moves: Sit face to face with hands joined; rock forward and back.
shorten: Once.
go on: A wave comes; a fish looks in; and easy again.

= marching-drums | rhyme | text | older-toddler | up | 2 | 1 2 3 | music-movement gross-motor
The band comes by
Down the middle of the street, boom, boom, boom,
big feet, little feet, room, make room.
Some of them whistle and some of them hum,
and I am the one with the big bass drum.
tune: Yankee Doodle (verse)
moves: March on the spot; play what each one plays.
props: pots, lids or drums
takes: drum 1
shorten: Once around.
go on: Change who has the drum.

= this-old-coat | rhyme | text | older-toddler | sit | 0 | 1 2 2 | practical-life language
One arm in
One arm in and two arms in,
pull it up beneath my chin.
With a zip and a zip and a pocket for my thumb,
out in the cold we’re ready to come.
tune: This Old Man
moves: Do each with the coat on, or with none.
shorten: While the coats go on.
go on: Boots, hat, mittens.

= five-notes-down | rhyme | text | preschool | sit | 0 | 1 1 2 | music-movement
Step by step
Down I come, down I come,
step by step until I’m done.
Back I climb, on the way
I meet you. What do you say?
tune: Hot Cross Buns
moves: Hold a hand high and lower it with the tune; climb again.
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
