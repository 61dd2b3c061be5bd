/** Up and moving, and stopping again. */
export const MOVING = `
= freeze-like-ice | game | text | older-toddler | up | 2 | 2 3 5 | gross-motor music-movement
Stiff as an icicle
Shake while you hear it, and shake without end.
Stop when it stops, with a knee in a bend.
Stiff as an icicle, quiet as snow.
Wait for the sound of it. Ready, and go!
moves: Play or drum; everyone shakes; when it stops nobody moves.
props: music or a drum
takes: drum 1
shorten: Three stops.
go on: Stop on one foot, as a thing of the theme, with a friend.

= follow-the-pebble | movement | text | young-toddler | up | 1 | 2 3 4 | gross-motor
Step where I step
Step over pebbles, and step over logs.
Creep by the sleeping and slobbering dogs.
Wade through the water, high up with your knees.
Home again, home again, under the trees.
moves: Walk around the room in a line, and do each of it.
shorten: One way there.
go on: A child leads, and says what is in the way.

= big-and-little-steps | movement | text | young-toddler | up | 1 | 1 2 3 | gross-motor early-math
Giants and ants
Giants go slowly, with boom and with thud.
Ants go in hundreds along in the mud.
Giants are tired, and they lie on the hill.
Ants are all home now, so everything’s still.
moves: Large slow steps; tiny fast ones; lie down; be still.
shorten: Giants, ants, still.
go on: Other sizes: as a thing of the theme walks.

= row-of-statues | game | text | preschool | up | 1 | 2 4 6 | gross-motor social-emotional
The museum at night
Statues stand still when the guard walks around.
Statues may dance when he makes not a sound.
Here comes his lantern, and here comes his key.
Nobody moved now, as far as we see.
moves: A child is the guard with a flashlight; the others move only in his back.
props: a flashlight
takes: flashlight 1
shorten: Two rounds.
go on: Another guard.

= river-crossing | movement | text | older-toddler | up | 1 | 2 3 5 | gross-motor
Across the river
Here is the river, and here are the stones.
Jump on them lightly, and not like old bones.
Somebody waits on the other side too.
Give them your hand, and come over, come through.
moves: Step from spot to spot without touching the rug between.
props: paper spots or cushions that do not slide
takes: cushion child
shorten: Once across.
go on: Take a spot away.

= wind-and-leaves | movement | text | young-toddler | up | 2 | 1 2 3 | gross-motor science
Wind and leaves
Up in the branches the leaves hold on tight.
Wind comes along in the middle of night.
Whirl them and swirl them, and over they roll,
down in a pile in the bottom of the bowl.
moves: Stand with arms up; sway; whirl through the room; sink into one pile.
shorten: Whirl and sink.
go on: A child is the wind.

= popping-corn | movement | text | older-toddler | up | 2 | 1 2 2 | gross-motor practical-life
Warm in the pan
Small in the pan, and we wait for the heat.
First it is warm at the tips of our feet.
One of us pops, and another, and then
everyone’s popping. Now, small again.
moves: Squat small; wiggle; jump up, one by one, then all; small again.
shorten: Once.
go on: Count the pops.

= slow-motion-race | game | text | preschool | up | 0 | 2 3 4 | gross-motor
Last one wins
Everyone off, but as slow as you can.
Slower than honey that drips from a pan.
Nobody stops, for a stop is too long.
Last at the wall is the winner. So long!
moves: Walk to the wall as slowly as possible without standing still.
shorten: To the middle of the room.
go on: Backward; on tiptoe.

= animals-wake | movement | text | young-toddler | up | 1 | 2 3 4 | gross-motor language
Who wakes up?
Everyone’s sleeping, so curl up and lie.
Who wakes up first with a stretch and a cry?
Out of the straw, and it’s out on its way.
Back to your bed at the end of the day.
moves: Curl up; call a thing or an animal of the theme; move as it does; sleep again.
ask: Who wakes up next?
shorten: Two of them.
go on: They choose who wakes.

= ring-and-gate | movement | text | older-toddler | up | 1 | 2 3 5 | music-movement social-emotional
In at the window
In at the window and out at the door,
under our arms, and then under once more.
Stop by a friend with a tap on the knee.
Now you are two, and next you’ll be three.
moves: Stand in a ring with raised hands; one weaves in and out; whom he taps follows.
shorten: Until three weave.
go on: Until the ring is gone.

= color-runs | game | text | older-toddler | up | 2 | 2 3 4 | gross-motor language
Run to the color
Where is there red? Can you touch it and stay?
Where is there green? Is it near, far away?
Look all around you before you begin.
Touch it with elbows, and touch with your chin.
moves: Name a color; everyone touches one of that color, each time with another part.
shorten: Three colors.
go on: Shapes, letters, things that are soft.

= mirror-friends | movement | text | preschool | up | 0 | 2 2 4 | social-emotional gross-motor
You are my mirror
Stand face to face: I am me, you are me.
Raise up a hand, and the mirror will see.
Slowly, so slowly, a foot and a nose.
Whatever I do, in the mirror it shows.
moves: In pairs; one leads slowly, the other is the mirror; change.
shorten: One leads.
go on: Three mirrors side by side.

= hop-over-the-brook | movement | text | older-toddler | up | 2 | 1 2 3 | gross-motor early-math
Wider and wider
This is a brook that is narrow and thin.
Hop over lightly, and do not fall in.
Wider and wider it grows with the rain.
Count to the jump, and then hop it again.
moves: Two ropes on the floor; after each round they lie farther apart.
props: two ropes or strips of tape
takes: masking-tape 400
ask: How wide can you hop it?
shorten: Three widths.
go on: With both feet; from a stand.

= shake-one-part | movement | text | young-toddler | up | 2 | 1 1 2 | gross-motor music-movement
Only this part
Shake only fingers, and nothing that’s more.
Shake only elbows, as never before.
Shake only one foot, and shake only hair.
Shake every bit of you, everywhere!
moves: One part at a time; at the end everything, then let the arms hang.
shorten: Fingers, foot, all.
go on: A child names the part.

= parachute-of-air | movement | text | older-toddler | up | 1 | 2 3 4 | gross-motor social-emotional
Make the sheet breathe
All take an edge, and the sheet lies asleep.
Now it is breathing, so slow and so deep.
Ripples run over it, waves like the sea.
Up to the sky! And then under, and flee.
moves: Hold a sheet around its edge: lift it slowly, ripple, lift it high and let one run under.
props: a bed sheet
takes: bed-sheet 1
shorten: Breathe and ripple.
go on: A soft ball rides on it.

= train-of-shoulders | movement | text | older-toddler | up | 1 | 2 3 4 | gross-motor world
Hook on behind
Slow goes the engine with nobody there.
Hook on behind it, there’s room and to spare.
Over the bridge now, and through the dark hill.
Stop at the station, and stand very still.
moves: A child walks; at each stop another holds on to the shoulders before.
shorten: Two stops.
go on: A new engine; backward out of the station.

= toss-and-name | game | text | preschool | up | 1 | 2 3 4 | gross-motor language
Soft from my hand
Soft from my hand goes the ball through the air.
Say me a name, and I’ll send it right there.
Say me a thing that begins the same way.
Catch it or drop it, it’s all right today.
moves: Roll or toss a soft ball; say the name first, then a word with that sound.
props: a soft ball
takes: soft-ball 1
shorten: Roll it once around.
go on: Words of the theme only.

= beans-in-the-sun | movement | text | young-toddler | up | 1 | 1 2 3 | gross-motor science
Round bean, long bean
Round bean, sit in a ball on the floor.
Long bean, stretch till you can’t any more.
Jumping bean, jump in the place where you are.
Runner bean, run, but not very far.
moves: Call one bean after another, faster; end with the round one.
shorten: Round and long.
go on: Invent a bean.
`
