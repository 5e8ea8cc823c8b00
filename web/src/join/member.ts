/** What this device knows of a learner in a class. */
export interface Member {
  token: string;
  name: string;
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

export function forgetMember(code: string) {
  try {
    localStorage.removeItem(key(code));
    sessionStorage.removeItem(key(code));
  } catch {
    // Then there is nothing to forget.
  }
}
