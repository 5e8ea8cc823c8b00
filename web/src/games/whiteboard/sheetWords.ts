import { plural } from "../../words/format";

/** What only whoever writes a whiteboard reads. */
export const sheetWords = {
  name: "Whiteboard",
  does: "Sort, order, shade together: start a whiteboard for the front of the class.",
  startsLabel: "What is on the first page",
  starts: {
    sorting: "cards to sort",
    order: "cards to put in order",
    fraction: "a fraction in a figure",
  },
  counted: (n: number) => plural(n, "page"),
  come: "The pages come",
  comeLabel: "How the pages come",
  comes: { inOrder: "one after another", picked: "as the class picks them" },
  answers: "Answers",
  flapsLabel: "How answers are shown",
  flaps: { under: "are hidden under a flap", open: "are shown straight away" },
  likeLast: "New page like this one",
  findings: {
    "empty-flaps": () =>
      "Answers lie under flaps, but the rules never show what is right: there is nothing under them.",
  },
  mends: { "empty-flaps": () => "Do without flaps" },
};
