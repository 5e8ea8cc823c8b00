import { EllipsisVertical, type Image, Route, Shuffle, Trash2 } from "lucide-react";
import { useState } from "react";
import type { EditorStore } from "../../build/editor";
import { mended, trailAlong, trailApart } from "../../engine/LocalGame";
import { randomId } from "../../engine/randomId";
import { limits } from "../../generated/limits";
import type { Activity, Finding, Picture, QuestionUnion, Spot, Trail } from "../../generated/types";
import { PictureChoice } from "../../media/PictureChoice";
import { blankQuestion } from "../../questions/blankQuestion";
import { questionsOf, withQuestions } from "../../questions/questionsOf";
import { FIELD } from "../../ui/field";
import { Menu, MenuItem } from "../../ui/Menu";
import { boardOf, onBoard } from "./board";
import { TrailBoard } from "./TrailBoard";
import { boardWords } from "./words";

/** What readiness finds of it: its mend lays all that are missing. */
const MISSING: Finding = {
  check: "of-game",
  own: "question-without-marker",
  weight: "look",
  place: "board",
  values: [],
  mend: "of-game",
};
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
  const full = trail.markers.length >= MOST;
  const set = (next: Trail, key?: string) => edit((a) => withTrail(a, next), key);
  const lay = (at: Spot) => {
    if (full) return;
    const id = next?.id ?? randomId();
    const marked = trailApart({ ...trail, markers: [...trail.markers, { question: id, ...at }] });
    edit((a) => {
      const laidOn = withTrail(a, marked);
      return next ? laidOn : withQuestions(laidOn, [...questions, blankQuestion(id)]);
    });
    useEditor.getState().unfold(id, false);
  };
  const spread = () => edit((a) => mended(a, MISSING));
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
    <section aria-labelledby="trail" className="mb-2">
      <PictureChoice
        picture={trail.picture}
        change={(picture) => set(trailApart({ ...trail, picture }))}
        lead={
          <h2 id="trail" className="w-full text-sm font-semibold tracking-wide text-soft">
            {boardWords.trail.title} · {boardWords.trail.count(laid.length, asked.length)}
          </h2>
        }
        tools={
          <>
            <Tool icon={Shuffle} disabled={!next || full} act={spread}>
              {boardWords.trail.layAll}
            </Tool>
            <Menu worded label={boardWords.trail.more} icon={EllipsisVertical}>
              <MenuItem
                icon={Route}
                label={boardWords.trail.path}
                disabled={trail.markers.length < 2}
                act={() => setPath(path ? undefined : [])}
              />
              <MenuItem
                icon={Trash2}
                label={boardWords.trail.clear}
                disabled={trail.markers.length === 0}
                act={() => set({ ...trail, markers: [] })}
              />
            </Menu>
          </>
        }
        board={
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
        }
      >
        <p className="my-1 text-soft" role="status">
          {path
            ? boardWords.trail.pathHow
            : full
              ? boardWords.trail.full
              : next
                ? boardWords.trail.layNext(questions.indexOf(next) + 1)
                : boardWords.trail.layNew}
        </p>
      </PictureChoice>
      {trail.picture && (
        <input
          aria-label={boardWords.trail.describe}
          placeholder={boardWords.trail.describe}
          dir="auto"
          className={FIELD}
          maxLength={500}
          value={trail.picture.alt}
          onChange={(event) => {
            const picture = { ...(trail.picture as Picture), alt: event.target.value };
            set({ ...trail, picture }, "trail alt");
          }}
        />
      )}
    </section>
  );
}

const withTrail = (activity: Activity, trail: Trail): Activity =>
  onBoard(activity, { ...trail, kind: "trail" });

function Tool(props: {
  icon: typeof Image;
  children: string;
  disabled?: boolean;
  act: () => void;
}) {
  const Icon = props.icon;
  return (
    <button
      type="button"
      disabled={props.disabled}
      className="btn btn-sm btn-outline h-11"
      onClick={props.act}
    >
      <Icon size={16} aria-hidden="true" />
      {props.children}
    </button>
  );
}
