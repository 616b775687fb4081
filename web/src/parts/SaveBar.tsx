import type { ReactNode } from "react";
import type { Problem } from "../api";
import { say } from "../text";
import { Button } from "../ui/Button";
import { Conflict } from "../ui/Conflict";
import { Trouble } from "../ui/States";

type Written = Record<string, unknown> & { version: number };

/**
 * Keeps what was written, or puts it back; asks where another page saved meanwhile, and says why it could not be kept.
 * What else may be done with the thing stands beside it.
 */
export function SaveBar<In extends { version: number }>({
  save,
  input,
  theirs,
  changed,
  kept,
  add,
  keepOver,
  putBack,
  named = () => undefined,
  children,
}: {
  save: { isPending: boolean; error: Problem | null };
  input: In;
  /** What another page saved meanwhile, as the form would hold it. */
  theirs: In | undefined;
  changed: boolean;
  /** Whether it was kept before. */
  kept: boolean;
  /** What the button says of a new one. */
  add: string;
  keepOver: (mine: In) => void;
  putBack: () => void;
  /** The name behind an id, as of a place. */
  named?: (id: string) => string | undefined;
  children?: ReactNode;
}) {
  const { error } = save;
  return (
    <>
      {theirs && (
        <Conflict
          mine={input as unknown as Written}
          theirs={theirs as unknown as Written}
          named={named}
          keep={() => keepOver({ ...input, version: theirs.version })}
          take={putBack}
        />
      )}
      {error && !theirs && (error.retry || error.faults.length === 0) && <Trouble problem={error} />}
      <div className="no-print sticky bottom-14 mt-4 flex flex-wrap items-center gap-3 bg-ground py-2 sm:bottom-0">
        <Button look="ink" type="submit" disabled={save.isPending || theirs !== undefined || (!changed && kept)}>
          {save.isPending
            ? say("common.saving")
            : error?.retry
              ? say("common.retry")
              : kept
                ? say("common.save_changes")
                : add}
        </Button>
        {changed && (
          <Button look="quiet" onClick={putBack}>
            {say("common.put_back")}
          </Button>
        )}
        {!changed && kept && <span className="note">{say("common.saved")}</span>}
        {children}
      </div>
    </>
  );
}
