import { createContext, useContext } from "react";

export type Notice = { text: string; bad?: boolean; action?: { label: string; run: () => void } };

export const NoticesContext = createContext<{ notify: (notice: Notice) => void } | undefined>(undefined);

export function useNotices() {
  const notices = useContext(NoticesContext);
  if (!notices) throw new Error("useNotices needs <Notices> around the page");
  return notices;
}
