import {
  ChartNoAxesColumn,
  Copy,
  Download,
  EllipsisVertical,
  Pencil,
  Send,
  Trash2,
} from "lucide-react";
import { type FormEvent, lazy, Suspense, useId, useState } from "react";
import { useNavigate } from "react-router";
import { copyActivity, fileAddress, removeActivity, renameActivity } from "../api/teacher";
import type { ActivityCard } from "../generated/types";
import { Dialog } from "../ui/Dialog";
import { Menu, MenuItem } from "../ui/Menu";
import { problemWords } from "../ui/Notice";
import { saveAs } from "../ui/saveAs";
import { words } from "../words/en";

const GiveDialog = lazy(() => import("../classes/GiveDialog"));

/** What can be done with an activity as a whole. */
export function CardActions(props: {
  card: ActivityCard;
  done: (text: string, undo?: ActivityCard) => void;
}) {
  const { card, done } = props;
  const navigate = useNavigate();
  const [renaming, setRenaming] = useState(false);
  const [giving, setGiving] = useState(false);
  const attempt = (work: Promise<unknown>, text: string, undo?: ActivityCard) =>
    work.then(() => done(text, undo)).catch((error) => done(problemWords(error)));
  const copyTitle = words.activities.copyTitle(card.title);
  return (
    <>
      <Menu label={words.activities.actions(card.title)} icon={EllipsisVertical}>
        <MenuItem icon={Pencil} label={words.activities.rename} act={() => setRenaming(true)} />
        <MenuItem
          icon={Copy}
          label={words.activities.duplicate}
          act={() => attempt(copyActivity(card.id, copyTitle), words.activities.copied(copyTitle))}
        />
        <MenuItem icon={Send} label={words.build.assign} act={() => setGiving(true)} />
        <MenuItem
          icon={ChartNoAxesColumn}
          label={words.activities.results}
          act={() => navigate(`/results/${card.id}`)}
        />
        <MenuItem
          icon={Download}
          label={words.activities.download}
          act={() => saveAs(fileAddress(card.id))}
        />
        <MenuItem
          icon={Trash2}
          label={words.activities.remove}
          act={() => attempt(removeActivity(card.id), words.activities.removed(card.title), card)}
        />
      </Menu>
      {giving && (
        <Suspense fallback={null}>
          <GiveDialog
            activity={card}
            done={(given, name) => done(words.classes.giving.given(given.title, name))}
            onClose={() => setGiving(false)}
          />
        </Suspense>
      )}
      {renaming && (
        <Rename
          title={card.title}
          close={() => setRenaming(false)}
          rename={(title) => {
            setRenaming(false);
            attempt(renameActivity(card.id, title), words.activities.renamed(title));
          }}
        />
      )}
    </>
  );
}

function Rename(props: { title: string; close: () => void; rename: (title: string) => void }) {
  const [title, setTitle] = useState(props.title);
  const id = useId();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    props.rename(title.trim());
  };
  return (
    <Dialog title={words.activities.renameTitle} onClose={props.close}>
      <form onSubmit={submit} className="grid gap-4">
        <label htmlFor={id}>{words.activities.newName}</label>
        <input
          id={id}
          data-first
          value={title}
          maxLength={200}
          onChange={(event) => setTitle(event.target.value)}
          className="h-12 w-full rounded-[14px] border border-edge bg-card px-3 text-lg"
        />
        <button type="submit" className="btn btn-primary justify-self-start">
          {words.activities.save}
        </button>
      </form>
    </Dialog>
  );
}
