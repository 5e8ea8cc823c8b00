import { randomId } from "../engine/randomId";
import type {
  Activity,
  Basics,
  Credit,
  Figure,
  Option,
  PickAll,
  PickOne,
  QuestionUnion,
} from "../generated/types";
import { questionsOf, withQuestions as withOthers } from "../questions/questionsOf";
import { blocksOf, isBlank, type Medium, plainOf, type Words, withBlock } from "../rich/words";

/** Changes of an activity's questions, as pure functions for the editor's store. */
type Edit = (activity: Activity) => Activity;

const withQuestions =
  (change: (questions: QuestionUnion[]) => QuestionUnion[]): Edit =>
  (activity) => {
    const questions = questionsOf(activity);
    const next = change(questions);
    return next === questions ? activity : withOthers(activity, next);
  };

/** Changes one question. */
export const changeQuestion = (id: string, change: (q: QuestionUnion) => QuestionUnion): Edit =>
  withQuestions((questions) => questions.map((q) => (q.id === id ? change(q) : q)));

/** Puts questions behind another one, or at the end. */
export const insertAfter = (id: string | undefined, ...added: QuestionUnion[]): Edit =>
  withQuestions((questions) => {
    const at = questions.findIndex((q) => q.id === id);
    return questions.toSpliced(at < 0 ? questions.length : at + 1, 0, ...added);
  });

/** Whether nothing is written in a question, so that another may take its place. */
const isUntouched = (question: QuestionUnion): boolean =>
  question.kind === "pick-one" &&
  [question.text, ...Object.values(question.feedback), ...question.hints].every(isBlank) &&
  question.options.length === 0;

/** The untouched questions that stand together from the open one on, or from the first without one. */
function emptyFrom(questions: QuestionUnion[], open: string | undefined): QuestionUnion[] {
  const here = questions.findIndex((q) => q.id === open);
  const first =
    here < 0
      ? questions.findIndex(isUntouched)
      : here + Number(!isUntouched(questions[here] as QuestionUnion));
  if (first < 0) return [];
  const end = questions.findIndex((q, i) => i >= first && !isUntouched(q));
  return questions.slice(first, end < 0 ? undefined : end);
}

/**
 * Pasted questions with ids of their own, the first of them with those of the untouched questions
 * whose place they take: what hangs on one, as a lock or a stop of a film, stays.
 */
export function placed(
  questions: QuestionUnion[],
  open: string | undefined,
  pasted: QuestionUnion[],
): QuestionUnion[] {
  const empty = emptyFrom(questions, open);
  return pasted.map((q, i) => ({ ...copyOf(q), id: empty[i]?.id ?? randomId() }));
}

/** Puts placed questions where they belong: those that are new behind the others, or the open one. */
export const putIn = (open: string | undefined, fresh: QuestionUnion[]): Edit =>
  withQuestions((questions) => {
    const written = questions.map((q) => fresh.find(({ id }) => id === q.id) ?? q);
    const there = (id: string) => questions.some((q) => q.id === id);
    const last = fresh.findLast(({ id }) => there(id))?.id ?? open;
    const at = written.findIndex((q) => q.id === last);
    const added = fresh.filter(({ id }) => !there(id));
    return written.toSpliced(at < 0 ? written.length : at + 1, 0, ...added);
  });

/** Moves questions up (-1) or down (1) together; those at the end of the sheet stay there. */
export const moveQuestions = (ids: string[], by: 1 | -1): Edit =>
  withQuestions((questions) => moved(questions, ids, by));

/** Switches questions off, or on if all of them are off. */
export const switchQuestions = (ids: string[]): Edit =>
  withQuestions((questions) => {
    const chosen = questions.filter((q) => ids.includes(q.id));
    const off = !chosen.every((q) => q.off);
    return chosen.length === 0
      ? questions
      : questions.map((q) => (ids.includes(q.id) ? { ...q, off } : q));
  });

/** What can be set for several questions at once; what is left out stays as it is in each. */
export interface Shared {
  worth?: number | "usual";
  seconds?: number | "usual";
  credit?: Credit;
  /** In place of the pictures that are in a question, or the first in it. */
  picture?: Medium;
}

/** Sets something for several questions; each takes what its kind can have. */
export const setForAll = (ids: string[], shared: Shared): Edit =>
  withQuestions((questions) =>
    questions.map((q) => (ids.includes(q.id) ? withShared(q, shared) : q)),
  );

function withShared(question: QuestionUnion, shared: Shared): QuestionUnion {
  const { worth, seconds, credit, picture } = shared;
  const changed = { ...question };
  if (picture !== undefined) {
    const blocks = blocksOf(question.text).filter((block) => block.kind !== "picture");
    changed.text = withBlock(blocks, picture);
  }
  if (question.kind === "information" || question.kind === "discussion") return changed;
  if (worth !== undefined) changed.worth = worth === "usual" ? undefined : worth;
  if (seconds !== undefined) changed.seconds = seconds === "usual" ? undefined : seconds;
  if (credit !== undefined && "credit" in changed) changed.credit = credit;
  return changed;
}

/** The same question with ids of its own. */
export function copyOf(question: QuestionUnion): QuestionUnion {
  const copy = { ...question, id: randomId() };
  const own = <T extends { id: string }>(item: T): T => ({ ...item, id: randomId() });
  switch (copy.kind) {
    case "pick-one":
    case "pick-all": {
      const fresh = new Map(copy.options.map((option) => [option.id, randomId()]));
      const named = (id: string) => fresh.get(id) ?? id;
      return {
        ...copy,
        options: copy.options.map((option) => ({ ...option, id: named(option.id) })),
        strikeOrder: copy.strikeOrder.map(named),
      };
    }
    case "order": {
      const fresh = new Map(copy.cards.map((card) => [card.id, randomId()]));
      const named = (id: string) => fresh.get(id) ?? id;
      return {
        ...copy,
        cards: copy.cards.map((card) => ({
          ...card,
          id: named(card.id),
          after: card.after.map(named),
        })),
      };
    }
    case "pairs":
      return {
        ...copy,
        pairs: copy.pairs.map((pair) => ({
          ...pair,
          left: own(pair.left),
          right: own(pair.right),
          more: pair.more.map(own),
        })),
      };
    default:
      return copy;
  }
}

/** The same question as another kind; what has no place there is left behind. */
export function asKind(question: QuestionUnion, kind: QuestionUnion["kind"]): QuestionUnion {
  if (question.kind === kind) return question;
  const { id, text, feedback, off, worth, seconds, hints } = question;
  const basics: Basics = { id, text, feedback, off, worth, seconds, hints };
  const texts = textsOf(question);
  const cards = texts.map((card) => ({ id: randomId(), text: card }));
  const credit = "each-right-counts";
  switch (kind) {
    case "pick-one":
    case "pick-all": {
      const options =
        question.kind === "pick-one" || question.kind === "pick-all"
          ? question.options
          : texts.map((option, i) => blankOption(randomId(), option, i === 0));
      return kind === "pick-one"
        ? { kind, ...basics, options, strikeOrder: [] }
        : { kind, ...basics, options, credit: "wrong-costs", strikeOrder: [] };
    }
    case "true-false":
      return { kind, ...basics };
    case "typed-text":
      return {
        kind,
        ...basics,
        accepted: rightTexts(question).map(plainOf),
        mistakes: [],
        comparing: FAIR,
      };
    case "number":
      return {
        kind,
        ...basics,
        value: rightTexts(question).map(plainOf)[0],
        units: [],
        unitNeeded: false,
        unitsExact: false,
        lowestTerms: false,
        fractions: false,
        percent: false,
        mistakes: [],
      };
    case "gaps":
      return { kind, ...basics, filling: "dragged", decoys: [], comparing: FAIR, credit };
    case "order":
      return {
        kind,
        ...basics,
        cards: cards.map((card) => ({ ...card, level: false, after: [] })),
        credit,
      };
    case "pairs":
      return {
        kind,
        ...basics,
        pairs: cards.map((left) => ({ left, right: { id: randomId(), text: "" }, more: [] })),
        credit,
      };
    case "groups":
      return {
        kind,
        ...basics,
        groups: [],
        rows: [],
        cards: [],
        credit,
        outside: false,
        atOnce: false,
      };
    case "fraction":
      return { kind, ...basics, task: "name", figure: blankFigure, ownCut: false };
    case "point":
      return { kind, ...basics, alt: "", areas: [] };
    default:
      return { kind, ...basics };
  }
}

/** A figure that a teacher begins with. */
const blankFigure: Figure = { shape: "bar", parts: 10, shaded: [0, 1, 2, 3, 4, 5, 6] };

/** As fair as a teacher is, and small slips are forgiven. */
const FAIR = {
  caseMatters: false,
  signsMatter: false,
  accentsMatter: false,
  slips: true,
  anyOrder: false,
  articles: false,
};

/** An option that is mixed with the others. */
export const blankOption = (id: string, text: Words, right = false): Option => ({
  id,
  text,
  right,
  pinned: false,
});

/** What is written in a question besides its text, as far as another kind can use it. */
function textsOf(question: QuestionUnion): Words[] {
  switch (question.kind) {
    case "pick-one":
    case "pick-all":
      return question.options.map((option) => option.text);
    case "typed-text":
      return question.accepted;
    case "order":
    case "groups":
      return question.cards.map((card) => card.text);
    case "pairs":
      return question.pairs.map((pair) => pair.left.text);
    default:
      return [];
  }
}

function rightTexts(question: QuestionUnion): Words[] {
  return question.kind === "pick-one" || question.kind === "pick-all"
    ? question.options.filter((option) => option.right).map((option) => option.text)
    : textsOf(question);
}

/** A question whose answers are options. */
export type WithOptions = PickOne | PickAll;

/** Changes the options of a question that has some. */
export const changeOptions = (id: string, change: (options: Option[]) => Option[]): Edit =>
  changeQuestion(id, (q) =>
    q.kind === "pick-one" || q.kind === "pick-all" ? { ...q, options: change(q.options) } : q,
  );

/** Moves an option up or down. */
export const moveOption = (question: string, option: string, by: 1 | -1): Edit =>
  changeOptions(question, (options) => moved(options, [option], by));

/** Marks an option right, or takes the mark away. */
export const turnRight = (question: WithOptions, option: string): Edit =>
  changeOptions(question.id, (options) =>
    options.map((o) => (o.id === option ? { ...o, right: !o.right } : o)),
  );

/** Pins an option to its place, or lets it be mixed again. */
export const turnPin = (question: WithOptions, option: string): Edit =>
  changeOptions(question.id, (options) =>
    options.map((o) => (o.id === option ? { ...o, pinned: !o.pinned } : o)),
  );

function moved<T extends { id: string }>(items: T[], ids: string[], by: 1 | -1): T[] {
  const next = by === 1 ? items.toReversed() : [...items];
  for (let i = 1; i < next.length; i++) {
    const [before, item] = [next[i - 1], next[i]];
    if (before && item && ids.includes(item.id) && !ids.includes(before.id)) {
      next[i - 1] = item;
      next[i] = before;
    }
  }
  const ordered = by === 1 ? next.reverse() : next;
  return ordered.every((item, i) => item === items[i]) ? items : ordered;
}
