import { LocalGame } from "../src/engine/LocalGame";
import type { ActionUnion, Activity, Aid, Audience, Showing } from "../src/generated/types";
import { onwards } from "../src/stage/stage";

/** Something that a class or a learner can come to see. */
export interface State {
  name: string;
  audience: Audience;
  showing: Showing;
}

/** With what it shows of a question, and what of the game around it: the two don't mind each other. */
interface Found extends State {
  aspects: string[];
}

const files = import.meta.glob<Activity>("../../server/src/main/resources/demo/*.json", {
  eager: true,
  import: "default",
});

/** More than any of the demo's games takes. */
const MOST_STEPS = 80;

/** More than are answered wrong in any of them. */
const MOST_WRONG = 60;

/**
 * What is seen of the demo's games, each sort of thing once: every kind of question as it is asked
 * and as it was answered, every board, title and ending, for a learner and for the class. A kind of
 * question is not shown again on each board.
 */
export function statesOfTheDemo(): State[] {
  const states: State[] = [];
  const seen = new Set<string>();
  for (const activity of Object.values(files).flatMap(inEachFilling)) {
    for (const audience of ["player", "projector"] as const) {
      for (const aid of ["right", "wrong"] as const) {
        for (const state of walk(begin(activity, audience), audience, aid)) {
          if (state.aspects.every((aspect) => seen.has(aspect))) continue;
          for (const aspect of state.aspects) seen.add(aspect);
          states.push(state);
        }
      }
    }
  }
  return states;
}

/** The same sentences with their gaps filled in each way: the demo has gaps that are dragged. */
function inEachFilling(activity: Activity): Activity[] {
  const { game } = activity;
  if (game.kind !== "quiz-show" || !game.questions.some((q) => q.kind === "gaps"))
    return [activity];
  return (["dragged", "chosen", "typed"] as const).map((filling) => {
    const questions = game.questions.map((q) => (q.kind === "gaps" ? { ...q, filling } : q));
    return { ...activity, game: { ...game, questions } };
  });
}

function begin(activity: Activity, audience: Audience) {
  const teams = audience === "projector" ? (activity.rules.teams?.list ?? []) : [];
  const opening = { seed: "gallery", at: Date.now(), rehearsal: true, teams, help: [] };
  return LocalGame.open(activity, opening);
}

/** Plays to the end, everything right or everything wrong. */
function* walk(game: LocalGame, audience: Audience, aid: Aid): Generator<Found> {
  for (let step = 0; step < MOST_STEPS; step++) {
    const showing = game.show(audience);
    const { stage, question, teams, ending } = showing;
    const tried = stage === "feedback" || (stage === "playing" && step > 1);
    const came = ending ? (ending.outcome.won ? "won" : "lost") : tried && aid;
    const board = [showing.game, showing.scene?.kind, teams.length > 0 && "teams"];
    const named = (...parts: (string | false | undefined)[]) => parts.filter(Boolean).join(", ");
    yield {
      name: named(audience, ...board, stage, question?.kind, came),
      aspects: [
        named(audience, stage, question?.kind, came),
        named(audience, ...board, stage, came),
      ],
      audience,
      showing,
    };
    if (stage === "end") return;
    const next = stage === "question" ? undefined : leads(showing);
    if (next && game.act(next).refusal === undefined) continue;
    // Where things are tried until they are right, being wrong has no end: it is given up.
    game.aid(aid === "wrong" && step >= MOST_WRONG ? "loss" : aid);
  }
}

/** The move that only leads to where something can be tried. */
function leads(showing: Showing): ActionUnion | undefined {
  const open = showing.markers.find((marker) => marker.state === "to-do");
  return showing.stage === "board" && open
    ? { kind: "pick", question: open.question }
    : onwards(showing);
}
