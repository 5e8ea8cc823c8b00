import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { opened } from "../api/lists";
import { pastedHtml, understood } from "../api/teacher";
import type { LineRole, QuestionUnion, TextForm } from "../generated/types";
import { endedLines, LIST_FILES } from "../lists/lines";
import { waiting } from "../lists/waiting";
import { rightWords } from "../questions/rightWords";
import { Dialog } from "../ui/Dialog";
import { FileButton } from "../ui/FileButton";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { lists } from "../words/lists";
import { TakeInPreview } from "./TakeInPreview";
import { useSettled } from "./useSettled";

const PAUSE_MILLIS = 300;

/** What plain text doesn't say: pictures, cells, numbers of a list, what is bold. */
const SAYS_MORE = /<(img|b|strong|ol|ul|li|td|mark|input)\b|font-weight|mso-list/i;

/**
 * Questions from a table, a list or a quiz: the text on one side, what is understood of it on the
 * other, line by line. The text can be put right until it reads as it should, and a line or the
 * whole be read otherwise; what is not understood stays when the rest is taken in.
 */
export function TakeInDialog(props: {
  text: string;
  /** The same as a word processor gives it. */
  html?: string;
  takeIn: (questions: QuestionUnion[]) => void;
  onClose: () => void;
}) {
  const { takeIn, onClose } = props;
  const [text, setText] = useState(endedLines(props.text));
  const [form, setForm] = useState<TextForm>();
  const [roles, setRoles] = useState<Record<number, LineRole>>({});
  const [problem, setProblem] = useState<string>();
  const [leftOut, setLeftOut] = useState(0);
  const [firstIsRight, setFirstIsRight] = useState(false);
  /** Another text: what was said of the lines of the one before is no more. */
  const write = (changed: string) => {
    setText(changed);
    setRoles({});
    setFirstIsRight(false);
  };
  /** What was left over stays so: read anew and alone, a title would look like a question. */
  const leave = (rest: string) => {
    const read = taken?.understood.form === "quiz";
    setForm(read ? "quiz" : undefined);
    setText(rest);
    setRoles(read ? Object.fromEntries(rest.split("\n").map((_, i) => [i + 1, "left"])) : {});
  };
  const { html } = props;
  useEffect(() => {
    if (!html || !SAYS_MORE.test(html)) return;
    let gone = false;
    pastedHtml(html)
      .then((pasted) => {
        if (gone) return;
        setText(pasted.text);
        setLeftOut(pasted.left);
      })
      .catch((error) => setProblem(problemWords(error)));
    return () => {
      gone = true;
    };
  }, [html]);
  const settled = useSettled(text, PAUSE_MILLIS);
  const read = useQuery({
    queryKey: ["understood", settled, form, roles, firstIsRight],
    queryFn: () => understood(new Blob([settled]), { form, roles, firstIsRight }),
    enabled: settled.trim() !== "",
    placeholderData: (before) => before,
    gcTime: 0,
    ...waiting,
  });
  const open = async (file: File) => {
    setProblem(undefined);
    await opened(file)
      .then(({ text }) => {
        setForm(undefined);
        write(endedLines(text));
      })
      .catch((error) => setProblem(words.activities.notTaken(file.name, problemWords(error))));
  };
  const taken = settled.trim() === "" ? undefined : read.data;
  const questions = taken?.understood.questions ?? [];
  const unanswered = questions.filter((question) => !rightWords(question)).length;
  const current = text === settled && !read.isPlaceholderData && !read.isError;
  return (
    <Dialog title={words.takeIn.title} onClose={onClose} wide>
      <p className="mb-3">{words.takeIn.text}</p>
      <div className="grid gap-4 md:grid-cols-2">
        <div className="flex flex-col gap-2">
          <textarea
            data-first
            aria-label={words.takeIn.label}
            placeholder={words.takeIn.placeholder}
            value={text}
            rows={14}
            spellCheck={false}
            wrap="off"
            onChange={(event) => write(event.target.value)}
            className="w-full flex-1 resize-y rounded-[14px] border border-edge bg-card p-3 font-mono text-sm placeholder:text-soft"
          />
          <FileButton
            accept={LIST_FILES}
            className="btn btn-outline self-start"
            take={([file]) => file && open(file)}
          >
            {words.takeIn.file}
          </FileButton>
          {(problem || leftOut > 0) && (
            <p role="alert" className="border-l-4 border-error pl-3">
              {problem ?? words.rich.leftOut(leftOut)}
            </p>
          )}
        </div>
        <section
          aria-label={words.takeIn.preview}
          // biome-ignore lint/a11y/noNoninteractiveTabindex: it scrolls, also with the keyboard
          tabIndex={0}
          aria-busy={!current}
          className="max-h-[26rem] overflow-y-auto"
        >
          <p className="sr-only" role="status">
            {taken && words.takeIn.understood(questions.length - unanswered)}
            {taken && unanswered > 0 && `, ${words.takeIn.withoutRight(unanswered)}`}
          </p>
          {read.isError && (
            <p role="alert" className="border-l-4 border-error pl-3">
              {lists.waits(problemWords(read.error))}
            </p>
          )}
          {taken ? (
            <TakeInPreview
              read={taken.understood}
              readAs={(as) => {
                setForm(as);
                setRoles({});
              }}
              firstRight={firstIsRight ? undefined : () => setFirstIsRight(true)}
              readLineAs={(line, role) => {
                setForm("quiz");
                setRoles({ ...roles, [line]: role });
              }}
            />
          ) : (
            <p className="text-soft">{words.takeIn.nothing}</p>
          )}
        </section>
      </div>
      <div className="mt-4 flex justify-end gap-2">
        <button type="button" className="btn btn-ghost" onClick={onClose}>
          {words.cancel}
        </button>
        <button
          type="button"
          className="btn btn-primary"
          disabled={questions.length === 0 || !current}
          onClick={() => {
            takeIn(questions);
            const rest = taken?.understood.rest ?? "";
            if (rest.trim()) leave(rest);
            else onClose();
          }}
        >
          {words.takeIn.take(questions.length)}
        </button>
      </div>
    </Dialog>
  );
}
