import { useQuery, useQueryClient } from "@tanstack/react-query";
import {
  type CSSProperties,
  lazy,
  Suspense,
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import { useNavigate, useParams } from "react-router";
import { isBegun, keep, letGo } from "../activities/begun";
import { listAnew } from "../api/listAnew";
import { fileAddress, keys, questionsAddress, readActivity, readLosses } from "../api/teacher";
import { differencesOf } from "../engine/LocalGame";
import type { Activity, Loss, StoredActivity } from "../generated/types";
import { questionsOf } from "../questions/questionsOf";
import { Dialog, KeyList } from "../ui/Dialog";
import { Failed, Loading } from "../ui/Notice";
import { saveAs } from "../ui/saveAs";
import { Toast } from "../ui/Toast";
import { usePageTitle } from "../ui/usePageTitle";
import { words } from "../words/en";
import { BuildBar } from "./BuildBar";
import { CommandList } from "./CommandList";
import { ConflictDialog } from "./ConflictDialog";
import { CopyFromDialog } from "./CopyFromDialog";
import { type Command, toKind, useCommands } from "./commands";
import { DetailsDialog } from "./DetailsDialog";
import { type Draft, forgetDraft, leftBehind } from "./draft";
import { createEditor, type EditorStore } from "./editor";
import { KindDialog } from "./KindDialog";
import { LinkDialog } from "./LinkDialog";
import { LiveGame } from "./LiveGame";
import { LossesDialog } from "./LossesDialog";
import { ReadinessStrip } from "./ReadinessStrip";
import { ReplaceDialog } from "./ReplaceDialog";
import { RulesParagraph } from "./RulesParagraph";
import { GameSheet } from "./Sheet";
import { Split, useSplit } from "./Split";
import { TakeInDialog } from "./TakeInDialog";
import { useEditorKeys } from "./useEditorKeys";
import { useReadiness } from "./useReadiness";
import { type SaveState, useSaving } from "./useSaving";
import { VersionsDialog } from "./VersionsDialog";

const GiveDialog = lazy(() => import("../classes/GiveDialog"));
const LookDialog = lazy(() => import("./LookDialog"));

/** The editor: you write, and beside it the game is already there. */
export default function BuildPage() {
  const { id = "" } = useParams();
  const stored = useQuery({
    queryKey: keys.activity(id),
    queryFn: () => readActivity(id),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  if (stored.isPending) return <Loading />;
  if (stored.isError) return <Failed error={stored.error} again={stored.refetch} />;
  return <Build key={id} stored={stored.data} />;
}

type Open =
  | "keys"
  | "link"
  | "assign"
  | "details"
  | "versions"
  | "commands"
  | "kind"
  | "replace"
  | "copy-from"
  | "look"
  | undefined;

/** The editor as the page found it: with what an earlier page left behind, if it did. */
function openEditor(stored: StoredActivity) {
  const { activity } = stored;
  const blank = questionsOf(activity).find(
    // A fraction asks by its figure: without a text it is blank only where all else is.
    (q) => !q.text && (q.kind !== "fraction" || !activity.titlePage.title),
  );
  const useEditor = createEditor(activity, blank?.id);
  const draft = leftBehind(stored.id);
  if (!draft || differencesOf(activity, activity, draft.activity).length === 0) {
    forgetDraft(stored.id);
    return { useEditor };
  }
  useEditor.getState().take(draft.activity);
  return { useEditor, draft };
}

function Build({ stored }: { stored: StoredActivity }) {
  const [{ useEditor, draft }] = useState(() => openEditor(stored));
  const activity = useEditor((editor) => editor.activity);
  const saving = useSaving(stored, activity, draft);
  const readiness = useReadiness(activity);
  const [dialog, setDialog] = useState<Open>();
  /** The text of which questions are to be taken in, while that is asked. */
  const [taking, setTaking] = useState<{ text: string; html?: string }>();
  /** What the file that is to be saved can't hold, while that is said. */
  const [losing, setLosing] = useState<{ ending: "csv" | "md"; losses: Loss[] }>();
  const [side, setSide] = useState<"sheet" | "game">("sheet");
  /** Whether both sides of a conflict are looked at: never before she wants to. */
  const [message, setMessage] = useState<string>();
  const [meeting, setMeeting] = useState(false);
  const split = useSplit();
  const navigate = useNavigate();
  const { saveNow } = saving;

  const takeIn = useCallback((text: string, html?: string) => setTaking({ text, html }), []);
  const unplayable = readiness.askable === 0;
  const page = useMemo(() => {
    /** What can't be played is neither presented nor given: it is said, and nothing is opened. */
    const played = (act: () => unknown) => () =>
      unplayable ? setMessage(words.build.unplayable) : act();
    return {
      open: (which: Open) =>
        which === "assign" ? played(() => setDialog(which))() : setDialog(which),
      present: played(async () => {
        // Whatever comes of it, it is used now.
        keep(stored.id);
        await saveNow();
        navigate(`/present/${stored.id}`);
      }),
      presentAlone: played(async () => {
        const { open } = useEditor.getState();
        keep(stored.id);
        await saveNow();
        navigate(`/present/${stored.id}${open ? `?only=${open}` : ""}`);
      }),
      saveFile: async () => {
        await saveNow();
        saveAs(fileAddress(stored.id));
      },
      saveQuestions: async (ending: "csv" | "md") => {
        await saveNow();
        const losses = await readLosses(stored.id).catch(() => []);
        if (losses.length > 0) setLosing({ ending, losses });
        else saveAs(questionsAddress(stored.id, ending));
      },
      takeIn,
      results: () => navigate(`/results/${stored.id}`),
      leave: () => navigate("/activities"),
    };
  }, [saveNow, navigate, stored.id, takeIn, useEditor, unplayable]);
  const { sheet, commands } = useCommands(useEditor, page);
  useEditorKeys(
    commands,
    dialog !== undefined || taking !== undefined || losing !== undefined || meeting,
  );
  usePageTitle(activity.titlePage.title || words.activities.untitled);
  useNotKeptUnwritten(stored, useEditor);
  const close = useCallback(() => setDialog(undefined), []);

  return (
    <div className="flex h-full flex-col">
      <BuildBar
        useEditor={useEditor}
        saving={saving.state}
        askable={readiness.askable}
        page={page}
      />
      <SavingAlert state={saving.state} meet={() => setMeeting(true)} />
      <SideSwitch side={side} setSide={setSide} />
      <main
        className="grid min-h-0 flex-1 lg:grid-cols-[minmax(0,var(--sheet))_auto_minmax(0,1fr)]"
        style={{ "--sheet": `${split.share}%` } as CSSProperties}
      >
        <div
          className={`relative min-h-0 flex-col overflow-y-auto px-4 py-3 lg:flex ${side === "sheet" ? "flex" : "hidden"}`}
        >
          <RulesParagraph useEditor={useEditor} readiness={readiness} />
          <GameSheet
            useEditor={useEditor}
            sheet={sheet}
            showKeys={() => setDialog("keys")}
            takeIn={takeIn}
          />
        </div>
        <Split {...split} />
        <div
          className={`relative min-h-0 flex-col overflow-y-auto bg-base-200 lg:flex ${side === "game" ? "flex" : "hidden"}`}
        >
          <LiveGame useEditor={useEditor} editDetails={() => setDialog("details")} />
        </div>
      </main>
      <ReadinessStrip
        readiness={readiness}
        useEditor={useEditor}
        show={() => setSide("sheet")}
        editDetails={() => setDialog("details")}
        editLook={() => setDialog("look")}
      />
      {dialog === "keys" && (
        <Dialog title={words.keys.title} onClose={close}>
          <KeyList keys={[...words.keys.writing, ...keysOf(commands)]} />
        </Dialog>
      )}
      {taking !== undefined && (
        <TakeInDialog {...taking} takeIn={sheet.paste} onClose={() => setTaking(undefined)} />
      )}
      {losing && (
        <LossesDialog
          {...losing}
          save={() => saveAs(questionsAddress(stored.id, losing.ending))}
          onClose={() => setLosing(undefined)}
        />
      )}
      {dialog === "copy-from" && (
        <CopyFromDialog id={stored.id} take={sheet.paste} onClose={close} />
      )}
      {dialog === "replace" && (
        <ReplaceDialog
          useEditor={useEditor}
          editDetails={() => setDialog("details")}
          onClose={close}
        />
      )}
      {dialog === "kind" && <Kinds useEditor={useEditor} onClose={close} />}
      {dialog === "commands" && <CommandList commands={commands} onClose={close} />}
      {dialog === "link" && (
        <LinkDialog id={stored.id} hasClock={hasClock(activity)} onClose={close} />
      )}
      {dialog === "assign" && (
        <Suspense fallback={null}>
          <GiveDialog
            activity={{ id: stored.id, title: activity.titlePage.title }}
            saving={saving.state.is !== "saved"}
            done={(given, name) => setMessage(words.classes.giving.given(given.title, name))}
            onClose={close}
          />
        </Suspense>
      )}
      {dialog === "details" && (
        <DetailsDialog useEditor={useEditor} readiness={readiness} onClose={close} />
      )}
      {dialog === "look" && (
        <Suspense fallback={null}>
          <LookDialog useEditor={useEditor} readiness={readiness} onClose={close} />
        </Suspense>
      )}
      {dialog === "versions" && (
        <VersionsDialog id={stored.id} useEditor={useEditor} onClose={close} />
      )}
      {meeting && saving.state.is === "conflict" && (
        <ConflictDialog
          useEditor={useEditor}
          conflict={saving.state.conflict}
          goOnFrom={(theirs) => {
            setMeeting(false);
            saving.goOnFrom(theirs);
          }}
          later={() => setMeeting(false)}
        />
      )}
      {draft && <DraftToast draft={draft} undo={useEditor.getState().undo} />}
      {message && <Toast text={message} close={() => setMessage(undefined)} />}
    </div>
  );
}

/** Of which kind the open question is, one key away; without an open question there is nothing to say. */
function Kinds({ useEditor, onClose }: { useEditor: EditorStore; onClose: () => void }) {
  const question = useEditor((editor) =>
    questionsOf(editor.activity).find(({ id }) => id === editor.open),
  );
  if (!question) {
    return (
      <Dialog title={words.sheet.kindLabel} onClose={onClose}>
        <p>{words.sheet.kindNone}</p>
      </Dialog>
    );
  }
  return (
    <KindDialog
      kind={question.kind}
      choose={(kind) => {
        toKind(useEditor, kind);
        onClose();
      }}
      onClose={onClose}
    />
  );
}

/** What keeps an activity from being saved until the teacher does something. */
function SavingAlert({ state, meet }: { state: SaveState; meet: () => void }) {
  if (state.is !== "signed-out" && state.is !== "conflict") return null;
  const signedOut = state.is === "signed-out";
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-line border-l-4 border-l-error bg-card px-4 py-2"
    >
      <p className="min-w-0 flex-1 basis-80">
        {signedOut ? words.build.signedOut : words.build.changedElsewhere}
      </p>
      {signedOut ? (
        <a className="btn btn-primary" href="/sign-in" target="_blank" rel="noreferrer">
          {words.build.signIn}
        </a>
      ) : (
        <button type="button" className="btn btn-primary" onClick={meet}>
          {words.build.lookAtBoth}
        </button>
      )}
    </div>
  );
}

const hasClock = (activity: Activity) =>
  activity.rules.clock !== undefined ||
  questionsOf(activity).some((question) => question.seconds !== undefined);

function DraftToast({ draft, undo }: { draft: Draft; undo: () => void }) {
  const [shown, setShown] = useState(true);
  if (!shown) return null;
  return (
    <Toast
      text={words.build.draft(new Date(draft.at))}
      action={words.build.undo}
      act={() => {
        undo();
        setShown(false);
      }}
      close={() => setShown(false)}
    />
  );
}

const keysOf = (commands: Command[]): (readonly [string, string])[] =>
  commands.flatMap(({ keys, name }) => (keys ? [[keys, name] as const] : []));

/** An activity that was only just begun and into which nothing was written goes when it is left. */
function useNotKeptUnwritten(stored: StoredActivity, useEditor: EditorStore) {
  const queries = useQueryClient();
  const { id } = stored;
  const isWritten = useEditor((editor) => editor.past.length > 0);
  useEffect(() => {
    if (isWritten) keep(id);
  }, [isWritten, id]);
  const there = useRef(false);
  useEffect(() => {
    there.current = true;
    return () => {
      there.current = false;
      // Once it is settled that the page was left.
      setTimeout(() => {
        if (there.current || !isBegun(id)) return;
        letGo(id)
          .then(() => listAnew(queries, keys.activities))
          .catch(() => undefined);
      });
    };
  }, [id, queries]);
}

/** On a narrow screen: the sheet or the game, one at a time. */
function SideSwitch(props: { side: "sheet" | "game"; setSide: (side: "sheet" | "game") => void }) {
  return (
    <div className="flex gap-1 border-b border-line px-4 py-1 lg:hidden">
      {(["sheet", "game"] as const).map((side) => (
        <button
          key={side}
          type="button"
          aria-pressed={props.side === side}
          className={`btn flex-1 ${props.side === side ? "btn-neutral" : "btn-ghost"}`}
          onClick={() => props.setSide(side)}
        >
          {words.build.show[side]}
        </button>
      ))}
    </div>
  );
}
