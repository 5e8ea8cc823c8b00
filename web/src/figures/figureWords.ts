import type { Figure } from "../generated/types";
import { formOf, plural } from "../words/format";

const SHAPES = { circle: "circle", bar: "bar", rectangle: "rectangle", set: "set" };

const wholes = ({ wholes = 1, shape }: Figure) =>
  wholes > 1 ? `${wholes} ${SHAPES[shape]}s, each` : `A ${SHAPES[shape]}`;

/** What is said of figures, loaded with them. */
export const figureWords = {
  seen: (figure: Figure) =>
    figure.shape === "set"
      ? `${wholes(figure)} of ${plural(figure.parts, "thing")}, ${figure.shaded.length} of them shaded.`
      : `${wholes(figure)} in ${plural(figure.parts, "equal part")}, ${figure.shaded.length} shaded.`,
  part: (n: number, of: number) => `Part ${n} of ${of}`,
  recurs: (plain: string, digits: string) => `${plain}, with ${digits} recurring`,
  over: (over: number, under: number) => `${over} over ${under}`,
  laid: (first: Figure, second: Figure, cut: number) =>
    `One over the other, in ${cut} parts: ${(first.shaded.length * cut) / first.parts} are shaded in the first, ${(second.shaded.length * cut) / second.parts} in the second.`,
  first: "First",
  second: "Second",
  cut: "Cut it into",
  cutInto: (parts: number) => (parts === 1 ? "one whole" : `${parts} equal parts`),
  shaded: (n: number, of: number) => `${n} of ${plural(of, "part")} shaded`,
  over1: "Parts that are shaded",
  under1: "Parts in a whole",
  whole1: "Wholes",
  lowest: "In lowest terms.",
  asShaded: "In the parts of the figure.",
  otherWay: "Write a decimal or per cent",
  asFraction: "Write a fraction",
  relationsLabel: "In the first figure there is",
  facts: {
    equals: "also",
    common: (cut: number) =>
      `In ${formOf(cut, "one part", `${cut} equal parts`)} both can be shown:`,
  },
};
