import { Type } from "lucide-react";
import { type ClipboardEvent, lazy, Suspense, useState } from "react";
import { GrowingText } from "../ui/GrowingText";
import { words } from "../words/en";
import { saysMore } from "./pasted";
import { Rich } from "./Rich";
import type { Arriving } from "./RichEditor";
import type { Words } from "./words";

const RichEditor = lazy(() => import("./RichEditor"));

/** A key that was pressed in the field, as far as who uses it has to know. */
export type FieldKey = Pick<
  KeyboardEvent,
  "key" | "shiftKey" | "ctrlKey" | "metaKey" | "altKey" | "preventDefault" | "stopPropagation"
>;

export interface WordsFieldProps {
  label: string;
  value: Words;
  change: (value: Words) => void;
  placeholder?: string;
  maxLength?: number;
  className?: string;
  /** Its place on the page, for findings that lead here. */
  place?: string;
  data?: Record<`data-${string}`, string>;
  onKeyDown?: (event: FieldKey, empty: boolean) => void;
  onPaste?: (event: ClipboardEvent) => void;
  disabled?: boolean;
  /** Only pictures and sounds besides plain text: in the text itself signs have a meaning. */
  plain?: boolean;
  /** Whether the cursor goes to its end when it appears. */
  takesCursor?: boolean;
  /** Where nothing can be pressed, sounds have no place. */
  still?: boolean;
}

/**
 * A field for the teacher's words. While they are plain text it is a plain field; it becomes an editor
 * when formatting is wanted: by its button, Ctrl + B or I, or because what is pasted has some.
 */
export function WordsField(props: WordsFieldProps) {
  const { label, value, change, className, place, data } = props;
  const [arriving, setArriving] = useState<Arriving>();
  if (typeof value !== "string" || arriving) {
    return (
      <Suspense
        fallback={
          <span className={className}>
            <Rich words={value} />
          </span>
        }
      >
        <RichEditor {...props} arriving={arriving} left={() => setArriving(undefined)} />
      </Suspense>
    );
  }
  const paste = (event: ClipboardEvent<HTMLTextAreaElement>) => {
    props.onPaste?.(event);
    if (event.defaultPrevented) return;
    const html = event.clipboardData.getData("text/html");
    const files = [...event.clipboardData.files];
    if (!html && files.length === 0) return;
    if (html && !saysMore(html)) return;
    event.preventDefault();
    setArriving(html ? { html } : { files });
  };
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: files can be dropped here; its button does the same
    <span
      className="group/words flex min-w-0 flex-1 items-start"
      onDragOver={(event) => {
        if (event.dataTransfer.types.includes("Files")) event.preventDefault();
      }}
      onDrop={(event) => {
        const files = [...event.dataTransfer.files];
        if (files.length === 0 || props.disabled) return;
        event.preventDefault();
        setArriving({ files });
      }}
    >
      <GrowingText
        {...data}
        aria-label={label}
        data-place={place}
        placeholder={props.placeholder}
        value={value}
        maxLength={props.maxLength}
        disabled={props.disabled}
        className={className}
        onChange={(event) => change(event.target.value)}
        onPaste={paste}
        onKeyDown={(event) => {
          const marks = event.key === "b" || event.key === "i";
          if ((event.ctrlKey || event.metaKey) && marks && !props.plain) {
            event.preventDefault();
            setArriving({});
            return;
          }
          props.onKeyDown?.(event, value === "");
        }}
      />
      {!props.disabled && (
        <button
          type="button"
          tabIndex={-1}
          title={words.rich.format}
          aria-label={words.rich.format}
          className="words-format btn btn-ghost btn-square btn-sm shrink-0 text-soft"
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => setArriving({})}
        >
          <Type size={16} aria-hidden="true" />
        </button>
      )}
    </span>
  );
}
