import { useQuery, useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useEffect, useMemo, useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { readFrontContributions, readUnfinished, useSession } from "../api/teacher";
import { partsOf } from "../games";
import { GameStage } from "../games/GameStage";
import { limits } from "../generated/limits";
import type { Asked, FrontSitting, Unfinished } from "../generated/types";
import { Others } from "../play/Others";
import { fetchDragging } from "../questions/answers/AnswerField";
import { questionsOf } from "../questions/questionsOf";
import { titleOf } from "../questions/titleOf";
import { fetchAhead } from "../rich/media";
import { useSound } from "../sound/useSound";
import { useLooking } from "../stage/looking";
import { isPicked, letter } from "../stage/stage";
import { Dialog, KeyList } from "../ui/Dialog";
import { Failed, Loading, Notice } from "../ui/Notice";
import { useTapsStay } from "../ui/tapsStay";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { whenWords } from "../words/format";
import { useBeside } from "./beside";
import { ClassTimer } from "./ClassTimer";
import { HandsDialog, JoinDialog, JumpDialog, PointsDialog } from "./dialogs";
import { FrontBar, usePointerNear } from "./FrontBar";
import { frontActions } from "./frontActions";
import { useLed } from "./leading";
import { Shutter } from "./Shutter";
import { type FrontControls, LETTER_KEYS, useFrontControls } from "./useFrontControls";
import { useFrontGame, useFrontSitting } from "./useFrontGame";
import { useFrontKeys, useSingleKeys } from "./useFrontKeys";

const Pen = lazy(() => import("./Pen"));

/** The activity on the projector: nothing but the game, large, and keys for everything. */
export default function PresentPage() {
  const { id = "" } = useParams();
  const [params, setParams] = useSearchParams();
  const asked = params.get("sitting");
  const only = params.get("only") ?? undefined;
  /** Whether a new game is wanted, though one may have been left before its end. */
  const [fresh, setFresh] = useState(false);
  const looksBack = !asked && !only && !fresh;
  const unfinished = useQuery({
    queryKey: ["unfinished", id],
    queryFn: () => readUnfinished(id),
    enabled: looksBack,
    gcTime: 0,
    staleTime: 0,
  });
  const waits = looksBack && (unfinished.isPending || unfinished.data?.sitting !== undefined);
  const sitting = useFrontSitting(id, asked, only, !waits);
  const queries = useQueryClient();
  const opened = sitting.data;
  useEffect(() => {
    if (!opened || asked) return;
    queries.setQueryData(["front", id, opened.sitting], opened);
    setParams({ sitting: opened.sitting, ...(only && { only }) }, { replace: true });
  }, [opened, asked, id, only, queries, setParams]);

  // Who comes back sees what was played in between, not what this page once read.
  useEffect(() => () => queries.removeQueries({ queryKey: ["front"] }), [queries]);

  if (waits && unfinished.data?.sitting) {
    const { sitting: left } = unfinished.data;
    return (
      <GoOn
        left={unfinished.data}
        goOn={() => setParams({ sitting: left }, { replace: true })}
        begin={() => setFresh(true)}
      />
    );
  }
  if (sitting.isPending) return <Loading />;
  if (sitting.isSuccess && sitting.data.closed) {
    return (
      <Notice
        title={words.present.closed.title}
        action={
          <button
            type="button"
            className="btn btn-primary"
            onClick={() => {
              setFresh(true);
              setParams({}, { replace: true });
            }}
          >
            {words.present.left.begin}
          </button>
        }
      >
        <p>{words.present.closed.text}</p>
      </Notice>
    );
  }
  if (sitting.isError) return <Failed error={sitting.error} again={sitting.refetch} />;
  return (
    <Front
      key={sitting.data.sitting}
      id={id}
      sitting={sitting.data}
      again={() => {
        setFresh(true);
        queries.removeQueries({ queryKey: ["front", id] });
        setParams(only ? { only } : {}, { replace: true });
      }}
    />
  );
}

/** A game was left before its end: it can be gone on with, or a new one begun. */
function GoOn(props: { left: Unfinished; goOn: () => void; begin: () => void }) {
  const { left, goOn, begin } = props;
  return (
    <Notice
      title={words.present.left.title}
      action={
        <div className="flex flex-wrap gap-3">
          {/* biome-ignore lint/a11y/noAutofocus: it is what is asked here */}
          <button type="button" className="btn btn-primary" onClick={goOn} autoFocus>
            {words.present.left.goOn}
          </button>
          <button type="button" className="btn btn-outline" onClick={begin}>
            {words.present.left.begin}
          </button>
        </div>
      }
    >
      <p>{words.present.left.text(whenWords(new Date(left.last)), howFar(left))}</p>
    </Notice>
  );
}

/** How far a game had come that was left. */
const howFar = ({ game, settled, right, asked }: Unfinished) =>
  partsOf(game)?.left?.(right, asked) ?? words.present.left.settled(settled, asked);

function Front(props: { id: string; sitting: FrontSitting; again: () => void }) {
  const { id, sitting, again } = props;
  const played = useFrontGame(sitting);
  const { seen: showing, looking, act } = useLooking(played.showing, played.act);
  const game = { ...played, showing, act };
  usePageTitle(showing.cover.title || words.activities.untitled);
  const navigate = useNavigate();
  const controls = useFrontControls(sitting, game, looking);
  const sound = useSound(played.showing);
  const { happened } = game;
  useEffect(() => sound(happened), [happened, sound]);
  useEffect(() => {
    fetchAhead(sitting.activity);
    fetchDragging().catch(() => undefined);
  }, [sitting.activity]);
  const session = useSession();
  const back = session.data?.covers ? "/cover" : `/activities/${id}`;
  // The class still looks at this screen: what comes next shows no answer.
  const leave = () => navigate(`/present/${id}/left`);
  useFrontKeys(controls, leave);
  useLed(sitting.sitting, controls);
  const { used, near } = usePointerNear();
  useTapsStay();

  if (showing.markers.length === 0) {
    return (
      <Notice
        title={words.present.nothing.title}
        action={
          <Link className="btn btn-primary" to={back}>
            {session.data?.covers ? words.cover.back : words.present.nothing.back}
          </Link>
        }
      >
        <p>{words.present.nothing.text}</p>
      </Notice>
    );
  }
  return (
    <main
      className="present relative flex h-full flex-col bg-base-100"
      data-low={controls.low}
      data-strip={used || controls.classClock !== undefined}
    >
      <h1 className="sr-only">{showing.cover.title}</h1>
      <div className="stage-frame min-h-0 flex-1 overflow-y-auto">
        <GameStage
          showing={showing}
          looking={looking}
          opens
          given={controls.given}
          give={controls.give}
          act={controls.act}
          timeUp={game.refresh}
          again={again}
          pressTeam={showing.stage === "title" ? undefined : controls.pressTeam}
          flaps={controls.flaps}
          optionsShown={controls.optionsShown}
          takesFocus
          aloud
          others={
            showing.question?.kind === "discussion" && (
              <Others
                about={`${sitting.sitting} ${showing.question.id}`}
                read={() => readFrontContributions(sitting.sitting, showing.question?.id ?? "")}
              />
            )
          }
          note={
            game.cutOff
              ? words.present.cutOff
              : (controls.note ?? noteOf(game.waiting, controls.nudge, showing.question))
          }
        />
      </div>
      <div className="front-strip">
        {controls.classClock && <ClassTimer clock={controls.classClock} />}
        {used && <FrontBar actions={frontActions(controls, leave)} near={near} />}
      </div>
      <Overlays controls={controls} />
      <Dialogs id={id} sitting={sitting} controls={controls} leave={leave} />
    </main>
  );
}

/** What lies over the game: the pen, the shutter. */
function Overlays({ controls }: { controls: FrontControls }) {
  const drawn = useBeside((beside) => Object.keys(beside.strokes).length > 0);
  const [penOnce, setPenOnce] = useState(false);
  useEffect(() => {
    if (controls.pen) setPenOnce(true);
  }, [controls.pen]);
  return (
    <>
      {(penOnce || drawn) && (
        <Suspense fallback={null}>
          <Pen
            page={controls.showing.question?.id ?? controls.showing.stage}
            drawing={controls.pen}
            leave={controls.turnPen}
          />
        </Suspense>
      )}
      {controls.shutter && <Shutter lift={controls.turnShutter} />}
    </>
  );
}

function Dialogs(props: {
  id: string;
  sitting: FrontSitting;
  controls: FrontControls;
  leave: () => void;
}) {
  const { id, sitting, controls, leave } = props;
  const { dialog, showing, open } = controls;
  const singleKeys = useSingleKeys();
  const close = () => open(undefined);
  const texts = useMemo(
    () => new Map(questionsOf(sitting.activity).map((q) => [q.id, titleOf(q)])),
    [sitting.activity],
  );
  if (dialog === "keys") {
    return (
      <Dialog title={words.present.keysTitle} onClose={close}>
        <KeyList
          keys={words.present.keys}
          runs={Object.fromEntries(
            frontActions(controls, leave)
              .filter((action) => action.there)
              .map((action) => [
                action.id,
                () => {
                  close();
                  // The dialog gives the focus back first.
                  setTimeout(action.run);
                },
              ]),
          )}
        />
        <label className="mt-4 flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={singleKeys.on}
            onChange={singleKeys.turn}
          />
          {words.front.singleKeys}
        </label>
        {showing.teams.length > 0 && showing.teams.length < limits.Teams.list.most && (
          <button type="button" className="btn btn-outline mt-4 mr-2" onClick={() => open("join")}>
            {words.teams.joins}
          </button>
        )}
        <a
          className="btn btn-outline mt-4"
          href={`/present/${id}/notes?sitting=${sitting.sitting}`}
          target="_blank"
          rel="noreferrer"
        >
          {words.front.notesButton}
        </a>
      </Dialog>
    );
  }
  if (dialog === "jump") {
    return <JumpDialog showing={showing} texts={texts} go={controls.jumpTo} onClose={close} />;
  }
  if (dialog === "join") {
    return <JoinDialog teams={showing.teams} join={controls.joinTeam} onClose={close} />;
  }
  if (dialog === "hands" && showing.question) {
    return (
      <HandsDialog
        question={showing.question}
        votes={showing.talk?.votes ?? []}
        count={controls.countHands}
        onClose={close}
      />
    );
  }
  const side = typeof dialog === "number" ? showing.teams[dialog] : undefined;
  if (!side || typeof dialog !== "number") return null;
  return (
    <PointsDialog
      side={side}
      give={(points) => controls.givePoints(dialog, points)}
      onClose={close}
    />
  );
}

function noteOf(waiting: number, nudge: boolean, question?: Asked) {
  if (nudge && question) {
    const picks = isPicked(question);
    const last = Math.min(question.choices.length, LETTER_KEYS.length) - 1;
    return picks ? words.present.choose(letter(last)) : words.present.answerFirst;
  }
  return waiting > 1 ? words.present.keeping(waiting) : undefined;
}
