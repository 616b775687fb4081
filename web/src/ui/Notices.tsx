import { Toast } from "radix-ui";
import { type ReactNode, useCallback, useMemo, useState } from "react";
import { Button } from "./Button";
import { say } from "../text";
import { type Notice, NoticesContext } from "./notices";

/** Short notices at the foot of the page: what was saved, and the way to take it back. */
export function Notices({ children }: { children: ReactNode }) {
  const [list, setList] = useState<(Notice & { id: number })[]>([]);
  const notify = useCallback(
    (notice: Notice) => setList((l) => [...l.slice(-2), { ...notice, id: Date.now() + l.length }]),
    [],
  );
  const value = useMemo(() => ({ notify }), [notify]);
  const gone = (id: number) => setList((l) => l.filter((n) => n.id !== id));
  return (
    <NoticesContext.Provider value={value}>
      <Toast.Provider duration={8000} swipeDirection="down">
        {children}
        {list.map((n) => (
          <Toast.Root
            key={n.id}
            onOpenChange={(open) => !open && gone(n.id)}
            className={`flex items-center gap-3 border-2 bg-leaf px-4 py-2 ${n.bad ? "border-stop" : "border-ink"}`}
          >
            <Toast.Description className="flex-1">
              {n.bad ? "▲ " : ""}
              {n.text}
            </Toast.Description>
            {n.action && (
              <Toast.Action asChild altText={n.action.label}>
                <Button look="ink" className="min-h-11" onClick={n.action.run}>
                  {n.action.label}
                </Button>
              </Toast.Action>
            )}
            <Toast.Close aria-label={say("common.close")} className="min-h-11 min-w-11">
              ×
            </Toast.Close>
          </Toast.Root>
        ))}
        <Toast.Viewport
          label={say("frame.notifications")}
          className="no-print fixed right-3 bottom-16 z-50 flex w-[min(28rem,calc(100vw-1.5rem))] flex-col gap-2 sm:bottom-3"
        />
      </Toast.Provider>
    </NoticesContext.Provider>
  );
}
