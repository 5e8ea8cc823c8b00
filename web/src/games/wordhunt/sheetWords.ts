import { lasting, oneIn, plural } from "../../words/format";

/** What the teacher reads while she writes a word hunt. */
export const sheetWords = {
  title: (n: number) => `Sheet · ${plural(n, "thing")} to find`,
  alt: "Describe it for those who can’t see it",
  altPlaceholder: "without naming what is to be found",
  text: "Text or sound",
  textPlaceholder: "What is read or heard, if anything",
  names: "Name",
  namePlaceholder: "what it is called",
  othersPlaceholder: "other names, with commas",
  name: (n: number) => `Name of thing ${n}`,
  other: (n: number) => `Other names of thing ${n}`,
  places: "Places on the picture",
  noPlace: "Remove its place",
  worth: (n: number) => `Worth of thing ${n}`,
  worthOwn: "Worth",
  remove: (n: number) => `Remove thing ${n}`,
  add: "Another thing",
  full: "There is room for 60 things.",
  paste: "Paste a list: one thing to a line, its other names after commas.",
  forms: { rectangle: "Box", ellipse: "Oval", polygon: "Corners" },
  drawing: {
    rectangle: (name: string) => `Draw a box round ${name}. Esc cancels.`,
    ellipse: (name: string) => `Draw an oval round ${name}. Esc cancels.`,
    polygon: (name: string) =>
      `Press corner by corner round ${name}, then the first again, or Enter. Esc cancels.`,
  },
  drawFor: (name: string) => `Where is ${name}? Choose a form and draw it.`,
  thisThing: "this thing",
  decoys: "Decoys for the list",
  decoysHow: "Names that are not there, one to a line.",
  thinking: { thing: "Spotting and typing a thing" },
  item: (n: number) => `Thing ${n}`,
  blankHow: "Name one thing and the game starts here.",
  left: (found: number, of: number) => `with ${found} of ${of} found`,
  rules: {
    find: (n: number) =>
      n === 1 ? "To find the one thing, they have" : `To find all ${n} things, they have`,
    entriesLabel: "Whether goes are counted",
    upTo: "up to",
    any: "any number of",
    entriesNumber: "Number of goes",
    entries: (n?: number) => (n === 1 ? "go." : "goes."),
    each: "Each find is worth",
    worthLabel: "Points of each find",
    points: (n: number) => (n === 1 ? "point." : "points."),
    listShows: "The list shows",
    listLabel: "What the list shows",
    lists: {
      blanks: "a blank for each letter.",
      "first-letters": "first letters and blanks.",
      "how-many": "only how many there are.",
    },
    slip: "A spelling slip in a name",
    slipLabel: "What one slip in a name comes to",
    slips: {
      free: "is pointed out, and costs nothing.",
      costs: "is pointed out, and costs a go.",
      none: "counts as wrong.",
      right: "is forgiven.",
    },
    same: "Things with the same name",
    sameLabel: "How things of one name are found",
    sames: { together: "are found together.", single: "are found one by one." },
    letter: "A letter",
    letterLabel: "What a letter of a name costs",
    letters: {
      none: "is never shown.",
      free: "may be shown for nothing.",
      price: "may be shown for",
    },
    priceLabel: "What a letter takes from the find, in points",
    lessPoints: (n: number) => (n === 1 ? "point of its find." : "points of its find."),
    spell: "Learners who need help with spelling",
    spellLabel: "Who may pick from a list",
    spells: { types: "types as well.", picks: "may pick from a list." },
    clock: "There is",
    clockLabel: "The clock",
    clocks: { none: "no clock.", game: "a clock of" },
    clockSeconds: "Time on the clock",
    again: "They may start again",
    againLabel: "Whether they may start again while they play",
    agains: { any: "at any time.", end: "once it has ended." },
    giveAway: "What was missed",
    giveAwayLabel: "Whether what was missed is shown",
    gives: { end: "is shown at the end.", never: "is not shown." },
    turns: {
      "in-order": "take turns in order, each with its own goes.",
      "by-teacher": "call out, and I press who said it.",
    } as Record<string, string>,
    wins: "Finding everything wins; running out of goes loses.",
  },
};

/** What readiness finds in a word hunt alone. */
export const huntFindings: Record<string, (values: string[]) => string> = {
  "no-things": () => "There is nothing to find yet. Write the name of a thing.",
  "nothing-shown": () => "There is no picture, no text and no sound to look for things in.",
  "no-name": () => "This thing has no name, so nobody can find it. It is left out.",
  "few-entries": ([entries, needed]) =>
    `${plural(Number(entries), "go", "goes")} for ${plural(Number(needed), "find")}: nobody can find everything.`,
  "same-name": ([other, name]) =>
    `“${name}” is also a name of ${other}. One go finds both, or only the first.`,
  "slip-name": ([name, other]) =>
    `“${name}” is one slip away from “${other}”: a slip in one may count as the other.`,
  "short-clock": ([seconds, needed]) =>
    `The clock gives ${lasting(seconds)}; spotting and typing everything takes about ${lasting(needed)}.`,
  "description-tells": ([name]) =>
    `The description of the picture names “${name}”, so nobody who hears it needs to look for that.`,
  "place-without-picture": () => "This thing has a place, but there is no picture.",
  "decoy-is-name": ([decoy]) => `The decoy “${decoy}” is the name of a thing.`,
  "no-decoys": () => "The list to pick from has no decoys: picking all of it finds everything.",
  "picking-wins": ([chance]) =>
    `Picking from the list by chance finds everything ${oneIn(Number(chance))}. More decoys or fewer goes help.`,
};

export const huntMends: Record<string, (values: string[]) => string> = {
  "no-name": () => "Remove it",
  "few-entries": ([, needed]) => `Allow ${needed}`,
  "same-name": () => "Find them one by one",
};
