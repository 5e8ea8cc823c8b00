import type { Outcome, Task } from "../generated/types";
import { plural, schoolTime } from "./format";

/** What a learner reads of her class. */
export const joining = {
  join: {
    title: (name: string) => `Come into ${name}`,
    isYou: (name: string) => `Are you ${name}?`,
    yes: "Yes, that is me",
    no: "No, somebody else",
    new: "I am new here",
    back: "I was here before",
    name: "Your name",
    nameHint: "As the others in your class know you.",
    words: "Your two words",
    wordsHint: "They are on your slip.",
    go: "Come in",
    waiting:
      "Answers of whoever had this device before are still on it. They are sent as theirs as soon as the network is back.",
    shut: "Nobody new can come in just now. If you have been here before, come in with your two words.",
    keepTitle: "Write these two words down",
    keep: "With your name and these words you come back, here or on any other device.",
    kept: "I have written them down",
    waitTitle: "Your teacher lets you in",
    wait: "Stay on this page: it goes on by itself.",
    hello: (name: string) => `Hello, ${name}`,
    leave: "Leave",
    leaveText: "Your games are kept. You come back with your name and your two words.",
    nothing: "There is nothing to do just now.",
    play: "Play",
    goOn: "Go on",
    again: "Play again",
    look: "Look back",
    mine: "To my page",
    from: (moment: string) => `from ${schoolTime(moment)}`,
    until: (moment: string) => `until ${schoolTime(moment)}`,
    over: (moment?: string) => (moment ? `was open until ${schoolTime(moment)}` : "is over"),
    left: (n: number) => (n === 0 ? "no go left" : `${plural(n, "go", "goes")} left`),
    excused: "You need not do this one.",
    state: (task: Task): string =>
      task.standing.running
        ? "begun"
        : task.outcome
          ? "done"
          : task.standing.phase === "not-yet"
            ? "not open yet"
            : task.standing.phase === "closed"
              ? "not done"
              : "to do",
    came: ({ won, points, possible, awaiting }: Outcome) =>
      awaiting > 0
        ? "Your teacher still marks it."
        : `${won ? "Won: " : ""}${points > possible ? plural(points, "point") : `${points} of ${plural(possible, "point")}`}`,
  },
};
