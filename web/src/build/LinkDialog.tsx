import { useQuery } from "@tanstack/react-query";
import { Maximize2 } from "lucide-react";
import QRCode from "qrcode";
import { useState } from "react";
import { linkOf, switchLink } from "../api/teacher";
import { Dialog } from "../ui/Dialog";
import { problemWords } from "../ui/Notice";
import { words } from "../words/en";
import { LargeCode } from "./LargeCode";

const isOfThisComputer = ["localhost", "127.0.0.1", "[::1]"].includes(location.hostname);

/** The link by which learners come, as an address, a code and a picture. */
export function LinkDialog(props: {
  id: string;
  /** Whether a clock runs in it, so that some learners may be entitled to more time. */
  hasClock: boolean;
  onClose: () => void;
}) {
  const { id, hasClock, onClose } = props;
  const [time, setTime] = useState(100);
  const link = useQuery({
    queryKey: ["link", id, time],
    queryFn: async () => {
      const { code, addresses, open } = await linkOf(id, time);
      const here = isOfThisComputer ? addresses[0] : location.origin;
      const address = `${here ?? location.origin}/play/${code}`;
      const alone = isOfThisComputer && here === undefined;
      return {
        code,
        address,
        alone,
        open,
        picture: await QRCode.toDataURL(address, { width: 900, margin: 2 }),
      };
    },
  });
  const [copied, setCopied] = useState(false);
  const [large, setLarge] = useState(false);
  const [problem, setProblem] = useState<string>();
  const turn = (open: boolean) =>
    switchLink(id, open)
      .then(() => link.refetch())
      .then(() => setProblem(undefined))
      .catch((error) => setProblem(problemWords(error)));
  return (
    <Dialog title={words.link.title} onClose={onClose}>
      <p className="mb-4">{words.link.text}</p>
      {hasClock && (
        <label className="mb-4 flex flex-wrap items-center gap-2">
          {words.link.time}
          <select
            className="h-11 rounded-[14px] border border-edge bg-card px-2"
            value={time}
            onChange={(event) => {
              setTime(Number(event.target.value));
              setCopied(false);
            }}
          >
            {Object.entries(words.link.times).map(([percent, name]) => (
              <option key={percent} value={percent}>
                {name}
              </option>
            ))}
          </select>
        </label>
      )}
      {link.isPending && <p role="status">{words.loading}</p>}
      {link.isError && <p role="alert">{problemWords(link.error)}</p>}
      {link.isSuccess && (
        <div className="flex flex-wrap items-center gap-6">
          <img
            src={link.data.picture}
            alt={words.link.qr}
            width={180}
            height={180}
            className={`rounded-[4px] ${link.data.open ? "" : "opacity-30"}`}
          />
          <div className="min-w-0 flex-1 space-y-3">
            <p className="text-soft">{words.link.code}</p>
            <p className="font-display text-4xl font-semibold tracking-widest">{link.data.code}</p>
            <p className="break-all">{link.data.address}</p>
            <div className="flex flex-wrap gap-2">
              <button
                type="button"
                className="btn btn-primary"
                onClick={() =>
                  navigator.clipboard?.writeText(link.data.address).then(() => setCopied(true))
                }
              >
                {copied ? words.link.copied : words.link.copy}
              </button>
              <button
                type="button"
                className="btn btn-outline"
                disabled={!link.data.open}
                onClick={() => setLarge(true)}
              >
                <Maximize2 size={18} aria-hidden="true" />
                {words.link.large}
              </button>
              <a
                className="btn btn-outline"
                href={`/play/${link.data.code}`}
                target="_blank"
                rel="noreferrer"
              >
                {words.link.open}
              </a>
            </div>
          </div>
        </div>
      )}
      {link.isSuccess && (
        <label className="mt-5 flex min-h-11 items-center gap-3 border-t border-line pt-3">
          <input
            type="checkbox"
            className="toggle border-edge"
            checked={link.data.open}
            onChange={(event) => turn(event.target.checked)}
          />
          {link.data.open ? words.link.on : words.link.off}
        </label>
      )}
      {problem && <p role="alert">{problem}</p>}
      {large && link.data && <LargeCode {...link.data} onClose={() => setLarge(false)} />}
      <p className="mt-4 text-soft">
        {words.link.version}{" "}
        {isOfThisComputer && (link.data?.alone ? words.link.alone : words.link.network)}
      </p>
    </Dialog>
  );
}
