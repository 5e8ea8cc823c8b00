import { X } from "lucide-react";
import { useLayoutEffect, useRef } from "react";
import { words } from "../words/en";

/** The code and the picture of an address as large as the screen, for the projector. */
export function LargeCode(props: {
  code: string;
  address: string;
  picture: string;
  onClose: () => void;
}) {
  const { code, address, picture, onClose } = props;
  const ref = useRef<HTMLDialogElement>(null);
  useLayoutEffect(() => {
    const dialog = ref.current;
    if (dialog && !dialog.open) dialog.showModal();
    return () => dialog?.close();
  }, []);
  return (
    <dialog
      ref={ref}
      aria-label={words.link.large}
      className="fixed inset-0 m-0 h-dvh max-h-none w-screen max-w-none bg-base-100 p-[3vmin] text-base-content"
      onCancel={(event) => {
        event.preventDefault();
        onClose();
      }}
      onKeyDown={(event) => event.stopPropagation()}
    >
      <button
        type="button"
        className="btn btn-ghost btn-square absolute top-2 right-2"
        aria-label={words.close}
        onClick={onClose}
      >
        <X aria-hidden="true" />
      </button>
      <div className="flex h-full flex-wrap items-center justify-center gap-[5vmin] text-center">
        <img src={picture} alt={words.link.qr} className="w-[min(70vh,80vw)] rounded-[4px]" />
        <div className="min-w-0">
          <p className="font-display text-[clamp(3rem,11vw,12rem)] leading-none font-semibold tracking-widest">
            {code}
          </p>
          <p className="mt-[4vmin] text-[clamp(1.25rem,2.6vw,3rem)] wrap-anywhere">{address}</p>
        </div>
      </div>
    </dialog>
  );
}
