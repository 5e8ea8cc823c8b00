import {
  Archive,
  ArchiveRestore,
  CalendarClock,
  ChevronLeft,
  Download,
  EllipsisVertical,
  KeyRound,
  Pencil,
  Printer,
  Send,
  Table2,
  Trash2,
  UserRoundCog,
} from "lucide-react";
import { useEffect, useState } from "react";
import { Link, useLocation, useNavigate, useParams } from "react-router";
import {
  bringClassBack,
  changeClass,
  giveClassACode,
  putClassAway,
  registerTable,
  removeClass,
  restoreGiven,
  useClass,
} from "../api/classes";
import { Shell } from "../app/Shell";
import { ChoiceChip } from "../build/chips";
import type { ClassView } from "../generated/types";
import { Menu, MenuItem } from "../ui/Menu";
import { Failed, Loading } from "../ui/Notice";
import { saveAs } from "../ui/saveAs";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { CodeSheet } from "./CodeSheet";
import { CoverDialog } from "./CoverDialog";
import { DetailsDialog } from "./DetailsDialog";
import { useFreshSlips } from "./freshSlips";
import GiveDialog from "./GiveDialog";
import { GivenList, type Removed } from "./GivenList";
import { HandOverDialog } from "./HandOverDialog";
import { Register } from "./Register";
import { Said } from "./Said";
import { Slips } from "./Slips";
import { useDoing } from "./useDoing";

/** One class: its code, what it has to do, and its register. */
export default function ClassPage() {
  const { id = "" } = useParams();
  const view = useClass(id);
  return (
    <Shell>
      <div className="mx-auto max-w-6xl px-4 py-5 sm:px-7">
        <Link to="/classes" className="btn btn-ghost -ml-3 px-3">
          <ChevronLeft size={18} aria-hidden="true" />
          {words.classes.back}
        </Link>
        {view.isPending && <Loading inside />}
        {view.isError && <Failed error={view.error} again={view.refetch} inside />}
        {view.data && <OneClass view={view.data} />}
      </div>
    </Shell>
  );
}

type Open = "details" | "give" | "sheet" | "cover" | "hand-over" | undefined;

function OneClass({ view }: { view: ClassView }) {
  const { card } = view;
  const { id, name, year } = card;
  const [open, setOpen] = useState<Open>();
  const { slips, shown, load, add, show, done } = useFreshSlips();
  useEffect(() => load(id), [id, load]);
  const { message, say, attempt, leave, anew } = useDoing();
  const navigate = useNavigate();
  useRemovedSaid({ say, attempt });
  const remove = () =>
    leave(removeClass(id), () =>
      navigate("/classes", { state: { said: words.classes.removed(name) } }),
    );
  const close = () => setOpen(undefined);
  const away = card.archivedAt !== undefined && card.archivedAt !== null;
  usePageTitle(name);
  return (
    <>
      <div className="mb-4 flex flex-wrap items-center gap-x-4 gap-y-2">
        <h1 className="text-3xl font-semibold [overflow-wrap:anywhere]">{name}</h1>
        <span className="mr-auto text-lg text-soft">
          {year === undefined ? "" : words.classes.year(year)}
        </span>
        <Link to={`/classes/${id}/term`} className="btn btn-outline">
          <Table2 size={18} aria-hidden="true" />
          {words.classes.term.show}
        </Link>
        {!away && (
          <button type="button" className="btn btn-primary" onClick={() => setOpen("give")}>
            <Send size={18} aria-hidden="true" />
            {words.classes.given.give}
          </button>
        )}
        <Menu label={words.classes.actions} icon={EllipsisVertical}>
          <MenuItem icon={Pencil} label={words.classes.rename} act={() => setOpen("details")} />
          <MenuItem
            icon={KeyRound}
            label={words.classes.newCode}
            act={() => attempt(giveClassACode(id), words.classes.newCodeDone)}
          />
          <MenuItem
            icon={Download}
            label={words.classes.registerCsv}
            act={() => saveAs(registerTable(id))}
          />
          {!away && (
            <MenuItem icon={CalendarClock} label={words.cover.title} act={() => setOpen("cover")} />
          )}
          <MenuItem
            icon={UserRoundCog}
            label={words.classes.handOver}
            act={() => setOpen("hand-over")}
          />
          <MenuItem
            icon={away ? ArchiveRestore : Archive}
            label={away ? words.classes.bringBack : words.classes.archive}
            act={() =>
              away
                ? attempt(bringClassBack(id))
                : attempt(putClassAway(id), words.classes.archiveDone(name), () =>
                    bringClassBack(id),
                  )
            }
          />
          {away && <MenuItem icon={Trash2} label={words.classes.remove} act={remove} />}
        </Menu>
      </div>
      {away ? (
        <p className="mb-6 rounded-[4px] border-l-8 border-accent bg-card p-4">
          {words.classes.isAway}
        </p>
      ) : (
        <Code view={view} sheet={() => setOpen("sheet")} attempt={attempt} />
      )}
      {slips.length > 0 && (
        <p className="mb-6 flex flex-wrap items-center gap-3 rounded-[4px] border-l-8 border-accent bg-card p-4">
          <span className="mr-auto">{words.classes.slips.waiting(slips.length)}</span>
          <button type="button" className="btn btn-outline" onClick={() => show(true)}>
            {words.classes.slips.again}
          </button>
        </p>
      )}
      <GivenList view={view} attempt={attempt} />
      <Register view={view} attempt={attempt} say={say} slips={add} anew={anew} />
      {open === "details" && (
        <DetailsDialog
          title={words.classes.changeTitle}
          submit={words.classes.save}
          details={{ name, year, door: view.door }}
          send={async (details) => {
            await changeClass(id, details);
            await anew();
          }}
          onClose={close}
        />
      )}
      {open === "give" && (
        <GiveDialog
          to={view}
          done={(given) => {
            anew();
            say({ text: words.classes.giving.given(given.title, name) });
          }}
          onClose={close}
        />
      )}
      {open === "cover" && <CoverDialog view={view} onClose={close} />}
      {open === "hand-over" && (
        <HandOverDialog
          id={id}
          done={(to) => {
            anew();
            navigate("/classes", { state: { said: words.classes.handedOver(to) } });
          }}
          onClose={close}
        />
      )}
      {open === "sheet" && <CodeSheet view={view} onClose={close} />}
      {slips.length > 0 && shown && (
        <Slips view={view} slips={slips} onClose={() => show(false)} done={done} />
      )}
      <Said message={message} say={say} />
    </>
  );
}

/** Says what was removed on the page that was left for this one, with the way back. */
function useRemovedSaid({ say, attempt }: Pick<ReturnType<typeof useDoing>, "say" | "attempt">) {
  const { state, pathname } = useLocation();
  const navigate = useNavigate();
  const removed: Removed | undefined = state?.removed;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for what was removed
  useEffect(() => {
    if (!removed) return;
    // Said once: not again after a reload.
    navigate(pathname, { replace: true, state: null });
    say({
      text: words.classes.glance.removed(removed.title),
      undo: () => {
        say(undefined);
        attempt(restoreGiven(removed.id));
      },
    });
  }, [removed]);
}

/** The code with which learners come in, and what becomes of newcomers. */
function Code(props: {
  view: ClassView;
  sheet: () => void;
  attempt: ReturnType<typeof useDoing>["attempt"];
}) {
  const { view, sheet, attempt } = props;
  const { card, code, door } = view;
  return (
    <section
      aria-label={words.classes.code}
      className="mb-7 flex flex-wrap items-center gap-x-6 gap-y-2 rounded-[4px] border-l-8 border-accent bg-card px-5 py-3"
    >
      <p>
        <span className="block text-sm text-soft">{words.classes.code}</span>
        <span className="font-display text-3xl font-semibold tracking-widest">{code}</span>
      </p>
      <p className="min-w-0 flex-1 basis-72 leading-[2.6rem]">
        {words.classes.door.before}{" "}
        <ChoiceChip
          label={words.classes.door.label}
          names={words.classes.door.names}
          value={door}
          change={(changed) =>
            attempt(changeClass(card.id, { name: card.name, year: card.year, door: changed }))
          }
        />{" "}
        <span className="text-soft">{words.classes.door.known}</span>
      </p>
      <button type="button" className="btn btn-outline" onClick={sheet}>
        <Printer size={18} aria-hidden="true" />
        {words.classes.sheet}
      </button>
    </section>
  );
}
