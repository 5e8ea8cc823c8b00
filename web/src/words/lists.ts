import type { ItemReading, ItemRole } from "../generated/types";

/** Words of the dialog that reads a list of things. */
export const lists = {
  title: {
    things: "Things from a list",
    names: "Names from a list",
    texts: "Lines from a list",
    options: "Options from a list",
    pairs: "Pairs from a list",
  },
  open: "From a list",
  label: "The list",
  file: "Open a file",
  preview: "How it is read",
  readAs: "Read as",
  readings: {
    names: "one to a line, with its other names",
    each: "everything between commas by itself",
    lines: "each line as a whole",
    "as-it-is": "as it stands, numbers too",
  } satisfies Record<ItemReading, string>,
  pairs: "a pair to a line",
  roles: {
    item: "",
    head: "a title, left out",
    double: "is there already",
    left: "nothing to take in",
  } satisfies Record<ItemRole, string>,
  nothing: "Nothing yet.",
  read: (n: number) => `${n} read`,
  full: (most: number) => `There is room for the first ${most} only.`,
  doubt: (why: string) => `None is marked as right: ${why}.`,
  waits: (problem: string) => `${problem} The list stays here and is read once that is over.`,
  notOpened: (name: string, reason: string) => `${name} was not opened. ${reason}`,
  cancel: "Cancel",
  take: (n: number) => (n === 0 ? "Take in" : `Take in ${n}`),
};
