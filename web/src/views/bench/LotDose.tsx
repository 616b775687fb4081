import { kindOf } from "../../text/plants";
import { useQuery } from "@tanstack/react-query";
import { useNavigate, useSearch } from "@tanstack/react-router";
import { useState } from "react";
import {
  api,
  call,
  edit,
  type Care,
  type Catalogue,
  type Edited,
  type Fault,
  type Feed,
  type Garden,
  type Lot,
  type LotInput,
  type TryAsk,
} from "../../api";
import { useAct, guideQuery } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { WorkingPanel } from "../../parts/WorkingPanel";
import type { Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { Conflict } from "../../ui/Conflict";
import { Trouble } from "../../ui/States";
import { useDraft } from "../../ui/useDraft";
import { useTold } from "../../ui/useUndo";
import { DoseAnswer } from "./DoseAnswer";
import { LotForm } from "./LotForm";
import { say } from "../../text";
import { inputOf } from "./lotInput";

type Props = {
  saved: LotInput;
  lot: Lot | undefined;
  garden: Garden;
  catalogue: Catalogue;
  feeds: Feed[];
  shown: Shown;
  /** What the answer rests on beside the form: it is asked anew when this changes. */
  restingOn: number;
};

/** Inputs on the left in the order the hand thinks, the answer on the right, redrawn with every keystroke. */
export function LotDose({ saved, lot, garden, catalogue, feeds, shown, restingOn }: Props) {
  const draft = useDraft<LotInput>(`lot:${saved.id}`, saved);
  const [share, setShare] = useState("");
  const { working } = useSearch({ from: "/g/$garden/bench/$lot" });
  const navigate = useNavigate({ from: "/g/$garden/bench/$lot" });
  const input = draft.value;
  const feed = feeds.find((f) => f.id === input.feedId);
  const guide = useQuery(guideQuery(garden.id)).data;
  const ask: TryAsk = {
    draft: input,
    ...(feed && share.trim() ? { share: { text: share, unit: "%" } } : {}),
    working: working !== undefined,
  };
  const live = useLive<TryAsk, Care>(
    ask,
    (body, signal) =>
      call(
        api.POST("/api/gardens/{garden}/lots/{lot}/try", {
          params: { path: { garden: garden.id, lot: saved.id } },
          body,
          signal,
        }),
      ),
    restingOn,
  );

  const told = useTold(garden.id);
  const save = useAct(
    garden.id,
    (body: LotInput) => edit(api.PUT("/api/gardens/{garden}/lots", { params: { path: { garden: garden.id } }, body })),
    ({ now, act }: Edited<Lot>) => {
      draft.drop();
      told(say("common.name_saved", { name: now.name }), act);
      if (!lot)
        void navigate({ to: "/g/$garden/bench/$lot", params: { garden: garden.id, lot: now.id }, replace: true });
    },
  );
  const faults: Fault[] = [...(save.error?.faults ?? []), ...(live.problem?.faults ?? [])];
  const theirs = lot && draft.changed && input.version !== lot.version ? inputOf(lot) : undefined;
  const named = (id: string) =>
    [...garden.places, ...garden.waters, ...feeds].find((t) => t.id === id)?.name ?? kindOf(guide, id)?.name;
  const open = (step: string) => void navigate({ search: (s) => ({ ...s, working: step }) });

  return (
    <div className="gap-6 md:grid md:grid-cols-[17.5rem_1fr]">
      <form
        aria-label={say("bench_page.lot")}
        onSubmit={(e) => {
          e.preventDefault();
          save.mutate(input);
        }}
      >
        <LotForm
          input={input}
          change={draft.change}
          faults={faults}
          garden={garden}
          catalogue={catalogue}
          feeds={feeds}
          share={share}
          setShare={setShare}
        />
        {theirs && (
          <Conflict
            mine={input}
            theirs={theirs}
            named={named}
            keep={() => {
              draft.change({ version: theirs.version });
              save.mutate({ ...input, version: theirs.version });
            }}
            take={draft.drop}
          />
        )}
        {save.isError && !theirs && (save.error.retry || save.error.faults.length === 0) && (
          <Trouble problem={save.error} />
        )}
        <div className="sticky bottom-14 flex items-center gap-3 bg-ground py-2 sm:bottom-0">
          <Button
            look="ink"
            type="submit"
            disabled={save.isPending || theirs !== undefined || (!draft.changed && lot !== undefined)}
          >
            {save.isPending
              ? say("common.saving")
              : save.error?.retry
                ? say("common.retry")
                : lot
                  ? say("common.save_changes")
                  : say("bench_page.add_this_lot")}
          </Button>
          {draft.changed && (
            <Button look="quiet" onClick={draft.drop}>
              {say("common.put_back")}
            </Button>
          )}
          {!draft.changed && lot && <span className="note">{say("common.saved")}</span>}
        </div>
      </form>
      <section aria-label={say("common.answer")} aria-live="polite" aria-busy={live.pending}>
        {live.problem && (
          <div className="mb-3">
            <Trouble problem={live.problem} />
          </div>
        )}
        {live.answer ? (
          <div className={live.problem ? "opacity-40" : ""}>
            <DoseAnswer
              care={live.answer}
              garden={garden}
              catalogue={catalogue}
              lot={lot}
              shown={shown}
              open={open}
              feed={feed}
              pots={input.pots.text}
            />
          </div>
        ) : (
          !live.problem && <p className="note p-6">{say("common.working_it_out")}</p>
        )}
      </section>
      {working !== undefined && (
        <WorkingPanel
          steps={live.answer?.working}
          at={working}
          close={() => void navigate({ search: (s) => ({ ...s, working: undefined }) })}
        />
      )}
    </div>
  );
}
