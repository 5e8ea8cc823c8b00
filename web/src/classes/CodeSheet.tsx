import type { ClassView } from "../generated/types";
import { words } from "../words/en";
import { addressOf, useQrCode } from "./address";
import { Printed } from "./Printed";

/** A sheet for the wall: the address, the code, and both as a picture. */
export function CodeSheet({ view, onClose }: { view: ClassView; onClose: () => void }) {
  const address = addressOf(view);
  const picture = useQrCode(address, 360);
  return (
    <Printed title={words.classes.sheet} onClose={onClose}>
      <div className="grid justify-items-center gap-4 py-8 text-center">
        <p className="font-display text-4xl font-semibold [overflow-wrap:anywhere]">
          {words.classes.sheetTitle(view.card.name)}
        </p>
        <p className="text-xl">{words.classes.sheetText}</p>
        {picture && <img src={picture} alt={words.classes.qr} width={300} height={300} />}
        <p className="font-display text-7xl font-semibold tracking-widest">{view.code}</p>
        <p className="text-xl break-all">{address}</p>
      </div>
    </Printed>
  );
}
