/** What catches them before it teaches them, and how everyone is greeted and let go. */
export const OPENING = `
= hands-of-mine | gather | text | young-toddler | sit | 0 | 0.5 1 2 | social-emotional
Show me ten
Ten of them up where I can see,
ten of them down upon your knee.
Ten of them hiding, where did they go?
Ten of them here now, tapping slow.
moves: Ten fingers up; on the knees; behind the back; tap softly on the floor.
shorten: The last line is enough.
go on: Ask for one hand, then for one finger.

= quieter-and-quieter | gather | text | older-toddler | sit | -1 | 0.5 1 2 | language
A voice that shrinks
If you can hear me, pat your head.

If you can hear me, touch your toes.

If you can hear me, look at me and breathe.
moves: Speak each line softer than the one before, until only your lips move.
shorten: Begin with the second line.
go on: Only move your lips, and let them guess.

= something-in-the-bag | gather | text | older-toddler | sit | 0 | 1 2 3 | science language
Something in the bag
There is something in here, and it doesn’t make a sound.
It came along this morning, and this is what I found.
Put your hand in slowly, and tell me what you feel.
Is it soft or prickly? Is it make-believe or real?
moves: Hold the bag to your ear first. One child feels; the others ask.
ask: What could it be?
props: a bag with one thing of the theme
takes: tote-bag 1, theme-figure 1
shorten: Show it after one guess.
go on: Let two more feel before it comes out.

= empty-box | gather | text | older-toddler | sit | 0 | 1 1 2 | language
The empty box
I look in my box, and what do I see?
Nothing at all, as plain as can be.
Close up the lid and give it a shake.
Blow on it softly, and see what we make.
moves: Show that it is empty; shake it; blow. Take out a thing that was in your sleeve.
props: a small box, one small thing of the theme
takes: small-box 1, theme-figure 1
shorten: Only blow and open.
go on: A child thinks up what is in it.

= rain-begins | gather | text | young-toddler | sit | -1 | 1 1 2 | music-movement
Here comes the rain
One drop, two drops, tap, tap, tap.
Now it is running all over my lap.
Now it is drumming, a storm in the street.
Now it grows softer, and now it is sweet.
moves: One finger on the palm, then two, then all on the knees, then feet; and back until it is still.
shorten: Tap, drum, still.
go on: Let the rain come back twice.

= clap-it-back | gather | text | older-toddler | sit | 1 | 0.5 1 2 | music-movement
Clap it back
Listen to my hands, and give it back to me:
clap, clap, clap-clap-clap.

Listen to my hands, now on your knee:
pat, pat, pat-pat-pat.

Listen to my hands, as soft as can be:
tip, tip, tip-tip-tip.
moves: Clap, pat, then tap two fingers. Always wait for their answer.
shorten: Two patterns.
go on: A child makes up a pattern.

= look-who-peeks | gather | text | young-toddler | sit | 0 | 0.5 1 2 | social-emotional
Who peeks out?
Something is peeking from under my sleeve.
It looks at you all, and it’s ready to leave.
Call it by name, but do it quite low.
Out it comes creeping, just half, and slow.
moves: Let a puppet look out of your sleeve, and hide again when it is loud.
props: a small puppet
takes: puppet 1
shorten: Out it comes.
go on: It whispers to you who is here.

= turn-the-key | gather | text | older-toddler | sit | -1 | 0.5 1 1 | language
Turn the key
Close up the window and close up the door.
Turn the key once, and twice, and once more.
Put it away in the pocket, tight.
Open your ears, and open them right.
moves: Close both hands; turn a key at your lips; pocket it; cup both ears.
shorten: The last line.
go on: Someone keeps the key until the end.

= the-slow-hand | gather | text | young-toddler | sit | -1 | 0.5 1 1 | gross-motor
Follow the slow hand
Here is a hand that is ever so slow.
Up like a leaf, and where will it go?
Over your head, and down to the ground.
All without making a bit of a sound.
moves: Move one hand very slowly; they follow with theirs.
shorten: Up and down once.
go on: A child leads.

= one-two-eyes | gather | text | older-toddler | sit | 0 | 0.5 0.5 1 | language
Where are your eyes?
Where are your eyes? “They’re looking at you.”
Where are your ears? “They’re listening too.”
Where are your feet? “They’re under my knees.”
Where are your hands? “In my lap, if you please.”
moves: Point to each; they answer and do it.
shorten: Eyes and hands.
go on: Ask for noses, elbows, knees.

= sound-in-the-dark | gather | text | older-toddler | sit | 0 | 1 2 3 | science language
What made that sound?
Close your eyes tight, and don’t open them yet.
Here comes a sound that you won’t soon forget.
Was it a jar, or a spoon on a tin?
Open your eyes, and we’ll tell, and begin.
moves: Make a sound behind your back with a thing of the house.
ask: What was it?
props: three things that sound
takes: jingle-bell 1, shaker 1, drum 1
shorten: One sound.
go on: A child makes the sound.

= light-on-the-wall | gather | text | young-toddler | sit | 0 | 0.5 1 2 | language
The spot of light
There goes a spot on the wall, round and small.
It climbs to the ceiling, it slides down the wall.
Follow it only with what you can see.
Now it is sitting: sit down here with me.
moves: A flashlight moves slowly and stops on the rug, never in a face.
props: a flashlight
takes: flashlight 1
shorten: Straight to the rug.
go on: It stops on who sits well, one after another.

= count-me-down | gather | text | older-toddler | sit | -1 | 0.5 0.5 1 | early-math
Five, and we sit
Five, we are walking. Four, we are near.
Three, we are finding a place that is clear.
Two, we are sitting. One, not a word.
Zero is quieter than you have heard.
moves: Hold up the fingers. Your voice gets lower with every number.
shorten: From three.
go on: Count with fingers only.

= name-in-the-song | gather | text | young-toddler | sit | 0 | 0.5 1 2 | social-emotional
I see someone
I see someone sitting down, and who, oh who is that?
Someone who is ready now, as quiet as a cat.
moves: Look around; say the name of one who sits, then the next.
shorten: Name two.
go on: Go on until everyone was named.

= drum-says-come | gather | text | young-toddler | up | 1 | 0.5 1 1 | music-movement gross-motor
The drum says come
Drum, drum, far away, who can hear it call?
Walk, walk, to the rug, big ones, small ones, all.
Drum, drum, softer now, everyone is near.
Sit, sit, hands at rest: now we all are here.
moves: Walk to the beat of a drum; it gets softer; sit on the last beat.
props: a drum or a pot
takes: drum 1
shorten: The last two lines.
go on: Walk on tiptoe, then like a thing of the theme.

= hello-around | greet | text | infant | sit | 0 | 1 2 3 | social-emotional language
Hello goes around
Hello goes around, and it stops at your chair.
Hello to your shoes and hello to your hair.
Hello to the one who came in through the door.
Say hello back, and we’ll pass it once more.
moves: Wave to each in turn and say the name; the named one waves back.
shorten: Wave to all at once.
go on: Say hello in another language that someone here speaks.

= clap-your-name | greet | text | older-toddler | sit | 1 | 1 2 4 | language music-movement
Clap the name
Say it and clap it, one part at a time.
Everyone’s name makes a beat, and here’s mine.
Clap it out loud, and then tap it out low.
Whose is the next one? Around we will go.
moves: Clap the parts of each name; then tap them with one finger.
ask: How many parts has it?
shorten: Clap only.
go on: Find two names with as many parts.

= weather-on-my-hand | greet | text | older-toddler | sit | 0 | 1 2 3 | science social-emotional
What is it like out there?
Look through the window, and what do you see?
Is it a coat day, or bare to the knee?
Tell us what’s falling, or shining, or blown.
And how is the weather in you, all your own?
moves: One child looks out and tells; thumbs show how each feels: up, level, down.
shorten: Only the window.
go on: Ask why a thumb is down.

= the-empty-place | greet | text | older-toddler | sit | 0 | 1 1 2 | social-emotional
Who is not here?
Look to the left, and look to the right.
Someone is missing, is not in our sight.
Say who it is, and we’ll send them a wave,
one for the pocket that we’ll try to save.
moves: Look both ways; wave toward where they live; put one wave in your pocket.
ask: Who is away today?
shorten: Name and wave.
go on: Draw them something later.

= knee-elbow-hello | greet | text | young-toddler | sit | 1 | 1 2 2 | gross-motor social-emotional
Knees say hello
Knees say hello, and they bounce up and down.
Elbows say hello, and they turn all around.
Fingers say hello with a wiggle and bend.
Here is a hello from my head to my friend.
moves: Each part greets; at the end nod to a neighbor.
shorten: Knees and fingers.
go on: Ask which part greets next.

= pass-the-smile | greet | text | infant | sit | 0 | 1 1 2 | social-emotional
Pass it along
I have a smile, and I give it to you.
You keep it a moment, and pass it on too.
It goes right around, and it comes back to me.
It’s bigger than ever, as all of you see.
moves: Look at your neighbor and smile; they pass it on.
shorten: Smile at all.
go on: Pass on a yawn, a nod, a surprised face.

= who-brought-what | greet | text | preschool | sit | 0 | 1 2 4 | language social-emotional
One thing from home
Tell us one thing that you did or you saw.
We’ll listen to one, and then maybe one more.
moves: Who holds the stone may speak; pass it on.
ask: What would you like to tell us?
props: a smooth stone too large for a mouth
takes: stone 1
shorten: Two children today.
go on: Ask the teller one question.

= shoes-on-the-rug | greet | text | young-toddler | sit | 0 | 1 1 2 | language early-math
Shoes of all colors
Somebody’s shoes have a stripe or a bow.
Somebody’s socks have a hole in the toe.
If you’re the one with the color I say,
stand up and turn, and good morning, good day!
moves: Say a color; all who wear it stand up, turn and sit.
shorten: Two colors.
go on: Say two colors at once.

= sign-hello | greet | text | infant | sit | 0 | 1 1 2 | language social-emotional
Hello with hands
Hello with my hand, from my brow out to you.
Hello, and how are you? And thank you, I’m too.
moves: Flat hand from the brow outward for hello; from the chin forward and down for thank you.
shorten: Hello only.
go on: Show more: fingertips of both hands tapped together.

= see-you-soon | goodbye | text | infant | sit | -1 | 1 1 2 | social-emotional
See you soon
The circle is closing, the circle was round.
We sang in a ring, and we sat on the ground.
Wave to the left now, and wave to the right.
We’ll all come again, so hold on to it tight.
moves: Hold hands; let go one by one; wave both ways; close a fist on it.
shorten: The last two lines.
go on: Each says what was best.

= blow-it-out | goodbye | text | young-toddler | sit | -1 | 0.5 1 1 | social-emotional
Blow out the candle
Here is a candle, and here is its light.
It burned for our circle, it burned up bright.
Take a big breath, and blow, and it’s gone.
The smoke curls away, and the day goes on.
moves: One finger is the candle; breathe in through the nose, blow long and soft.
shorten: Breathe and blow.
go on: Blow out five fingers, one by one.

= pack-up-the-songs | goodbye | text | older-toddler | sit | -1 | 0.5 1 2 | language
Into my pocket
The rhymes and the stories go back where they stay.
I fold up the quiet, and put it away.
I button my pocket, and pat it, and then
tomorrow I’ll open my pocket again.
moves: Pick things out of the air into a pocket; button it; pat.
ask: What did we do first?
shorten: Pat the pocket.
go on: Ask what to take out tomorrow.

= off-we-go-by-twos | goodbye | text | older-toddler | sit | 0 | 1 2 2 | social-emotional gross-motor
Off by name
The first one may go who has something that’s blue.
The next one may go, and can take along two.
moves: Name a color, a letter or a sound; who has it goes to what comes next.
shorten: Everyone by two colors.
go on: Each goes like a thing of the theme.

= until-we-sing | goodbye | text | infant | sit | -1 | 1 1 2 | music-movement
Until we sing again
We have sung it all today,
now we put the songs away.
Hand in hand, and one, two, three,
softly out the door with me.
tune: Twinkle, Twinkle, Little Star
moves: Sway with hands joined; let go on the last word.
shorten: Hum it once.
go on: Sing it once more with closed eyes.
`
