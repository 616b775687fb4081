import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Catalogue, Garden, Lot } from "../../api";
import { metersQuery, proceduresQuery } from "../../api/queries";
import { BatchesOff } from "../../parts/BatchStands";
import type { Shown } from "../../text/numbers";
import { Segmented } from "../../ui/Segmented";
import { Loading, Trouble } from "../../ui/States";
import { ReadingEntry } from "./ReadingEntry";
import { ReadingHistory } from "./ReadingHistory";
import { say } from "../../text";
import { SaltAccount } from "./SaltAccount";
import { Treatments } from "./Treatments";

type Props = { lot: Lot; garden: Garden; catalogue: Catalogue; shown: Shown; saved: (now: Lot) => void };

/** The readings of a lot: take one, see what it says, see where they are going. */
export function Health({ lot, garden, catalogue, shown, saved }: Props) {
  const meters = garden.meters.filter((m) => !m.retired);
  const [meterId, setMeterId] = useState(() => localStorage.getItem("meter") ?? "");
  const procedures = useQuery(proceduresQuery(garden.id, lot.id));
  const logs = useQuery(metersQuery(garden.id));
  const meter = meters.find((m) => m.id === meterId) ?? meters[0];
  if (procedures.isPending || logs.isPending) return <Loading what={say("bench_page.the_methods")} />;
  const failed = procedures.isLoadingError ? procedures : logs.isLoadingError ? logs : undefined;
  if (failed) return <Trouble problem={failed.error} again={() => void failed.refetch()} />;
  const log = logs.data?.find((l) => l.meterId === meter?.id);
  if (!meter || !log) return <Trouble problem={undefined} />;
  const choose = (id: string) => {
    localStorage.setItem("meter", id);
    setMeterId(id);
  };
  return (
    <>
      <BatchesOff garden={garden.id} only={lot.mix} />
      {meters.length > 1 && (
        <div className="mb-2">
          <Segmented
            label={say("bench_page.measured_with")}
            value={meter.id}
            onChange={choose}
            options={meters.map((m) => ({ value: m.id, label: m.name }))}
          />
        </div>
      )}
      <ReadingEntry
        lot={lot}
        garden={garden}
        catalogue={catalogue}
        shown={shown}
        meter={meter}
        log={log}
        procedures={procedures.data ?? []}
      >
        <ReadingHistory lot={lot} garden={garden} />
      </ReadingEntry>
      <Treatments lot={lot} garden={garden} />
      <SaltAccount lot={lot} garden={garden} shown={shown} saved={saved} />
    </>
  );
}
