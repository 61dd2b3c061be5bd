/** Finger plays, each with its moves line by line in the order of its verses. */
export const FINGERS = `
= two-in-the-grass | finger-play | text | young-toddler | sit | 0 | 1 1 2 | fine-motor language
Two in the grass
Two little somebodies lay in the grass.
One of them whispered, “Let everyone pass.”

One of them hid, and the other one too.
Up came the first and the other one: boo!
moves: Both thumbs lie on the knees; one bends to the other.
  Fold one thumb in, then the other; both pop up.
shorten: The second verse.
go on: Name them, and let two others hide.

= mouse-in-the-sleeve | finger-play | text | infant | sit | 0 | 0.5 1 1 | fine-motor sensory
A mouse in the sleeve
Up from the wrist comes a tickly nose.
Further and further and further it goes.

There in the elbow it curls up and stays.
“Warm in here!” says the mouse, and it plays.
moves: Two fingers walk up the arm from the wrist.
  They turn in the bend of the elbow and tickle.
shorten: Up once.
go on: It runs up the other arm.

= here-is-a-nest | finger-play | text | young-toddler | sit | -1 | 1 1 2 | fine-motor science
Here is a nest
Here is a nest that my two hands made.
In it an egg that the mother laid.

Crack goes the shell, and crack once more.
Out looks a beak at the open door.
moves: Cup both hands; look into them.
  Knock the knuckles together; one thumb looks out.
shorten: The second verse.
go on: Two eggs, three eggs.

= the-tall-tower | finger-play | text | older-toddler | sit | 0 | 1 1 2 | fine-motor early-math
Finger on finger
One on the bottom, and one on the top,
higher and higher, and never a stop.

Up to the ceiling, and up to the sky.
Down it all tumbles: goodbye, goodbye!
moves: Fist on fist, again and again, standing up slowly.
  Stretch up; flutter all fingers down to the floor.
shorten: Four fists high.
go on: Build it together, hand on hand.

= caterpillar-walk | finger-play | text | young-toddler | sit | 0 | 1 1 2 | fine-motor science
The hungry hump
Hump goes the crawler, and hump along slow.
Over my arm to the shoulder we go.

There it rolls up in a blanket of gray.
Wings! And it opens them. Up and away!
moves: One finger bends and stretches up the arm.
  Fist in the other hand; cross the thumbs and flutter.
shorten: Up the arm and fly.
go on: It lands on whoever is named.

= five-brothers-wake | finger-play | text | older-toddler | sit | 0 | 1 2 2 | fine-motor early-math
Waking up the fingers
The thumb is awake, and he stretches up straight.
He calls to the pointer, “Get up, it is late!”

The pointer gets up and he wakes number three,
who pushes the fourth one: “Come on out and see!”

The fourth wakes the littlest, down at the end.
All five of them bow then, and each has a friend.
moves: From the fist: the thumb up, then the pointer.
  The middle finger, then the fourth.
  The little one; then all five bow to the other hand.
shorten: All at once on the last verse.
go on: The other hand wakes up faster.

= rolling-a-ball | finger-play | text | older-toddler | sit | 0 | 0.5 1 1 | fine-motor
Roll it and flat
Roll it and roll it, a ball in my hand.
Flat as a plate now, as flat as the land.

Pinch it all over, and give it a twist.
Gone! It is hiding, so look in my fist.
moves: Roll the palms; press them flat.
  Pinch the fingertips; twist; show two fists.
ask: In which hand is it?
shorten: Roll and flat.
go on: Make something else of it.

= the-gate | finger-play | text | young-toddler | sit | 0 | 1 1 1 | fine-motor
The gate in the fence
This is the fence that goes all the way round.
This is the gate that makes never a sound.

Open it up, and then who can come through?
Something with whiskers that’s looking for you!
moves: Link the fingers upright; the thumbs are the gate.
  Open the thumbs; one finger of a neighbor comes through.
shorten: The second verse.
go on: Ask who comes through next.

= snail-on-the-wall | finger-play | text | young-toddler | sit | -1 | 1 1 2 | fine-motor science
A house on its back
Slow as can be with its house on its back,
over the wall goes the snail on its track.

Touch it: it’s gone in its door with a slide.
Wait, and it comes again, looking outside.
moves: A fist rides on the other hand; two fingers are its horns.
  Draw the fingers in; push them out slowly.
shorten: The second verse.
go on: A drop of rain falls on it; a leaf.

= a-bridge-for-cars | finger-play | text | older-toddler | sit | 1 | 1 1 2 | fine-motor world
Over the bridge
This is a bridge that goes over the bay.
This is a car that is coming this way.

Slow for the hump now, and slow for the bend.
Honk goes the horn when it gets to the end.
moves: One arm is the bridge; a fist drives along it.
  Over the elbow, over the shoulder; tap your nose: honk.
shorten: Drive and honk.
go on: A truck, a bicycle, a turtle.

= seeds-in-my-hand | finger-play | text | older-toddler | sit | 0 | 1 2 2 | fine-motor science
Under the ground
I dig a small hole, and I put something in.
I cover it up with a pat on its skin.

The rain comes and drips, and the sun comes and glows.
A tip pushes up, and it grows and it grows.

It opens its leaves, and it turns to the light.
And then it goes to sleep, as it should, every night.
moves: Dig with one finger in the palm; close the hand; pat it.
  Drip with the fingers; make a round sun; one finger pushes up between the others.
  Open both hands; turn them; fold them again.
shorten: The second verse.
go on: Another seed, another color.

= owls-and-mice | finger-play | text | preschool | sit | 0 | 1 1 2 | fine-motor language
Big eyes, small feet
The owl in the tree has her eyes open wide.
The mouse in the leaves has a good place to hide.

The owl turns her head, and she hears something creep.
The mouse holds its breath, and the owl falls asleep.
moves: Round fingers at the eyes; hide a thumb in the fist.
  Turn the head slowly; hold still; close the eyes.
shorten: The second verse.
go on: The mouse runs home up the arm.

= knock-and-look | finger-play | text | infant | sit | 0 | 0.5 0.5 1 | sensory social-emotional
Knock on the door
Knock on the door, and look in at the two.
Lift up the latch, and walk in there, do.

Sit on the chin, and then rub it and stay.
Down to the belly, and tickle away.
moves: Tap the brow; look at the eyes; lift the nose with a finger.
  Touch the chin; tickle the belly.
shorten: Knock and tickle.
go on: Let the child do it to you.

= wind-up-the-yarn | finger-play | text | older-toddler | sit | 1 | 0.5 1 1 | fine-motor
Wind it and pull
Wind it and wind it, the yarn on the ball.
Pull on it, pull on it, don’t let it fall.

Back it unwinds, and it runs through the room.
Tap on the floor, and go chasing it: zoom!
moves: Roll the forearms around each other; pull with both hands.
  Roll them backward; tap; slide one hand away over the floor.
shorten: Wind and pull.
go on: Slowly, then as fast as you can.

= five-in-a-boat-bed | finger-play | text | young-toddler | sit | -1 | 1 1 1 | fine-motor social-emotional
Five in the bed
Five of them snuggle, all under one sheet.
One pulls the cover from everyone’s feet.

All of them grumble, and all of them tug.
Then they lie closer, and give it a hug.
moves: Lay one hand over the fingers of the other; lift it away.
  Pull back and forth; close both hands in each other.
shorten: The hug.
go on: Say good night to each finger.

= fish-in-the-pool | finger-play | text | young-toddler | sit | 0 | 0.5 1 1 | fine-motor science
Quick in the pool
Here is the pool with the water so clear.
Flick goes a tail, and a fish has been here.

Dip in a finger, and hold it quite still.
Nibble, it nibbles, as little fish will.
moves: One hand is flat water; the other swims under it.
  One finger dips in; the other hand nibbles it.
shorten: The second verse.
go on: A big fish, a slow fish.

= needle-and-thread | finger-play | text | preschool | sit | 0 | 1 1 2 | fine-motor practical-life
Needle and thread
Hold up the needle, and lick on the thread.
Through the small eye of it, lower your head.

In goes the stitch, and then out it comes there.
Snip! And it’s mended, the hole in the bear.
moves: Hold a needle of air; thread it with squinting eyes.
  Sew over your sleeve; snip with two fingers.
shorten: The second verse.
go on: Sew a button on; sew two fingers together.

= hammer-and-saw | finger-play | text | older-toddler | sit | 1 | 1 1 2 | gross-motor practical-life
Tap goes the hammer
Tap goes the hammer, one hand on my knee.
Tap go two hammers, for you and for me.

Forward and backward, and that is the saw.
Now it is finished: a table for four.
moves: One fist taps, then two.
  Saw over the arm; lay both hands flat.
shorten: Taps only.
go on: Three hammers: a foot; four: both feet.

= clouds-and-sun | finger-play | text | young-toddler | sit | -1 | 0.5 1 1 | science language
The cloud goes by
High over everything shines the round sun.
Here comes a cloud, and the shining is done.

Blow on it, blow on it, blow it on by.
There is the sun again, warm in the sky.
moves: Arms in a ring overhead; one hand covers it.
  Blow; move the hand away; open the arms.
shorten: The second verse.
go on: Two clouds; a rain cloud.

= spider-on-a-string | finger-play | text | older-toddler | sit | 0 | 1 1 1 | fine-motor science
Down on a string
Down on a string, from the tip of my thumb,
look at the spinner, so quiet and numb.

Something has landed and shaken the thread.
Up it goes, quick as can be, overhead.
moves: One hand dangles below the other, fingers loose.
  Shake the thread; climb hand over hand.
shorten: Down and up.
go on: It spins to a neighbor’s hand.
`
