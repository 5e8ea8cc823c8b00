import type { Edit, Finding, PassMark, Rules, TimeLine } from "../generated/types";
import { classes } from "./classes";
import { cover } from "./cover";
import { dress } from "./dress";
import { editing } from "./editing";
import { findingWords, mendWords } from "./findings";
import { day, formOf, minutes, plural, time, yearName } from "./format";
import { front } from "./front";
import { words as learners } from "./learner";
import { media } from "./media";
import { results } from "./results";

/** Every word of the interface, in British English. */

/** A chance in billionths as a share in per cent, with as many digits as say something. */
function perCent(billionths: number): string {
  const share = billionths / 1e7;
  if (share >= 99.95) return share >= 100 ? "100%" : "over 99.9%";
  if (share >= 10) return `${Math.round(share)}%`;
  if (share >= 0.001) return `${Number(share.toPrecision(1 + Number(share >= 1)))}%`;
  return "under 0.001%";
}

/** How often guessing wins. An estimate says that it is one, and how far off it may be. */
function guessed(billionths: number, off: number): string {
  if (billionths === 1e9 && off === 0) return "always wins";
  const figure = perCent(billionths);
  if (off === 0) return `wins ${figure} of the time`;
  if (off >= 1e9) return `wins perhaps ${figure} of the time (it can’t be told)`;
  const least = perCent(Math.max(0, billionths - off));
  const most = perCent(Math.min(1e9, billionths + off));
  if (least === most) return `wins ${least} of the time`;
  return billionths <= off
    ? `wins at most ${most} of the time`
    : `wins about ${figure} of the time, give or take ${perCent(off)}`;
}

export const words = {
  ...learners,
  ...classes,
  ...cover,
  and: " and ",
  places: {
    activities: "Activities",
    classes: "Classes",
    results: "Results",
    media: "Media",
  },

  session: {
    title: "Turn your questions into a game",
    text: "Write them down as you would on paper. Beside the page, the game is already there.",
    demo: "Look around as Ms Alder",
    demoNote: "She teaches Hazel class, which keeps a beehive. Everything you change is yours.",
    name: "Name",
    password: "Password",
    signIn: "Sign in",
    byName: "Sign in with a name and a password",
    first: "Start",
    firstText:
      "This server has no teacher yet. You are the first: you look after it and add the others. Type the code that it printed when it was started, then choose your name and a password.",
    firstCode: "The code that the server printed",
    passwordHint:
      "At least 8 characters, and no common password. A few words are easy to remember.",
    show: "Show what is typed",
    learner: "I have a code",
    cover: "I’m covering a class",
    signOut: "Sign out",
  },

  account: {
    title: "Your account",
    password: "Change your password",
    old: "The password you have now",
    fresh: "The new password",
    change: "Change the password",
    changed: "Your password is changed. You are signed out everywhere else.",
    demo: "The demo’s teacher signs in with one click and has no password.",
    server: "This server",
    version: (version: string) => `This is Bravium ${version}.`,
    newestCopy: (when: string) => `The newest copy is of ${when}.`,
    noCopy: "There is no copy yet; the first one is made within minutes of the first activity.",
    copyNow: "Make a copy now",
    copyText:
      "A copy is made each night and kept for a week. The copies are in the folder “copies” of the data folder, without pictures and films.",
    copied: "The copy is made.",
    wellServer: "All is well.",
    newsTitle: "This server needs your attention.",
    newsLink: "See what it is",
    teachers: "Teachers of this server",
    teachersText: "Each sees only her own activities.",
    keeper: "looks after this server",
    addTitle: "Another teacher",
    add: "Add a teacher",
    added: (name: string) => `${name} can sign in now, with the password you chose.`,
    reset: (name: string) => `New password for ${name}`,
    resetDone: (name: string) => `${name} has the new password and is signed out everywhere.`,
    give: "Set the password",
    lookAfter: "password, handing on or removal",
    handOnTitle: (name: string) =>
      `If ${name} is to look after this server, type your own password`,
    ownPassword: "Your own password",
    handedOn: (name: string) => `${name} looks after this server now.`,
    handOn: (name: string) => `Hand this server on to ${name}`,
    becomes: (name: string) => `If ${name} leaves, the activities and their results …`,
    classesBecome: "… and the classes and their results …",
    choose: "choose what happens to them",
    archive: "… are archived with you; you can restore them",
    goTo: (name: string) => `… go to ${name}`,
    goWith: "… go into the bin; you can restore them for 30 days",
    remove: (name: string) => `Remove ${name}`,
    removed: (name: string) => `${name} is removed and signed out everywhere.`,
  },

  activities: {
    title: "Activities",
    new: "New quiz show",
    newTitle: "What should the class do?",
    ready: "ready for class",
    notReady: (n: number) => `${plural(n, "thing")} to check first`,
    lookAt: (n: number) => `${n} to check`,
    untitled: learners.untitled,
    otherKind: "From a newer version",
    forWhom: (year?: number, subject?: string) =>
      [year === undefined ? "" : yearName(year), subject].filter(Boolean).join(" · "),
    empty: "Nothing here yet. Your first activity takes three questions and five minutes.",
    changed: (when: Date) => `changed ${day(when)}`,
    search: "Search",
    searchPlaceholder: "title, subject, tag …",
    filters: {
      kind: "Game",
      subject: "Subject",
      year: "Year",
      tag: "Tag",
    },
    any: { kind: "all games", subject: "all subjects", year: "all years", tag: "all tags" },
    counted: (name: string, n: number) => `${name} (${n})`,
    sort: "Sorted by",
    sorts: { changed: "last changed", title: "title", year: "year group" },
    total: (n: number) => plural(n, "activity", "activities"),
    none: "Nothing matches your search.",
    noneRemoved: "The bin is empty.",
    clear: "Clear search",
    more: "Show more",
    takeIn: "Import a file",
    tookIn: (title: string) => `“${title || "No title yet"}” is imported.`,
    tookInPart: (title: string, paths: string[]) =>
      `“${title || "No title yet"}” is imported. It comes from a newer version: ${paths.slice(0, 3).join(", ")}${paths.length > 3 ? " and more" : ""} ${formOf(paths.length, "is", "are")} kept, but not used here.`,
    mediaLeft: (reasons: string[]) =>
      `${plural(reasons.length, "picture or sound", "pictures and sounds")} in it could not be imported: ${reasons[0]}`,
    notTaken: (name: string, reason: string) => `${name} was not imported. ${reason}`,
    tooLarge: (name: string) =>
      `${name} is larger than the 200 MB that an activity can have. Nothing was imported.`,
    actions: (title: string) => `Actions for ${title || "No title yet"}`,
    rename: "Rename",
    renameTitle: "Rename",
    newName: "Title",
    save: "Save",
    renamed: (title: string) => `Renamed to “${title || "No title yet"}”.`,
    duplicate: "Duplicate",
    copied: (title: string) => `Copied as “${title}”.`,
    copyTitle: (title: string) => `${title || "No title yet"} (copy)`,
    results: "Results",
    download: "Save as a file",
    remove: "Remove",
    removed: (title: string) =>
      `“${title || "No title yet"}” is in the bin. You can restore it for 30 days.`,
    undo: "Undo",
    showRemoved: (n: number) => `Bin (${n})`,
    showThere: "Back to all",
    bringBack: "Restore",
    broughtBack: (title: string) => `“${title || "No title yet"}” is back.`,
    removedTitle: "Bin",
    removedText:
      "What you removed in the last 30 days. Until you restore an activity, its links and codes don’t work.",
  },

  build: {
    back: "Activities",
    title: "Title",
    titlePlaceholder: "Give it a title",
    undo: "Undo",
    redo: "Redo",
    unplayable:
      "There is nothing to play yet, so it can’t be presented or assigned. The line below says what is missing.",
    present: "Present",
    link: "Link for learners",
    linkShort: "Link",
    assign: "Assign",
    more: "More",
    detailsShort: "Title page",
    lookShort: "Look",
    details: "Title page and endings",
    rules: "Rules",
    sheet: ({ asked, cards, off }: { asked: number; cards: number; off: number }) =>
      [
        `Sheet · ${plural(asked, "question")}`,
        cards > 0 ? plural(cards, "card") : "",
        off > 0 ? `${off} switched off` : "",
      ]
        .filter(Boolean)
        .join(", "),
    keysHint: "keys for this page",
    liveGame: "Live game",
    saving: "saving …",
    saved: (when: Date) => `saved ${time(when)}`,
    unsaved: "not saved yet; safe on this device, still trying",
    notTaken: (reason: string) => `Not saved. ${reason}`,
    keptHere: "not saved yet; safe on this device",
    signedOut:
      "You are signed out, so nothing can be saved. What you write is safe on this device and will be saved as soon as you sign in.",
    signIn: "Sign in in a new tab",
    changedElsewhere:
      "This activity was changed somewhere else, too. You can carry on: your changes are safe on this device until you have looked at both.",
    lookAtBoth: "Look at both",
    split: "Width of the sheet",
    draft: (when: Date) =>
      `What you had written by ${time(when)} hadn’t reached the server. It is here again.`,
    show: { sheet: "Write", game: "Play it" },
  },

  commands: {
    title: "What would you like to do?",
    label: "Find an action",
    placeholder: "type a part of its name",
    none: "No action has that name.",
    add: "Add a question",
    duplicate: "Another question like this one",
    turnOff: "Switch the question off or on",
    up: "Move the question up",
    down: "Move the question down",
    remove: "Remove the question",
    kind: "Kind of question",
    toKind: (kind: string) => `Make it: ${kind}`,
    selectAll: "Select all questions",
    undo: "Undo",
    redo: "Redo",
    details: "Edit title page, endings, tags and times",
    look: "Look, sound and wording",
    alone: "Show this question alone at the front",
    link: "Link for learners",
    assign: "Assign",
    present: "Present",
    results: "Results of this activity",
    versions: "Earlier versions",
    saveFile: "Save as a file",
    copyFrom: "Copy questions from another activity",
    replace: "Find and replace",
    saveTable: "Save the questions as a table (CSV)",
    saveList: "Save the questions as a list (Markdown)",
    takeIn: "Import questions from a table or a list",
    leave: "Back to all activities",
    list: "Find an action by its name",
    keys: "Keys for this page",
  },

  revision: {
    parts: {
      bravium: "Version of the format",
      "titlePage.title": "Title",
      "titlePage.subject": "Subject",
      "titlePage.year": "Year group",
      "titlePage.objective": "Learning objective",
      "titlePage.tags": "Tags",
      "titlePage.introduction": "Introduction",
      "game.kind": "Game",
      "game.board": "Board",
      "game.picture": "Picture",
      "game.text": "Text or sound",
      "game.things": "Order of the things",
      "game.entries": "How many goes",
      "game.list": "What the list shows",
      "game.decoys": "Decoys for the list",
      "game.rooms": "Order of the rooms",
      "game.locks": "Order of the locks",
      "game.covers": "Order of the covers",
      "game.pieces": "Order of the pieces",
      "game.prices": "What wrong tries and hints cost",
      "game.cut": "How the picture is cut",
      "game.accepted": "What the picture shows",
      "game.comparing": "How answers are compared",
      "game.guessing": "What a guess earns",
      "game.byPieces": "What happens without a right guess",
      "game.said": "How the hidden picture is described",
      "game.film": "The film",
      "game.stops": "The stops",
      "game.script": "What is said and seen",
      "game.watching": "How the film is watched",
      "game.picked": "How the pages come",
      "game.flaps": "How answers are shown",
      "game.questions": "Order of the questions",
      "rules.ask": "How many are asked",
      "rules.questionOrder": "How questions come",
      "rules.optionOrder": "How options come",
      "rules.worth": "Points of a question",
      "rules.passMark": "Pass mark",
      "rules.thinking": "Thinking time",
      "rules.tries": "How often a question is tried",
      "rules.prices": "What hints and wrong answers cost",
      "rules.lives": "How many mistakes are allowed",
      "rules.clock": "Clock",
      "rules.bonus": "Points for speed and for several right in a row",
      "rules.answers": "When the right answers are shown",
      "rules.teams": "Teams at the front",
      "rules.startAgain": "Whether one may start again at any time",
      look: "Look",
      sounds: "Sounds",
      wording: "Words on buttons",
      "endings.win": "Words after a win",
      "endings.lose": "Words after a loss",
    } as Record<string, string>,
    items: {
      "game.questions": "Question",
      "game.things": "Thing",
      "game.rooms": "Room",
      "game.locks": "Lock",
      "game.covers": "Cover",
      "game.pieces": "Piece",
    } as Record<string, string>,
    unnamed: "nothing written in it yet",
    other: "Something from a newer version",
    numbered: (what: string, n: number) => `${what} ${n}`,
    nothing: "nothing",
    usual: "Bravium’s usual message",
    notThere: "not there",
    untouched: "as before",
    noOptions: "no options",
    values: { mixed: "mixed", "as-written": "as written" } as Record<string, string>,
    first: "the first version that is kept",
    did: (part: string, edit: Edit) =>
      edit === "added" ? `${part} added` : edit === "removed" ? `${part} removed` : part,
    more: (n: number) => `and ${n} more`,
  },

  conflict: {
    title: "Changed somewhere else",
    text: (when: Date) =>
      `This activity was saved from another tab or device at ${time(when)}, while you changed it here. Both are kept until you choose.`,
    mine: "On this page",
    theirs: "The other one",
    both: "changed on both sides",
    all: { mine: "Take all from this page", theirs: "Take all from the other one" },
    goOn: "Keep these choices",
    copy: "Keep mine as a copy",
  },

  versions: {
    title: "Earlier versions",
    list: "Versions",
    text: "Every save of the last day, then the last of each day. Restoring one can be undone.",
    when: (when: Date) =>
      `${new Date().toDateString() === when.toDateString() ? "today" : day(when)}, ${when.toLocaleTimeString("en-GB")}`,
    look: (when: Date) => `The version of ${day(when)}, ${time(when)}`,
    more: "Show earlier ones",
    newest: "This is the newest",
    bringBack: "Restore this version",
    rules: (rules: Rules) =>
      `${rules.ask === undefined ? "all questions asked" : `${rules.ask} questions asked`} · ${rules.worth} points each · won with ${rules.passMark}%`,
  },

  details: {
    title: "Title page and endings",
    subject: "Subject",
    year: "Year group",
    noYear: "not said",
    objective: "Learning objective",
    introduction: "Introduction, shown before the game",
    win: "Shown after a win",
    lose: "Shown after a loss",
    done: "Done",
    tags: "Tags",
    tagsPlaceholder: "with commas between them",
    thinking: "Thinking time per question (seconds)",
    usualSeconds: (n: number) => `usually ${n}`,
    noThinking: "Set the year group to estimate the time that the game takes.",
  },

  ...editing,
  ...dress,
  ...media,

  live: {
    sizes: { projector: "Projector", tablet: "Tablet", phone: "Phone" },
    sizeLabel: "Screen",
    aidsLabel: "Test aids",
    jump: "Jump to",
    jumpPlaceholder: "jump to …",
    jumpTo: (n: number, text: string) => `${n}  ${text}`,
    right: "Answer right",
    wrong: "Answer wrong",
    win: "Finish with a win",
    loss: "Finish with a loss",
    again: "Again",
    note: "Only you see these buttons.",
    empty: "Write a question that can be answered and the game starts here.",
    cannotLose: "With these rules nobody can lose.",
    cannotWin: "With these rules nobody can win yet.",
  },

  readiness: {
    label: "Readiness",
    winnable: {
      always: "can be won",
      sometimes: "can’t always be won",
      never: "can’t be won yet",
    },
    climbs: (mark: PassMark) =>
      `wins with ${plural(mark.needed, "point")} — step ${mark.rightNeeded} of ${mark.asked}`,
    passes: (mark: PassMark) =>
      mark.counted
        ? `wins with ${plural(mark.needed, "point")} — ${mark.rightNeeded} of ${mark.asked} right`
        : `wins with ${mark.about ? "about" : "at least"} ${plural(mark.needed, "point")}`,
    nothing: "nothing to fix",
    things: (n: number) => `${plural(n, "thing")} to check`,
    whole: "The activity",
    finding: (finding: Finding) => findingWords[finding.check](finding.values),
    mends: mendWords,
    guessing: (billionths: number, off: number, teams: boolean) =>
      `${teams ? "for one who plays alone, guessing" : "guessing alone"} ${guessed(billionths, off)}`,
    time: ({ least, most, year }: TimeLine) =>
      minutes(least) === minutes(most)
        ? `about ${minutes(least)} min for ${yearName(year)}`
        : `${minutes(least)}–${minutes(most)} min for ${yearName(year)}`,
    noTime: "set the year group to estimate the time",
    timeTip:
      "Faster and slower readers of the year group, with thinking time. Press to change the year or the times.",
    mendAll: (n: number) => `Fix all ${n}`,
    weights: { stop: "must be fixed", look: "worth a look" },
  },

  copyFrom: {
    title: "Questions from another activity",
    noOther: "You have no other activity with questions yet.",
    count: (n: number) => plural(n, "question"),
    other: "Another activity",
    all: "all of them",
  },

  replace: {
    title: "Find and replace",
    find: "Find",
    by: "Replace with",
    caseMatters: "Match capitals",
    found: (n: number) => (n === 0 ? "It isn’t there." : `Found in ${plural(n, "place")}:`),
    moreFound: (n: number) => `and ${plural(n, "more place", "more places")}`,
    parts: (part: string) => (part === "game" ? "The sheet" : "Title page and endings"),
    all: "Replace all",
    done: (n: number) => `Replaced in ${plural(n, "place")}. Undo brings it back.`,
  },

  takeIn: {
    open: "From a table or a list",
    title: "Questions from a table or a list",
    text: "Paste cells from a spreadsheet, a quiz from a document, or a list with boxes, or open a file. On the other side you see the questions Bravium makes of it; correct the text until they are as you mean them.",
    readAs: "Read as",
    forms: {
      quiz: "a quiz, line by line",
      table: "a table, a question in each row",
      list: "a list with boxes",
      lines: "a question in each line",
      gaps: "one text with gaps in brackets",
    },
    byLine: "How each line was read",
    lineIs: (n: number) => `Line ${n} is`,
    roles: {
      blank: "blank",
      question: "a question",
      more: "continues",
      option: "an option",
      right: "a right option",
      answer: "the answer",
      hint: "a remark",
      left: "left out",
    },
    noRightYet: "no right answer yet",
    doubt: (why: string) => `which is right? ${why}`,
    firstRight: (n: number) =>
      n === 1 ? "The first option is right" : `In all ${n}, the first option is right`,
    withoutRight: (n: number) => `${plural(n, "question")} without a right answer yet`,
    label: "Text with questions",
    placeholder:
      "Who lays the eggs?\tthe queen\ta drone\ta worker\nBees can dance.\ttrue\n\nor\n\n1. Who lays the eggs?\n   - [x] the queen\n   - [ ] a drone",
    file: "Open a file",
    preview: "What Bravium read",
    nothing: "Nothing yet.",
    understood: (n: number) => `${plural(n, "question")} read`,
    left: (n: number) => `${plural(n, "line")} it couldn’t read`,
    line: (n: number) => `line ${n}:`,
    take: (n: number) => `Import ${plural(n, "question")}`,
  },

  losses: {
    title: { csv: "What a table can’t hold", md: "What a list can’t hold" },
    text: "The file will have the questions with their answers, but not this. The activity itself keeps everything; “Save as a file” holds all of it.",
    of: (n: number) => `(${plural(n, "question")})`,
    what: {
      "left-out": "Pictures with areas and fractions in figures are left out",
      "switched-off": "That they are switched off",
      formatting: "Bold, links, lists and formulas as such",
      time: "Their own time",
      options: "Pins, what is said to an option, and the order of striking out",
      comparing: "How typed answers are compared, and what is said to wrong ones",
      number: "Tolerance, units, and which forms of a number count",
      credit: "The rule for partly right answers",
      arrangement:
        "Rings, tables, ties in an order, several partners, cards in several groups or in none",
    } as Record<string, string>,
    save: "Save it all the same",
  },

  link: {
    title: "Link for learners",
    text: "Anyone with this link can play on their own device. No names are recorded.",
    code: "Code",
    copy: "Copy the link",
    copied: "Copied",
    open: "Open it here",
    qr: "The link as a QR code",
    large: "Show it large",
    on: "Switched on: anyone with the link can start.",
    off: "Switched off: nobody new can start. Anyone who has started can finish.",
    time: "For learners with",
    times: {
      100: "the usual time",
      125: "25% extra time",
      150: "50% extra time",
      200: "double time",
    },
    version: "Learners get what was saved last.",
    alone: "This address works on this computer only.",
    network: "The address works for devices in the same network as this computer.",
  },

  ...front,

  ...results,

  present: {
    left: {
      title: "This game is not finished",
      text: (when: string, how: string) =>
        `You left it ${when}, ${how}. Everything that was answered is kept.`,
      settled: (settled: number, asked: number) =>
        settled === 0
          ? "before anything was answered"
          : `after ${settled} of ${plural(asked, "question")}`,
      goOn: "Continue it",
      begin: "Start a new game",
    },
    closed: {
      title: "This game can’t be continued",
      text: "Bravium has been updated since it was played. The answers are kept in Results.",
    },
    leave: "Leave",
    keysTitle: "Keys while presenting",
    keys: [
      ["Space or →", "next: start, answer, carry on", "next"],
      ["← or Backspace", "back: undo the last step", "back"],
      ["← ↑ → ↓ on a board", "to the next one that way; Enter picks it, Backspace takes back"],
      ["A – F", "choose an option"],
      ["G", "type a guess or a find; Esc leaves the line again"],
      ["Enter", "send what is chosen or typed"],
      ["X", "strike out the next wrong option", "strike"],
      ["R", "show the answer: strike out all wrong ones, or open its flap", "reveal"],
      ["V", "count hands for each option", "hands"],
      ["O", "options one by one, or all together", "one"],
      ["H", "a hint", "hint"],
      ["1 – 6", "give a team the turn, or points"],
      ["T", "start or pause the clock", "clock"],
      ["+", "30 seconds more", "more"],
      ["S", "shutter", "shutter"],
      ["P", "pen", "pen"],
      ["W", "everything lower, within a child’s reach, or back", "low"],
      ["I", "save the page as a picture", "picture"],
      ["J", "jump to a question", "jump"],
      ["K", "open the lock that the class is stuck at", "unlock"],
      ["M", "sound on or off", "sound"],
      ["L", "read aloud, or stop", "aloud"],
      ["F11", "fill the screen (your browser’s key)", "full"],
      ["0", "light or dark look", "look"],
      ["?", "these keys"],
      ["Esc", "leave", "leave"],
    ] as (readonly [string, string, string?])[],
    choose: (last: string) => `Choose with the keys A – ${last}`,
    answerFirst: "Give an answer first, then go on",
    keeping: (n: number) => `${plural(n, "step")} kept here until the network is back`,
    cutOff: "The server no longer follows this game. Carry on: it is kept on this screen.",
    nothing: {
      title: "There is nothing to present yet",
      text: "It has no question yet that can be answered.",
      back: "Back to the sheet",
    },
  },

  keys: {
    title: "Keys for this page",
    writing: [
      ["Enter", "next option, or next question"],
      ["Tab", "next field"],
      ["Ctrl + Enter", "this option is right, or not"],
      ["↑ ↓", "on a closed line: to the next line"],
      ["Shift + ↑ ↓", "select several lines"],
      ["Esc", "select none"],
      ["paste", "several lines become several questions"],
    ] as (readonly [string, string])[],
  },
};
