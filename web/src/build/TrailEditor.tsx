import { Image, Route, Shuffle, Trash2 } from "lucide-react";
import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from "react";
import { trailAlong, trailApart } from "../engine/LocalGame";
import { randomId } from "../engine/randomId";
import type {
  Activity,
  Picture,
  QuestionUnion,
  Spot,
  Trail,
  TrailMarker,
} from "../generated/types";
import { Picking } from "../media/Picking";
import { blockOf } from "../media/upload";
import { arrowOf, placeIn, within } from "../questions/answers/areas";
import { mediumAddress } from "../rich/media";
import { plainOf } from "../rich/words";
import { FIELD } from "../ui/field";
import { words } from "../words/en";
import type { EditorStore } from "./editor";
import { blankQuestion } from "./edits";

const STEP = 10;
const MOST = 40;

type TrailBoard = Trail & { kind: "trail" };

/** The picture of a trail, on which its markers are laid, moved and spaced. */
export function TrailEditor({ useEditor }: { useEditor: EditorStore }) {
  const board = useEditor((editor) => editor.activity.game.board);
  const questions = useEditor((editor) => editor.activity.game.questions);
  if (board.kind !== "trail") return null;
  return <TrailFields useEditor={useEditor} trail={board} questions={questions} />;
}

function TrailFields(props: {
  useEditor: EditorStore;
  trail: TrailBoard;
  questions: QuestionUnion[];
}) {
  const { useEditor, trail, questions } = props;
  const { edit } = useEditor.getState();
  const [picking, setPicking] = useState(false);
  const [path, setPath] = useState<Spot[]>();
  const asked = questions.filter((question) => question.kind !== "information");
  const laid = trail.markers.filter(({ question }) => asked.some(({ id }) => id === question));
  const next = asked.find(({ id }) => !laid.some(({ question }) => question === id));
  const set = (next: Trail, key?: string) => edit((a) => withTrail(a, next), key);
  const lay = (at: Spot) => {
    if (trail.markers.length >= MOST) return;
    const id = next?.id ?? randomId();
    const marked = trailApart({ ...trail, markers: [...trail.markers, { question: id, ...at }] });
    edit((a) => {
      const laidOn = withTrail(a, marked);
      return next
        ? laidOn
        : { ...laidOn, game: { ...laidOn.game, questions: [...questions, blankQuestion(id)] } };
    });
    useEditor.getState().unfold(id, false);
  };
  const spread = () => {
    const missing = asked.filter(({ id }) => !laid.some(({ question }) => question === id));
    const added = missing.slice(0, MOST - trail.markers.length).map(({ id }, i) => ({
      question: id,
      x: Math.round(((i % 8) + 0.5) * 125),
      y: Math.min(950, 100 + 140 * Math.floor(i / 8)),
    }));
    set(trailApart({ ...trail, markers: [...trail.markers, ...added] }));
  };
  const endPath = (drawn: Spot[]) => {
    setPath(undefined);
    if (drawn.length > 1 && trail.markers.length > 1) {
      const order = asked.map(({ id }) => id);
      const sorted = trail.markers.toSorted(
        (a, b) => order.indexOf(a.question) - order.indexOf(b.question),
      );
      set(trailAlong({ ...trail, markers: sorted }, drawn));
    }
  };
  return (
    <section aria-labelledby="trail" className="mb-4">
      <div className="flex flex-wrap items-center gap-2">
        <h2 id="trail" className="mr-auto text-sm font-semibold tracking-wide text-soft">
          {words.trail.title} · {words.trail.count(laid.length, asked.length)}
        </h2>
        <Tool icon={Image} act={() => setPicking(true)}>
          {trail.picture ? words.trail.other : words.trail.choose}
        </Tool>
        {trail.markers.length > 1 && (
          <Tool
            icon={Route}
            pressed={path !== undefined}
            act={() => setPath(path ? undefined : [])}
          >
            {words.trail.path}
          </Tool>
        )}
        {next && trail.markers.length < MOST && (
          <Tool icon={Shuffle} act={spread}>
            {words.trail.layAll}
          </Tool>
        )}
        {trail.markers.length > 0 && (
          <Tool icon={Trash2} act={() => set({ ...trail, markers: [] })}>
            {words.trail.clear}
          </Tool>
        )}
      </div>
      <p className="my-1 text-soft" role="status">
        {path
          ? words.trail.pathHow
          : trail.markers.length >= MOST
            ? words.trail.full
            : next
              ? words.trail.layNext(questions.indexOf(next) + 1)
              : words.trail.layNew}
      </p>
      <TrailBoardView
        trail={trail}
        questions={questions}
        path={path}
        setPath={setPath}
        endPath={endPath}
        lay={lay}
        set={set}
        open={(question) => useEditor.getState().unfold(question, false)}
      />
      {trail.picture && (
        <label className="mt-1 block">
          <span className="text-sm text-soft">{words.trail.describe}</span>
          <input
            className={FIELD}
            maxLength={500}
            value={trail.picture.alt}
            onChange={(event) => {
              const picture = { ...(trail.picture as Picture), alt: event.target.value };
              set({ ...trail, picture }, "trail alt");
            }}
          />
        </label>
      )}
      {picking && (
        <Picking
          kind="picture"
          choose={(card) => {
            setPicking(false);
            const block = blockOf(card);
            if (block.kind === "picture") {
              set(trailApart({ ...trail, picture: { ...sizeOf(card), ...block } }));
            }
          }}
          onClose={() => setPicking(false)}
        />
      )}
    </section>
  );
}

/** A drawing has no size of its own, but a shape. */
const sizeOf = ({ width, height }: { width?: number; height?: number }) => ({ width, height });

function withTrail(activity: Activity, trail: Trail): Activity {
  return { ...activity, game: { ...activity.game, board: { ...trail, kind: "trail" } } };
}

function Tool(props: {
  icon: typeof Image;
  children: string;
  pressed?: boolean;
  disabled?: boolean;
  act: () => void;
}) {
  const Icon = props.icon;
  return (
    <button
      type="button"
      aria-pressed={props.pressed}
      disabled={props.disabled}
      className={`btn btn-sm h-11 ${props.pressed ? "btn-neutral" : "btn-outline"}`}
      onClick={props.act}
    >
      <Icon size={16} aria-hidden="true" />
      {props.children}
    </button>
  );
}

function TrailBoardView(props: {
  trail: TrailBoard;
  questions: QuestionUnion[];
  path?: Spot[];
  setPath: (path: Spot[] | undefined) => void;
  endPath: (path: Spot[]) => void;
  lay: (at: Spot) => void;
  set: (trail: Trail, key?: string) => void;
  open: (question: string) => void;
}) {
  const { trail, questions, path, setPath, endPath, lay, set, open } = props;
  const board = useRef<HTMLDivElement>(null);
  const [dragged, setDragged] = useState<TrailMarker>();
  const drawing = useRef(false);
  /** A press that began on a marker, or drew a path, lays none where it ends. */
  const laysNone = useRef(false);
  const waits = path !== undefined;
  useEffect(() => {
    if (waits) board.current?.focus();
  }, [waits]);
  const place = (event: PointerEvent) => placeIn(board.current as Element, event);
  const down = (event: PointerEvent) => {
    if (event.button !== 0) return;
    laysNone.current = path !== undefined;
    if (path === undefined) return;
    board.current?.setPointerCapture(event.pointerId);
    drawing.current = true;
    setPath([place(event)]);
  };
  const move = (event: PointerEvent) => {
    if (drawing.current && path) setPath([...path, place(event)]);
    else if (dragged) setDragged({ ...dragged, ...place(event) });
  };
  const up = () => {
    if (drawing.current && path) endPath(path);
    drawing.current = false;
    if (dragged) set(moved(trail, dragged));
    setDragged(undefined);
  };
  const { width = 4, height = 3 } = trail.picture ?? {};
  return (
    <div
      ref={board}
      role="application"
      tabIndex={-1}
      aria-label={words.trail.board}
      style={{ aspectRatio: `${width} / ${height}` }}
      className={`relative max-h-[60vh] w-full max-w-full touch-none overflow-hidden rounded-[4px] border-2 border-line bg-base-200 select-none ${path ? "cursor-crosshair" : "cursor-copy"}`}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={up}
      onClick={(event) => {
        if (!laysNone.current && event.target === event.currentTarget) {
          lay(placeIn(event.currentTarget, event as unknown as PointerEvent));
        }
      }}
      onKeyDown={(event) => {
        if (event.key === "Escape" && path) {
          event.stopPropagation();
          setPath(undefined);
        }
      }}
    >
      {trail.picture ? (
        <img
          src={mediumAddress(trail.picture.medium)}
          alt=""
          draggable={false}
          className="pointer-events-none block size-full object-fill"
        />
      ) : (
        <p className="pointer-events-none absolute inset-0 grid place-items-center p-6 text-center text-soft">
          {words.trail.nothing}
        </p>
      )}
      {path && path.length > 1 && <PathLine path={path} />}
      {trail.markers.map((marker) => (
        <MarkerHandle
          key={marker.question}
          marker={dragged?.question === marker.question ? dragged : marker}
          questions={questions}
          hold={(event) => {
            event.stopPropagation();
            laysNone.current = true;
            board.current?.setPointerCapture(event.pointerId);
            setDragged(marker);
            open(marker.question);
          }}
          nudge={(to, key) => set(moved(trail, { ...marker, ...to }), key)}
          remove={() =>
            set({
              ...trail,
              markers: trail.markers.filter(({ question }) => question !== marker.question),
            })
          }
        />
      ))}
    </div>
  );
}

/** With one marker elsewhere; the others make room. */
function moved(trail: Trail, marker: TrailMarker): Trail {
  return trailApart({
    ...trail,
    markers: trail.markers.map((other) => (other.question === marker.question ? marker : other)),
  });
}

function PathLine({ path }: { path: Spot[] }) {
  return (
    <svg
      viewBox="0 0 1000 1000"
      preserveAspectRatio="none"
      aria-hidden="true"
      className="pointer-events-none absolute inset-0 size-full"
    >
      <polyline
        points={path.map(({ x, y }) => `${x},${y}`).join(" ")}
        className="fill-none stroke-primary"
        strokeWidth={4}
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}

function MarkerHandle(props: {
  marker: TrailMarker;
  questions: QuestionUnion[];
  hold: (event: PointerEvent) => void;
  nudge: (to: Spot, key: string) => void;
  remove: () => void;
}) {
  const { marker, questions, hold, nudge, remove } = props;
  const place = questions.findIndex(({ id }) => id === marker.question);
  const question = questions[place];
  const onKey = (event: KeyboardEvent) => {
    const by = arrowOf(event.key);
    if (by && !event.altKey) {
      event.preventDefault();
      event.stopPropagation();
      const step = event.shiftKey ? STEP * 5 : STEP;
      nudge(within(marker.x + by[0] * step, marker.y + by[1] * step), `nudge ${marker.question}`);
    } else if (event.key === "Delete" || event.key === "Backspace") {
      event.preventDefault();
      event.stopPropagation();
      remove();
    }
  };
  return (
    <button
      type="button"
      aria-label={words.trail.marker(place + 1, question ? plainOf(question.text) : "")}
      data-place={`marker ${marker.question}`}
      style={{ left: `${marker.x / 10}%`, top: `${marker.y / 10}%` }}
      className={`absolute grid size-9 -translate-1/2 cursor-move place-items-center rounded-full border-2 font-display font-semibold ${question ? (question.off ? "border-edge bg-base-200 text-soft" : "border-base-content bg-card") : "border-error bg-card text-error"}`}
      onPointerDown={hold}
      onKeyDown={onKey}
    >
      {question ? place + 1 : "?"}
    </button>
  );
}
