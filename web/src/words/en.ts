import type { Activity, Check, Finding, PassMark, Scorecard, State } from "../generated/types";

/** Every word of the interface, in British English. */

const plural = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`;

const findingWords: Record<Check, (values: string[]) => string> = {
  "no-title": () => "The activity has no title yet.",
  "nothing-to-ask": () => "There is nothing to ask yet. Write a question and two options.",
  "empty-question": () => "This question has options but no text. It is left out of the game.",
  "no-options": () => "There is nothing to pick. The question is left out until it has options.",
  "one-option": () => "There is only one option, so nobody can miss it.",
  "empty-option": ([letter]) => `Option ${letter} is empty. It is left out of the game.`,
  "no-right-option": () => "No option is marked right, so nobody can get it right.",
  "two-right-options": ([n]) =>
    `${n} options are marked right, but only one can be picked. Each of them counts as right.`,
  "same-options": ([text]) => `Two options read the same: “${text}”.`,
  "unknown-question": () =>
    "This kind of question comes from a newer version. It is kept, but not asked.",
  "unknown-game": () => "This game comes from a newer version. It is kept, but can’t be played.",
  "asks-too-many": ([asked, there]) =>
    `The rules ask ${asked} questions, but only ${there} can be asked. All of them are.`,
  "no-points": () => "A question is worth 0 points, so everybody wins.",
  "always-won": () => "With a pass mark of 0 % everybody wins.",
  "pass-mark-unreachable": ([needed, reach]) =>
    `Winning takes ${needed} points, but only ${reach} can be reached.`,
  "pass-mark-sometimes-unreachable": ([needed, reach]) =>
    `Winning takes ${needed} points. In an unlucky draw only ${reach} can be reached.`,
};

export const words = {
  name: "Bravium",
  loading: "One moment …",
  places: { activities: "Activities" },
  look: { toNight: "Dark look", toDay: "Light look" },
  close: "Close",
  cancel: "Cancel",
  tryAgain: "Try again",

  offline: "The server can’t be reached. Check the network, then try again.",
  notFound: {
    title: "There is nothing here",
    text: "The address may have a slip in it, or what was here has gone.",
    back: "Back to the start",
  },
  crash: {
    title: "This page has stopped",
    text: "Something in it did not work. What was saved is safe. Reload to go on.",
    reload: "Reload",
  },

  session: {
    title: "Turn your questions into a game",
    text: "Write them down as you would on paper. Beside the page, the game is already there.",
    demo: "Look around as Ms Alder",
    demoNote: "She teaches Hazel class, which keeps a beehive. Everything you change is yours.",
    noDemo: "There are no accounts on this server yet. Start the demo with ./bravium demo.",
    learner: "I have a code",
    signOut: "Sign out",
  },

  activities: {
    title: "Activities",
    new: "New quiz show",
    newTitle: "What should the class do?",
    newText: "Answer questions: start a quiz show on a blank page.",
    ready: "ready for class",
    notReady: (n: number) => `${plural(n, "thing")} to look at first`,
    lookAt: (n: number) => `${n} to look at`,
    untitled: "No title yet",
    kinds: { "quiz-show": "Quiz show" } as Record<string, string>,
    otherKind: "From a newer version",
    facts: (kind: string, questions: number, year?: number) =>
      [kind, plural(questions, "question"), year === undefined ? "" : words.year(year)]
        .filter(Boolean)
        .join(" · "),
    empty: "Nothing here yet. Your first activity takes three questions and five minutes.",
    changed: (when: Date) =>
      `changed ${when.toLocaleDateString("en-GB", { day: "numeric", month: "long" })}`,
  },

  year: (year: number) => (year === 0 ? "Reception" : `Year ${year}`),

  build: {
    back: "Activities",
    title: "Title",
    titlePlaceholder: "Give it a title",
    kind: "Quiz show · line",
    undo: "Undo",
    redo: "Redo",
    present: "Present",
    link: "Link for learners",
    details: "Title page and endings",
    rules: "Rules",
    sheet: (n: number) => `Sheet · ${plural(n, "question")}`,
    keysHint: "keys of this place",
    liveGame: "Live game",
    saving: "saving …",
    saved: (when: Date) =>
      `saved ${when.toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" })}`,
    unsaved: "not saved yet — kept in this tab, trying again",
    notTaken: (reason: string) => `Not saved. ${reason}`,
    conflict: {
      title: "Changed somewhere else",
      text: "This activity was saved from another tab or device in the meantime. Both are kept until you choose.",
      mine: "Keep what is on this page",
      theirs: "Take the other one",
      copy: "Keep mine as a copy",
      copyTitle: (title: string) => `${title} (copy)`,
    },
    show: { sheet: "Write", game: "Play it" },
  },

  details: {
    title: "Title page and endings",
    subject: "Subject",
    year: "Year group",
    noYear: "not said",
    objective: "Learning objective",
    introduction: "Introduction, shown before the game",
    win: "Said at a win",
    lose: "Said at a loss",
    done: "Done",
  },

  rules: {
    ask: "Ask",
    askLabel: "How many questions are asked",
    all: (n: number) => (n === 0 ? "all" : `all ${n}`),
    of: (n: number) => `of ${plural(n, "question")},`,
    questions: (n: number) => (n === 1 ? "question," : "questions,"),
    orderLabel: "Order of the questions",
    orders: { mixed: "in a new order each time", "as-written": "in the order written" },
    withOptions: "with options",
    optionsLabel: "Order of the options",
    optionOrders: { mixed: "mixed", "as-written": "as written" },
    eachWorth: "Each is worth",
    worthLabel: "Points of each question",
    points: "points.",
    winWith: "They win with",
    passMarkLabel: "Pass mark in per cent",
    percent: "%",
    thatIs: (mark: PassMark) => {
      if (mark.asked === 0) return ".";
      if (mark.needed === 0) return " — everybody wins.";
      if (mark.rightNeeded === mark.asked) return ` — that is all ${mark.asked}.`;
      return ` — that is ${mark.rightNeeded} of ${mark.asked}.`;
    },
  },

  sheet: {
    kinds: { "pick-one": "pick one", "true-false": "true / false" } as Record<string, string>,
    kindLabel: "Kind of question",
    question: (n: number) => `Question ${n}`,
    questionPlaceholder: "Ask something",
    statementPlaceholder: "Write something that is true or false",
    option: (letter: string) => `Option ${letter}`,
    first: "an option — just type",
    another: "another option — just type",
    right: "right",
    notRight: "not right",
    markRight: (letter: string) => `Option ${letter} is right`,
    removeOption: (letter: string) => `Remove option ${letter}`,
    isTrue: "It is true",
    isFalse: "It is false",
    ifRight: "If right, say",
    ifWrong: "If not, say",
    feedbackPlaceholder: "the usual words",
    emptyLine: "not written yet",
    noRight: "no right option",
    add: "Another question",
    duplicate: "One more like this",
    remove: "Remove",
    up: "Up",
    down: "Down",
    unknown: "Comes from a newer version; kept as it is.",
  },

  live: {
    sizes: { projector: "Projector", tablet: "Tablet", phone: "Phone" },
    sizeLabel: "Screen",
    aidsLabel: "Test aids",
    jump: "Jump to",
    jumpPlaceholder: "jump to …",
    jumpTo: (n: number, text: string) => `${n}  ${text}`,
    right: "Right",
    wrong: "Wrong",
    win: "To the win",
    loss: "To the loss",
    again: "Again",
    note: "These buttons are yours alone; learners never see them.",
    empty: "Write a question with two options, and the game begins here.",
    cannotLose: "With these rules nobody can lose.",
    cannotWin: "With these rules nobody can win yet.",
    unfinished: "This question can’t be answered yet.",
    passOver: "Go on",
  },

  readiness: {
    label: "Readiness",
    winnable: {
      always: "can be won",
      sometimes: "can’t always be won",
      never: "can’t be won yet",
    },
    passes: (mark: PassMark) =>
      `wins with ${plural(mark.needed, "point")} — ${mark.rightNeeded} of ${mark.asked} right`,
    nothing: "nothing to look at",
    things: (n: number) => `${plural(n, "thing")} to look at`,
    place: (n: number) => `Question ${n}`,
    whole: "The activity",
    finding: (finding: Finding) => findingWords[finding.check](finding.values),
    weights: { stop: "must be mended", look: "worth a look" },
  },

  link: {
    title: "Link for learners",
    text: "Anyone with this link can play on their own device. Nothing is recorded under a name.",
    code: "Code",
    copy: "Copy the link",
    copied: "Copied",
    open: "Open it here",
    qr: "The link as a QR code",
    version: "Learners get what was saved last.",
    network: "The address works for devices in the same network as this computer.",
  },

  game: {
    start: "Start",
    answer: "Answer",
    next: "Next",
    toEnd: "See how it went",
    again: "Play again",
    answers: "See the answers",
    hideAnswers: "Hide the answers",
    truth: { true: "True", false: "False" } as Record<string, string>,
    chosen: "chosen",
    right: "Right",
    rightMark: "right",
    wrong: "Not this one",
    wrongMark: "not this one",
    missed: "Not answered",
    chooseFirst: "Choose an option first",
    options: "Options",
    /** Beside a number that stands on its own. */
    pointsUnit: (n: number) => (n === 1 ? "point" : "points"),
    plus: (n: number) => `+${plural(n, "point")}`,
    place: (n: number, of: number) => `question ${n} of ${of}`,
    facts: (mark: PassMark) =>
      mark.needed === 0
        ? plural(mark.asked, "question")
        : `${plural(mark.asked, "question")} · ${plural(mark.needed, "point")} to win`,
    won: "You made it",
    lost: (score: Scorecard) => `Not this time — you got ${score.right} of ${score.asked}`,
    rightOf: (score: Scorecard) => `${score.right} of ${score.asked} right`,
    needed: (points: number, needed: number) =>
      `${plural(points, "point")} of the ${needed} that win.`,
    usual: { right: "Well done.", wrong: "The right one is marked." },
    markers: {
      "to-do": "to do",
      now: "now",
      right: "right",
      wrong: "not right",
      missed: "not answered",
    } satisfies Record<State, string>,
    marker: (n: number, state: State) => `${n}: ${words.game.markers[state]}`,
    progress: (score: Scorecard, now?: number) =>
      [
        `${score.right} right`,
        `${score.wrong} not`,
        score.missed > 0 ? `${score.missed} not answered` : "",
        now === undefined ? "" : words.game.place(now, score.asked),
      ]
        .filter(Boolean)
        .join(", "),
    picked: "picked",
  },

  present: {
    leave: "Leave",
    keysTitle: "Keys while presenting",
    keysButton: "Keys",
    keys: [
      ["Space or →", "next thing: start, answer, go on"],
      ["←", "back: take the last step back"],
      ["A – F", "choose an option"],
      ["Enter", "answer with the chosen option"],
      ["F11", "fill the screen (your browser’s key)"],
      ["0", "light or dark look"],
      ["?", "these keys"],
      ["Esc", "leave"],
    ],
    choose: (last: string) => `Choose with the keys A – ${last}`,
    keeping: (n: number) => `${plural(n, "step")} kept here until the network is back`,
    cutOff: "The server no longer follows this game. Go on: it is kept on this screen.",
    nothing: {
      title: "There is nothing to present yet",
      text: "Write a question with two options first.",
      back: "Back to the sheet",
    },
  },

  play: {
    codeTitle: "Type the code from the board",
    codeLabel: "Code",
    codeHint: "Six letters and digits. Capitals don’t matter.",
    go: "Go",
    notYet: "There is nothing to play here yet. Ask your teacher, then try again.",
    noConnection: "No connection. Your answer is kept here and will be sent by itself.",
    goneOn: "The game had gone on already, perhaps in another tab. Here is where it stands.",
    otherCode: "Another code",
  },

  keys: {
    title: "Keys of this place",
    build: [
      ["Enter", "next option, or next question"],
      ["Tab", "next field"],
      ["Ctrl + Enter", "this option is right, or not"],
      ["Alt + ↑ ↓", "move the option or question"],
      ["Ctrl + D", "one more question like this"],
      ["Ctrl + Z, Ctrl + Y", "undo, redo"],
      ["?", "these keys (outside a text field)"],
    ],
  },

  newActivity: (question: string): Activity => ({
    bravium: 1,
    titlePage: { title: "", tags: [] },
    game: {
      kind: "quiz-show",
      board: { kind: "line" },
      questions: [{ kind: "pick-one", id: question, text: "", options: [], feedback: {} }],
    },
    rules: { questionOrder: "mixed", optionOrder: "mixed", worth: 10, passMark: 80 },
    endings: { win: {}, lose: {} },
  }),
};
