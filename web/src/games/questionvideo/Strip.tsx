import { type KeyboardEvent, type PointerEvent, useRef } from "react";
import type { EditorStore } from "../../build/editor";
import type { QuestionVideo } from "../../generated/types";
import { usePlayhead } from "./playhead";
import { sheetWords } from "./sheetWords";
import { moveStop, shownOf, stopOf } from "./video";

/** A stop that moves less than this was pressed, in CSS pixels. */
const DRAG_PIXELS = 4;

/** The whole film as a strip for fine placing: what is said, what is shown of it, and its stops. */
export function Strip({ useEditor, video }: { useEditor: EditorStore; video: QuestionVideo }) {
  const { at, seek } = usePlayhead();
  const open = useEditor((editor) => editor.open);
  const { edit, unfold } = useEditor.getState();
  const line = useRef<HTMLDivElement>(null);
  /** The stop that is held, and where it was taken; it moves once the pointer does. */
  const held = useRef<{ id: string; x: number; moved: boolean }>(undefined);
  const length = video.film?.millis ?? 1;
  const shown = shownOf(video.film);
  const across = (moment: number) => `${(100 * Math.min(moment, length)) / length}%`;
  const momentAt = (x: number) => {
    const { left = 0, width = 1 } = line.current?.getBoundingClientRect() ?? {};
    return Math.max(0, Math.min(length, (length * (x - left)) / width));
  };
  const follow = (event: PointerEvent) => {
    if (event.buttons === 0) return;
    const moment = momentAt(event.clientX);
    const stop = held.current;
    if (stop) {
      stop.moved ||= Math.abs(event.clientX - stop.x) > DRAG_PIXELS;
      if (!stop.moved) return;
      edit(moveStop(stop.id, moment), `stop ${stop.id}`);
    }
    seek(moment);
  };
  const letGo = () => {
    const stop = held.current;
    held.current = undefined;
    if (stop && !stop.moved) openStop(stop.id);
  };
  const openStop = (id: string) => {
    unfold(id, false);
    const stop = stopOf(video, id);
    if (stop) seek(stop.at);
    requestAnimationFrame(() =>
      document.getElementById(`stop-${id}`)?.scrollIntoView({ block: "nearest" }),
    );
  };
  const nudge = (event: KeyboardEvent, id: string, stands: number) => {
    const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (by === undefined || event.altKey) return;
    event.preventDefault();
    const to = Math.max(0, Math.min(length, stands + by * (event.shiftKey ? 1_000 : 100)));
    edit(moveStop(id, to), `stop ${id}`);
    seek(to);
  };
  return (
    <fieldset className="strip">
      <legend className="sr-only">{sheetWords.strip}</legend>
      <div
        ref={line}
        className="strip-line"
        onPointerDown={(event) => {
          if (!(event.target instanceof Element) || event.target.closest("button")) return;
          event.currentTarget.setPointerCapture(event.pointerId);
          seek(momentAt(event.clientX));
        }}
        onPointerMove={follow}
        onPointerUp={letGo}
        onPointerCancel={() => {
          held.current = undefined;
        }}
      >
        {video.script.map((said) => (
          <span
            key={`${said.from} ${said.to} ${said.text}`}
            className="strip-said"
            data-note={said.note}
            style={{ left: across(said.from), width: across(said.to - said.from) }}
          />
        ))}
        <span className="strip-cut" style={{ left: 0, width: across(shown.from) }} />
        <span className="strip-cut" style={{ right: 0, width: across(length - shown.to) }} />
        <span className="strip-now" style={{ left: across(at) }} />
        {video.questions.map((question, i) => {
          const stop = stopOf(video, question.id);
          return (
            stop && (
              <button
                key={question.id}
                type="button"
                className="strip-stop"
                data-open={question.id === open}
                aria-label={sheetWords.stripStop(i + 1, stop.at)}
                title={sheetWords.stripStop(i + 1, stop.at)}
                style={{ left: across(stop.at) }}
                onPointerDown={(event) => {
                  line.current?.setPointerCapture(event.pointerId);
                  held.current = { id: question.id, x: event.clientX, moved: false };
                }}
                // The pointer's press ends on the strip: this one is the keyboard's.
                onClick={() => openStop(question.id)}
                onKeyDown={(event) => nudge(event, question.id, stop.at)}
              >
                {i + 1}
              </button>
            )
          );
        })}
      </div>
    </fieldset>
  );
}
