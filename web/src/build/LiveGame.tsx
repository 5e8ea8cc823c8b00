import { RotateCcw } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { LocalGame, rehearsal } from "../engine/LocalGame";
import { partsOf } from "../games";
import { GameStage } from "../games/GameStage";
import type { ActionUnion, Aid, Showing } from "../generated/types";
import { questionsOf } from "../questions/questionsOf";
import { titleOf } from "../questions/titleOf";
import { useLaid } from "../stage/laid";
import { useLooking } from "../stage/looking";
import { useSize } from "../ui/useSize";
import { words } from "../words/en";
import type { EditorStore } from "./editor";
import { leadFrom } from "./places";

/** Screens in CSS pixels. Projectors come in several shapes: theirs is the one that fits the place. */
const SIZES = {
  projector: { width: 1280, lowest: 720, highest: 960 },
  tablet: { width: 1024, lowest: 768, highest: 768 },
  phone: { width: 390, lowest: 780, highest: 780 },
} as const;

type Screen = keyof typeof SIZES;

/** The game as it stands, always playable, beside the sheet. */
export function LiveGame(props: { useEditor: EditorStore; editDetails: () => void }) {
  const { useEditor, editDetails } = props;
  const live = useLiveGame(useEditor);
  const [screen, setScreen] = useState<Screen>(() =>
    window.innerWidth < 640 ? "phone" : "projector",
  );
  const { showing, note } = live;
  const kind = useEditor((editor) => editor.activity.game.kind);
  const nothing = showing.markers.length === 0;
  return (
    <section aria-label={words.build.liveGame} className="flex min-h-0 flex-1 flex-col gap-2 p-3">
      <ScaledStage screen={screen} press={(about) => leadFrom(useEditor, about, editDetails)}>
        {nothing ? (
          <div className="flex h-full">
            <p className="m-auto max-w-2xl p-8 text-center font-display text-4xl leading-snug text-soft">
              {partsOf(kind)?.blankHow ?? words.live.empty}
            </p>
          </div>
        ) : (
          <GameStage
            showing={showing}
            looking={live.looking}
            opens
            given={live.given}
            give={live.give}
            act={live.act}
            again={live.again}
            flaps={live.flaps}
            pressTeam={(team) => live.act({ kind: "give-turn", team })}
          />
        )}
      </ScaledStage>
      <div className="flex flex-wrap items-center gap-2">
        <fieldset className="join">
          <legend className="sr-only">{words.live.sizeLabel}</legend>
          {(Object.keys(SIZES) as Screen[]).map((size) => (
            <button
              key={size}
              type="button"
              aria-pressed={screen === size}
              className={`btn btn-sm join-item ${screen === size ? "btn-neutral" : "bg-card"}`}
              onClick={() => setScreen(size)}
            >
              {words.live.sizes[size]}
            </button>
          ))}
        </fieldset>
        <TestAids useEditor={useEditor} live={live} disabled={nothing} />
      </div>
      <p className="text-sm text-soft" role="status">
        {note ?? words.live.note}
      </p>
    </section>
  );
}

/** A stage in the size of another screen, made smaller to fit. */
function ScaledStage(props: {
  screen: Screen;
  /** Called with what the thing that was pressed is about. */
  press: (about: string) => void;
  children: React.ReactNode;
}) {
  const [ref, box] = useSize<HTMLDivElement>();
  const { width, lowest, highest } = SIZES[props.screen];
  const fitting = box.width > 0 ? (width * box.height) / box.width : lowest;
  const height = Math.min(highest, Math.max(lowest, fitting));
  const scale = Math.min(1, box.width / width, box.height / height);
  return (
    <div ref={ref} className="relative min-h-80 flex-1 overflow-hidden">
      <div
        className="absolute top-0 left-1/2 flex overflow-y-auto rounded-[14px] border border-line bg-base-100 shadow-lift"
        style={{
          width,
          height,
          transform: `translateX(-50%) scale(${scale})`,
          transformOrigin: "top center",
        }}
      >
        {/* biome-ignore lint/a11y/useKeyWithClickEvents: by keyboard the lines are opened on the sheet */}
        {/* biome-ignore lint/a11y/noStaticElementInteractions: what is pressed are the game's own parts */}
        <div
          className="stage-frame flex overflow-y-auto"
          onClick={(event) => {
            const thing = (event.target as Element).closest<HTMLElement>("[data-about]");
            if (thing?.dataset.about) props.press(thing.dataset.about);
          }}
        >
          <div className="w-full">{props.children}</div>
        </div>
      </div>
    </div>
  );
}

type Live = ReturnType<typeof useLiveGame>;

function TestAids(props: { useEditor: EditorStore; live: Live; disabled: boolean }) {
  const { useEditor, live, disabled } = props;
  const questions = useEditor((editor) => questionsOf(editor.activity));
  return (
    <fieldset className="flex flex-wrap items-center gap-1.5" disabled={disabled}>
      <legend className="sr-only">{words.live.aidsLabel}</legend>
      {questions.length > 0 && (
        <select
          aria-label={words.live.jump}
          className="h-9 w-32 rounded-[14px] border border-line bg-card px-2"
          value=""
          onChange={(event) => live.act({ kind: "go-to", question: event.target.value })}
        >
          <option value="">{words.live.jumpPlaceholder}</option>
          {questions.map(
            (question, i) =>
              titleOf(question) && (
                <option key={question.id} value={question.id}>
                  {words.live.jumpTo(i + 1, titleOf(question).slice(0, 60))}
                </option>
              ),
          )}
        </select>
      )}
      {(["right", "wrong", "win", "loss"] as const).map((aid) => (
        <button
          key={aid}
          type="button"
          className="btn btn-sm bg-card"
          onClick={() => live.aid(aid)}
        >
          {words.live[aid]}
        </button>
      ))}
      <button type="button" className="btn btn-sm bg-card" onClick={live.again}>
        <RotateCcw size={15} aria-hidden="true" />
        {words.live.again}
      </button>
    </fieldset>
  );
}

/** The play behind the live game: it follows the sheet, and keeps its place while that changes. */
function useLiveGame(useEditor: EditorStore) {
  const activity = useEditor((editor) => editor.activity);
  const open = useEditor((editor) => editor.open);
  const game = useRef<LocalGame>(undefined);
  game.current ??= LocalGame.open(activity, rehearsal(activity));
  const [showing, setShowing] = useState<Showing>(() => show(game.current));
  const [note, setNote] = useState<string>();
  /** Flaps that are folded open here: each time it is played they are shut again. */
  const [openFlaps, setOpenFlaps] = useState<string[]>([]);

  const refresh = () => setShowing(show(game.current));
  const played = (action: ActionUnion) => {
    const refusal = game.current?.act(action).refusal;
    setNote(refusal && words.refused[refusal]);
    refresh();
    return refusal;
  };
  const { seen, looking, act } = useLooking(showing, played);
  const { given, give, clear } = useLaid(undefined, seen);
  /** The line that was opened last and that the game could not turn to yet: nothing stood in it. */
  const wanted = useRef<string>(undefined);
  const turnToWanted = () => {
    const question = wanted.current;
    const now = show(game.current);
    if (now.stage === "playing") {
      // Several are open at once: the one that is written is looked at, if it was found.
      wanted.current = undefined;
      if (now.questions.some(({ asked }) => asked.id === question)) looking.goTo(question);
      return refresh();
    }
    const there = question === undefined || show(game.current).question?.id === question;
    if (there || !game.current?.act({ kind: "go-to", question }).refusal) {
      wanted.current = undefined;
    }
    refresh();
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: the game follows the sheet
  useEffect(() => {
    game.current?.follow(activity);
    turnToWanted();
  }, [activity]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the game turns to the line that opens
  useEffect(() => {
    wanted.current = open;
    turnToWanted();
  }, [open]);

  return {
    showing: seen,
    looking,
    given,
    give,
    note,
    act,
    aid: (aid: Aid) => {
      game.current?.aid(aid);
      refresh();
      setNote(outcomeNote(aid, show(game.current)));
    },
    flaps: {
      open: (question: string) => openFlaps.includes(question),
      turn: (question: string) => {
        const shut = showing.stage === "question" && !showing.talk?.done;
        if (shut && played({ kind: "reveal", question })) return;
        const open = openFlaps.includes(question);
        setOpenFlaps(open ? openFlaps.filter((id) => id !== question) : [...openFlaps, question]);
      },
    },
    again: () => {
      setOpenFlaps([]);
      game.current = LocalGame.open(activity, rehearsal(activity));
      clear();
      setNote(undefined);
      refresh();
    },
  };
}

const show = (game: LocalGame | undefined): Showing => (game as LocalGame).show("projector");

function outcomeNote(aid: Aid, showing: Showing): string | undefined {
  const won = showing.ending?.outcome.won;
  if (aid === "win" && won === false) return words.live.cannotWin;
  if (aid === "loss" && won === true) return words.live.cannotLose;
  return undefined;
}
