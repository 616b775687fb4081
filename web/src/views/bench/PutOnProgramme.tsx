import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, call, type Garden, type Lot } from "../../api";
import { feedsQuery } from "../../api/queries";
import { LotField } from "../../parts/LotField";
import { say, words } from "../../text";
import { ChoiceField } from "../../ui/Fields";
import { Form, named, useDeed } from "./deedForm";
import { PATTERNS, type PatternId, courseInWords } from "./programme";

const AS_A_LOT = "as_a_lot";
const NONE = "none";

/** Puts lots on a programme at once: one that suits such plants, that of another lot, or plain water. */
export function PutOnProgramme({ lots, garden, close }: { lots: Lot[]; garden: Garden; close: () => void }) {
  const [what, setWhat] = useState<string>("plain");
  const [as, setAs] = useState<Lot>();
  const feeds = useQuery(feedsQuery(garden.id)).data ?? [];
  const courses = what === NONE ? [] : what === AS_A_LOT ? as?.courses : undefined;
  const act = useDeed(garden, say("bench_page.put_on_a_programme", { named: named(lots) }), close, (clientKey) =>
    call(
      api.POST("/api/gardens/{garden}/programmes", {
        params: { path: { garden: garden.id } },
        body: { clientKey, lotIds: lots.map((l) => l.id), ...(courses ? { courses } : { pattern: what }) },
      }),
    ),
  );
  return (
    <Form
      title={say("bench_page.programme_of", { named: named(lots) })}
      close={close}
      act={act}
      label={say("bench_page.put_them_on_it")}
    >
      <ChoiceField
        label={say("bench_page.programme")}
        field="programme"
        faults={act.error?.faults ?? []}
        value={what}
        onChange={setWhat}
        options={[
          ...PATTERNS.map((p) => ({ value: p, label: words("patterns", p) })),
          { value: AS_A_LOT, label: say("bench_page.as_another_lot_has_it") },
          { value: NONE, label: say("bench_page.none_plain_water") },
        ]}
        hint={
          PATTERNS.includes(what as PatternId)
            ? say("bench_page.each_lot_gets_its_own_shares", { reason: words("pattern_reasons", what) })
            : undefined
        }
      />
      {what === AS_A_LOT && (
        <>
          <LotField
            garden={garden.id}
            label={say("bench_page.lot")}
            invite={as?.name ?? say("common.find_a_lot")}
            onChange={setAs}
          />
          {as && (
            <ul className="note m-0 list-none p-0" aria-label={say("bench_page.programme")}>
              {as.courses.length === 0 && <li>{say("bench_page.none_plain_water")}</li>}
              {as.courses.map((c) => (
                <li key={c.feedId}>{courseInWords(c, feeds.find((f) => f.id === c.feedId)?.name ?? "")}</li>
              ))}
            </ul>
          )}
        </>
      )}
    </Form>
  );
}
