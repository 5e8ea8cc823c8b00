import { Plus, Trash2 } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { ChoiceChip } from "../../build/chips";
import type { EditorStore } from "../../build/editor";
import type { SheetActions } from "../../build/sheetActions";
import type { QuestionVideo } from "../../generated/types";
import { linesOf } from "../../questions/questionsOf";
import { ClosedLine } from "../../questions/sheet/ClosedLine";
import { OpenQuestion } from "../../questions/sheet/OpenQuestion";
import { SelectionBar } from "../../questions/sheet/SelectionBar";
import { IconButton } from "../../ui/IconButton";
import { CaptionFiles } from "./CaptionFiles";
import { MomentField } from "./MomentField";
import { usePlayhead } from "./playhead";
import { sheetWords } from "./sheetWords";
import {
  addLine,
  changeLine,
  type Entry,
  entriesOf,
  leadBack,
  moveStop,
  removeLine,
  shownOf,
} from "./video";

/** How far before its stop a wrong answer leads back at first, in milliseconds. */
const BACK = 10_000;

interface ScriptProps {
  useEditor: EditorStore;
  video: QuestionVideo;
  sheet: SheetActions;
  takeIn: (text: string, html?: string) => void;
}

/** What is said and seen, line by line with times, the stops standing between the lines. */
export function Script(props: ScriptProps) {
  const { useEditor, video, sheet } = props;
  const open = useEditor((editor) => editor.open);
  const selected = useEditor((editor) => editor.selected);
  const at = usePlayhead((playhead) => playhead.at);
  const { edit } = useEditor.getState();
  const [fresh, setFresh] = useState<number>();
  const add = (note: boolean) => {
    const place = video.script.filter((line) => line.from <= at).length;
    edit(addLine(at, note));
    setFresh(place);
  };
  return (
    <>
      {selected.length > 0 && <SelectionBar count={selected.length} sheet={sheet} />}
      <ol className="script mt-1" data-selecting={selected.length > 0}>
        {entriesOf(video).map((entry) =>
          entry.kind === "line" ? (
            <Line
              key={`line ${entry.place}`}
              {...props}
              entry={entry}
              now={entry.line.from <= at && at < entry.line.to}
              takesCursor={fresh === entry.place}
              next={() => {
                const from = entry.line.to;
                edit(addLine(from, entry.line.note));
                setFresh(video.script.filter((line) => line.from <= from).length);
              }}
            />
          ) : (
            <StopLine
              key={entry.question.id}
              {...props}
              entry={entry}
              unfolded={entry.question.id === open && selected.length === 0}
              selected={selected.includes(entry.question.id)}
            />
          ),
        )}
      </ol>
      {video.film && (
        <div className="mt-2 mb-4 flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-ghost border border-dashed border-edge"
            onClick={() => add(false)}
          >
            <Plus size={18} aria-hidden="true" />
            {sheetWords.addSaid}
          </button>
          <button
            type="button"
            className="btn btn-ghost border border-dashed border-edge"
            onClick={() => add(true)}
          >
            <Plus size={18} aria-hidden="true" />
            {sheetWords.addSeen}
          </button>
          <CaptionFiles useEditor={useEditor} video={video} />
        </div>
      )}
    </>
  );
}

/** A line of the script: when it is, what is said or seen. */
function Line(
  props: ScriptProps & {
    entry: Entry & { kind: "line" };
    now: boolean;
    takesCursor: boolean;
    next: () => void;
  },
) {
  const { useEditor, video, entry, now, takesCursor, next } = props;
  const { line, place } = entry;
  const { edit } = useEditor.getState();
  const field = useRef<HTMLTextAreaElement>(null);
  const most = video.film?.millis ?? line.to;
  useEffect(() => {
    if (takesCursor) field.current?.focus();
  }, [takesCursor]);
  return (
    <li className="script-line" data-now={now} data-note={line.note}>
      <span className="script-times">
        <MomentField
          label={sheetWords.lineAt}
          value={line.from}
          most={most}
          change={(from) => edit(changeLine(place, { from }), `line ${place} from`)}
        />
        <span className="text-soft">–</span>
        <MomentField
          label={sheetWords.lineTo}
          value={line.to}
          most={most}
          change={(to) => edit(changeLine(place, { to }), `line ${place} to`)}
        />
      </span>
      <textarea
        ref={field}
        rows={1}
        className="script-text"
        aria-label={sheetWords.lineText(line.from)}
        placeholder={line.note ? sheetWords.seenPlaceholder : sheetWords.saidPlaceholder}
        maxLength={1000}
        value={line.text}
        onFocus={() => usePlayhead.getState().seek(line.from)}
        onChange={(event) =>
          edit(changeLine(place, { text: event.target.value }), `line ${place} text`)
        }
        onKeyDown={(event) => {
          if (event.key === "Enter" && !event.shiftKey && !event.ctrlKey) {
            event.preventDefault();
            next();
          } else if (event.key === "Backspace" && line.text === "") {
            event.preventDefault();
            edit(removeLine(place));
          }
        }}
      />
      <span className="script-kind">
        <ChoiceChip
          label={sheetWords.lineKind}
          names={{ said: sheetWords.lineSaid, seen: sheetWords.lineSeen }}
          value={line.note ? "seen" : "said"}
          change={(kind) => edit(changeLine(place, { note: kind === "seen" }))}
        />
        <IconButton
          label={sheetWords.removeLine}
          icon={Trash2}
          act={() => edit(removeLine(place))}
        />
      </span>
    </li>
  );
}

/** A stop between the lines: its moment, its question, and what a wrong answer does. */
function StopLine(
  props: ScriptProps & {
    entry: Entry & { kind: "stop" };
    unfolded: boolean;
    selected: boolean;
  },
) {
  const { useEditor, video, sheet, takeIn, entry, unfolded, selected } = props;
  const { question, stop, place } = entry;
  const line = linesOf(video.questions)[place];
  const { edit } = useEditor.getState();
  const most = video.film?.millis ?? 0;
  const shown = shownOf(video.film);
  const outside = stop !== undefined && (stop.at < shown.from || stop.at > shown.to);
  return (
    <li id={`stop-${question.id}`} className={`script-stop ${unfolded ? "" : "closed-line"}`}>
      <div className="script-stop-head">
        <span className="script-flag">{sheetWords.stop}</span>
        {stop ? (
          <MomentField
            label={sheetWords.stopAt(place + 1)}
            value={stop.at}
            most={most}
            change={(at) => {
              edit(moveStop(question.id, at), `stop ${question.id}`);
              usePlayhead.getState().seek(at);
            }}
          />
        ) : (
          <>
            <span className="text-error">△ {sheetWords.noMoment}</span>
            <button
              type="button"
              className="btn btn-sm btn-outline h-11"
              onClick={() => edit(moveStop(question.id, usePlayhead.getState().at))}
            >
              {sheetWords.hereNow}
            </button>
          </>
        )}
        {outside && <span className="text-error">△ {sheetWords.outside}</span>}
        {unfolded && stop && question.kind !== "information" && question.kind !== "discussion" && (
          <span>
            {sheetWords.wrong}{" "}
            <ChoiceChip
              label={sheetWords.wrongLabel}
              names={sheetWords.wrongs}
              value={stop.backTo === undefined ? "on" : "back"}
              change={(does) =>
                edit(
                  leadBack(
                    question.id,
                    does === "back" ? Math.max(shown.from, stop.at - BACK) : undefined,
                  ),
                )
              }
            />{" "}
            {stop.backTo !== undefined && (
              <MomentField
                label={sheetWords.backTo}
                value={stop.backTo}
                most={most}
                change={(backTo) => edit(leadBack(question.id, backTo), `stop ${question.id} back`)}
              />
            )}
          </span>
        )}
        {!unfolded && stop?.backTo !== undefined && <span className="text-soft">↶</span>}
      </div>
      {unfolded ? (
        <OpenQuestion
          question={question}
          place={place}
          number={line?.number}
          name={line?.name}
          useEditor={useEditor}
          sheet={sheet}
          takeIn={takeIn}
        />
      ) : (
        <ClosedLine
          question={question}
          number={line?.number}
          name={line?.name}
          selected={selected}
          useEditor={useEditor}
          sheet={sheet}
        />
      )}
    </li>
  );
}
