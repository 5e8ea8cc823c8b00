import type { Outcome, Task } from "../generated/types";
import { plural, schoolTime } from "./format";

/** What a learner reads of her class. */
export const joining = {
  join: {
    title: (name: string) => `Join ${name}`,
    isYou: (name: string) => `Are you ${name}?`,
    yes: "Yes, that’s me",
    no: "No, I’m someone else",
    new: "I have no slip",
    back: "I have two words",
    name: "Your name",
    nameHint: "The name your class knows you by.",
    words: "Your two words",
    wordsHint: "They are on your slip.",
    go: "Join",
    waiting:
      "Answers from whoever used this device before you are still on it. They are sent under that name as soon as the network is back.",
    shut: "New people can’t join at the moment. Been here before? Use your two words.",
    keepTitle: "Write these two words down",
    keep: "With your name and these two words you can come back, here or on any other device.",
    kept: "I have written them down",
    waitTitle: "Waiting for your teacher",
    wait: "Stay on this page: it carries on by itself.",
    hello: (name: string) => `Hello, ${name}`,
    leave: "Leave",
    leaveText: "Your games are kept. Come back with your name and your two words.",
    nothing: "There is nothing to do at the moment.",
    play: "Play",
    goOn: "Go on",
    again: "Play again",
    look: "Look back",
    mine: "My page",
    from: (moment: string) => `from ${schoolTime(moment)}`,
    until: (moment: string) => `until ${schoolTime(moment)}`,
    over: (moment?: string) => (moment ? `was open until ${schoolTime(moment)}` : "is over"),
    left: (n: number) => (n === 0 ? "no go left" : `${plural(n, "go", "goes")} left`),
    excused: "You don’t have to do this one.",
    state: (task: Task): string =>
      task.standing.running
        ? "started"
        : task.outcome
          ? "done"
          : task.standing.phase === "not-yet"
            ? "not open yet"
            : task.standing.phase === "closed"
              ? "not done"
              : "to do",
    came: ({ won, points, possible, awaiting }: Outcome) =>
      awaiting > 0
        ? "Your teacher hasn’t marked it yet."
        : `${won ? "Won: " : ""}${points > possible ? plural(points, "point") : `${points} of ${plural(possible, "point")}`}`,
  },
};
