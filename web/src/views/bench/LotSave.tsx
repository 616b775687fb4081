import type { ReactNode } from "react";
import { say } from "../../text";
import { kindOf } from "../../text/plants";
import { Button } from "../../ui/Button";
import { Conflict } from "../../ui/Conflict";
import { Trouble } from "../../ui/States";
import type { LotWork } from "./useLotWork";

/** Keeps what was written of a lot in any part of its page, or puts it back; asks where another page saved meanwhile. */
function LotSave({ work: w }: { work: LotWork }) {
  const named = (id: string) =>
    [...w.garden.places, ...w.garden.waters, ...w.feeds].find((t) => t.id === id)?.name ?? kindOf(w.guide, id)?.name;
  const { theirs } = w;
  return (
    <>
      {theirs && (
        <Conflict
          mine={w.input}
          theirs={theirs}
          named={named}
          keep={() => {
            w.change({ version: theirs.version });
            w.keep({ ...w.input, version: theirs.version });
          }}
          take={w.putBack}
        />
      )}
      {w.save.isError && !theirs && (w.save.error.retry || w.save.error.faults.length === 0) && (
        <Trouble problem={w.save.error} />
      )}
      <div className="sticky bottom-14 flex items-center gap-3 bg-ground py-2 sm:bottom-0">
        <Button
          look="ink"
          type="submit"
          disabled={w.save.isPending || theirs !== undefined || (!w.changed && w.lot !== undefined)}
        >
          {w.save.isPending
            ? say("common.saving")
            : w.save.error?.retry
              ? say("common.retry")
              : w.lot
                ? say("common.save_changes")
                : say("bench_page.add_this_lot")}
        </Button>
        {w.changed && (
          <Button look="quiet" onClick={w.putBack}>
            {say("common.put_back")}
          </Button>
        )}
        {!w.changed && w.lot && <span className="note">{say("common.saved")}</span>}
      </div>
    </>
  );
}

/** Fields of a lot with the way to keep them beneath. */
export function LotFields({ work, label, children }: { work: LotWork; label: string; children: ReactNode }) {
  return (
    <form
      aria-label={label}
      onSubmit={(e) => {
        e.preventDefault();
        work.keep();
      }}
    >
      {children}
      <LotSave work={work} />
    </form>
  );
}
