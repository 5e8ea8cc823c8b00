import { formOf, list, plural } from "../../words/format";

/** The words of a quiz show's boards. */
export const boardWords = {
  board: {
    label: "How the questions are laid out",
    come: "The questions come",
    kinds: {
      line: "one after another.",
      trail: "from markers on your picture.",
      climb: "as steps of a climb.",
    } as Record<string, string>,
    steps: "It has",
    stepsLabel: "Number of steps",
    stepsAnd: "steps;",
    riseLabel: "How the worth grows",
    rises: {
      even: "each is worth the same more than the one below.",
      doubling: "each is worth twice the one below.",
      own: "each is worth what I write.",
    } as Record<string, string>,
    stepWorth: (n: number) => `Worth of step ${n}`,
    rests: "Resting places:",
    restsAt: (steps: number[]) =>
      steps.length === 0
        ? "none"
        : `${formOf(steps.length, "step", "steps")} ${list(steps.map(String))}`,
    restLabel: (n: number) => `Step ${n} is a resting place`,
    miss: "A miss",
    missLabel: "What a miss leads to",
    misses: {
      rest: "goes back to the last resting place.",
      end: "ends the climb at the last resting place.",
    } as Record<string, string>,
    teamsMiss: "Teams go on after a miss.",
    locks: "A marker locks",
    locksLabel: "When a marker locks",
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
    board: "The picture. Press where the next marker belongs; drag a marker to move it.",
    marker: (n: number, text: string) =>
      `Marker ${n}: ${text || "no question yet"}. Arrow keys move it, Delete takes it away.`,
    layNext: (n: number) => `Press the picture where question ${n} belongs.`,
    layNew: "Press the picture for one more question.",
    full: "All 40 markers are laid.",
    layAll: "Lay the rest",
    more: "Markers",
    path: "Space along a path",
    pathHow: "Draw the path over the picture. Esc leaves everything as it was.",
    clear: "Remove all markers",
    count: (laid: number, questions: number) => `${laid} of ${plural(questions, "marker")} laid`,
    play: "Pick a marker",
    list: "The markers as a list",
    moreThere: "There is more of it: move the picture, or use the list.",
    zoomIn: "Closer",
    zoomOut: "Farther",
    nothing: "The picture comes here. Until then the markers stand on plain ground.",
    pick: (n: number, state: string) => `Question ${n}: ${state}`,
  },
  climb: {
    at: (step: number, of: number) =>
      step === 0 ? `At the foot of ${of} steps` : `On step ${step} of ${of}`,
    atShort: (step: number) => (step === 0 ? "at the foot" : `step ${step}`),
    step: (n: number, worth: number, rest: boolean) =>
      `Step ${n}, ${plural(worth, "point")}${rest ? ", a resting place" : ""}`,
    kept: (step: number) =>
      step === 0 ? "A miss leads back to the foot." : `A miss leads back to step ${step}.`,
    keptEnds: (step: number) =>
      step === 0 ? "A miss ends the climb." : `A miss ends the climb on step ${step}.`,
    wonAt: (step: number, of: number, worth: number) =>
      `Up to step ${step} of ${of}: ${plural(worth, "point")}.`,
    lost: (step: number, of: number) =>
      step === 0
        ? "Not this time — back at the foot of the climb"
        : `Not this time — you got to step ${step} of ${of}`,
    needed: (step: number) => `Step ${step} wins.`,
  },
};
