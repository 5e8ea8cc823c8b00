import { useState } from "react";
import { useNavigate } from "react-router";
import { addActivity } from "../api/teacher";
import type { Activity } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";
import type { EditorStore } from "./editor";

/** Two saves of one activity: nothing is lost, whichever is chosen. */
export function ConflictDialog(props: {
  useEditor: EditorStore;
  resolve: (choose: "mine" | "theirs") => Promise<Activity>;
}) {
  const { useEditor, resolve } = props;
  const navigate = useNavigate();
  const [problem, setProblem] = useState<string>();
  const attempt = (work: () => Promise<void>) => () =>
    work().catch((error) => setProblem(problemWords(error)));

  const keepMine = attempt(async () => {
    await resolve("mine");
  });
  const takeTheirs = attempt(async () => {
    useEditor.getState().take(await resolve("theirs"));
  });
  const keepCopy = attempt(async () => {
    const { activity } = useEditor.getState();
    const title = words.build.conflict.copyTitle(activity.titlePage.title);
    const copy = await addActivity({ ...activity, titlePage: { ...activity.titlePage, title } });
    useEditor.getState().take(await resolve("theirs"));
    navigate(`/activities/${copy.id}`);
  });
  return (
    <Dialog title={words.build.conflict.title} onClose={() => undefined}>
      <p className="mb-5">{words.build.conflict.text}</p>
      {problem && (
        <p role="alert" className="mb-4">
          {problem}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        <button type="button" className="btn btn-primary" onClick={keepCopy}>
          {words.build.conflict.copy}
        </button>
        <button type="button" className="btn btn-outline" onClick={keepMine}>
          {words.build.conflict.mine}
        </button>
        <button type="button" className="btn btn-outline" onClick={takeTheirs}>
          {words.build.conflict.theirs}
        </button>
      </div>
    </Dialog>
  );
}
