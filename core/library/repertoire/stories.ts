/** Stories for puppets and the felt board: short, with something to join in, and figures to print. */
export const STORIES = `
= too-small-a-house | story | text | older-toddler | sit | 0 | 3 5 7 | language early-math
The house that was too small
Once there was a house that was just big enough for {a}. “There is room for one more,” it said, and in came a mouse.

Knock, knock. “There is room for one more,” they said. In came a hen. They all pushed over. The walls went “oof.”

Knock, knock. In came a goat, and then a cow with her coat on. Nobody could turn around. The walls went “oof, oof.”

Then came something so small that nobody saw it: a flea. It jumped on the cow. The cow sneezed. Out flew the cow, and the goat, and the hen, and the mouse.

And there sat {a}, alone again, and said: “What a fine, big house I have.”
moves: Put the figures into the house one by one. Everyone says “oof”.
ask: Who was too much?
figures: house, mouse, hen, goat, cow
shorten: Leave out the hen and the goat.
go on: Let them say who knocks next.

= the-borrowed-button | story | text | preschool | sit | 0 | 3 5 7 | social-emotional language
The borrowed button
A bear lost the button of his coat on the coldest day. “May I borrow yours?” he asked the fox. “If you bring it back,” said the fox.

A rabbit came by, and her coat flapped too. The bear thought for a while. He cut the thread, and gave the button on. “If you bring it back,” he said.

So it went to the hedgehog, and the mole, and the smallest mouse, who used it as a plate.

In spring nobody needed a coat. The mouse washed the plate, and gave it to the mole, and the mole to the hedgehog, and so it came back all the way to the fox.

“It has grown warmer,” said the fox, and held it to his cheek.
moves: Pass a large button around the ring as the story goes, there and back.
ask: Who has it now?
props: a button larger than a mouth
figures: bear, fox, rabbit, hedgehog, mole, mouse
shorten: Bear, rabbit, mouse.
go on: What else could the mouse use it for?

= who-ate-the-moon | story | text | older-toddler | sit | -1 | 2 4 5 | science language
Who nibbled at the moon?
The moon was round as a plate. A mouse looked up and said, “It smells of cheese.”

The next night a bit was gone. “Not I,” said the mouse. “Not I,” said the owl, and shut one eye.

Night after night it got thinner: a slice, a rind, a thread. And then it was gone. Everybody was sorry, and nobody had eaten it.

“Wait,” said the owl. So they waited. And there was a thread again, and a rind, and a slice.

“It only went to be washed,” said the mouse. And that is what she believes to this day.
moves: Cover a paper moon a little more on each page, and uncover it again.
ask: Where was it?
figures: moon, mouse, owl
shorten: Two nights less, two nights more.
go on: Look at the moon on the calendar.

= the-slow-parcel | story | text | older-toddler | sit | 0 | 3 4 6 | language world
The slow parcel
Grandmother sent a parcel. She gave it to the snail. “Is it far?” asked the snail. “Not very,” said Grandmother.

The snail met {a}. “What is in it?” “I do not know. It does not rattle.” Shake, shake. Nothing.

It rained on the parcel. It snowed on the parcel. Something in it grew. The paper went “pick”.

When the snail knocked at the door, out of the parcel looked a green tip, and two leaves.

“Just in time,” said the child. “I was only just ready to plant it.”
moves: A snail crawls along your arm with a parcel. Everyone says “pick”.
ask: What is in the parcel?
figures: snail, parcel, sprout
shorten: Leave out the meeting.
go on: Everyone says what could be in a parcel for them.

= three-hats | story | text | young-toddler | sit | 0 | 2 3 4 | language early-math
Three hats
Here is a red hat, and nobody’s in it. Tap, tap. “Is anyone home?” No.

Here is a blue hat, and nobody’s in it. Tap, tap. “Is anyone home?” No, not in this one.

Here is a yellow hat. Tap, tap. “Is anyone home?” Yes! It is {a}.

It looks at us. It looks at the hats. And, hop, it is gone again. In which one?
moves: Three cups are hats; tap; lift. At the end they guess.
ask: Under which hat?
props: three hats or cups, one thing of the theme
takes: paper-cup 3, theme-figure 1
figures: hat
shorten: Two hats.
go on: A child hides it.

= the-quarrel-of-colors | story | text | preschool | sit | 0 | 3 5 6 | creative-arts social-emotional
Yellow and blue
Yellow lived on this side of the page, and Blue on that side. “Stay over there,” said Yellow. “I was not coming,” said Blue.

But it rained in the night, as it does, and Yellow ran a little, and Blue ran a little.

In the morning there was someone in the middle who had not been there before. “Who are you?” both of them asked.

“I am Green,” said Green. “I have your eyes,” and looked at Yellow. “And your feet,” and looked at Blue.

After that it was hard to say where one side ended. They gave it a tree, and sat under it.
moves: Two colored sheets of film slide over each other.
ask: What happens with red?
props: yellow and blue film or felt
figures: tree
shorten: The middle three.
go on: Try the other pairs with paint.

= one-shoe | story | text | older-toddler | sit | 0 | 2 4 5 | language practical-life
One shoe
One shoe stood by the door. “Where is the other?” it asked. It hopped off to look: hop, hop, hop.

It asked the broom. “Not under me.” It asked the cat. “Not in my bed.” It asked the umbrella, which was asleep upside down.

“Who is that snoring?” said the shoe. In the umbrella lay the other shoe, deep down.

“I wanted to stay in today,” said the other shoe. “So did I,” said the first, “but not alone.”

So they both went, left and right, and the umbrella came too.
moves: Hop a real shoe over the rug. Everyone says “hop, hop, hop”.
ask: Where would you look?
props: a pair of shoes, an umbrella
figures: shoe, umbrella, broom, cat
shorten: Ask only the cat.
go on: Hide the shoe; they say warm or cold.

= the-loud-egg | story | text | young-toddler | sit | 0 | 2 4 5 | science language
The egg that hummed
There lay an egg, and it hummed. Mmmm. “Whose is it?” asked the hen. “Not mine. Mine are quiet.”

The duck listened. Mmmm. “Not mine. Mine say nothing till Thursday.”

The turtle listened. Mmmm. “Perhaps it is singing itself to sleep,” said the turtle, and sat down beside it.

They all sat down. It hummed louder, then higher, and then: crack. Out looked a small wet head.

“Oh, good,” it said. “You know the song.” And they sang it all together. Mmmm.
moves: Hum with closed lips whenever the egg does, louder each time.
ask: Who is in it?
figures: egg, hen, duck, turtle, chick
shorten: Hen, turtle, crack.
go on: What hums in our house?
`
