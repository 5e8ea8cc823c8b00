import * as engine from "@engine";
import type {
  ActionUnion,
  Activity,
  Aid,
  Audience,
  CaptionsRead,
  Climb,
  DetailMap,
  Difference,
  Dress,
  EscapeOrders,
  EscapePattern,
  EscapePlan,
  EscapeRoom,
  Finding,
  FractionRead,
  FractionTask,
  HappeningUnion,
  Judgement,
  Look,
  Move,
  Named,
  NumberRead,
  Opening,
  PictureReveal,
  Played,
  QuestionUnion,
  QuestionVideo,
  Readiness,
  Refusal,
  Showing,
  Spot,
  SwitchExample,
  Telling,
  Trail,
  Under,
} from "../generated/types";
import { randomId } from "./randomId";

/** What came of a move on this device. */
export interface LocalTurn {
  move: Move;
  happenings: HappeningUnion[];
  refusal?: Refusal;
}

/** The engine keeps plays until they are closed; one that nobody holds any more is closed. */
const unheld = new FinalizationRegistry<number>((play) => engine.close(play));

/**
 * A play on this device's own engine: the live game in Build, and Present. It decides nothing
 * itself; what may happen and what is shown is the core's word.
 */
export class LocalGame {
  private readonly play: number;

  private constructor(play: number) {
    this.play = play;
    unheld.register(this, play);
  }

  static open(activity: Activity, opening: Opening): LocalGame {
    return new LocalGame(answer(engine.open(activity, opening)));
  }

  static rebuild(activity: Activity, opening: Opening, moves: Played[]): LocalGame {
    return new LocalGame(answer(engine.rebuild(activity, opening, moves)));
  }

  /** Every move that was applied, those that were taken back too. */
  get log(): Played[] {
    return answer(engine.log(this.play));
  }

  /** What is seen now; its parts are the same objects as before where they did not change. */
  show(audience: Audience): Showing {
    return answer(engine.show(this.play, audience, Date.now()));
  }

  act(action: ActionUnion): LocalTurn {
    const move: Move = { key: randomId(12), by: "teacher", action };
    const { happenings, refusal } = answer(engine.play(this.play, move, Date.now()));
    return { move, happenings, refusal };
  }

  /** Goes on in the edited activity, where the play stands. */
  follow(activity: Activity) {
    answer(engine.follow(this.play, activity));
  }

  aid(aid: Aid) {
    answer(engine.aid(this.play, aid, Date.now()));
  }
}

/** What the core has to say of an activity before class. */
export const readinessOf = (activity: Activity): Readiness => answer(engine.readiness(activity));

/** The same, with those mends only that take their finding away and bring no other. */
export const mendsOf = (activity: Activity): Readiness => answer(engine.mends(activity));

/** The activity with a finding mended, as the core mends it. */
export const mended = (activity: Activity, finding: Finding): Activity =>
  answer(engine.mend(activity, finding));

/** In which parts two sides differ that both come from one version. */
export const differencesOf = (base: Activity, mine: Activity, theirs: Activity): Difference[] =>
  answer(engine.differences(base, mine, theirs));

/** This side with the parts of the other side that are named. */
export const merged = (mine: Activity, theirs: Activity, from: Difference[]): Activity =>
  answer(engine.merge(mine, theirs, from));

/** How a number that a teacher writes is read; nothing while there is none. */
export const numberReadOf = (question: QuestionUnion) =>
  ask<NumberRead | null>("number-read", question) ?? undefined;

/** What each switch of comparing does to an answer of the teacher's own. */
export const switchExamplesOf = (question: QuestionUnion) =>
  ask<SwitchExample[]>("switch-examples", question);

/** How a text would be judged as the answer to a typed question; nothing where it can't be yet. */
export const judgementOf = (question: QuestionUnion, text: string) =>
  ask<Judgement | null>("judgement", question, text) ?? undefined;

/** The trail with its markers moved as little as it takes that none touches another. */
export const trailApart = (trail: Trail) => ask<Trail>("trail-apart", trail);

/** The trail with its markers at even distances along a path. */
export const trailAlong = (trail: Trail, path: Spot[]) => ask<Trail>("trail-along", trail, path);

/** What follows from the figure of a fraction task. */
export const fractionRead = (task: FractionTask) =>
  ask<FractionRead>("fraction-read", { ...task, kind: "fraction" });

/** The worth of each step of a climb, from the first to the top. */
export const seriesOf = (climb: Climb, unit: number) =>
  ask<number[]>("climb-series", { ...climb, kind: "climb" }, unit);

/** How telling the pieces of a covered picture are. */
export const tellingOf = (reveal: PictureReveal, map: DetailMap) =>
  ask<Telling>("reveal-telling", reveal, map);

/** Each piece of the cut: where it lies and what lifts it. */
export const underPieces = (reveal: PictureReveal) => ask<Under[]>("reveal-under", reveal);

/** The reveal cut in so many pieces that show about as much each. */
export const cutUnevenly = (reveal: PictureReveal, map: DetailMap, pieces: number) =>
  ask<PictureReveal>("reveal-uneven", reveal, map, pieces);

/** The reveal with the hardest questions, which come last, under the most telling pieces. */
export const guarded = (reveal: PictureReveal, map: DetailMap, fromEasy: string[]) =>
  ask<PictureReveal>("reveal-guarded", reveal, map, fromEasy);

/** What can be said of an escape while it is written. */
export const escapePlanOf = (game: EscapeRoom) => ask<EscapePlan>("escape-plan", game);

/** In how many orders an escape can be solved: long to work out where there are many. */
export const escapeOrdersOf = (game: EscapeRoom) => ask<EscapeOrders>("escape-orders", game);

/** All questions of an escape laid out in a way that works. */
export const escapeLaidOut = (game: EscapeRoom, pattern: EscapePattern) =>
  ask<EscapeRoom>("escape-laid-out", game, pattern);

/** The looks that are ready to take. */
export const readyLooks = (): Named[] => answer(engine.looks());

/** A look as it is worn. */
export const dressOf = (look: Look): Dress => answer(engine.dress(look));

/** A fresh opening for trying a game out. */
export function rehearsal(activity: Activity): Opening {
  const teams = activity.rules.teams?.list ?? [];
  return { seed: randomId(24), at: Date.now(), rehearsal: true, teams, help: [] };
}

/** What the core works out under a name. */
function ask<T>(name: string, ...given: unknown[]): T {
  return answer(engine.ask(name, given) as T | { problem: string });
}

function answer<T>(given: T | { problem: string }): T {
  if (typeof given === "object" && given !== null && "problem" in given) {
    throw new Error(given.problem);
  }
  return given as T;
}

/** Captions as WebVTT or SRT, read. */
export const readCaptions = (text: string) => ask<CaptionsRead>("captions-read", text);

/** What is said in a film, as WebVTT. */
export const captionsAsVtt = (video: QuestionVideo) => ask<string>("captions-written", video);

/** The stops of a film, as chapters in WebVTT. */
export const chaptersAsVtt = (video: QuestionVideo) => ask<string>("captions-chapters", video);
