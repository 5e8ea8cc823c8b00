import { useEffect, useState } from "react";

/** A value once it has stood still: what takes long to work out from it waits for a pause. */
export function useSettled<T>(value: T, millis: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(() => value), millis);
    return () => clearTimeout(timer);
  }, [value, millis]);
  return settled;
}
