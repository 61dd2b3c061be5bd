/** Stretching and growing calm. */
export const CALM = `
= warm-stone | calm | text | young-toddler | sit | -1 | 1 1 2 | social-emotional
A stone in the sun
I am a stone that has lain in the sun.
Warm on the top, and the day nearly done.
Nothing to carry and nowhere to go.
Warm on the inside, and heavy, and slow.
moves: Sit or lie; let the shoulders go; breathe out longer than in.
shorten: The last two lines.
go on: A lizard lies down on you, and sleeps.

= smell-the-soup | calm | text | young-toddler | sit | -1 | 1 1 2 | social-emotional
Smell it and cool it
Here is a bowl that I hold in my hands.
Smell what is in it, from faraway lands.
Blow on it gently, it’s hot on the spoon.
Smell it and cool it: it’s ready quite soon.
moves: Hands are a bowl; breathe in through the nose; blow out long. Three times.
shorten: Once.
go on: Another soup, made up by a child.

= five-along-the-hand | calm | text | older-toddler | sit | -1 | 1 1 2 | social-emotional fine-motor
Up the hill of my hand
Up the first hill with a breath that comes in.
Down the far side, and the breath goes out thin.
Up on the next one, and down into shade.
Five quiet hills, and the path that I made.
moves: Trace one hand with a finger: in going up each finger, out going down.
shorten: Three fingers.
go on: The other hand, with closed eyes.

= candle-drips | calm | text | young-toddler | sit | -1 | 1 1 2 | gross-motor social-emotional
The candle melts
Tall as a candle, and straight as a pin.
Here is the flame, and the melting sets in.
First go the fingers, the elbows, the chin,
down to a puddle, all quiet and thin.
moves: Stand tall; let one part after another sink, down to the rug.
shorten: Sink at once.
go on: A breath of wind makes the puddle roll over.

= cat-in-the-window | calm | text | young-toddler | up | 0 | 1 1 2 | gross-motor
The cat gets up
High goes the back of the cat on the sill.
Low goes the back, and the cat is quite still.
One paw in front, and one leg out behind.
Turn around once, and then sleep, if you’d mind.
moves: On hands and knees: arch, sink, stretch one arm and the other leg; curl up.
shorten: Arch and sink.
go on: A dog stretches; a bear.

= tree-on-one-leg | calm | text | preschool | up | 0 | 1 2 2 | gross-motor
Standing like a tree
Root goes one foot, deep down in the ground.
Up goes the other, and rests where it’s found.
Branches grow wide, and then meet overhead.
Somebody sleeps in my leaves for a bed.
moves: Stand on one foot, the other at the ankle; arms wide, then up; change feet.
shorten: One side, held by a neighbor.
go on: Close one eye.

= cloud-bed | calm | text | infant | sit | -1 | 1 2 3 | social-emotional
A bed of cloud
Under your back is a cloud, and it’s wide.
Soft in the middle and soft at the side.
Slowly it carries you over the land.
Let go of the rim now, and open your hand.
moves: Lie down; speak slowly and low; stroke a back where it is welcome.
shorten: Two lines.
go on: Say what lies below: the house, the yard, the trees.

= squeeze-the-lemon | calm | text | older-toddler | sit | -1 | 1 1 2 | social-emotional fine-motor
Squeeze and let go
Here is a lemon, so squeeze it up tight.
Squeeze with the left hand, and squeeze with the right.
Let go of it now, and shake off the sour.
Soft are your hands, like a leaf on a flower.
moves: Fists tight for three breaths; open and shake.
shorten: Both at once.
go on: Shoulders up to the ears; the face.

= listening-far | calm | text | older-toddler | sit | -1 | 1 2 2 | science social-emotional
Near and far
Listen up close, to your breath and your clothes.
Listen in here, to the clock, and your toes.
Listen outside, to whatever goes by.
Farther and farther, and up to the sky.
moves: Eyes closed; one finger up for everything that is heard.
ask: What was the farthest that you heard?
shorten: In here only.
go on: Two minutes by the window.

= snow-globe | calm | text | preschool | sit | -1 | 1 1 2 | social-emotional science
Let it settle
Shake up the jar, and it swirls like my head.
Set it down gently, and wait for it instead.
Slower and slower, it comes to a rest.
Clear is the water, and quiet my chest.
moves: Shake a glitter jar; watch until all lies on the ground; breathe.
props: a closed jar with glitter
takes: sealed-bottle 1
shorten: Watch for three breaths.
go on: Say what is swirling today.

= rain-on-the-back | calm | text | infant | sit | -1 | 1 2 2 | sensory social-emotional
Weather on your back
Light is the rain with the tips of my hand.
Heavier now it runs over the land.
Wind blows it dry, and the sun comes out flat.
Warm lies a hand on you, that’s where it’s at.
moves: Ask first. Tap a back softly; more; stroke; lay the hand still.
shorten: Rain and sun.
go on: In a row, each the back before.

= reach-for-the-pear | calm | text | young-toddler | up | 0 | 1 1 1 | gross-motor
Pears on the tree
Up on your toes for the pear on the bough.
Down to the grass for the one that fell now.
One to the left, and then one to the right.
Into the basket with all of them, light.
moves: Stretch up; bend down; lean to each side; set down a basket.
shorten: Up and down.
go on: A heavy one: carry it together.

= hush-of-the-harbor | calm | text | infant | sit | -1 | 1 1 2 | music-movement social-emotional
Boats come home
One boat comes home with a light at its side.
Two boats come home with the end of the tide.
All of them rock, and they knock, and they stay.
Hush goes the water, and so goes the day.
moves: Rock slowly; get slower until it stands.
shorten: The last two lines.
go on: Hum it.

= turtle-goes-in | calm | text | young-toddler | sit | -1 | 0.5 1 1 | social-emotional
In the shell
Too loud, too fast, and too much for me now.
In goes my head, and I’ll show you all how.
Dark in my shell, and I breathe, one, two, three.
Out comes my head again: hello, it’s me.
moves: Pull the head between the shoulders; three breaths; come out slowly.
shorten: Three breaths.
go on: Use it later, when someone needs it.

= wave-goodbye-shadow | goodbye | text | older-toddler | up | 0 | 1 1 2 | science social-emotional
Goodbye with a shadow
Here on the wall is a hand that is mine.
It waves when I wave, and it does it just fine.
Goodbye to my shadow, it’s flat and it’s tall.
Goodbye to us two, and goodbye to us all.
moves: A lamp throws everyone’s hand on the wall; wave; switch it off.
props: a lamp
takes: flashlight 1
shorten: Wave once.
go on: Shadows of things of the theme wave too.
`
