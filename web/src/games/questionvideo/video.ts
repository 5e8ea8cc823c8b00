import { randomId } from "../../engine/randomId";
import { limits } from "../../generated/limits";
import type {
  Activity,
  Film,
  MediumCard,
  QuestionUnion,
  QuestionVideo,
  ScriptLine,
  Stop,
} from "../../generated/types";
import { blankQuestion } from "../../questions/blankQuestion";

/** Changes of a question video, as pure functions for the editor's store. */
type Edit = (activity: Activity) => Activity;

/** The video of an activity; nothing where it is another game. */
export const videoOf = ({ game }: Activity): QuestionVideo | undefined =>
  game.kind === "question-video" ? game : undefined;

/** Changes the video; its questions stay in the order of the film. */
export const changeVideo =
  (change: (video: QuestionVideo) => Partial<QuestionVideo>): Edit =>
  (activity) => {
    const video = videoOf(activity);
    return video
      ? { ...activity, game: inOrder({ ...video, ...change(video), kind: "question-video" }) }
      : activity;
  };

function inOrder(video: QuestionVideo & { kind: "question-video" }) {
  const at = new Map(video.stops.map((stop) => [stop.question, stop.at]));
  const moment = ({ id }: QuestionUnion) => at.get(id) ?? Number.POSITIVE_INFINITY;
  const sorted = video.questions.every(
    (question, i, all) => i === 0 || moment(all[i - 1] as QuestionUnion) <= moment(question),
  );
  if (sorted) return video;
  const questions = video.questions.toSorted((a, b) => {
    const [one, other] = [moment(a), moment(b)];
    return one === other ? 0 : one - other;
  });
  return { ...video, questions };
}

/** The part of the film that is shown. */
export function shownOf(film?: Film): { from: number; to: number } {
  if (!film) return { from: 0, to: 0 };
  const to = Math.min(film.to ?? film.millis, film.millis);
  return { from: Math.min(film.from ?? 0, to - 1), to };
}

/** A film as Media has it; nothing where its length is not known. */
export function filmOf({ medium, millis, width, height, rate }: MediumCard): Film | undefined {
  return millis ? { medium, millis, width, height, rate } : undefined;
}

export const stopOf = ({ stops }: QuestionVideo, question: string): Stop | undefined =>
  stops.find((stop) => stop.question === question);

/** What the sheet reads, in the order of the film: lines of the script, and stops between them. */
export type Entry =
  | { kind: "line"; at: number; line: ScriptLine; place: number }
  | { kind: "stop"; at: number; question: QuestionUnion; stop?: Stop; place: number };

export function entriesOf(video: QuestionVideo): Entry[] {
  const lines = video.script.map(
    (line, place): Entry => ({ kind: "line", at: line.from, line, place }),
  );
  const stops = video.questions.map((question, i): Entry => {
    const stop = stopOf(video, question.id);
    return {
      kind: "stop",
      at: stop?.at ?? Number.POSITIVE_INFINITY,
      question,
      stop,
      place: i,
    };
  });
  const entries = [...lines, ...stops];
  // A stop at the moment at which a line begins stands before it.
  return entries.toSorted((a, b) =>
    a.at === b.at ? Number(a.kind === "line") - Number(b.kind === "line") : a.at - b.at,
  );
}

/** The most stops. */
export const MOST_STOPS = limits.QuestionVideo.questions.most;

/** Sets when a stop comes; one that had no moment gets one. */
export const moveStop = (question: string, at: number): Edit =>
  changeVideo((video) => {
    const moved = Math.round(Math.max(0, Math.min(at, video.film?.millis ?? at)));
    const there = stopOf(video, question);
    return {
      stops: there
        ? video.stops.map((stop) => (stop === there ? { ...stop, at: moved } : stop))
        : [...video.stops, { question, at: moved }],
    };
  });

/** Where a wrong answer leads back to; nothing where it goes on. */
export const leadBack = (question: string, backTo?: number): Edit =>
  changeVideo((video) => ({
    stops: video.stops.map((stop) => (stop.question === question ? { ...stop, backTo } : stop)),
  }));

/** Adds stops at a moment, behind those that are there. */
export const addStops = (at: number, questions: QuestionUnion[]): Edit =>
  changeVideo((video) => ({
    questions: [...video.questions, ...questions],
    stops: [
      ...video.stops,
      ...questions.map(({ id }) => ({
        question: id,
        at: Math.round(Math.min(at, video.film?.millis ?? at)),
      })),
    ],
  }));

/** A stop with nothing in it yet, and its id. */
export function freshStop(at: number): { id: string; edit: Edit } {
  const id = randomId();
  return { id, edit: addStops(at, [blankQuestion(id)]) };
}

const changeScript = (change: (script: ScriptLine[]) => ScriptLine[]): Edit =>
  changeVideo(({ script }) => ({ script: change(script) }));

export const changeLine = (place: number, part: Partial<ScriptLine>): Edit =>
  changeScript((script) =>
    script.map((line, i) => {
      if (i !== place) return line;
      const changed = { ...line, ...part };
      return { ...changed, to: Math.max(changed.from, changed.to) };
    }),
  );

export const removeLine = (place: number): Edit =>
  changeScript((script) => script.toSpliced(place, 1));

const LINE_MILLIS = 4_000;

/** A line that begins at a moment and ends where the next one begins, or after some seconds. */
export const addLine = (from: number, note: boolean): Edit =>
  changeVideo(({ script, film }) => {
    const next = Math.min(
      ...script.map((line) => line.from).filter((other) => other > from),
      film?.millis ?? Number.POSITIVE_INFINITY,
    );
    const to = Math.max(from, Math.min(from + LINE_MILLIS, next));
    const at = script.filter((line) => line.from <= from).length;
    return { script: script.toSpliced(at, 0, { from, to, text: "", note }) };
  });

/** Other captions in place of those that are there; the teacher's notes stay. */
export const withCaptions = (lines: ScriptLine[]): Edit =>
  changeScript((script) =>
    [...script.filter((line) => line.note), ...lines].toSorted((a, b) => a.from - b.from),
  );
