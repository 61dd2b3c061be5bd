/** For the minutes in between: waiting, and going from one thing to the next. */
export const BETWEEN = `
= what-is-gone | waiting | text | older-toddler | sit | 0 | 1 3 6 | language science
What is gone?
Look at the row that I lay on the floor.
Close up your eyes, and then look at it more.
One went away while you sat in the dark.
Which one is missing? Now who has a spark?
moves: Four things in a row; take one away while eyes are closed.
ask: Which is gone?
props: four things at hand
takes: theme-figure 4
shorten: Three things.
go on: Change two places instead.

= i-spy-a-sound | waiting | text | preschool | sit | 0 | 1 3 8 | language
With my little ear
Something in here that begins with a sound.
Here is the sound of it. Look all around.
moves: Say the first sound, not the letter; they point and name.
ask: What begins like that?
shorten: One thing.
go on: The last sound; something that rhymes.

= two-truths-of-things | waiting | text | school-age | sit | 0 | 2 4 8 | language
One of them is not true
Three things I tell you, and two of them are.
One isn’t so: is it near, is it far?
moves: Say three things about someone or something here; they find the wrong one.
ask: Which is not true?
shorten: One round.
go on: They make up three.

= finger-guess | waiting | text | young-toddler | sit | 0 | 1 2 5 | early-math fine-motor
How many behind me?
Behind my back there are some of them up.
Guess them, or see them come out of a cup.
moves: Hold fingers up behind your back; they guess by holding up their own; show.
ask: How many?
shorten: Up to two.
go on: Both hands together make six.

= story-by-turns | waiting | text | preschool | sit | 0 | 2 4 10 | language
One line each
I tell you a line, and you tell me the next.
Whatever you say, it belongs in the text.
moves: Begin: a thing of the theme went out of the door. Each says one line.
ask: And then?
shorten: Three lines.
go on: Bring it home again.

= hands-on-hands | waiting | text | older-toddler | sit | 0 | 1 2 4 | gross-motor social-emotional
The pile of hands
One hand on two hands, and one hand on three.
Pull out the lowest, and see who is free.
moves: Pile up hands; the lowest always comes on top; slowly, then faster.
shorten: Until the pile falls.
go on: With elbows, with feet.

= trace-on-the-palm | waiting | text | preschool | sit | -1 | 1 3 6 | fine-motor language
Written on your hand
Close up your eyes, and then hold out your hand.
What did I write on it, there in the sand?
moves: Draw a line, a shape or a letter on a palm; they say which.
ask: What was it?
shorten: A line or a ring.
go on: They draw on yours.

= hotter-colder | waiting | text | older-toddler | up | 1 | 2 3 6 | gross-motor language
Warm, warmer
Cold as the cellar, and warm as the sun:
we hide it, you find it, and then you are done.
moves: One hides a thing where one can walk; the others hum louder the nearer the seeker is.
props: one thing of the theme
takes: theme-figure 1
shorten: One seeker.
go on: The finder hides it.

= clothes-line-memory | waiting | text | preschool | sit | 0 | 2 4 8 | language early-math
On the line
What hangs on the line? There’s a sock and a shirt.
Say what was there, with a hat and a skirt.
moves: Each says the line so far and hangs on one thing more.
ask: What hangs there now?
shorten: Up to three.
go on: Take them down in the same order.

= yes-no-drawing | waiting | text | preschool | sit | 0 | 2 4 8 | creative-arts language
What will it be?
I draw you a line, and you say what it’s not.
I draw you one more, and then what have I got?
moves: Draw a thing of the theme line by line; they guess as soon as they can.
ask: What is it now?
props: paper and a thick pen
takes: copy-paper 1, washable-marker 1
shorten: A round one.
go on: They draw, you guess.

= to-the-table-tiptoe | transition | text | young-toddler | up | -1 | 0.5 1 1 | practical-life
Tiptoe to the table
Tiptoe along, for the spoons are asleep.
Pull out a chair without making a peep.
moves: Walk on tiptoe to the table; sit; wake the spoons with one tap.
shorten: Just walk.
go on: Two at a time.

= wash-by-names | transition | text | young-toddler | up | 0 | 1 1 2 | practical-life language
Hands that are ready
Whose hands have touched something sticky or brown?
Take them for washing, then come and sit down.
moves: Name two or three at a time, by a letter, a color, or what they touched.
shorten: By threes.
go on: The next ones wipe the table.

= line-of-ducks | transition | text | young-toddler | up | 0 | 0.5 1 2 | gross-motor
Ducks to the door
One goes in front, and the others behind,
all in a line with their feathers combed fine.
Quack once for yes, and then quack twice for no.
Are we all here now? Then quack, and we go.
moves: Line up behind one another; count; quack once; go.
ask: Are we all here?
shorten: Count and go.
go on: Another animal leads.

= shoes-know-the-way | transition | text | older-toddler | up | 0 | 1 1 2 | practical-life fine-motor
Two shoes look
Two shoes look at each other and meet.
That’s how they know that they fit on your feet.
moves: Put the shoes so that they look at each other before they go on.
shorten: Say it once.
go on: Who is ready helps a neighbor.

= moon-walk-to-bed | transition | text | young-toddler | up | -1 | 1 1 2 | gross-motor social-emotional
Moon walk to bed
Light as the dust on the floor of the moon,
one step, and one, and we’ll be there quite soon.
moves: Walk in slow large steps with heavy arms, each to their own bed.
shorten: Lights low, and walk.
go on: Whisper good night to one thing on the way.

= tidy-by-sounds | transition | text | older-toddler | up | 1 | 1 2 4 | practical-life
Until the bell
Everything sleeps in the place where it lives.
Take it back home, for that’s what it gives.
When you hear this, with your hands on your knees,
stop what you hold, and then listen, please.
moves: Tidy to a sound; when it stops, freeze and look around.
props: a small bell
takes: jingle-bell 1
ask: What is still out?
shorten: Until the first bell.
go on: Only blocks; only what is round.

= coat-flip | transition | text | older-toddler | up | 1 | 1 1 2 | practical-life gross-motor
Over it goes
Hood by my toes, and the coat on the floor.
Arms in the arms of it, flip, and no more.
moves: Lay the coat upside down, hood at the toes; arms in; flip over the head.
shorten: Help one arm.
go on: Zip for a neighbor.

= elevator-down | transition | text | older-toddler | up | -1 | 0.5 0.5 1 | early-math gross-motor
Down to the rug
Five is the roof, and then four, and then three.
Two is the street, and then one is just me.
moves: Stand tall at five; sink a little with each number; sit at one.
shorten: From three.
go on: Up again by ones.

= ticket-please | transition | text | preschool | up | 0 | 1 2 2 | language early-math
Ticket, please
Nobody comes through the door here today
without any ticket, so what do you say?
moves: At the door each says a word of the theme, a number, or the first sound of the name.
ask: What is your ticket?
shorten: A high five.
go on: A child checks the tickets.

= footprints-follow | transition | text | infant | up | 0 | 0.5 1 1 | gross-motor
Step in my steps
Here go my feet, and yours come behind.
Step into mine, if you really don’t mind.
moves: Walk slowly; a child steps where you stepped, or rides along.
shorten: Hold hands.
go on: On heels; on tiptoe; backward.
`
