import { Dialog } from "radix-ui";
import { say } from "../text";
import type { ReactNode } from "react";

/** A short task in front of the page. Escape or the cross leaves it; nothing is done then. */
export function Panel({
  title,
  close,
  children,
  wide,
}: {
  title: string;
  close: () => void;
  children: ReactNode;
  wide?: boolean;
}) {
  return (
    <Dialog.Root open onOpenChange={(o) => !o && close()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink opacity-40" />
        <Dialog.Content
          aria-describedby={undefined}
          className={`fixed top-[4vh] left-1/2 z-40 max-h-[92vh] w-[calc(100vw-1.5rem)] -translate-x-1/2 overflow-y-auto border-2 border-ink bg-ground p-4 ${wide ? "max-w-3xl" : "max-w-lg"}`}
        >
          <div className="mb-2 flex items-start justify-between gap-3">
            <Dialog.Title className="text-xl">{title}</Dialog.Title>
            <Dialog.Close aria-label={say("common.close")} className="min-h-9 min-w-9 text-2xl leading-none">
              ×
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
