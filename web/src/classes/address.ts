import { useQuery } from "@tanstack/react-query";
import QRCode from "qrcode";
import type { ClassView } from "../generated/types";

const isOfThisComputer = ["localhost", "127.0.0.1", "[::1]"].includes(location.hostname);

/** This server, for a device of the same network. */
const serverOf = ({ addresses }: ClassView) =>
  (isOfThisComputer ? addresses[0] : location.origin) ?? location.origin;

/** Where learners come into a class. */
export const addressOf = (view: ClassView) => `${serverOf(view)}/join/${view.code}`;

/** Where whoever covers for a teacher types the code. */
export const coverAddressOf = (view: ClassView) => `${serverOf(view)}/cover`;

/** An address as a picture that a camera reads (ISO/IEC 18004). */
export const useQrCode = (address: string, width: number) =>
  useQuery({
    queryKey: ["qr", address, width],
    queryFn: () => QRCode.toDataURL(address, { width, margin: 2 }),
    staleTime: Number.POSITIVE_INFINITY,
  }).data;
