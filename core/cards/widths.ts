/**
 * How wide the letters of the shipped font are, in thousandths of its size: what is printed is laid out without a browser.
 * Read from the font's own files; widths.test.ts holds that they are the same.
 */
const FIRST =
  ' !"#$%&\u0027()*+,-./01' +
  '23456789:;<=>?@ABC' +
  'DEFGHIJKLMNOPQRSTU' +
  'VWXYZ[\u005c]^_`abcdefg' +
  'hijklmnopqrstuvwxy' +
  'z{|}~\u00a0\u00a1\u00a2\u00a3\u00a4\u00a5\u00a6\u00a7\u00a8\u00a9\u00aa\u00ab\u00ac' +
  '\u00ae\u00af\u00b0\u00b1\u00b2\u00b3\u00b4\u00b6\u00b7\u00b8\u00b9\u00ba\u00bb\u00bc\u00bd\u00be\u00bf\u00c0' +
  '\u00c1\u00c2\u00c3\u00c4\u00c5\u00c6\u00c7\u00c8\u00c9\u00ca\u00cb\u00cc\u00cd\u00ce\u00cf\u00d0\u00d1\u00d2' +
  '\u00d3\u00d4\u00d5\u00d6\u00d7\u00d8\u00d9\u00da\u00db\u00dc\u00dd\u00de\u00df\u00e0\u00e1\u00e2\u00e3\u00e4' +
  '\u00e5\u00e6\u00e7\u00e8\u00e9\u00ea\u00eb\u00ec\u00ed\u00ee\u00ef\u00f0\u00f1\u00f2\u00f3\u00f4\u00f5\u00f6' +
  '\u00f7\u00f8\u00f9\u00fa\u00fb\u00fc\u00fd\u00fe\u00ff\u0102\u0131\u0152\u0153\u02c6\u02da\u02dc\u0300\u0301' +
  '\u0303\u0304\u0308\u2013\u2014\u2018\u2019\u201a\u201c\u201d\u201e\u2022\u2026\u2039\u203a\u2044\u20ac\u2122' +
  '\u2212\u2215'
/** Letters that stand in the second file of the font. */
const SECOND =
  '\u0100\u0101\u0103\u0104\u0105\u0106\u0107\u010a\u010b\u010c\u010d\u010e\u010f\u0110\u0111\u0112\u0113\u0116' +
  '\u0117\u0118\u0119\u011a\u011b\u011e\u011f\u0120\u0121\u0122\u0123\u0126\u0127\u012a\u012b\u012e\u012f\u0130' +
  '\u0132\u0133\u0136\u0137\u0139\u013a\u013b\u013c\u013d\u013e\u0141\u0142\u0143\u0144\u0145\u0146\u0147\u0148' +
  '\u0150\u0151\u0154\u0155\u0158\u0159\u015a\u015b\u015e\u015f\u0160\u0161\u0162\u0163\u0164\u0165\u016a\u016b' +
  '\u016e\u016f\u0170\u0171\u0172\u0173\u0174\u0175\u0176\u0177\u0178\u0179\u017a\u017b\u017c\u017d\u017e\u0192' +
  '\u0218\u0219\u021a\u021b\u0237\u02c7\u02c9\u02dd\u1e80\u1e81\u1e82\u1e83\u1e84\u1e85\u1e9e\u1ef2\u1ef3\u2020' +
  '\u20b9\u2113'
const PLAIN =
  '280 286 301 651 592 919 731 160 299 299 485 606 210 362 210 387 648 407 548 576 614 588 598 510 615 595 210 ' +
  '210 553 628 553 480 778 626 613 645 669 569 552 694 694 392 512 631 541 824 693 714 592 724 614 592 558 690 ' +
  '593 856 623 575 607 317 387 344 552 372 243 525 566 485 564 538 314 558 550 252 245 492 262 845 550 548 566 ' +
  '574 349 471 326 540 461 684 481 449 460 344 237 344 555 280 286 485 610 580 575 237 528 368 798 371 562 602 ' +
  '798 356 352 579 382 383 243 509 240 265 256 380 562 816 820 867 450 626 626 626 626 626 626 891 645 569 569 ' +
  '569 569 392 392 392 392 689 693 714 714 714 714 714 532 714 690 690 690 690 575 592 582 525 525 525 525 525 ' +
  '525 866 485 538 538 538 538 252 252 252 266 565 550 548 548 548 548 548 606 548 540 540 540 540 449 566 449 ' +
  '626 252 1006 924 403 298 409 0 0 0 0 0 504 824 236 236 236 399 399 399 438 670 353 353 586 664 874 606 598 626 ' +
  '525 525 626 525 645 485 645 485 645 485 669 634 689 564 569 538 569 538 569 538 569 538 694 558 694 558 694 ' +
  '558 694 550 392 252 392 252 392 904 497 631 492 541 262 541 262 541 317 571 296 693 550 693 550 693 550 714 ' +
  '548 614 349 614 349 592 471 592 471 592 471 558 326 558 326 690 540 690 540 690 540 690 540 856 684 575 449 ' +
  '575 607 460 607 460 607 460 324 592 471 558 326 245 403 356 388 856 684 856 684 856 684 656 575 449 541 554 ' +
  '450'
const STRONG =
  '312 303 390 765 610 969 725 210 335 335 485 595 271 373 272 440 659 440 579 600 624 607 626 537 624 571 272 ' +
  '272 569 612 569 547 781 678 643 658 688 597 566 718 701 424 561 663 552 858 717 746 629 756 650 610 607 686 ' +
  '644 886 685 650 618 340 440 344 582 400 288 552 596 510 596 563 365 593 571 300 259 555 318 882 571 576 596 ' +
  '599 376 508 376 567 530 740 539 521 505 381 254 381 537 312 303 510 634 593 650 254 555 432 798 390 649 615 ' +
  '798 383 394 611 402 407 288 521 294 297 284 403 649 846 852 921 526 678 678 678 678 678 678 966 658 597 597 ' +
  '597 597 424 424 424 424 708 717 746 746 746 746 746 536 746 686 686 686 686 650 629 621 552 552 552 552 552 ' +
  '552 878 510 563 563 563 563 300 300 300 314 588 571 576 576 576 576 576 595 576 567 567 567 567 521 596 521 ' +
  '678 300 1024 936 468 343 450 0 0 0 0 0 501 832 269 269 269 479 479 479 438 780 394 394 617 678 942 595 641 678 ' +
  '552 552 678 552 658 510 658 510 658 510 688 694 708 596 597 563 597 563 597 563 597 563 718 593 718 593 718 ' +
  '593 701 571 424 300 424 300 424 985 559 663 555 552 318 552 318 552 365 582 348 717 571 717 571 717 571 746 ' +
  '576 650 376 650 376 610 508 610 508 610 508 607 376 607 376 686 567 686 567 686 567 686 567 886 740 650 521 ' +
  '650 618 505 618 505 618 505 375 610 508 607 376 259 468 383 481 886 740 886 740 886 740 682 650 521 582 622 ' +
  '494'

export type Weight = 400 | 700
const numbers = (text: string): number[] => text.split(' ').map(Number)
const table = (widths: readonly number[]): ReadonlyMap<string, number> =>
  new Map([...(FIRST + SECOND)].map((letter, i) => [letter, widths[i]]))
const WIDTHS: Record<Weight, ReadonlyMap<string, number>> = { 400: table(numbers(PLAIN)), 700: table(numbers(STRONG)) }
const SECOND_FILE = new Set(SECOND)
/** What a letter takes that the font lacks: it is said by name, and prints as a box. */
const UNKNOWN = 600

/** Height of a capital and of a small x, and of the line, over the size of the text. */
export const CAP = 0.668
export const LINE = 1.2

/** The letters of a text that the shipped font does not have, each once. */
export const lettersMissing = (text: string): string[] => [
  ...new Set([...text.normalize('NFC')].filter((letter) => letter.trim() && !WIDTHS[400].has(letter))),
]
/** Whether a letter stands in the second file of the font. */
export const inSecondFile = (letter: string): boolean => SECOND_FILE.has(letter)

/**
 * How wide a line of text is.
 *
 * @param size in any unit, above 0
 * @returns in the same unit
 */
export function textWidth(text: string, size: number, weight: Weight = 400): number {
  let width = 0
  for (const letter of text) width += WIDTHS[weight].get(letter) ?? UNKNOWN
  return (width * size) / 1000
}

/** Words in lines of a width; a word that is longer than a line is broken where the line ends. */
export function linesOf(text: string, width: number, size: number, weight: Weight = 400): string[] {
  const lines: string[] = []
  let line = ''
  const fits = (next: string) => textWidth(next, size, weight) <= width
  for (const word of text.trim().split(/\s+/)) {
    const next = line ? `${line} ${word}` : word
    if (fits(next)) {
      line = next
      continue
    }
    if (line) lines.push(line)
    line = ''
    for (const letter of word) {
      if (line && !fits(line + letter)) {
        lines.push(line)
        line = ''
      }
      line += letter
    }
  }
  if (line) lines.push(line)
  return lines
}

/** A step smaller, while a text does not fit. */
const SMALLER = 0.93
/** No text becomes smaller than this, in mm: what still does not fit then is a fault that is named beforehand. */
export const LEAST_TEXT = 1.6

/**
 * The largest size at which a text fits a box.
 *
 * @param most size in mm at which it starts
 * @returns the size, and its lines; at {@link LEAST_TEXT} it may be higher than the box
 */
export function fitText(
  text: string,
  box: { width: number; height: number },
  most: number,
  weight: Weight = 400,
  mostLines = 3,
): { size: number; lines: string[] } {
  let size = Math.min(most, box.height / LINE)
  for (;;) {
    const lines = linesOf(text, box.width, size, weight)
    // A word is broken only where it cannot be smaller.
    const whole = lines.join(' ') === text.trim().replace(/\s+/g, ' ')
    const fits = lines.length <= mostLines && lines.length * size * LINE <= box.height + 1e-6
    if ((fits && whole) || size <= LEAST_TEXT) return { size, lines }
    size = Math.max(LEAST_TEXT, size * SMALLER)
  }
}
