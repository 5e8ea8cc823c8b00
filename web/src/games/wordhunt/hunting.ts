import { randomId } from "../../engine/randomId";
import { limits } from "../../generated/limits";
import type { Activity, Listed, Thing, WordHunt } from "../../generated/types";

/** Changes of a word hunt, as pure functions for the editor's store. */
type Edit = (activity: Activity) => Activity;

export const MOST = limits.WordHunt.things.most;

/** The hunt of an activity; nothing where it is another game. */
export const huntOf = ({ game }: Activity): WordHunt | undefined =>
  game.kind === "word-hunt" ? game : undefined;

/** Changes the hunt. */
export const changeHunt =
  (change: (hunt: WordHunt) => Partial<WordHunt>): Edit =>
  (activity) => {
    const hunt = huntOf(activity);
    return hunt ? { ...activity, game: { ...hunt, ...change(hunt), kind: "word-hunt" } } : activity;
  };

/** So many goes more than there are things, unless the teacher says otherwise. */
export const MORE_GOES = 5;

/** As many goes as before beside the things: the usual number follows them until it is another. */
const changeThings = (change: (things: Thing[]) => Thing[]): Edit =>
  changeHunt((hunt) => {
    const things = change(hunt.things).slice(0, MOST);
    const usual = hunt.entries === hunt.things.length + MORE_GOES;
    return { things, ...(usual && { entries: things.length + MORE_GOES }) };
  });

/** Changes one thing. */
export const changeThing = (id: string, part: Partial<Thing>): Edit =>
  changeThings((things) =>
    things.map((thing) => (thing.id === id ? { ...thing, ...part } : thing)),
  );

/** Puts things behind another one, or at the end. */
export const addThings = (after: string | undefined, added: Thing[]): Edit =>
  changeThings((things) => {
    const at = things.findIndex((thing) => thing.id === after);
    return things.toSpliced(at < 0 ? things.length : at + 1, 0, ...added);
  });

/** Takes a thing out. */
export const removeThing = (id: string): Edit =>
  changeThings((things) => things.filter((thing) => thing.id !== id));

/** Moves a thing up (-1) or down (1). */
export const moveThing = (id: string, by: 1 | -1): Edit =>
  changeThings((things) => {
    const at = things.findIndex((thing) => thing.id === id);
    const to = at + by;
    if (at < 0 || to < 0 || to >= things.length) return things;
    const thing = things[at] as Thing;
    return things.toSpliced(at, 1).toSpliced(to, 0, thing);
  });

/** A thing with these names. */
export const thingOf = (names: string[], id = randomId()): Thing => ({ id, names });

const LONGEST_NAME = 200;

/** A thing that was read in a list, as far as it fits. */
export const thingRead = ({ names }: Listed): Thing =>
  thingOf(names.slice(0, limits.Thing.names.most).map((name) => name.slice(0, LONGEST_NAME)));

/** Puts things that were read in a list in from a thing on, which the first of them fills if it is empty. */
export const putThings =
  (from: Thing | undefined, read: Thing[]): Edit =>
  (activity) => {
    const [first, ...others] = read;
    const empty = from && !from.names[0]?.trim();
    return empty && first
      ? addThings(from.id, others)(changeThing(from.id, { names: first.names })(activity))
      : addThings(from?.id, read)(activity);
  };

/** The other names as one line. */
export const othersOf = ({ names }: Thing) => names.slice(1).join(", ");

/** The names of a thing with other names from one line: what stands between commas is a name. */
export const withOthers = ({ names }: Thing, text: string): string[] => {
  const others = text.split(",").map((name) => name.trim());
  return [names[0] ?? "", ...others.filter(Boolean).slice(0, limits.Thing.names.most - 1)];
};
