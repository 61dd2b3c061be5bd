/**
 * How letters and numerals are written, stroke by stroke in the order and direction in which a hand makes them: our own
 * drawing of a plain round hand, as taught in most primary schools. Units: 0 is the top line, 50 the middle line, 100 the
 * line that is written on, 150 the lowest that a tail hangs. Each stroke is the path of an SVG in absolute commands; one
 * without length is a dot. `|` parts the strokes.
 *
 * Round letters begin at two o'clock and go back, over the top; tall ones begin at the top; bars come last, from the left.
 */
const CAPITALS = `
A: M35 0 L0 100 | M35 0 L70 100 | M14 62 L56 62
B: M0 0 L0 100 | M0 0 L26 0 A24 24 0 0 1 26 48 L0 48 | M0 48 L30 48 A26 26 0 0 1 30 100 L0 100
C: M72 20 A40 50 0 1 0 72 80
D: M0 0 L0 100 | M0 0 L18 0 A50 50 0 0 1 18 100 L0 100
E: M0 0 L0 100 | M0 0 L54 0 | M0 48 L44 48 | M0 100 L54 100
F: M0 0 L0 100 | M0 0 L54 0 | M0 48 L44 48
G: M72 20 A40 50 0 1 0 79.8 55 L46 55
H: M0 0 L0 100 | M64 0 L64 100 | M0 48 L64 48
I: M24 0 L24 100 | M0 0 L48 0 | M0 100 L48 100
J: M46 0 L46 76 A23 24 0 0 1 0 76 | M20 0 L70 0
K: M0 0 L0 100 | M56 0 L0 54 | M12 42 L60 100
L: M0 0 L0 100 L54 100
M: M0 0 L0 100 | M0 0 L40 100 L80 0 | M80 0 L80 100
N: M0 0 L0 100 | M0 0 L64 100 | M64 0 L64 100
O: M40 0 A40 50 0 1 0 40 100 A40 50 0 1 0 40 0
P: M0 0 L0 100 | M0 0 L28 0 A26 26 0 0 1 28 52 L0 52
Q: M40 0 A40 50 0 1 0 40 100 A40 50 0 1 0 40 0 | M52 74 L82 106
R: M0 0 L0 100 | M0 0 L28 0 A26 26 0 0 1 28 52 L0 52 | M26 52 L60 100
S: M60 17 C53 5 43 0 32 0 C15 0 4 10 4 25 C4 40 17 45 32 49 C49 54 62 60 62 76 C62 91 49 100 32 100 C18 100 7 95 1 83
T: M34 0 L34 100 | M0 0 L68 0
U: M0 0 L0 67 A32 33 0 0 0 64 67 L64 0
V: M0 0 L34 100 L68 0
W: M0 0 L25 100 L50 0 L75 100 L100 0
X: M0 0 L62 100 | M62 0 L0 100
Y: M0 0 L33 50 | M66 0 L33 50 L33 100
Z: M0 0 L60 0 L0 100 L60 100`
const SMALL = `
a: M46.7 62.5 A25 25 0 1 0 50 75 L50 50 L50 100
b: M0 0 L0 100 L0 75 A25 25 0 0 1 50 75 A25 25 0 0 1 0 75
c: M46.7 62.5 A25 25 0 1 0 46.7 87.5
d: M46.7 62.5 A25 25 0 1 0 50 75 L50 0 L50 100
e: M0 75 L50 75 A25 25 0 1 0 46.7 87.5
f: M44 15 C41 5 35 0 29 0 C19 0 15 8 15 22 L15 100 | M0 50 L34 50
g: M46.7 62.5 A25 25 0 1 0 50 75 L50 50 L50 126 C50 142 41 150 26 150 C16 150 8 146 3 138
h: M0 0 L0 100 L0 74 A23 24 0 0 1 46 74 L46 100
i: M0 50 L0 100 | M0 29 L0 29
j: M30 50 L30 128 C30 143 23 150 12 150 C7 150 3 149 0 146 | M30 29 L30 29
k: M0 0 L0 100 | M38 50 L0 78 | M11 70 L42 100
l: M0 0 L0 100
m: M0 50 L0 100 L0 71 A20 21 0 0 1 40 71 L40 100 L40 71 A20 21 0 0 1 80 71 L80 100
n: M0 50 L0 100 L0 74 A23 24 0 0 1 46 74 L46 100
o: M46.7 62.5 A25 25 0 0 0 3.3 87.5 A25 25 0 0 0 46.7 62.5
p: M0 50 L0 150 L0 75 A25 25 0 0 1 50 75 A25 25 0 0 1 0 75
q: M46.7 62.5 A25 25 0 1 0 50 75 L50 50 L50 150 L62 139
r: M0 50 L0 100 L0 73 C2 59 11 50 23 50 C28 50 33 52 36 56
s: M40 60 C36 53 29 50 22 50 C11 50 3 55 3 63 C3 71 11 73 22 75 C34 77 42 80 42 88 C42 96 33 100 22 100 C12 100 5 97 0 90
t: M20 16 L20 100 | M0 50 L40 50
u: M0 50 L0 76 A23 24 0 0 0 46 76 L46 50 L46 100
v: M0 50 L22 100 L44 50
w: M0 50 L18 100 L36 50 L54 100 L72 50
x: M0 50 L42 100 | M42 50 L0 100
y: M0 50 L23 100 | M46 50 L2 150
z: M0 50 L42 50 L0 100 L42 100`
const NUMERALS = `
0: M32 0 A32 50 0 1 0 32 100 A32 50 0 1 0 32 0
1: M0 0 L0 100
2: M4 24 C7 9 18 0 32 0 C49 0 60 11 60 27 C60 45 42 60 2 100 L62 100
3: M4 15 C11 5 21 0 32 0 C48 0 58 9 58 24 C58 39 47 47 28 47 C50 47 62 57 62 73 C62 90 48 100 32 100 C18 100 8 95 2 85
4: M10 0 L0 58 L62 58 | M46 0 L46 100
5: M8 0 L4 44 C11 38 20 35 30 35 C50 35 62 48 62 67 C62 87 48 100 30 100 C17 100 7 95 1 86 | M8 0 L56 0
6: M46 2 C18 14 2 40 2 69 C2 88 14 100 32 100 C50 100 62 88 62 71 C62 54 50 42 33 42 C17 42 5 52 2 69
7: M0 0 L60 0 L20 100
8: M56 14 C50 4 42 0 32 0 C16 0 6 10 6 24 C6 40 20 46 32 50 C48 55 62 61 62 77 C62 91 49 100 32 100 C15 100 2 91 2 77 C2 61 16 55 32 50 C46 45 58 39 58 24 C58 20 57.5 17 56 14
9: M57 18 C53 7 43 0 31 0 C14 0 2 12 2 29 C2 46 14 58 30 58 C46 58 58 46 58 29 L58 100`
/** Signs that names have. */
const SIGNS = `
-: M0 75 L34 75
': M6 0 L0 20
.: M0 99 L0 99`
/** Marks over and under letters, for the middle of a letter at 0; over a small letter as they stand, over a capital higher. */
const MARKS: Record<string, string> = {
  '\u0300': 'M-10 18 L6 34',
  '\u0301': 'M10 18 L-6 34',
  '\u0302': 'M-12 34 L0 18 L12 34',
  '\u030c': 'M-12 18 L0 34 L12 18',
  '\u0303': 'M-15 30 C-9 18 -4 22 0 26 C4 30 9 34 15 22',
  '\u0304': 'M-14 28 L14 28',
  '\u0306': 'M-12 20 C-9 34 9 34 12 20',
  '\u0307': 'M0 29 L0 29',
  '\u0308': 'M-10 29 L-10 29 | M10 29 L10 29',
  '\u030a': 'M0 18 A8 8 0 1 0 0 34 A8 8 0 1 0 0 18',
  '\u0327': 'M2 100 C12 106 12 120 -4 120',
  '\u0328': 'M4 100 C-6 108 -4 120 10 118',
}

/** A letter as it is written: the paths of its strokes, and how wide it is. */
export interface LetterStrokes {
  strokes: readonly string[]
  width: number
}

/** The ends of what a path says, without its curves: wide enough for letters, whose curves end where they are widest. */
function widthOf(strokes: readonly string[]): number {
  let most = 0
  for (const stroke of strokes)
    for (const [, command, numbers] of stroke.matchAll(/([MLCA])([^MLCA]*)/g)) {
      const values = numbers.trim().split(/\s+/).map(Number)
      if (command === 'A') most = Math.max(most, values[5])
      else for (let i = 0; i < values.length; i += 2) most = Math.max(most, values[i])
    }
  return most
}
const strokesOf = (line: string): string[] => line.split('|').map((one) => one.trim())

/** Letters whose curves go beyond their ends. */
const WIDER: Record<string, number> = { C: 72, D: 68, G: 80, O: 80, Q: 82, B: 56, P: 54, R: 60, a: 50, c: 47, d: 50, e: 50, o: 50, 0: 64 }

export const STROKES: ReadonlyMap<string, LetterStrokes> = new Map(
  (CAPITALS + SMALL + NUMERALS + SIGNS)
    .trim()
    .split('\n')
    .map((line) => {
      const letter = line[0]
      const strokes = strokesOf(line.slice(2))
      return [letter, { strokes, width: WIDER[letter] ?? widthOf(strokes) }]
    }),
)
/** The strokes of a mark that stands over or under a letter, by its combining sign. */
export const MARK_STROKES: ReadonlyMap<string, readonly string[]> = new Map(
  Object.entries(MARKS).map(([sign, strokes]) => [sign, strokesOf(strokes)]),
)
