import { useEffect, useState } from "react";
import { leave } from "../play/leftMoves";

/** What this device knows of a learner in a class. */
export interface Member {
  token: string;
  name: string;
  /** The two words that she has not yet said she wrote down. */
  words?: string[];
}

/** What a device remembers the sitting of a task under. */
export const taskKey = (code: string, task: string) => `${code}.${task}`;

const key = (code: string) => `bravium.class.${code.toLowerCase()}`;

export function memberOf(code: string): Member | undefined {
  try {
    const text = localStorage.getItem(key(code));
    return text ? JSON.parse(text) : undefined;
  } catch {
    return undefined;
  }
}

/** On a tablet that goes round, whoever opens the page is asked whether it is theirs. */
export function isAsked(code: string): boolean {
  try {
    return sessionStorage.getItem(key(code)) !== memberOf(code)?.token;
  } catch {
    return false;
  }
}

export function keepMember(code: string, member: Member) {
  try {
    localStorage.setItem(key(code), JSON.stringify(member));
    sessionStorage.setItem(key(code), member.token);
  } catch {
    // Without storage she comes in again next time.
  }
}

/** She leaves: with her all that the device held for her. */
export function forgetMember(code: string) {
  const member = memberOf(code);
  try {
    localStorage.removeItem(key(code));
    sessionStorage.removeItem(key(code));
  } catch {
    // Then there is nothing to forget.
  }
  if (member) leave(member.token, code);
}

/** Who is in on this device; also when that is changed in another tab. */
export function useMember(code: string) {
  const [member, setMember] = useState(() => memberOf(code));
  useEffect(() => {
    const look = () =>
      setMember((known) => {
        const now = memberOf(code);
        return now?.token === known?.token && now?.words === undefined ? known : now;
      });
    window.addEventListener("storage", look);
    return () => window.removeEventListener("storage", look);
  }, [code]);
  return [member, setMember] as const;
}
