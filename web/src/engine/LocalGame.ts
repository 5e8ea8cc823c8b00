import * as engine from "@engine";
import type {
  ActionUnion,
  Activity,
  Aid,
  Audience,
  Climb,
  Difference,
  Dress,
  Finding,
  HappeningUnion,
  Judgement,
  Look,
  Move,
  Named,
  NumberRead,
  Opening,
  Played,
  QuestionUnion,
  Readiness,
  Refusal,
  Showing,
  Sitting,
  Spot,
  SwitchExample,
  Trail,
} from "../generated/types";
import { randomId } from "./randomId";

/** What came of a move on this device. */
export interface LocalTurn {
  move: Move;
  happenings: HappeningUnion[];
  refusal?: Refusal;
}

/**
 * A play on this device's own engine: the live game in Build, and Present. It decides nothing
 * itself; what may happen and what is shown is the core's word.
 */
export class LocalGame {
  private activityText: string;
  private sittingText: string;

  private constructor(activity: Activity, sitting: string) {
    this.activityText = JSON.stringify(activity);
    this.sittingText = sitting;
  }

  static open(activity: Activity, opening: Opening): LocalGame {
    return new LocalGame(
      activity,
      answer(engine.open(JSON.stringify(activity), JSON.stringify(opening))),
    );
  }

  static rebuild(activity: Activity, opening: Opening, moves: Played[]): LocalGame {
    const texts = [activity, opening, moves].map((part) => JSON.stringify(part));
    return new LocalGame(
      activity,
      answer(engine.rebuild(texts[0] ?? "", texts[1] ?? "", texts[2] ?? "")),
    );
  }

  get sitting(): Sitting {
    return JSON.parse(this.sittingText);
  }

  show(audience: Audience): Showing {
    return JSON.parse(
      answer(engine.show(this.activityText, this.sittingText, audience, Date.now())),
    );
  }

  act(action: ActionUnion): LocalTurn {
    const move: Move = { key: randomId(12), by: "teacher", action };
    const turn = JSON.parse(
      answer(engine.play(this.activityText, this.sittingText, JSON.stringify(move), Date.now())),
    );
    this.sittingText = JSON.stringify(turn.sitting);
    return { move, happenings: turn.happenings, refusal: turn.refusal };
  }

  /** Goes on in the edited activity, where the play stands. */
  follow(activity: Activity) {
    this.activityText = JSON.stringify(activity);
    this.sittingText = answer(engine.follow(this.activityText, this.sittingText));
  }

  aid(aid: Aid) {
    this.sittingText = answer(engine.aid(this.activityText, this.sittingText, aid, Date.now()));
  }
}

/** What the core has to say of an activity before class. */
export function readinessOf(activity: Activity): Readiness {
  return JSON.parse(answer(engine.readiness(JSON.stringify(activity))));
}

/** The same, with those mends only that take their finding away and bring no other. */
export function mendsOf(activity: Activity): Readiness {
  return JSON.parse(answer(engine.mends(JSON.stringify(activity))));
}

/** How a number that a teacher writes is read; nothing while there is none. */
export function numberReadOf(question: QuestionUnion): NumberRead | undefined {
  return JSON.parse(answer(engine.readNumber(JSON.stringify(question)))) ?? undefined;
}

/** What each switch of comparing does to an answer of the teacher's own. */
export function switchExamplesOf(question: QuestionUnion): SwitchExample[] {
  return JSON.parse(answer(engine.examples(JSON.stringify(question))));
}

/** The activity with a finding mended, as the core mends it. */
export function mended(activity: Activity, finding: Finding): Activity {
  return JSON.parse(answer(engine.mend(JSON.stringify(activity), JSON.stringify(finding))));
}

/** In which parts two sides differ that both come from one version. */
export function differencesOf(base: Activity, mine: Activity, theirs: Activity): Difference[] {
  const texts = [base, mine, theirs].map((part) => JSON.stringify(part));
  return JSON.parse(answer(engine.differences(texts[0] ?? "", texts[1] ?? "", texts[2] ?? "")));
}

/** This side with the parts of the other side that are named. */
export function merged(mine: Activity, theirs: Activity, fromTheirs: Difference[]): Activity {
  const texts = [mine, theirs, fromTheirs].map((part) => JSON.stringify(part));
  return JSON.parse(answer(engine.merge(texts[0] ?? "", texts[1] ?? "", texts[2] ?? "")));
}

/** The trail with its markers moved as little as it takes that none touches another. */
export function trailApart(trail: Trail): Trail {
  return JSON.parse(answer(engine.apart(JSON.stringify(trail))));
}

/** The trail with its markers at even distances along a path. */
export function trailAlong(trail: Trail, path: Spot[]): Trail {
  return JSON.parse(answer(engine.along(JSON.stringify(trail), JSON.stringify(path))));
}

/** The worth of each step of a climb, from the first to the top. */
export function seriesOf(climb: Climb, unit: number): number[] {
  return JSON.parse(answer(engine.series(JSON.stringify({ ...climb, kind: "climb" }), unit)));
}

/** The looks that are ready to take. */
export function readyLooks(): Named[] {
  return JSON.parse(answer(engine.looks()));
}

/** A look as it is worn. */
export function dressOf(look: Look): Dress {
  return JSON.parse(answer(engine.dress(JSON.stringify(look))));
}

/** How a text would be judged as the answer to a typed question; nothing where it can't be yet. */
export function judgementOf(question: QuestionUnion, text: string): Judgement | undefined {
  return JSON.parse(answer(engine.judge(JSON.stringify(question), text))) ?? undefined;
}

/** A fresh opening for trying a game out. */
export function rehearsal(activity: Activity): Opening {
  const teams = activity.rules.teams?.list ?? [];
  return { seed: randomId(24), at: Date.now(), rehearsal: true, teams };
}

function answer(text: string): string {
  if (text.startsWith('{"problem":')) {
    throw new Error(JSON.parse(text).problem);
  }
  return text;
}
