import type { ReactNode } from "react";
import { say } from "../../text";
import { kindOf } from "../../text/plants";
import { SaveBar } from "../../parts/SaveBar";
import type { LotWork } from "./useLotWork";

/** Keeps what was written of a lot in any part of its page, or puts it back; asks where another page saved meanwhile. */
function LotSave({ work: w }: { work: LotWork }) {
  const named = (id: string) =>
    [...w.garden.places, ...w.garden.waters, ...w.feeds].find((t) => t.id === id)?.name ?? kindOf(w.guide, id)?.name;
  return (
    <SaveBar
      save={w.save}
      input={w.input}
      theirs={w.theirs}
      changed={w.changed}
      kept={w.lot !== undefined}
      add={say("bench_page.add_this_lot")}
      keepOver={(mine) => {
        w.change({ version: mine.version });
        w.keep(mine);
      }}
      putBack={w.putBack}
      named={named}
    />
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
