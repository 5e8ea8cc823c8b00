import { type ReactNode, useEffect, useRef, useState } from "react";

/** Files come in here: dropped anywhere on what is inside, or pasted where nothing else takes them. */
export function Dropping(props: {
  take: (files: FileList) => void;
  /** Whether what was pasted is meant for this; always, if it says nothing. */
  pastes?: (event: ClipboardEvent) => boolean;
  children: ReactNode;
}) {
  const [over, setOver] = useState(false);
  const latest = useRef(props);
  latest.current = props;
  useEffect(() => {
    const paste = (event: ClipboardEvent) => {
      const { take, pastes } = latest.current;
      const files = event.clipboardData?.files;
      if (!files || files.length === 0 || event.defaultPrevented) return;
      if (pastes && !pastes(event)) return;
      event.preventDefault();
      take(files);
    };
    window.addEventListener("paste", paste);
    return () => window.removeEventListener("paste", paste);
  }, []);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: files are dropped here; a button does the same
    <div
      onDragOver={(event) => {
        if (!event.dataTransfer.types.includes("Files")) return;
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={(event) => {
        if (!event.currentTarget.contains(event.relatedTarget as Node)) setOver(false);
      }}
      onDrop={(event) => {
        if (!event.dataTransfer.types.includes("Files")) return;
        event.preventDefault();
        setOver(false);
        props.take(event.dataTransfer.files);
      }}
      className={`rounded-[14px] outline-offset-8 ${over ? "outline-3 outline-dashed outline-primary" : ""}`}
    >
      {props.children}
    </div>
  );
}
