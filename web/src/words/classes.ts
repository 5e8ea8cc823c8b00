import type {
  AtClosing,
  Counts,
  Door,
  Given,
  GlanceColumn,
  GlanceLine,
  NameOrder,
  NameRole,
  TermState,
  WhenMarked,
  WhenTold,
} from "../generated/types";
import { day, list, plural, schoolTime, yearName } from "./format";

/** A length of time as one says it: “5 minutes”, “3 hours”, “2 days”. */
const long = (minutes: number) =>
  minutes < 60
    ? plural(minutes, "minute")
    : minutes < 48 * 60
      ? plural(Math.floor(minutes / 60), "hour")
      : plural(Math.floor(minutes / (24 * 60)), "day");

const GUESSES = "Guess at the picture";

/** What has no number now: guesses at the whole, or what only an earlier version asked. */
const notNow = (label: string) => (label ? `${label} (not asked now)` : GUESSES);

/** The words of classes: their registers, what is given, what came back. */
export const classes = {
  classes: {
    title: "Classes",
    new: "New class",
    empty:
      "A class has a register and a code. Assign it an activity, and here you see who did it and what came back. No learner needs an account.",
    year: yearName,
    noYear: "no year group",
    learners: (n: number) => (n === 0 ? "nobody yet" : plural(n, "learner")),
    open: (n: number) => (n === 0 ? "nothing to do at the moment" : `${n} to do now`),
    waiting: (n: number) => `${n} waiting to join`,
    archiveTitle: (n: number) => `Archive (${n})`,
    archivedSince: (when: string) => `archived on ${when}`,
    newTitle: "A new class",
    changeTitle: "Name and year group",
    name: "Name of the class",
    yearLabel: "Year group",
    make: "Make the class",
    save: "Save",
    back: "Classes",
    actions: "What can be done with this class",
    rename: "Name and year group",
    remove: "Remove with all results",
    removed: (name: string) =>
      `${name} is removed with its register and all results. You can restore it for 30 days; then it is erased.`,
    removedTitle: (n: number) => `Removed (${n})`,
    removedText: "Erased 30 days after they were removed, with all that was played.",
    archive: "Archive",
    archiveDone: (name: string) =>
      `${name} is archived: nobody can join, and its results are kept.`,
    bringBack: "Restore",
    isAway: "This class is archived. Nobody can join or play; all its results are still here.",
    newCode: "Give it another code",
    newCodeDone: "The class has another code. The old one no longer works.",
    handOver: "Hand it to a colleague",
    handOverText:
      "The class goes to your colleague with its register and all its results. You won’t see it any more. Your activities stay yours.",
    handOverTo: "To whom",
    handOverDo: "Hand it over",
    handedOver: (name: string) => `The class is ${name}’s now.`,
    noColleague: "There is no other teacher on this server.",
    code: "Class code",
    sheet: "Poster with the code",
    sheetTitle: (name: string) => `Join ${name}`,
    sheetText: "Open this address, or scan the picture, and type the code.",
    print: "Print",
    /** Above what is printed: whose it is, and how old. */
    onPaper: (className: string, when: Date) =>
      [className, `${day(when)} ${when.getFullYear()}`].filter(Boolean).join(" · "),
    done: "Done",
    qr: "The address as a QR code",
    door: {
      before: "Anyone with the code",
      label: "Whether newcomers can join",
      names: {
        open: "joins straight away.",
        wait: "waits for you to let them in.",
        shut: "can’t join.",
      } satisfies Record<Door, string>,
      known: "Everyone in the register can always join, with their own two words.",
    },
    given: {
      title: "Set for this class",
      none: "Nothing has been set for this class yet.",
      give: "Assign an activity",
      open: "open",
      soon: "not open yet",
      over: (moment?: string) => (moment ? `closed ${schoolTime(moment)}` : "over"),
      items: "Questions",
      takenBack: "taken back",
      from: (moment: string) => `from ${schoolTime(moment)}`,
      until: (moment: string) => `until ${schoolTime(moment)}`,
      always: "with no end",
      progress: ({ begun, through, forHowMany }: Given) =>
        forHowMany === 0
          ? "for nobody yet"
          : begun === 0
            ? `for ${plural(forHowMany, "learner")}`
            : through === forHowMany
              ? "everybody has finished"
              : `${through} of ${forHowMany} finished${begun > through ? `, ${begun - through} playing` : ""}`,
      chosen: (n: number) => `for ${plural(n, "learner")}`,
      toMark: (n: number) => `${plural(n, "answer")} to mark`,
    },
    register: {
      title: (n: number) => `Register (${n})`,
      none: "Nobody is in the register yet. Add a list, or show the class its code.",
      add: "Add learners",
      slips: "Sign-in slips",
      slipsWarn: (n: number) =>
        `This makes new words for ${plural(n, "learner")}. The old words stop working. Devices signed in stay signed in.`,
      slipsDo: "Make the slips",
      waits: "waiting to join",
      letIn: "Let in",
      newcomers: (n: number) => `${plural(n, "newcomer is", "newcomers are")} waiting to join.`,
      letAllIn: "Let all in",
      refuseAll: "Refuse all",
      refused: (n: number) =>
        `${plural(n, "newcomer was", "newcomers were")} refused. For 30 days you can restore them.`,
      noWords: "has no words yet",
      notJoined: "not joined yet",
      time: (percent: number) => `${percent}% of the time`,
      help: (names: string[]) => list(names.map((name) => HELP[name] ?? name)),
      actions: (name: string) => `What can be done with ${name}`,
      change: "Name, time and help",
      newWords: "New words",
      newWordsWarn: (name: string) =>
        `This makes two new words for ${name}. The old words stop working. Devices signed in stay signed in.`,
      newWordsDo: "Make new words",
      merge: "Merge two entries for one child …",
      remove: "Remove",
      removed: (name: string) =>
        `${name} is removed from the register. For 30 days you can restore them with all their games; then both are erased.`,
      broughtBack: (name: string) => `${name} is in the register again.`,
      out: (n: number) => `Removed (${n})`,
      outText: "30 days after they were removed, learners and all their games are erased.",
      undo: "Undo",
      find: "Find a learner",
    },
    learner: {
      title: (name: string) => `About ${name}`,
      name: "Name",
      time: "How much of the usual time",
      usual: "the usual time",
      percent: (n: number) => `${n}% of it`,
      help: "What else helps",
      helps: { names: "may pick from a list in Look and name" } as Record<string, string>,
      private: "It applies automatically in everything, and nobody else sees it.",
      save: "Save",
      saved: (name: string) => `${name} is saved.`,
      mergeTitle: (name: string) => `Merge ${name} with another entry`,
      mergeText:
        "All games and devices go to the entry you choose, and only that one stays. This can’t be undone.",
      mergeInto: "The entry that stays",
      mergeDo: "Merge them",
      merged: (name: string) => `Merged into one entry: ${name}.`,
    },
    adding: {
      title: "Add learners",
      text: "Paste a list as you have it, or open a file: names one to a line or several, a table, a spreadsheet.",
      label: "Names",
      file: "Open a file",
      orders: {
        "first-name": "first name first",
        surname: "surname first",
        several: "several on a line",
      } satisfies Record<NameOrder, string>,
      roles: {
        names: "",
        head: "a title, left out",
        double: "is there already",
        left: "no name",
      } satisfies Record<NameRole, string>,
      fresh: (n: number) => (n === 0 ? "Nobody new" : `New: ${n}`),
      there: (names: string[]) => `Already here: ${list(names)}`,
      doubles: (names: string[]) =>
        `More than once in the list, added once: ${list(names)}. If they are two learners, give one of them a letter.`,
      left: (rows: string[]) => `No name in: ${list(rows.map((row) => `“${row}”`))}`,
      passedOver: (columns: string[]) => `Left out: column ${list(columns)}`,
      more: "The list is too long to add in one go. Add the rest afterwards.",
      add: (n: number) => (n === 0 ? "Add" : `Add ${plural(n, "learner")}`),
      added: (n: number) => `${plural(n, "learner")} added.`,
    },
    slips: {
      title: "Sign-in slips",
      text: "Print them or write them down. Once you say that they are written down, Bravium can’t show them again; anyone who loses a slip needs new words.",
      kept: "I have written them down",
      waiting: (n: number) =>
        `New words for ${plural(n, "learner")} are waiting to be written down.`,
      again: "Show the words again",
      address: "Address",
      code: "Code",
      words: "Your two words",
      keep: "Keep this. Use your name and these words to come back.",
    },
    giving: {
      title: "Assign an activity",
      changeTitle: "Dates and goes",
      activity: "Activity",
      find: "Find an activity",
      noActivity: "You have no activity yet.",
      more: "There are more; type a part of the name to find them.",
      which: "Class",
      noClass: "You have no class yet.",
      makeClass: "Make one",
      from: "It can be played from",
      until: "until",
      openings: { now: "now", at: "a day and hour" },
      closings: { never: "further notice", at: "a day and hour" },
      opensAt: "From when",
      closesAt: "Until when",
      zone: (zone: string) => `Hours are those of ${zone.replace("_", " ")}.`,
      everyone: "For",
      whom: { all: "everyone in the class, newcomers too", chosen: "those I choose" },
      choose: "For whom it is",
      have: "Each has",
      goesLabel: "How many goes",
      goesKinds: { any: "any number of goes", some: "at most" },
      goes: (n: number) => (n === 1 ? "go" : "goes"),
      counts: "What counts is",
      countsLabel: "Which game counts",
      countsNames: {
        best: "the best one.",
        last: "the last one.",
        first: "the first one.",
      } satisfies Record<Counts, string>,
      told: "The right answers are shown",
      toldNames: {
        "at-once": "as set in the activity.",
        "after-closing": "after it has closed.",
        never: "not at all.",
      } satisfies Record<WhenTold, string>,
      marks: "Your marks and comments are shown",
      marksNames: {
        "at-once": "straight away.",
        together: "when you say so.",
      } satisfies Record<WhenMarked, string>,
      atClosing: "When it closes, a game that is running",
      atClosingNames: {
        finish: "may be finished.",
        end: "ends there and then.",
      } satisfies Record<AtClosing, string>,
      give: "Assign it",
      save: "Save",
      given: (title: string, name: string) => `“${title}” is set for ${name}.`,
      saved: "Saved. It applies from now on.",
      saving: "One moment: what you wrote is being saved.",
    },
    marking: {
      title: "To mark",
      show: (n: number) => `Mark ${plural(n, "answer")}`,
      none: "Everything is marked.",
    },
    live: {
      title: "While they play",
      show: "While they play",
      back: "Results",
      projector: "Without names, for the projector",
      names: "With names",
      counts: (begun: number, of: number, through: number) =>
        `${begun} of ${of} have started, ${through} have finished`,
      notBegun: "not started",
      at: (n: number) => `at question ${n}`,
      through: "finished",
      again: (where: string) => `playing again${where && `, ${where}`}`,
      title0: "on the title page",
      since: (minutes: number) => (minutes < 1 ? "just now" : `${long(minutes)} ago`),
      stuck: "quiet for a while",
      learner: (n: number) => `Learner ${n}`,
      lost: "The connection was lost. It comes back by itself; what you see may be out of date.",
      nobody: "It isn’t set for anyone.",
    },
    term: {
      title: "This term",
      show: "This term",
      none: "Nothing has been set yet.",
      states: {
        done: "",
        "at-it": "playing",
        "to-do": "to do",
        "not-yet": "not open yet",
        "not-done": "not done",
        "not-hers": "",
      } satisfies Record<TermState, string>,
      excused: "excused",
      waits: "to mark",
      passed: ", passed",
      notPassed: ", not passed",
      record: (name: string) => `Everything ${name} did`,
    },
    record: {
      title: (name: string) => `${name}: everything so far`,
      none: "Nothing has been set yet.",
      games: (n: number) => plural(n, "game"),
      game: (when: string, result: string) => `${when}: ${result}`,
      running: "not finished",
    },
    csv: "As a table (CSV)",
    registerCsv: "Register as a table (CSV)",
    moveTo: "Move to another class",
    moveTitle: (name: string) => `Move ${name} to another class`,
    moveText:
      "Their games stay with the class in which they were played. They join the new class with its code, their name and their two words.",
    moveDo: "Move",
    moved: (name: string, to: string) => `${name} is in ${to} now.`,
    glance: {
      terms: "Change dates and goes",
      tellMarks: "Show learners the marks",
      marksTold: "Learners see the marks and comments that you gave so far.",
      remove: "Remove with all results",
      removed: (title: string) =>
        `“${title}” is removed from this class with all results. You can restore it for 30 days; then it is erased.`,
      takeBack: "Take back",
      actions: "What else can be done with it",
      takenBack: "Taken back: nobody can play it any more. Everything that was done is kept.",
      giveAgain: "Assign it again",
      copy: "Assign it to another class",
      copied: (name: string) => `It is set for ${name}, too, with the same dates and goes.`,
      newer:
        "You have changed the activity since. Anyone who has started keeps the version they started with; the others get the version you assigned.",
      renew: "Give the new version to the others",
      renewed: "Anyone who starts from now on plays the new version.",
      gone: "The activity is in the bin. What was assigned stays here.",
      learner: "Learner",
      sum: "Points",
      none: "Nobody is in this class yet.",
      sortBy: { name: "by name", points: "by points" },
      sort: "In which order",
      marks: {
        right: "right",
        partly: "right in part",
        wrong: "not right",
        missed: "not answered",
        given: "handed in",
        waits: "to mark",
        none: "not reached",
      },
      column: ({ number, label, right, settled }: GlanceColumn) => {
        const head = number === undefined ? notNow(label) : `${number}. ${label}`;
        return settled > 0 ? `${head} – ${right} of ${settled} right` : head;
      },
      columnName: ({ number, label }: GlanceColumn) => number ?? (label || GUESSES),
      rightOf: (right: number, settled: number) => (settled === 0 ? "" : `${right}/${settled}`),
      state: ({ goes, ended, excused, left, standing }: GlanceLine) =>
        [
          excused ? "excused" : "",
          left ? "no longer in the class" : "",
          goes === 0 ? (standing.phase === "not-yet" ? "not open yet" : "not started") : "",
          goes > 0 && !ended ? "playing" : "",
          goes > 1 ? `${goes} goes` : "",
        ]
          .filter(Boolean)
          .join(", "),
      points: (points: number, possible?: number) =>
        // Bonuses and guesses can bring more than the questions are worth.
        possible === undefined || points > possible ? `${points}` : `${points} of ${possible}`,
      answers: (name: string) => `What ${name} answered`,
      own: (name: string) => `Just for ${name}`,
      ownTitle: (name: string) => `Just for ${name}`,
      ownOpens: "From when",
      ownCloses: "Until when",
      goesOn: "The game that ended at closing time carries on.",
      ownAsAll: "Leave both empty to use everyone’s dates.",
      moreGoes: "More goes",
      excused: "Excused: left out of the sums",
      save: "Save",
      ownSaved: (name: string) => `Saved for ${name}.`,
    },
  },
};

/** What games call the help that a learner can be entitled to. */
const HELP: Record<string, string> = { names: "picks from a list" };
