import type { Entry, Other, Outcome, OutcomeReason, Verdict, When } from "../generated/types";
import { formOf, list, plural } from "./format";

const seconds = (n: number) =>
  n < 90 ? plural(Math.max(1, Math.round(n)), "second") : plural(Math.round(n / 60), "minute");

/** Why a game was won or not, where its points alone would say the other. */
export const why: Record<OutcomeReason, string> = {
  lives: "too many mistakes",
  time: "out of time",
  "given-up": "given up",
  "cut-off": "cut off before the end",
  "goal-missed": "the goal was missed",
  "goal-reached": "the goal was reached",
};

/** The words of the place where results are read and answers are marked. */
export const results = {
  results: {
    /** What was watched of a film. */
    watched: {
      title: "What the class watched",
      mean: (share: number, games: number) =>
        `${share}% of the film on average, over ${plural(games, "game")}.`,
      saw: "saw it",
      again: "watched again",
      back: "went back to it",
      left: "somebody stopped watching here",
      asTable: "As a table",
      columns: ["From", "Saw it", "Times watched", "Went back", "Left"],
      of: (n: number, games: number) => `${n} of ${games}`,
      one: (share: number) => `${share}% of the film watched`,
      needed: (needed: number) => `(${needed}% was needed)`,
      stood: (at: string) => `· it stood at ${at}`,
    },
    title: "Results",
    of: (title: string) => `Results of ${title}`,
    back: "Results",
    build: "Open the sheet",
    empty: "Nobody has played yet. Every game will be listed here, with every answer.",
    toActivities: "All activities",
    games: (n: number) => plural(n, "game"),
    ended: (n: number, of: number) => (n === of ? "all finished" : `${n} finished`),
    last: (when: string) => `last played ${when}`,
    toMark: (n: number) => `${plural(n, "answer")} to mark`,
    nothingToMark: "nothing to mark",
    noGames: "Nobody has played this activity yet. Give learners its link, or present it.",
    toMarkTitle: (n: number) => `Answers to mark (${n})`,
    gamesTitle: (n: number) => `Games (${n})`,
    inClasses: (n: number, of: number) => (n === of ? "in classes" : `${n} in classes`),
    find: "Find an activity",
    findLearner: "Find a learner",
    which: "Which games",
    kinds: { all: "All", classes: "Played in classes", others: "By link or at the front" },
    source: (from: string | undefined, name: string | undefined, games: number) =>
      `${name ?? (from === undefined ? "All" : from === "link" ? "By link" : "At the front")} · ${games}`,
    noneFound: "Nothing here matches. Choose other games, or clear the search.",
    removeGame: "Remove this game from the results",
    removedGame: "The game is removed from the results. It is kept for 30 days.",
    removeAll: (n: number) => `Remove ${n === 1 ? "this game" : `all ${n} games`}`,
    removedAll: (n: number) => `${plural(n, "game")} removed from the results, kept for 30 days.`,
    undo: "Undo",
    learner: ({ learner, name }: { learner: number; name?: string }) =>
      name ?? (learner === 0 ? "At the front of the class" : `Learner ${learner}`),
    time: (perCent: number) => `${perCent}% of the time`,
    took: (millis: number) => seconds(millis / 1_000),
    notEnded: "not finished",
    outcome: ({ won, awaiting, ended }: Outcome) =>
      awaiting > 0
        ? "waiting for you to mark"
        : won
          ? "won"
          : ended === "time"
            ? "out of time"
            : ended === "given-up"
              ? "given up"
              : ended === "lives"
                ? "too many mistakes"
                : ended === "closed"
                  ? "ended by an update"
                  : ended === "at-closing"
                    ? "ended at closing time"
                    : "not passed",
    recounted:
      "This game was played with an earlier version of Bravium. Its outcome is unchanged; the points of single questions are worked out by today’s rules.",
    goOn: "Continue it at the front",
    onlyPoints: (points: number) => plural(points, "point"),
    entries: (n: number) => plural(n, "go", "goes"),
    parts: (numbers: number[]) =>
      numbers.length === 1 ? `piece ${numbers[0]}` : `pieces ${list(numbers.map(String))}`,
    other: ({ verdict, points }: Other) =>
      verdict === "right"
        ? `The guess at the picture was right: ${plural(points, "point")}.`
        : "Nobody guessed the picture.",
    entry: ({ verdict, counted, team, bare }: Entry) =>
      [
        team === undefined ? "" : `team ${team + 1}`,
        verdict === "partly" ? "nearly" : verdict === "right" ? (counted ? "" : "once more") : "",
        verdict === "wrong" && !counted ? "once more" : "",
        bare === undefined
          ? ""
          : bare === 0
            ? "before any piece was lifted"
            : `after ${plural(bare, "piece")}`,
      ]
        .filter(Boolean)
        .join(", "),
    points: (points: number, of: number) => `${points} of ${plural(of, "point")}`,
    notReached: (n: number) => `${plural(n, "question")} not reached.`,
    tries: (n: number) => plural(n, "try", "tries"),
    /** When something was met and when it was settled; how long it was before who played. */
    when: ({ since, at }: When, verdict: Verdict) => {
      if (at === undefined) return "seen, not tried";
      const spent = seconds((at - since) / 1_000);
      return verdict === "right" || verdict === "given"
        ? `opened after ${spent}`
        : `tried until ${spent} after it was seen`;
    },
    hints: (n: number) => plural(n, "hint"),
    model: "Model answer:",
    marking: {
      nameless: "Hide the names",
      order: "In which order answers are marked",
      orders: { question: "question by question", learner: "learner by learner" },
      somebody: (n: number) => (n === 1 ? "Somebody" : `${n} learners, who wrote the same`),
      several: (names: string[]) =>
        list(
          [...new Set(names)].map((name) => {
            const goes = names.filter((other) => other === name).length;
            return goes === 1 ? name : `${name} (${goes} goes)`;
          }),
        ),
      points: (who: string) => `Points for ${who}`,
      of: (worth: number) => `of ${plural(worth, "point")}`,
      comment: (who: string) => `Comment for ${who}`,
      commentPlaceholder: "a comment, if you like",
      give: "Save mark",
      all: "all",
      half: "half",
      none: "none",
      given: (who: string, points: number, of: number) =>
        `${who}: ${points} of ${of}. You can change the mark any time.`,
      change: "Change the mark",
      undo: "Undo",
      forWhom: "Whose mark is changed",
      forAll: (n: number) => `All ${n} who gave this answer`,
      forOne: (who: string) => `${who} alone`,
      giveAll: (n: number) => `Save mark for ${n}`,
      said: (who: string, points: number, of: number) => `${who}: ${points} of ${of}.`,
      stays:
        "Points, signs, the pass and all figures follow. How the game went stays as it was: tries, lives, steps and how it ended.",
      running: (n: number) =>
        `${formOf(n, "One more gave", `${n} more gave`)} this answer and ${formOf(n, "is", "are")} still playing: mark ${formOf(n, "it", "them")} when the game has ended.`,
      alikeUnread: "Who else gave this answer can’t be read at the moment; this mark is for one.",
      range: (worth: number) => `Whole points only, from 0 to ${worth}. Nothing was saved.`,
    },
    hide: "Hide from the class",
    unhide: "Show it to the class again",
    hiddenNote: "Hidden: only its writer can see it.",
    shared: "The class can see it.",
  },
};
