import type { SheetLine } from "../../questions/questionsOf";
import { plural } from "../../words/format";

/** What the teacher reads while she writes a picture reveal. */
export const sheetWords = {
  picture: "The hidden picture",
  first:
    "Choose the picture that the class is to guess, drop it here, or paste it. Only you have it until it is lifted: learners’ devices are sent the lifted pieces alone.",
  ownDevice: "On your own devices, in Present and here, the whole picture lies under the paper.",
  alt: "What it shows, read out once it is uncovered",
  said: "Describe the hidden picture for those who can’t see it",
  saidPlaceholder: "without telling what it is",
  cut: "Cut into",
  even: "of equal size",
  uneven: "pieces that show about as much each",
  cutLabel: "How the picture is cut",
  rows: "Rows",
  columns: "Columns",
  pieces: "Number of pieces",
  by: (rows: number) => (rows === 1 ? "row and" : "rows and"),
  columnsOf: (columns: number) => (columns === 1 ? "column" : "columns"),
  guard: "Hard questions on the pieces that give most away",
  guardHow: "The last question counts as the hardest.",
  guardAsShown: "The same, going by past games",
  guardAsShownHow: "The question that fewest got right counts as the hardest.",
  telling: "The darker a piece, the more of the picture it gives away.",
  bareAfter: (lifted: number, least: number, most: number) =>
    `After ${plural(lifted, "piece")} ${least === most ? least : `${least} to ${most}`}% of the detail is uncovered.`,
  piece: (n: number, share?: number) =>
    `Piece ${n}${share === undefined ? "" : `, ${share}% of the detail`}`,
  pieceTitle: (n: number, share?: number) =>
    `Piece ${n}${share === undefined ? "" : ` · ${share}% of the detail`}`,
  lifts: "Lifted by",
  next: (n?: number) =>
    n === undefined ? "the next question that is free" : `the next that is free (question ${n})`,
  none: "no question: it stays",
  question: (line: SheetLine | undefined, text: string) =>
    line?.number === undefined ? `${line?.name ?? ""}: ${text}` : `${line.number} ${text}`,
  pieceSaid: "What is to be seen there, said once it is lifted",
  answers: "What it is",
  answersNone: "not written yet",
  answersHow: "Every name that a guess may use",
  answer: (n: number) => `Right guess ${n}`,
  answerAdd: "what the picture shows",
  answerMore: "another word for it",
  tryLabel: "Try a guess",
  rules: {
    pieceWorth: "Each question is worth",
    guess:
      "Under each piece lies a question; a right answer lifts it. A right guess at the whole picture wins: it earns",
    firstLabel: "Worth of a guess before any piece is lifted",
    less: "points straight away,",
    lessLabel: "Less for each lifted piece",
    lessFor: "less for each lifted piece.",
    may: "They may guess",
    mostLabel: "How often they may guess",
    often: { any: "as often as they like.", some: "at most" },
    mostNumber: "Number of guesses",
    times: (n: number) => (n === 1 ? "time." : "times."),
    without: "Without a right guess",
    withoutLabel: "What happens without a right guess",
    withouts: { lost: "it is lost.", pieces: "the pass mark over the questions decides." },
    teams: "A guess comes from",
    teamsLabel: "Which team may guess",
    guessers: { turn: "the team whose turn it is.", any: "any team; you say which." },
    piecesWin: (right: number, of: number) => ` — that is ${right} of ${of}.`,
    passes: (right: number, of: number) => `a right guess, or ${right} of ${of} right`,
  },
};

/** What readiness finds in a picture reveal alone. */
export const revealFindings: Record<string, (values: string[]) => string> = {
  "reveal-no-picture": () => "There is no picture yet.",
  "reveal-no-answer": () => "No guess is right yet: say what the picture shows.",
  "reveal-without-question": ([n]) =>
    `${plural(Number(n), "piece has", "pieces have")} no question, and ${n === "1" ? "stays" : "stay"} until the end.`,
  "reveal-empty-question": ([piece]) =>
    `This question is empty, and piece ${piece} waits for it: the piece stays covered.`,
  "reveal-without-piece": () => "This question lifts no piece, so it is never asked.",
  "reveal-given-away": ([answer]) => `“${answer}” is said here before it is guessed.`,
  "reveal-shown-elsewhere": () => "The hidden picture is in this question as well.",
  "reveal-too-small": ([side, least]) =>
    `A piece is ${side} pixels narrow; from the back row it takes ${least}.`,
  "reveal-worthless": ([lifted, of]) =>
    `After ${lifted} of ${of} pieces a right guess earns nothing more.`,
};

/** What is done about it. */
export const revealMends: Record<string, (values: string[]) => string> = {
  "reveal-without-question": () => "Let the questions lift them, too",
};
