import { formOf, list, plural } from "../../words/format";

/** The words of a quiz show's boards. */
export const boardWords = {
  board: {
    label: "How the questions are laid out",
    come: "The questions come",
    kinds: {
      line: "one after another.",
      trail: "from pegs on your picture.",
      climb: "as steps of a climb.",
    } as Record<string, string>,
    steps: "It has",
    stepsLabel: "Number of steps",
    stepsAnd: "steps;",
    riseLabel: "How the worth grows",
    rises: {
      even: "each is worth the same amount more than the one below.",
      doubling: "each is worth a little more than the last.",
      own: "each is worth what I write.",
    } as Record<string, string>,
    stepWorth: (n: number) => `Worth of step ${n}`,
    rests: "Camps:",
    restsAt: (steps: number[]) =>
      steps.length === 0
        ? "none"
        : `${formOf(steps.length, "step", "steps")} ${list(steps.map(String))}`,
    restLabel: (n: number) => `Step ${n} is a camp`,
    miss: "A wrong answer",
    missLabel: "What a wrong answer leads to",
    misses: {
      rest: "takes you back to the last camp.",
      end: "ends the climb at the last camp.",
    } as Record<string, string>,
    teamsMiss: "Teams carry on after a wrong answer.",
    locks: "A peg locks",
    locksLabel: "When a peg locks",
    lockWhen: {
      answered: "once it is answered.",
      right: "only once it is right.",
    } as Record<string, string>,
    climbWins: (step: number, of: number, worth: number) =>
      step === 0
        ? " — everybody wins."
        : ` of the top — that is step ${step} of ${of}, worth ${worth}.`,
    firstStep: "The first step is worth",
  },
  trail: {
    title: "Picture",
    describe: "What the picture shows",
    board: "The picture. Press where the next peg belongs; drag a peg to move it.",
    marker: (n: number, text: string) =>
      `Peg ${n}: ${text || "no question yet"}. Arrow keys move it, Delete removes it.`,
    layNext: (n: number) => `Press the picture where question ${n} belongs.`,
    layNew: "Press the picture for one more question.",
    full: "All 40 pegs are placed.",
    layAll: "Place the rest",
    more: "Pegs",
    path: "Space along a path",
    pathHow: "Draw the path over the picture. Esc cancels.",
    clear: "Remove all pegs",
    count: (laid: number, questions: number) => `${laid} of ${plural(questions, "peg")} placed`,
    play: "Pick a peg",
    list: "The pegs as a list",
    moreThere: "There is more of it: move the picture, or use the list.",
    zoomIn: "Closer",
    zoomOut: "Farther",
    nothing: "The picture goes here. Until then the pegs stand on plain ground.",
    pick: (n: number, state: string) => `Question ${n}: ${state}`,
  },
  climb: {
    at: (step: number, of: number) =>
      step === 0 ? `At the foot of ${of} steps` : `On step ${step} of ${of}`,
    atShort: (step: number) => (step === 0 ? "at the foot" : `step ${step}`),
    step: (n: number, worth: number, rest: boolean) =>
      `Step ${n}, ${plural(worth, "point")}${rest ? ", a camp" : ""}`,
    kept: (step: number) =>
      step === 0
        ? "A wrong answer takes you back to the foot."
        : `A wrong answer takes you back to step ${step}.`,
    keptEnds: (step: number) =>
      step === 0
        ? "A wrong answer ends the climb."
        : `A wrong answer ends the climb on step ${step}.`,
    wonAt: (step: number, of: number, worth: number) =>
      `Up to step ${step} of ${of}: ${plural(worth, "point")}.`,
    lost: (step: number, of: number) =>
      step === 0
        ? "Not this time — back at the foot of the climb"
        : `Not this time — you got to step ${step} of ${of}`,
    needed: (step: number) => `Step ${step} wins.`,
  },
};
