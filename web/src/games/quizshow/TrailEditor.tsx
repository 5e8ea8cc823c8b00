import { type Image, Route, Shuffle, Trash2 } from "lucide-react";
import { useState } from "react";
import type { EditorStore } from "../../build/editor";
import { trailAlong, trailApart } from "../../engine/LocalGame";
import { randomId } from "../../engine/randomId";
import { limits } from "../../generated/limits";
import type { Activity, Picture, QuestionUnion, Spot, Trail } from "../../generated/types";
import { PictureChoice } from "../../media/PictureChoice";
import { blankQuestion } from "../../questions/blankQuestion";
import { questionsOf, withQuestions } from "../../questions/questionsOf";
import { FIELD } from "../../ui/field";
import { boardOf, onBoard } from "./board";
import { TrailBoard } from "./TrailBoard";
import { boardWords } from "./words";

const MOST = limits.Trail.markers.most;

/** The picture of a trail, on which its markers are laid, moved and spaced. */
export function TrailEditor({ useEditor }: { useEditor: EditorStore }) {
  const board = useEditor((editor) => boardOf(editor.activity));
  const questions = useEditor((editor) => questionsOf(editor.activity));
  if (board?.kind !== "trail") return null;
  return <TrailFields useEditor={useEditor} trail={board} questions={questions} />;
}

function TrailFields(props: { useEditor: EditorStore; trail: Trail; questions: QuestionUnion[] }) {
  const { useEditor, trail, questions } = props;
  const { edit } = useEditor.getState();
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
      return next ? laidOn : withQuestions(laidOn, [...questions, blankQuestion(id)]);
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
      <PictureChoice
        picture={trail.picture}
        change={(picture) => set(trailApart({ ...trail, picture }))}
        lead={
          <h2 id="trail" className="mr-auto text-sm font-semibold tracking-wide text-soft">
            {boardWords.trail.title} · {boardWords.trail.count(laid.length, asked.length)}
          </h2>
        }
        tools={
          <>
            {trail.markers.length > 1 && (
              <Tool
                icon={Route}
                pressed={path !== undefined}
                act={() => setPath(path ? undefined : [])}
              >
                {boardWords.trail.path}
              </Tool>
            )}
            {next && trail.markers.length < MOST && (
              <Tool icon={Shuffle} act={spread}>
                {boardWords.trail.layAll}
              </Tool>
            )}
            {trail.markers.length > 0 && (
              <Tool icon={Trash2} act={() => set({ ...trail, markers: [] })}>
                {boardWords.trail.clear}
              </Tool>
            )}
          </>
        }
      >
        <p className="my-1 text-soft" role="status">
          {path
            ? boardWords.trail.pathHow
            : trail.markers.length >= MOST
              ? boardWords.trail.full
              : next
                ? boardWords.trail.layNext(questions.indexOf(next) + 1)
                : boardWords.trail.layNew}
        </p>
        <TrailBoard
          trail={trail}
          questions={questions}
          path={path}
          setPath={setPath}
          endPath={endPath}
          lay={lay}
          set={set}
          open={(question) => useEditor.getState().unfold(question, false)}
        />
      </PictureChoice>
      {trail.picture && (
        <label className="mt-1 block">
          <span className="text-sm text-soft">{boardWords.trail.describe}</span>
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
    </section>
  );
}

const withTrail = (activity: Activity, trail: Trail): Activity =>
  onBoard(activity, { ...trail, kind: "trail" });

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
