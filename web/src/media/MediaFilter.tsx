import { Search } from "lucide-react";
import type { Wanted } from "../api/media";
import type { MediaKind } from "../generated/types";
import { words } from "../words/en";

const KINDS: (MediaKind | undefined)[] = [undefined, "picture", "sound", "video"];

/** What is looked for among media; a kind that is settled is not asked for. */
export function MediaFilter(props: {
  wanted: Wanted;
  change: (wanted: Wanted) => void;
  settled?: boolean;
}) {
  const { wanted, change, settled } = props;
  return (
    <div className="flex min-w-0 flex-1 basis-80 flex-wrap items-center gap-3">
      <label className="flex h-11 min-w-40 flex-1 items-center gap-2 rounded-[14px] border border-edge bg-card px-3 md:max-w-xs">
        <Search size={18} aria-hidden="true" className="shrink-0 text-soft" />
        <input
          type="search"
          data-first
          aria-label={words.media.search}
          placeholder={words.media.search}
          className="w-full min-w-0 bg-transparent outline-none placeholder:text-soft"
          value={wanted.search}
          onChange={(event) => change({ ...wanted, search: event.target.value })}
        />
      </label>
      {!settled && (
        <fieldset className="flex gap-1">
          <legend className="sr-only">{words.media.kind}</legend>
          {KINDS.map((kind) => (
            <label
              key={kind ?? "all"}
              className="flex min-h-11 cursor-pointer items-center rounded-[14px] border-2 border-transparent px-3 font-display font-medium has-checked:border-primary has-focus-visible:outline-3 has-focus-visible:outline-primary"
            >
              <input
                type="radio"
                name="media-kind"
                className="sr-only"
                checked={wanted.kind === kind}
                onChange={() => change({ ...wanted, kind })}
              />
              {words.media.kinds[kind ?? "all"]}
            </label>
          ))}
        </fieldset>
      )}
    </div>
  );
}
