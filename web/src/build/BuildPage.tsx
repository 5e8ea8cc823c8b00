import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { useParams } from "react-router";
import { keys, readActivity } from "../api/teacher";
import { readinessOf } from "../engine/LocalGame";
import type { StoredActivity } from "../generated/types";
import { Dialog, KeyList } from "../ui/Dialog";
import { Failed, Loading } from "../ui/Notice";
import { words } from "../words/en";
import { BuildBar } from "./BuildBar";
import { ConflictDialog } from "./ConflictDialog";
import { DetailsDialog } from "./DetailsDialog";
import { createEditor } from "./editor";
import { LinkDialog } from "./LinkDialog";
import { LiveGame } from "./LiveGame";
import { ReadinessStrip } from "./ReadinessStrip";
import { RulesParagraph } from "./RulesParagraph";
import { Sheet } from "./Sheet";
import { useEditorKeys } from "./useEditorKeys";
import { useSaving } from "./useSaving";

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

type Open = "keys" | "link" | "details" | undefined;

function Build({ stored }: { stored: StoredActivity }) {
  const [useEditor] = useState(() => {
    const blank = stored.activity.game.questions.find((q) => !q.text);
    return createEditor(stored.activity, blank?.id);
  });
  const activity = useEditor((editor) => editor.activity);
  const saving = useSaving(stored, activity);
  const readiness = useMemo(() => readinessOf(activity), [activity]);
  const [dialog, setDialog] = useState<Open>();
  const [side, setSide] = useState<"sheet" | "game">("sheet");
  useEditorKeys(useEditor, () => setDialog("keys"));
  useEffect(() => {
    document.title = `${activity.titlePage.title || words.activities.untitled} – ${words.name}`;
  }, [activity.titlePage.title]);
  useEffect(
    () => () => {
      document.title = words.name;
    },
    [],
  );

  return (
    <div className="flex h-full flex-col">
      <BuildBar
        id={stored.id}
        useEditor={useEditor}
        saving={saving}
        askable={readiness.askable}
        open={setDialog}
      />
      <SideSwitch side={side} setSide={setSide} />
      <main className="grid min-h-0 flex-1 lg:grid-cols-[minmax(0,46fr)_minmax(0,54fr)]">
        <div
          className={`min-h-0 flex-col overflow-y-auto px-4 py-3 lg:flex ${side === "sheet" ? "flex" : "hidden"}`}
        >
          <RulesParagraph useEditor={useEditor} readiness={readiness} />
          <Sheet useEditor={useEditor} showKeys={() => setDialog("keys")} />
        </div>
        <div
          className={`min-h-0 flex-col overflow-y-auto border-line bg-base-200 lg:flex lg:border-l ${side === "game" ? "flex" : "hidden"}`}
        >
          <LiveGame useEditor={useEditor} />
        </div>
      </main>
      <ReadinessStrip readiness={readiness} useEditor={useEditor} show={() => setSide("sheet")} />
      {dialog === "keys" && (
        <Dialog title={words.keys.title} onClose={() => setDialog(undefined)}>
          <KeyList keys={words.keys.build} />
        </Dialog>
      )}
      {dialog === "link" && <LinkDialog id={stored.id} onClose={() => setDialog(undefined)} />}
      {dialog === "details" && (
        <DetailsDialog useEditor={useEditor} onClose={() => setDialog(undefined)} />
      )}
      {saving.state.is === "conflict" && (
        <ConflictDialog useEditor={useEditor} resolve={saving.resolve} />
      )}
    </div>
  );
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
