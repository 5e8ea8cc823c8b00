import { list, plural, schoolDay } from "./format";

/** The words for those who cover for a teacher for a day. */
export const cover = {
  cover: {
    title: "Cover lesson",
    text: "Is a colleague taking your lesson? With a code for that day they can present what is assigned to this class, and see who is playing and how far they are. They see nobody’s answers, nor whether they are right, and can change nothing.",
    day: "The day",
    besides: "What else they can present",
    also: (titles: string[]) => `Also: ${list(titles)}`,
    make: "Make the code",
    makeAnew: "Make another code for this day",
    made: (day: string) => `The code for ${schoolDay(day)} is made.`,
    on: (day: string) => `for ${schoolDay(day)}`,
    withdraw: "Withdraw",
    withdrawn: (day: string) => `The code for ${schoolDay(day)} no longer works.`,
    sheet: "Sheet to print",
    sheetNote: "Give it to whoever takes the class.",
    sheetTitle: (name: string, day: string) => `${name}, ${schoolDay(day)}`,
    sheetText: "Thank you for taking this class. Open this address and type the code:",
    sheetWhat:
      "You can present what is there, and see how far everyone is while they play. The code works on this day only.",
    enterTitle: "Cover a class for a day",
    enterText: "Type the code that the class’s teacher gave you.",
    code: "Code",
    enter: "Continue",
    leave: "Leave",
    until: (day: string) => `Cover lesson on ${schoolDay(day)}, until midnight`,
    comeIn: (code: string) => `Learners join with the code ${code}.`,
    nothing: "There is nothing to present: nothing is assigned to this class today.",
    present: "Present",
    watch: "Watch",
    back: "Back to the list",
    notAssigned: "to present",
    progress: (begun: number, through: number, learners: number) =>
      learners === 0
        ? "for nobody yet"
        : begun === 0
          ? `for ${plural(learners, "learner")}, nobody has started`
          : `${begun} of ${learners} have started, ${through} ${through === 1 ? "has" : "have"} finished`,
    closed: "closed for learners at the moment",
    again: "Type another code",
    over: "This code has expired, or its teacher has withdrawn it.",
  },
};
