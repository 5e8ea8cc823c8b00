import {
  ChevronLeft,
  Copy,
  Download,
  EllipsisVertical,
  Eye,
  Pencil,
  Printer,
  Radio,
  RotateCcw,
  Trash2,
  Undo2,
} from "lucide-react";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import {
  giveAgain,
  glanceTable,
  removeGiven,
  renewGiven,
  takeBack,
  tellMarks,
  useClass,
  useGlance,
} from "../api/classes";
import { Shell } from "../app/Shell";
import type { ClassGlance, GlanceLine } from "../generated/types";
import { Menu, MenuItem } from "../ui/Menu";
import { Failed, Loading } from "../ui/Notice";
import { saveAs } from "../ui/saveAs";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { AllowanceDialog } from "./AllowanceDialog";
import { AnswersDialog } from "./AnswersDialog";
import { CopyDialog } from "./CopyDialog";
import GiveDialog from "./GiveDialog";
import { type Removed, whenOf } from "./GivenList";
import { GlanceTable } from "./GlanceTable";
import { Said } from "./Said";
import { useDoing } from "./useDoing";

/** What came back from a class on one activity: learners down, items across. */
export default function GlancePage() {
  const { assignment = "" } = useParams();
  const glance = useGlance(assignment);
  return (
    <Shell>
      <div className="mx-auto max-w-[100rem] px-4 py-5 sm:px-7">
        {glance.isPending && <Loading inside />}
        {glance.isError && <Failed error={glance.error} again={glance.refetch} inside />}
        {glance.data && <Glance glance={glance.data} />}
      </div>
    </Shell>
  );
}

type Open =
  | { is: "terms" | "copy" }
  | { is: "answers" | "own"; line: GlanceLine; item?: string }
  | undefined;

function Glance({ glance }: { glance: ClassGlance }) {
  const { given, classId, className } = glance;
  const [open, setOpen] = useState<Open>();
  const { message, say, attempt, leave, anew } = useDoing();
  const navigate = useNavigate();
  const remove = () =>
    leave(removeGiven(given.id), () => {
      const removed: Removed = { id: given.id, title: given.title || words.activities.untitled };
      navigate(`/classes/${classId}`, { state: { removed } });
    });
  const view = useClass(classId, open?.is === "terms");
  const close = () => setOpen(undefined);
  const said = words.classes.glance;
  usePageTitle(given.title || words.activities.untitled);
  return (
    <>
      <Link to={`/classes/${classId}`} className="btn btn-ghost -ml-3 px-3">
        <ChevronLeft size={18} aria-hidden="true" />
        {className}
      </Link>
      <div className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
        <div className="mr-auto">
          <p className="only-paper">{words.classes.onPaper(className, new Date())}</p>
          <h1 className="text-3xl font-semibold [overflow-wrap:anywhere]">
            {given.title || words.activities.untitled}
          </h1>
          <p className="text-lg text-soft">
            {whenOf(given)} · {words.classes.given.progress(given)}
          </p>
        </div>
        {given.waiting > 0 && (
          <Link to={`/classes/${classId}/${given.id}/mark`} className="btn btn-accent">
            {words.classes.marking.show(given.waiting)}
          </Link>
        )}
        {given.terms.marks === "together" && (
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => attempt(tellMarks(given.id), said.marksTold)}
          >
            <Eye size={18} aria-hidden="true" />
            {said.tellMarks}
          </button>
        )}
        <Link to={`/classes/${classId}/${given.id}/live`} className="btn btn-outline">
          <Radio size={18} aria-hidden="true" />
          {words.classes.live.show}
        </Link>
        <button type="button" className="btn btn-outline" onClick={() => setOpen({ is: "terms" })}>
          <Pencil size={18} aria-hidden="true" />
          {said.terms}
        </button>
        <Menu label={said.actions} icon={EllipsisVertical}>
          <MenuItem
            icon={Download}
            label={words.classes.csv}
            act={() => saveAs(glanceTable(given.id))}
          />
          <MenuItem icon={Printer} label={words.classes.print} act={() => print()} />
          <MenuItem icon={Copy} label={said.copy} act={() => setOpen({ is: "copy" })} />
          {given.takenBack ? (
            <MenuItem
              icon={RotateCcw}
              label={said.giveAgain}
              act={() => attempt(giveAgain(given.id))}
            />
          ) : (
            <MenuItem
              icon={Undo2}
              label={said.takeBack}
              act={() => attempt(takeBack(given.id), said.takenBack, () => giveAgain(given.id))}
            />
          )}
          <MenuItem icon={Trash2} label={said.remove} act={remove} />
        </Menu>
      </div>
      {given.takenBack && <p className="mb-3">{said.takenBack}</p>}
      {given.gone && <p className="mb-3 text-soft">{said.gone}</p>}
      {given.newer && !given.gone && (
        <div className="mb-4 flex flex-wrap items-center gap-x-5 gap-y-2 rounded-[4px] border-l-8 border-accent bg-card px-5 py-3">
          <p className="min-w-0 flex-1 basis-80">{said.newer}</p>
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => attempt(renewGiven(given.id), said.renewed)}
          >
            {said.renew}
          </button>
        </div>
      )}
      {glance.lines.length === 0 ? (
        <p className="text-lg">{said.none}</p>
      ) : (
        <GlanceTable
          glance={glance}
          answers={(line, item) => setOpen({ is: "answers", line, item })}
          own={(line) => setOpen({ is: "own", line })}
        />
      )}
      {open?.is === "terms" && view.data && (
        <GiveDialog
          to={view.data}
          given={given}
          done={() => {
            anew();
            say({ text: words.classes.giving.saved });
          }}
          onClose={close}
        />
      )}
      {open?.is === "copy" && (
        <CopyDialog
          assignment={given.id}
          besides={classId}
          copied={(name) => {
            anew();
            say({ text: said.copied(name) });
          }}
          onClose={close}
        />
      )}
      {open?.is === "answers" && (
        <AnswersDialog
          activity={given.activity}
          line={open.line}
          item={open.item}
          onClose={() => {
            anew();
            close();
          }}
        />
      )}
      {open?.is === "own" && (
        <AllowanceDialog
          given={given}
          line={open.line}
          saved={() => {
            anew();
            say({ text: said.ownSaved(open.line.name) });
          }}
          onClose={close}
        />
      )}
      <Said message={message} say={say} />
    </>
  );
}
