import type { Activity, Readiness, TitlePage } from "../generated/types";
import { WordsField } from "../rich/WordsField";
import { type Words, written } from "../rich/words";
import { Dialog } from "../ui/Dialog";
import { FIELD } from "../ui/field";
import { words } from "../words/en";
import type { EditorStore } from "./editor";
import { TagsField } from "./TagsField";
import { ThinkingFields } from "./ThinkingFields";

const YEARS = Array.from({ length: 14 }, (_, year) => year);

/** The title page, the words at both endings, and how long the class thinks. */
export function DetailsDialog(props: {
  useEditor: EditorStore;
  readiness: Readiness;
  onClose: () => void;
}) {
  const { useEditor, readiness, onClose } = props;
  const activity = useEditor((editor) => editor.activity);
  const { titlePage, endings } = activity;
  const { edit } = useEditor.getState();
  const page = (change: Partial<TitlePage>, key: string) =>
    edit((a) => ({ ...a, titlePage: { ...a.titlePage, ...change } }), key);
  const ending = (which: keyof Activity["endings"], text: Words) =>
    edit(
      (a) => ({
        ...a,
        endings: { ...a.endings, [which]: { ...a.endings[which], text: written(text) } },
      }),
      which,
    );
  return (
    <Dialog title={words.details.title} onClose={onClose}>
      <div className="grid gap-4 sm:grid-cols-2">
        <label>
          {words.details.subject}
          <input
            className={FIELD}
            maxLength={100}
            value={titlePage.subject ?? ""}
            onChange={(e) => page({ subject: e.target.value || undefined }, "subject")}
          />
        </label>
        <label>
          {words.details.year}
          <select
            className={FIELD}
            value={titlePage.year ?? ""}
            onChange={(e) =>
              page({ year: e.target.value === "" ? undefined : Number(e.target.value) }, "year")
            }
          >
            <option value="">{words.details.noYear}</option>
            {YEARS.map((year) => (
              <option key={year} value={year}>
                {words.year(year)}
              </option>
            ))}
          </select>
        </label>
        <TagsField tags={titlePage.tags} change={(tags) => page({ tags }, "tags")} />
        <label className="sm:col-span-2">
          {words.details.objective}
          <input
            className={FIELD}
            maxLength={300}
            value={titlePage.objective ?? ""}
            onChange={(e) => page({ objective: e.target.value || undefined }, "objective")}
          />
        </label>
        <div className="sm:col-span-2">
          <p aria-hidden="true">{words.details.introduction}</p>
          <WordsField
            label={words.details.introduction}
            maxLength={1000}
            className={`${FIELD} min-h-20 resize-none`}
            value={titlePage.introduction ?? ""}
            change={(text) => page({ introduction: written(text) }, "introduction")}
          />
        </div>
        {(["win", "lose"] as const).map((which) => (
          <div key={which}>
            <p aria-hidden="true">{words.details[which]}</p>
            <WordsField
              label={words.details[which]}
              maxLength={500}
              className={`${FIELD} min-h-14 resize-none`}
              value={endings[which].text ?? ""}
              change={(text) => ending(which, text)}
            />
          </div>
        ))}
        <ThinkingFields useEditor={useEditor} time={readiness.time} />
      </div>
      <button type="button" className="btn btn-primary mt-5" onClick={onClose}>
        {words.details.done}
      </button>
    </Dialog>
  );
}
