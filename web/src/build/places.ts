import type { Finding } from "../generated/types";
import type { EditorStore } from "./editor";

/** The name of a place on the page, for the attribute `data-place`. */
export const placeOf = {
  question: (id: string) => `question ${id}`,
  option: (question: string, id: string) => `option ${question} ${id}`,
  feedback: (question: string, which: "right" | "wrong" | "again") =>
    `feedback ${question} ${which}`,
};

const POINTED_MILLIS = 1_200;

/** Takes the cursor to where a finding leads, unfolding its line first. */
export function lead(
  useEditor: EditorStore,
  finding: Partial<Pick<Finding, "question" | "option" | "place">>,
) {
  const { question, option, place: whole } = finding;
  if (question !== undefined) useEditor.getState().unfold(question);
  const place =
    question === undefined
      ? whole
      : option === undefined
        ? placeOf.question(question)
        : placeOf.option(question, option);
  if (place !== undefined) onceUnfolded(place, (field) => field.focus());
}

/**
 * Opens the line of a thing in the live game, which says in `data-about` what it is about. Where
 * pressing the thing plays, the cursor stays in the game and the line is only pointed at.
 */
export function leadFrom(useEditor: EditorStore, about: string, editDetails: () => void) {
  const [kind, question] = about.split(" ");
  if (kind === "title") onceUnfolded("title", (field) => field.focus());
  else if (kind === "details") editDetails();
  else if (question !== undefined) {
    const plays = kind === "option" || kind === "marker";
    const place = kind === "marker" ? placeOf.question(question) : about;
    useEditor.getState().unfold(question, !plays);
    onceUnfolded(place, (field) => {
      if (!plays) field.focus();
      field.classList.add("pointed-at");
      setTimeout(() => field.classList.remove("pointed-at"), POINTED_MILLIS);
    });
  }
}

/** Once the line has unfolded and, where it does, taken the cursor itself. */
export function onceUnfolded(place: string, act: (field: HTMLElement) => void) {
  setTimeout(() => {
    const field = document.querySelector<HTMLElement>(`[data-place="${CSS.escape(place)}"]`);
    if (!field) return;
    act(field);
    field.scrollIntoView({ block: "nearest" });
  }, 30);
}
