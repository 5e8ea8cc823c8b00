import type { EditorStore } from "../../build/editor";
import { copyOf } from "../../build/edits";
import type { SheetActions } from "../../build/sheetActions";
import { usePlayhead } from "./playhead";
import { addStops, freshStop, MOST_STOPS, moveStop, stopOf, videoOf } from "./video";

/** How far a stop is nudged by a key, in milliseconds. */
const NUDGE = 1_000;

/** What the actions of a sheet do where questions stand at moments of a film. */
export function videoActions(useEditor: EditorStore): Partial<SheetActions> {
  const video = () => videoOf(useEditor.getState().activity);
  const meant = () => {
    const { selected, open } = useEditor.getState();
    return selected.length > 0 ? selected : open === undefined ? [] : [open];
  };
  const addAfter = () => {
    if ((video()?.questions.length ?? 0) >= MOST_STOPS) return;
    const { edit, unfold } = useEditor.getState();
    const { id, edit: add } = freshStop(usePlayhead.getState().at);
    edit(add);
    unfold(id);
  };
  return {
    addAfter,
    next: (id) => {
      const questions = video()?.questions ?? [];
      const following = questions[questions.findIndex((q) => q.id === id) + 1];
      if (following) useEditor.getState().unfold(following.id);
      else addAfter();
    },
    duplicate: () => {
      const { edit, unfold } = useEditor.getState();
      const copies = (video()?.questions ?? [])
        .filter((question) => meant().includes(question.id))
        .map(copyOf);
      if (copies.length === 0) return;
      edit(addStops(usePlayhead.getState().at, copies));
      unfold(copies.at(-1)?.id);
    },
    move: (by) => {
      const { edit } = useEditor.getState();
      const ids = meant();
      edit((activity) =>
        ids.reduce((changed, id) => {
          const now = videoOf(changed);
          const stop = now && stopOf(now, id);
          return stop ? moveStop(id, stop.at + by * NUDGE)(changed) : changed;
        }, activity),
      );
    },
    paste: (pasted) => {
      const copies = pasted.map(copyOf);
      const { edit, unfold } = useEditor.getState();
      edit(addStops(usePlayhead.getState().at, copies));
      unfold(copies.at(-1)?.id);
    },
  };
}
