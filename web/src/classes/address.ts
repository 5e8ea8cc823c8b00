import { useQuery } from "@tanstack/react-query";
import QRCode from "qrcode";
import type { ClassView } from "../generated/types";

const isOfThisComputer = ["localhost", "127.0.0.1", "[::1]"].includes(location.hostname);

/** Where learners come into a class, for a device of the same network. */
export const addressOf = ({ code, addresses }: ClassView) =>
  `${(isOfThisComputer ? addresses[0] : location.origin) ?? location.origin}/join/${code}`;

/** An address as a picture that a camera reads (ISO/IEC 18004). */
export const useQrCode = (address: string, width: number) =>
  useQuery({
    queryKey: ["qr", address, width],
    queryFn: () => QRCode.toDataURL(address, { width, margin: 2 }),
    staleTime: Number.POSITIVE_INFINITY,
  }).data;
