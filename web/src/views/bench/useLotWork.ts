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
import { guideQuery, useAct } from "../../api/queries";
import { useLive } from "../../api/useLive";
import { say } from "../../text";
import type { Shown } from "../../text/numbers";
import { kindOf } from "../../text/plants";
import { useDraft } from "../../ui/useDraft";
import { useTold } from "../../ui/useUndo";
import { blankSizes, inputOf } from "./lotInput";

type From = {
  saved: LotInput;
  lot: Lot | undefined;
  garden: Garden;
  catalogue: Catalogue;
  feeds: Feed[];
  shown: Shown;
  /** What the answer rests on beside the form: it is asked anew when this changes. */
  restingOn: number;
};

/** A lot as it is being written, the answer to it as it stands, and the way to keep it; one for all parts of its page. */
export type LotWork = ReturnType<typeof useLotWork>;

export function useLotWork({ saved, lot, garden, catalogue, feeds, shown, restingOn }: From) {
  const draft = useDraft<LotInput>(`lot:${saved.id}`, saved);
  const [share, setShare] = useState("");
  const { working } = useSearch({ from: "/g/$garden/bench/$lot" });
  const navigate = useNavigate({ from: "/g/$garden/bench/$lot" });
  const input = draft.value;
  const feed = feeds.find((f) => f.id === input.courses[0]?.feedId);
  const guide = useQuery(guideQuery(garden.id)).data;
  const begun = input.species !== "" && input.pot.top.text.trim() !== "";
  const ask: TryAsk = {
    draft: input,
    ...(feed && share.trim() ? { share: { text: share, unit: "%" } } : {}),
    working: working !== undefined,
  };
  const live = useLive<TryAsk, Care>(
    begun ? ask : undefined,
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
  return {
    lot,
    garden,
    catalogue,
    feeds,
    shown,
    guide,
    input,
    feed,
    begun,
    changed: draft.changed,
    change: draft.change,
    putBack: draft.drop,
    share,
    setShare,
    live,
    faults,
    save,
    /** Measures of the pot that are taken for granted. */
    blankSizes: blankSizes(input.pot).map((size) => `pot.${size}`),
    /** What another page has saved meanwhile. */
    theirs: lot && draft.changed && input.version !== lot.version ? inputOf(lot) : undefined,
    kind: kindOf(guide, input.species),
    /** What is begun goes on from what another part of this page has saved. */
    savedBeside: (now: Lot) => {
      if (draft.changed) draft.change({ version: now.version, flushBy: now.flushBy });
    },
    /** A lot that is given no name goes by what grows in it. */
    keep: (as: LotInput = input) =>
      save.mutate({ ...as, name: as.name.trim() || (kindOf(guide, as.species)?.name ?? "") }),
    working,
    open: (step: string | undefined) => void navigate({ search: (s) => ({ ...s, working: step }) }),
  };
}
