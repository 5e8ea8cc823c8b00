import { ArrowDown, ArrowUp, Copy, EyeOff, SlidersHorizontal, Trash2, X } from "lucide-react";
import { useState } from "react";
import type { SheetActions } from "../../build/sheetActions";
import { IconButton } from "../../ui/IconButton";
import { words } from "../../words/en";
import { SetForAll } from "./SetForAll";

/** What can be done with the selected questions together. */
export function SelectionBar({ count, sheet }: { count: number; sheet: SheetActions }) {
  const [setting, setSetting] = useState(false);
  return (
    <div className="sticky -top-3 z-10 my-1 flex flex-wrap items-center gap-1 rounded-[14px] border-2 border-primary bg-card px-3 shadow-lift">
      <p role="status" className="mr-auto font-semibold">
        {words.sheet.selected(count)}
      </p>
      <IconButton label={words.sheet.up} act={() => sheet.move(-1)} icon={ArrowUp} />
      <IconButton label={words.sheet.down} act={() => sheet.move(1)} icon={ArrowDown} />
      <IconButton label={words.sheet.turnOffOrOn} act={sheet.turnOff} icon={EyeOff} />
      <IconButton label={words.sheet.duplicate} act={sheet.duplicate} icon={Copy} />
      <IconButton
        label={words.sheet.setForAll(count)}
        act={() => setSetting(true)}
        icon={SlidersHorizontal}
      />
      <IconButton label={words.sheet.remove} act={sheet.remove} icon={Trash2} />
      <IconButton label={words.sheet.clear} act={sheet.clear} icon={X} />
      {setting && <SetForAll count={count} sheet={sheet} onClose={() => setSetting(false)} />}
    </div>
  );
}
