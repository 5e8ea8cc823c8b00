import { useEffect, useState } from "react";
import type { ActionUnion, FrontSitting, Showing, Team, Vote } from "../generated/types";
import { picking } from "../questions/answers/Options";
import { useSoundSwitch } from "../sound/useSound";
import { toBoard, toEntry } from "../stage/boardKeys";
import { isLaid, useLaid } from "../stage/laid";
import type { Looking } from "../stage/looking";
import { isPicked, LETTERS, onwards } from "../stage/stage";
import { words } from "../words/en";
import { useBeside } from "./beside";
import { useBesideSending } from "./besideSending";
import { type ClassClock, leftOf, turned } from "./ClassTimer";
import { savePicture } from "./pagePicture";
import type { FrontGame } from "./useFrontGame";

export const LETTER_KEYS = LETTERS.slice(0, 6);

const ONE_BY_ONE = "bravium.one-by-one";
const MORE_SECONDS = 30;
const NOTE_MILLIS = 3_500;

/** A dialog at the front; a number means the points of that team. */
type Open = "keys" | "jump" | "hands" | "join" | number | undefined;

export type FrontControls = ReturnType<typeof useFrontControls>;

/** All that can be done at the front, however it is asked for. */
export function useFrontControls(sitting: FrontSitting, game: FrontGame, looking: Looking) {
  const { showing } = game;
  const { question } = showing;
  const { given, give } = useLaid(sitting.sitting, showing);
  const [nudge, setNudge] = useState(false);
  const [note, setNote] = useNote();
  const [dialog, open] = useState<Open>();
  const [shutter, setShutter] = useState(false);
  const [pen, setPen] = useState(false);
  /** Whether all tools are down where a child reaches them. */
  const [low, setLow] = useState(false);
  const openFlaps = useBeside((beside) => beside.open);
  const { turnFlap } = useBeside.getState();
  useBesideSending(sitting.sitting);
  const [classClock, setClassClock] = useState<ClassClock>();
  // For this game alone: in the next one all options are there again.
  const [oneByOne, setOneByOne] = useState(
    () => sessionStorage.getItem(ONE_BY_ONE) === sitting.sitting,
  );
  const [shown, setShown] = useState({ question: "", count: 0 });
  /** Whether several questions are open at once, of which one may be looked at. */
  const several = showing.questions.length > 0;
  const optionsShown = shownOptions(showing, oneByOne, shown);

  const act = (action: ActionUnion) => {
    setNudge(false);
    setNote(undefined);
    const refusal = game.act(action);
    if (refusal) return setNote(words.refused[refusal]);
    // What was laid lies there again if it is taken back; what was only picked is picked anew.
    if (action.kind === "answer" && !isLaid(action.response)) give(undefined);
  };
  const next = () => {
    if (question && optionsShown !== undefined) {
      return setShown({ question: question.id, count: optionsShown + 1 });
    }
    const move = onwards(showing, given, true);
    if (move) act(move);
    else if (showing.stage === "board") toBoard();
    else if (showing.stage === "playing") toEntry();
    else setNudge(showing.stage === "question");
  };
  const back = () => {
    if (given !== undefined) {
      const undo = document.querySelector<HTMLButtonElement>("[data-undo='true']");
      if (undo) return undo.click();
      if (!isLaid(given)) return give(undefined);
    }
    const steps = question && shown.question === question.id ? shown.count : 0;
    if (oneByOne && question && steps > 0 && untouched(showing)) {
      return setShown({ question: question.id, count: steps - 1 });
    }
    if (looking.at) return looking.goTo();
    game.back();
  };
  const choose = (key: string) => {
    const option = question?.choices[LETTER_KEYS.indexOf(key.toUpperCase())];
    const struck = showing.talk?.struck.some((one) => one.option === option?.id);
    if (showing.stage !== "question" || !option || !question || !isPicked(question)) return;
    if (struck || showing.talk?.done) return;
    setNudge(false);
    give(picking(question, option.id, given));
    // Enter then answers, and presses no button that had the focus from before.
    if (document.activeElement instanceof HTMLButtonElement) document.activeElement.blur();
  };
  const strike = (all: boolean) => {
    if (!question || !isPicked(question)) return setNote(words.front.nothingToStrike);
    const refusal = game.act({ kind: all ? "reveal" : "strike", question: question.id });
    if (refusal) setNote(words.front.nothingToStrike);
    give(undefined);
  };
  /** Gives a team the turn; where there is none to give, its points are asked for, if wanted. */
  const pressTeam = (team: number, asksPoints = true) => {
    if (showing.teams.length === 0) return;
    if (!showing.teams[team]) return setNote(words.front.noTeam(team + 1));
    const byTeacher = sitting.activity.rules.teams?.turns === "by-teacher";
    const there = several || showing.stage === "question" || showing.stage === "board";
    const waits = byTeacher && there;
    if (waits && !game.act({ kind: "give-turn", team })) return setNote(undefined);
    if (asksPoints && showing.stage !== "title" && showing.stage !== "end") open(team);
  };
  /** Which clock is meant: that of the open question, or the game's where several things are open. */
  const clockOf = several
    ? "game"
    : (question?.id ?? (showing.stage === "playing" ? "game" : undefined));
  const clock = () => {
    if (showing.clock && clockOf) {
      act({ kind: showing.clock.held ? "run-clock" : "hold-clock", question: clockOf });
    } else setClassClock(turned(classClock));
  };
  const moreTime = () => {
    if (showing.clock && clockOf) {
      game.act({ kind: "add-time", question: clockOf, seconds: MORE_SECONDS });
    } else if (classClock) {
      setClassClock({
        left: leftOf(classClock) + MORE_SECONDS * 1_000,
        since: classClock.since === undefined ? undefined : performance.now(),
      });
    }
  };
  /** Gives the answer away: strikes out all that is wrong, or folds the flap open over it. */
  const reveal = () => {
    if (!question || isPicked(question)) return strike(true);
    const closed = showing.stage === "question" && !showing.talk?.done;
    if (closed && game.act({ kind: "reveal", question: question.id })) {
      return setNote(words.front.nothingToStrike);
    }
    turnFlap(question.id, true);
  };
  /** Nothing lies under it yet: it is shut, though it was open before that was taken back. */
  const nothingUnder = (id: string) =>
    id === question?.id && showing.stage === "question" && !showing.talk?.done;
  const flaps = {
    open: (id: string) => openFlaps.includes(id) && !nothingUnder(id),
    turn: (id: string) => {
      if (nothingUnder(id)) reveal();
      else turnFlap(id);
    },
  };
  const takePicture = () => {
    const page = document.querySelector<HTMLElement>(".present");
    if (!page) return;
    savePicture(page, pictureName(showing)).then(
      () => setNote(words.front.pictureSaved),
      () => setNote(words.front.pictureFailed),
    );
  };
  const openLock = () => {
    const opens = document.querySelector<HTMLButtonElement>("[data-opens] > button");
    if (opens) opens.click();
    else setNote(words.front.noLock);
  };
  const turnSound = () => {
    useSoundSwitch.getState().turn();
    setNote(useSoundSwitch.getState().on ? words.sound.on : words.sound.off);
  };
  const turnOneByOne = () => {
    sessionStorage.setItem(ONE_BY_ONE, oneByOne ? "" : sitting.sitting);
    setOneByOne(!oneByOne);
    setNote(oneByOne ? words.front.oneByOneOff : words.front.oneByOneOn);
  };
  return {
    showing,
    given,
    give,
    act,
    next,
    back,
    choose,
    strike,
    reveal,
    flaps,
    takePicture,
    low,
    turnLow: () => {
      setLow(!low);
      setNote(low ? words.front.lowOff : words.front.lowOn);
    },
    pressTeam,
    clock,
    moreTime,
    turnSound,
    turnOneByOne,
    hint: () => {
      if (question && question.help.more > 0) game.act({ kind: "hint", question: question.id });
    },
    jumpTo: (to: string) => {
      open(undefined);
      if (several) return looking.goTo(to);
      const picked = showing.stage === "board" && !game.act({ kind: "pick", question: to });
      if (!picked) act({ kind: "go-to", question: to });
    },
    countHands: (votes: Vote[]) => {
      open(undefined);
      if (question) game.act({ kind: "count-hands", question: question.id, votes });
    },
    givePoints: (team: number, points: number) => {
      open(undefined);
      game.act({ kind: "give-points", team, points });
    },
    joinTeam: (team: Team) => {
      open(undefined);
      act({ kind: "join-team", team });
    },
    dialog,
    open,
    shutter,
    turnShutter: () => setShutter(!shutter),
    openLock,
    pen,
    turnPen: () => setPen(!pen),
    classClock,
    optionsShown,
    note,
    nudge,
  };
}

/** The activity, and which of its pages it is. */
const pictureName = ({ cover, question }: Showing) =>
  [cover.title || words.activities.untitled, question && question.number > 0 && question.number]
    .filter(Boolean)
    .join(" ");

/** Nothing was struck out, counted or answered yet, so that options may still be covered. */
const untouched = (showing: Showing) => showing.stage === "question" && !showing.talk;

/** How many options are in sight while they come one by one; nothing once all are. */
function shownOptions(
  showing: Showing,
  oneByOne: boolean,
  shown: { question: string; count: number },
): number | undefined {
  const { question } = showing;
  if (!oneByOne || !question || !isPicked(question) || !untouched(showing)) return undefined;
  const count = shown.question === question.id ? shown.count : 0;
  return count >= question.choices.length ? undefined : count;
}

/** A line that says what a key did, and goes by itself. */
function useNote() {
  const [note, setNote] = useState<string>();
  useEffect(() => {
    if (note === undefined) return;
    const timer = setTimeout(() => setNote(undefined), NOTE_MILLIS);
    return () => clearTimeout(timer);
  }, [note]);
  return [note, setNote] as const;
}
