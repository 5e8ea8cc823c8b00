import { ShieldQuestion } from "lucide-react";
import { type ReactNode, useMemo, useState } from "react";
import { useParams } from "react-router";
import { useDetail } from "../../api/media";
import { useFromEasy } from "../../api/results";
import { ChoiceChip, NumberChip } from "../../build/chips";
import type { EditorStore } from "../../build/editor";
import { cutUnevenly, guarded, tellingOf, underPieces } from "../../engine/LocalGame";
import { limits } from "../../generated/limits";
import type { DetailMap, PictureReveal, Telling, Under } from "../../generated/types";
import { PictureChoice } from "../../media/PictureChoice";
import { lineOf, linesOf } from "../../questions/questionsOf";
import { useMediaAddress } from "../../rich/media";
import { plainOf, type Words } from "../../rich/words";
import { FIELD } from "../../ui/field";
import { changePiece, changeReveal, leastBeside, MOST, mostBeside, sizeOf } from "./reveal";
import { sheetWords } from "./sheetWords";

interface CoverProps {
  useEditor: EditorStore;
  reveal: PictureReveal;
  told: Told;
  /** The question whose line and pieces light up together. */
  lit?: string;
  point: (question?: string) => void;
}

/** The covered picture: chosen, described, cut, with how telling each piece is. */
export function CoverEditor(props: CoverProps) {
  const { useEditor, reveal, told } = props;
  const { picture, cut } = reveal;
  const [chosen, setChosen] = useState<number>();
  const { detail, telling } = told;
  const under = useMemo(() => underPieces(reveal), [reveal]);
  const { change } = useChange(useEditor);
  const place = chosen !== undefined && chosen < sizeOf(cut) ? chosen : undefined;
  return (
    <section aria-labelledby="cover" className="mb-2">
      <PictureChoice
        picture={picture}
        change={(chosen) => change({ picture: chosen })}
        lead={
          <h2 id="cover" className="w-full text-sm font-semibold tracking-wide text-soft">
            {sheetWords.picture}
          </h2>
        }
        board={
          <CutPicture
            {...props}
            under={under}
            telling={telling}
            chosen={place}
            choose={setChosen}
          />
        }
        tools={<CutSentence reveal={reveal} detail={detail} change={change} />}
      >
        {!picture && <p className="my-1 text-soft">{sheetWords.first}</p>}
      </PictureChoice>
      {place !== undefined && (
        <PieceFields {...props} place={place} share={telling?.shares[place]} />
      )}
    </section>
  );
}

/** What else can be said of the covered picture, and how its pieces come to guard it. */
export function CoverMore(props: Pick<CoverProps, "useEditor" | "reveal" | "told">) {
  const { useEditor, reveal, told } = props;
  const { picture } = reveal;
  const { detail, telling } = told;
  const { change } = useChange(useEditor);
  const { id } = useParams();
  const proved = useFromEasy(id).data ?? [];
  const written = reveal.questions.map((question) => question.id);
  const shown = proved.filter((question) => written.includes(question)).length > 1;
  const guard = (map: DetailMap, fromEasy: string[]) =>
    change({ pieces: guarded(reveal, map, fromEasy).pieces });
  return (
    <>
      {telling && <Bare telling={telling} />}
      <div className="flex flex-wrap items-center gap-x-3">
        {detail && reveal.questions.length > 1 && (
          <button
            type="button"
            className="btn btn-sm btn-outline h-11"
            title={sheetWords.guardHow}
            onClick={() => guard(detail, written)}
          >
            <ShieldQuestion size={16} aria-hidden="true" />
            {sheetWords.guard}
          </button>
        )}
        {detail && shown && (
          <button
            type="button"
            className="btn btn-sm btn-outline h-11"
            title={sheetWords.guardAsShownHow}
            onClick={() => guard(detail, proved)}
          >
            {sheetWords.guardAsShown}
          </button>
        )}
        {picture && <p className="text-sm text-soft">{sheetWords.ownDevice}</p>}
      </div>
      {picture && (
        <Labelled title={sheetWords.alt}>
          <input
            className={FIELD}
            maxLength={500}
            value={picture.alt}
            onChange={(event) =>
              change({ picture: { ...picture, alt: event.target.value } }, "reveal alt")
            }
          />
        </Labelled>
      )}
      <Labelled title={sheetWords.said}>
        <input
          className={FIELD}
          maxLength={500}
          value={plainOf(reveal.said ?? "")}
          placeholder={sheetWords.saidPlaceholder}
          onChange={(event) =>
            change({ said: (event.target.value || undefined) as Words | undefined }, "reveal said")
          }
        />
      </Labelled>
    </>
  );
}

type Told = ReturnType<typeof useTelling>;

/** How telling each piece is, as far as it can be known. */
export function useTelling(reveal: PictureReveal) {
  const { picture, cut } = reveal;
  const detail = useDetail(picture?.medium).data;
  // biome-ignore lint/correctness/useExhaustiveDependencies: only the cut tells, and no key press in a question changes it
  const telling = useMemo(
    () => detail && tellingOf({ ...reveal, questions: [], pieces: [] }, detail),
    [cut, detail],
  );
  return { detail, telling };
}

const useChange = (useEditor: EditorStore) => ({
  change: (part: Partial<PictureReveal>, key?: string) =>
    useEditor.getState().edit(
      changeReveal(() => part),
      key,
    ),
});

function Labelled({ title, children }: { title: string; children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the field is its child
    <label className="mt-1 block">
      <span className="text-sm text-soft">{title}</span>
      {children}
    </label>
  );
}

/** Rows and columns, or how many pieces of different size. */
function CutSentence(props: {
  reveal: PictureReveal;
  detail?: DetailMap;
  change: (part: Partial<PictureReveal>, key?: string) => void;
}) {
  const { reveal, detail, change } = props;
  const { cut } = reveal;
  const uneven = cut.uneven.length > 0;
  const cutInto = (pieces: number) =>
    detail && change({ cut: cutUnevenly(reveal, detail, pieces).cut }, "cut");
  return (
    <p className="w-full leading-[1.75rem] pointer-coarse:leading-[2.75rem]">
      {sheetWords.cut}{" "}
      {uneven ? (
        <NumberChip
          label={sheetWords.pieces}
          value={cut.uneven.length}
          least={2}
          most={MOST}
          change={cutInto}
        />
      ) : (
        <>
          <NumberChip
            label={sheetWords.rows}
            value={cut.rows}
            least={leastBeside(cut.columns)}
            most={mostBeside(cut.columns)}
            change={(rows) => change({ cut: { ...cut, rows } }, "cut")}
          />{" "}
          {sheetWords.by(cut.rows)}{" "}
          <NumberChip
            label={sheetWords.columns}
            value={cut.columns}
            least={leastBeside(cut.rows)}
            most={mostBeside(cut.rows)}
            change={(columns) => change({ cut: { ...cut, columns } }, "cut")}
          />{" "}
          {sheetWords.columnsOf(cut.columns)}
        </>
      )}{" "}
      {detail ? (
        <ChoiceChip
          label={sheetWords.cutLabel}
          names={{ even: sheetWords.even, uneven: sheetWords.uneven }}
          value={uneven ? "uneven" : "even"}
          change={(how) =>
            how === "uneven" ? cutInto(sizeOf(cut)) : change({ cut: { ...cut, uneven: [] } })
          }
        />
      ) : (
        sheetWords.even
      )}
    </p>
  );
}

/** The picture with its cut; what tells more is darker. Pressing a piece opens it and its line. */
function CutPicture(
  props: CoverProps & {
    under: Under[];
    telling?: Telling;
    chosen?: number;
    choose: (place: number) => void;
  },
) {
  const { useEditor, reveal, under, telling, chosen, choose, lit, point } = props;
  const { picture } = reveal;
  const address = useMediaAddress();
  const open = useEditor((editor) => editor.open);
  const { unfold } = useEditor.getState();
  const shares = telling?.shares ?? [];
  const [least, most] = [Math.min(...shares), Math.max(...shares)];
  const { width = 3, height = 2 } = picture ?? {};
  return (
    <div
      className="relative w-full overflow-hidden rounded-[4px] border-2 border-line bg-base-200"
      style={{ aspectRatio: `${width} / ${height}` }}
    >
      {picture && (
        <img
          src={address(picture.medium)}
          alt={picture.alt}
          draggable={false}
          className="absolute inset-0 size-full"
        />
      )}
      {under.map(({ question, patch: area }, i) => {
        const share = telling?.shares[i];
        const by = lineOf(reveal.questions, question);
        return (
          <button
            key={`${area.x} ${area.y}`}
            type="button"
            aria-label={`${sheetWords.piece(i + 1, tenth(share))}: ${
              by ? `${sheetWords.lifts} ${by.number ?? by.name}` : sheetWords.none
            }`}
            aria-pressed={chosen === i}
            data-lit={question !== undefined && (question === lit || question === open)}
            onPointerEnter={() => point(question)}
            onPointerLeave={() => point()}
            onClick={() => {
              choose(i);
              if (question) unfold(question, false);
            }}
            className="absolute cursor-pointer border border-base-100 outline-offset-[-4px] aria-pressed:outline-4 aria-pressed:outline-base-content data-[lit=true]:border-4 data-[lit=true]:border-accent"
            style={{
              left: `${area.x / 10}%`,
              top: `${area.y / 10}%`,
              width: `${area.width / 10}%`,
              height: `${area.height / 10}%`,
              background: `color-mix(in oklab, transparent, var(--color-primary) ${
                share === undefined ? 10 : washOf(share, least, most)
              }%)`,
            }}
          >
            <span className="rounded-full bg-card px-2 font-display text-sm font-semibold">
              {by?.number ?? "–"}
            </span>
          </button>
        );
      })}
    </div>
  );
}

/** How dark the wash over a piece is, in per cent: the least telling stays almost clear. */
const washOf = (share: number, least: number, most: number) =>
  most === least ? 35 : Math.round(8 + (62 * (share - least)) / (most - least));

/** A share in thousandths as whole per cent. */
const tenth = (share?: number) => (share === undefined ? undefined : Math.round(share / 10));

/** What is bare after some of the pieces: a few steps of the way. */
function Bare({ telling }: { telling: Telling }) {
  const { shares, least, most } = telling;
  const steps = [
    ...new Set([1, Math.round(shares.length / 3), Math.round((2 * shares.length) / 3)]),
  ];
  return (
    <p className="my-1 text-sm text-soft">
      {sheetWords.telling}{" "}
      {steps
        .filter((n) => n > 0 && n < shares.length)
        .map((n) => sheetWords.bareAfter(n, tenth(least[n]) ?? 0, tenth(most[n]) ?? 0))
        .join(" ")}
    </p>
  );
}

/** What is written of one piece. */
function PieceFields(props: CoverProps & { place: number; share?: number }) {
  const { useEditor, reveal, place, share } = props;
  const { edit, unfold } = useEditor.getState();
  const piece = reveal.pieces[place];
  const automatic = underPieces({
    ...reveal,
    pieces: reveal.pieces.map((p, i) => (i === place ? { ...p, question: undefined } : p)),
  })[place]?.question;
  const lines = linesOf(reveal.questions);
  const free = lineOf(reveal.questions, automatic)?.number;
  const value = piece?.question ?? "next";
  return (
    <fieldset className="my-2 rounded-[14px] border border-line p-3">
      <legend className="px-1 text-sm font-semibold">
        {sheetWords.pieceTitle(place + 1, tenth(share))}
      </legend>
      <Labelled title={sheetWords.lifts}>
        <select
          className={FIELD}
          value={value === "" ? "none" : value}
          onChange={(event) => {
            const next = event.target.value;
            const question = next === "next" ? undefined : next === "none" ? "" : next;
            edit(changePiece(place, { question }));
            if (question) unfold(question, false);
          }}
        >
          <option value="next">{sheetWords.next(free)}</option>
          <option value="none">{sheetWords.none}</option>
          {reveal.questions.map(
            ({ id, kind, text }, i) =>
              kind !== "information" && (
                <option key={id} value={id}>
                  {sheetWords.question(lines[i], plainOf(text).slice(0, 60))}
                </option>
              ),
          )}
        </select>
      </Labelled>
      <Labelled title={sheetWords.pieceSaid}>
        <input
          className={FIELD}
          maxLength={limits.PicturePiece.said.most}
          value={piece?.said ?? ""}
          onChange={(event) =>
            edit(changePiece(place, { said: event.target.value || undefined }), `piece ${place}`)
          }
        />
      </Labelled>
    </fieldset>
  );
}
