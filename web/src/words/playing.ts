import type { Counted, Moved, PassMark, Scorecard, State, Terms } from "../generated/types";
import { formOf, plural } from "./format";

/** Of how many it is said whether they are right; of games that were kept earlier, without those handed in. */
const markedOf = ({ marked, asked, given }: Scorecard) => marked ?? asked - given;

/** “7 of 10 right”: of what is marked; what was only handed in stands beside it. */
const ofMarked = (score: Scorecard) => `${score.right} of ${markedOf(score)}`;

/** The words of a game as it is played. */
export const playing = {
  game: {
    start: "Start",
    unfinished: "This question can’t be answered yet.",
    passOver: "Go on",
    answer: "Answer",
    next: "Next",
    toEnd: "See how it went",
    again: "Play again",
    startAgain: "Start again",
    startAgainAsk: "You start from the beginning. Your teacher keeps what you have done so far.",
    keepPlaying: "Keep playing",
    answers: "See the answers",
    hideAnswers: "Hide the answers",
    truth: ["True", "False"],
    chosen: "chosen",
    right: "Right",
    rightMark: "right",
    wrong: "Not this one",
    wrongMark: "not this one",
    options: "Options",
    /** Beside a number that stands on its own. */
    pointsUnit: (n: number) => formOf(n, "point", "points"),
    plus: (n: number) => `+${plural(n, "point")}`,
    place: (n: number, of: number) => `question ${n} of ${of}`,
    facts: (mark: PassMark, asked: number) =>
      mark.needed === 0
        ? plural(asked, "question")
        : `${plural(asked, "question")} · ${plural(mark.needed, "point")} to win`,
    closedTitle: "This game has ended",
    closed: (stands: string) =>
      `Bravium was updated while it was open. What you did is kept${stands}. Play again to start a new one.`,
    atClosing: (stands: string) => `It has closed. What you did is kept${stands}.`,
    /** How it stood, behind what is kept. */
    stands: (score: Scorecard) => `: ${ofMarked(score)} right`,
    won: "You did it!",
    madeIt: "You made it",
    lost: (score: Scorecard) => `Not this time — you got ${ofMarked(score)}`,
    /** At the front what was only talked through stands where a learner hands something in. */
    rightOf: (score: Scorecard, front = false) =>
      [
        markedOf(score) > 0 || score.given === 0 ? `${ofMarked(score)} right` : "",
        score.partly > 0 ? `${score.partly} partly` : "",
        score.given > 0 ? `${score.given} ${front ? "shown" : "handed in"}` : "",
      ]
        .filter(Boolean)
        .join(", "),
    needed: (points: number, needed: number) => `${plural(points, "point")}. You needed ${needed}.`,
    usual: { right: "Well done.", wrong: "The right one is marked." },
    markers: {
      "to-do": "to do",
      now: "now",
      right: "right",
      wrong: "not right",
      partly: "partly right",
      missed: "not answered",
      retry: "can be tried again",
      given: "handed in",
    } satisfies Record<State, string>,
    /** The same of what is no question but found. */
    items: { right: "found", missed: "not found" } as Partial<Record<State, string>>,
    marker: (n: number, state: State) => `${n}: ${playing.game.markers[state]}`,
    progress: (score: Scorecard, now?: number) =>
      [
        `${score.right} right`,
        score.partly > 0 ? `${score.partly} partly` : "",
        `${score.wrong} not`,
        score.missed > 0 ? `${score.missed} not answered` : "",
        now === undefined ? "" : playing.game.place(now, score.asked),
      ]
        .filter(Boolean)
        .join(", "),
    /** Words for what is given as an answer. */
    chooseAll: "Choose all that apply",
    type: "Your answer",
    typeNumber: "Your number",
    typeLowest: "Your number, as a fraction in lowest terms",
    write: "Write what you think",
    yours: "You wrote:",
    gap: (n: number) => `Gap ${n}`,
    gapChoose: "choose",
    put: (card: string, place: string) => `Put ${card} into ${place}`,
    pickedUp: (card: string) => `${card} — picked up, now choose where it goes`,
    bank: "Words to put in",
    cards: "Cards to place",
    allPlaced: "All cards are placed.",
    empty: "put a card here",
    beside: (name: string) => `beside ${name}`,
    nowhere: "In none of them",
    both: (one: string, other: string) => `${one} and ${other}`,
    laid: (card: string, place: string) => `${card} → ${place}`,
    wentBack: "not there, it goes back",
    flapOpen: "The answer is under this flap. Open it.",
    flapShut: "Close the flap",
    asItLies: "It’s right as it is",
    undoStep: "Undo",
    shaded: (n: number, of: number) => `${n} of ${plural(of, "part")} shaded`,
    compared: { less: "less", same: "the same", more: "more" } as Record<string, string>,
    /** What became of the first sorting: “4 cards moved, 3 of them to where they belong.” */
    moved: ({ cards, home, astray }: Moved) => {
      if (cards === 0) return "Since the first time, no card has moved.";
      if (cards === 1) {
        const where = home ? ", to where it belongs" : astray ? ", away from where it belongs" : "";
        return `Since the first time one card has moved${where}.`;
      }
      const homes = home > 0 ? `, ${home} of them to where they belong` : "";
      const lost = astray > 0 ? `, ${astray} away from there` : "";
      return `Since the first time ${cards} cards have moved${homes}${lost}.`;
    },
    counted: ({ scoring, right, of }: Counted) =>
      scoring === "pairs"
        ? `${right} of ${plural(of, "pair")} are in the right order.`
        : scoring === "neighbours"
          ? `${right} of ${plural(of, "neighbour")} are in the right order.`
          : `${right} of ${plural(of, "card")} are in the right place.`,
    up: (card: string) => `${card}: one place up`,
    down: (card: string) => `${card}: one place down`,
    ordered: (card: string, place: number, of: number) => `${card} is now ${place} of ${of}.`,
    pointHow: "Press the place, or move the mark with the arrow keys.",
    pointLabel: (alt: string, x?: number, y?: number) =>
      `${alt || "A picture"}. ${x === undefined || y === undefined ? "Nothing is marked yet." : playing.game.pointedAt(x, y)}`,
    /** As on a map: columns A to J, rows 1 to 10. */
    pointedAt: (x: number, y: number): string =>
      `The mark is in field ${"ABCDEFGHIJ"[Math.min(9, Math.floor(x / 100))]}${Math.min(9, Math.floor(y / 100)) + 1}.`,
    partRight: "right here",
    partWrong: "not here",
    partly: "Partly right",
    outOfTime: "Out of time",
    given: "Handed in",
    usualPartly: "Some of it is right.",
    usualMissed: "Time ran out before you answered.",
    usualGiven: { "free-answer": "Your teacher will mark it.", discussion: "Thank you." } as Record<
      string,
      string
    >,
    usualAgain: "You can try again.",
    usualLater: "It comes back later.",
    usualNothing: "",
    solution: "Right:",
    possible: "A possible answer:",
    tryAgain: "Try again",
    leaveIt: "Leave it",
    goOn: "Go on",
    hint: "Hint",
    hintCosts: (price: number) => `Hint (costs ${plural(price, "point")})`,
    hintNumber: (n: number) => `Hint ${n}:`,
    lives: (n: number): string =>
      n === 0 ? "no mistakes left" : `${plural(n, "mistake")} still allowed`,
    left: (time: string) => `${time} left`,
    timesUp: "Time’s up",
    tenSeconds: "Ten seconds left",
    clockStands: "the clock starts when it’s played",
    bonus: (n: number) => `${n} of them bonus`,
    noAnswer: "no answer",
    others: (n: number) =>
      n === 0
        ? "Nobody else has written yet."
        : `What ${formOf(n, "somebody else", `${n} others`)} wrote`,
    othersUnread: "What the others wrote can’t be shown at the moment.",
    awaiting: (n: number) =>
      `Your teacher still has ${formOf(n, "one answer", `${n} answers`)} to mark. Then you will know.`,
    awaitingTitle: "Handed in",
    timeUp: (score: Scorecard) => `Out of time — you got ${ofMarked(score)}`,
    livesUp: (score: Scorecard) => `You used up your mistakes. ${ofMarked(score)} right.`,
    comment: "Your teacher says:",
    markedAnew: "Marked again by the teacher.",
    fillGaps: "Fill the gaps",
    readAloud: "Read aloud",
    stopReading: "Stop reading",
    /** What a player should know before she begins. */
    termsOf: ({ tries, lives, gameSeconds }: Terms) =>
      [
        tries === undefined ? "tried until right" : tries > 1 ? `up to ${tries} tries each` : "",
        lives === undefined ? "" : playing.game.lives(lives),
        gameSeconds === undefined ? "" : playing.game.clockFact(gameSeconds),
      ]
        .filter(Boolean)
        .join(" · "),
    clockFact: (seconds: number): string =>
      seconds % 60 === 0
        ? `${seconds / 60} min`
        : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")} min`,
  },
};
