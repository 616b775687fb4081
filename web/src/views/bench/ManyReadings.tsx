import { useInfiniteQuery, useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useSearch } from "@tanstack/react-router";
import { type KeyboardEvent, useState } from "react";
import { api, call, newId, type Garden, type Lot, type Meter, type NewReading, type Verdict } from "../../api";
import { benchQuery, catalogueQuery, gardenQuery, metersQuery, useAct, useGardenId } from "../../api/queries";
import { words, say, rich } from "../../text";
import { advice } from "../../text/readings";
import { figures, Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField } from "../../ui/Fields";
import { Loading, Nothing, Trouble } from "../../ui/States";
import { LivePen, type Taken } from "../../parts/LivePen";
import { keepDraft, useDraft } from "../../ui/useDraft";
import { useUndo } from "../../ui/useUndo";

/** By a soak more is to be typed than fits a row: it is taken on the lot's own page. */
const METHODS = ["runoff", "pour_through", "extract", "paste", "can"];
const EVERYWHERE = "everywhere";
/** The lot that a label's code leads to. */
const CODE = /\/bench\/([0-9a-f-]{36})/;

const fieldsOf = (lot: string) => document.getElementById(`read-${lot}`)?.querySelectorAll("input");

/** Brings the pot above or below to hand. */
function step(lot: string, by: number) {
  const rows = [...document.querySelectorAll<HTMLElement>("[data-read]")];
  const next = rows[rows.findIndex((r) => r.id === `read-${lot}`) + by];
  next?.querySelector("input")?.focus();
  next?.scrollIntoView({ block: "nearest" });
}

/** Pots in a row, read one after the other: by keyboard, by thumb, or by the codes on their labels. */
export function ManyReadings() {
  const id = useGardenId();
  const look = useSearch({ from: "/g/$garden/readings" });
  const navigate = useNavigate({ from: "/g/$garden/readings" });
  const garden = useQuery(gardenQuery(id)).data;
  const catalogue = useQuery(catalogueQuery).data;
  const logs = useQuery(metersQuery(id)).data;
  const pages = useInfiniteQuery(benchQuery(id, look));
  const [method, setMethod] = useState("runoff");
  /** The pot at hand, and how often a pen's figures were put into each. */
  const [at, setAt] = useState<string>();
  const [taken, setTaken] = useState<Record<string, number>>({});
  const [meterId, setMeterId] = useState(() => localStorage.getItem("meter") ?? "");
  if (!garden || !catalogue || !logs || pages.isPending) return <Loading what={say("bench_page.the_bench")} />;
  if (pages.isLoadingError) return <Trouble problem={pages.error} again={() => void pages.refetch()} />;
  const lots = pages.data.pages.flatMap((p) => p.lots);
  const meters = garden.meters.filter((m) => !m.retired);
  const meter = meters.find((m) => m.id === meterId) ?? meters[0];
  if (!meter) return <Trouble problem={undefined} />;
  const log = logs.find((l) => l.meterId === meter.id);
  const shown = new Shown(catalogue.units, garden.unitHabit);
  const set = (part: typeof look) => void navigate({ to: ".", search: (s) => ({ ...s, ...part }), replace: true });
  const choose = (m: string) => {
    localStorage.setItem("meter", m);
    setMeterId(m);
  };
  const put = (t: Taken) => {
    const lot = at ?? lots[0]?.id;
    if (!lot) return;
    keepDraft(draftOf(method, lot), { ph: t.ph ?? "", ec: t.ec ? `${t.ec} mS/cm` : "" });
    setTaken((n) => ({ ...n, [lot]: (n[lot] ?? 0) + 1 }));
    setTimeout(() => fieldsOf(lot)?.[1]?.focus());
  };
  return (
    <div className="mx-auto max-w-5xl pt-4">
      <h1 className="mb-2 text-3xl">{say("common.readings_pot_by_pot")}</h1>
      <div className="mb-2 grid grid-cols-2 gap-x-4 sm:grid-cols-[1fr_1fr_1fr_1.4fr]">
        <ChoiceField
          label={say("bench_page.how_they_are_taken")}
          field="reading.method"
          faults={[]}
          value={method}
          onChange={setMethod}
          options={METHODS.map((m) => ({ value: m, label: words("methods", m) }))}
        />
        <ChoiceField
          label={say("common.with")}
          field="meter"
          faults={[]}
          value={meter.id}
          onChange={choose}
          options={meters.map((m) => ({ value: m.id, label: m.name }))}
        />
        <ChoiceField
          label={say("common.in")}
          field="place"
          faults={[]}
          value={look.place ?? EVERYWHERE}
          onChange={(v) => set({ place: v === EVERYWHERE ? undefined : v })}
          options={[
            { value: EVERYWHERE, label: say("bench_page.all_places") },
            ...garden.places.filter((p) => !p.retired).map((p) => ({ value: p.id, label: p.name })),
          ]}
        />
        <Scan find={look.find ?? ""} setFind={(v) => set({ find: v || undefined })} />
      </div>
      <p className="note mb-3">
        {rich("bench_page.type_a_ph_enter_an_ec", {
          name: meter.name,
          phPlusMinus: figures(log?.phPlusMinus ?? meter.phPlusMinus),
          ecPlusMinus: figures(log?.ecPlusMinus ?? meter.ecPlusMinus),
          value: meter.scale
            ? say("bench_page.ppm_of_the_scale", { scale: meter.scale.slice(3) })
            : say("bench_page.its_ppm_scale_is_not_told"),
          value2: log && !log.phOn && say("bench_page.it_was_never_calibrated"),
        })}
      </p>
      {meter.port !== undefined && (
        <div className="sticky top-0 z-10 bg-ground">
          <LivePen key={meter.id} garden={id} meter={meter} take={put} />
          <p className="note -mt-2 mb-2">
            {say("bench_page.into_then_enter_records_it", {
              name: lots.find((l) => l.id === (at ?? lots[0]?.id))?.name ?? say("bench_page.no_pot"),
            })}
          </p>
        </div>
      )}
      {lots.length === 0 ? (
        <Nothing title={say("bench_page.no_lot_is_like_that")}>
          <p>{say("bench_page.clear_the_search_or_choose_another")}</p>
        </Nothing>
      ) : (
        <ul aria-label={say("bench_page.pots_to_read")} className="m-0 list-none p-0">
          {lots.map((l, i) => (
            <Row
              key={`${l.id} ${method} ${taken[l.id] ?? 0}`}
              touched={() => setAt(l.id)}
              lot={l}
              garden={garden}
              meter={meter}
              method={method}
              shown={shown}
              placed={lots[i - 1]?.placeId !== l.placeId}
            />
          ))}
        </ul>
      )}
      {pages.hasNextPage && (
        <Button className="mt-3" disabled={pages.isFetchingNextPage} onClick={() => void pages.fetchNextPage()}>
          {pages.isFetchingNextPage ? say("bench_page.fetching") : say("bench_page.more_of_the_bench_2")}
        </Button>
      )}
    </div>
  );
}

/** A name, or what a hand scanner types of a label's code: then that pot is at hand. */
function Scan({ find, setFind }: { find: string; setFind: (v: string) => void }) {
  const [missed, setMissed] = useState(false);
  const jump = (text: string) => {
    const lot = CODE.exec(text)?.[1];
    if (!lot) return false;
    const row = fieldsOf(lot)?.[0];
    setMissed(!row);
    row?.focus();
    row?.scrollIntoView({ block: "center" });
    return true;
  };
  return (
    <div>
      <label htmlFor="scan" className="block text-sm">
        {say("bench_page.find_or_scan_a_labels_code")}
      </label>
      <input
        id="scan"
        type="search"
        className="box !font-text"
        value={find}
        onChange={(e) => {
          if (jump(e.target.value)) e.target.value = "";
          else setFind(e.target.value);
        }}
      />
      {missed && (
        <span role="alert" className="note text-stop">
          {say("bench_page.that_pot_is_not_on_this")}
        </span>
      )}
    </div>
  );
}

const EMPTY = { ph: "", ec: "" };
const draftOf = (method: string, lot: string) => `many:${method}:${lot}`;

/** What was recorded of a row. */
type Kept = { act: string | undefined; says: string; off: boolean };

function Row({
  lot,
  garden,
  meter,
  method,
  shown,
  placed,
  touched,
}: {
  lot: Lot;
  garden: Garden;
  meter: Meter;
  method: string;
  shown: Shown;
  placed: boolean;
  touched: () => void;
}) {
  const draft = useDraft(draftOf(method, lot.id), EMPTY);
  const [key, setKey] = useState(newId);
  const [kept, setKept] = useState<Kept>();
  const undo = useUndo(garden.id);
  const path = { garden: garden.id, lot: lot.id };
  const unit = meter.scale ? "ppm" : "mS/cm";
  const record = useAct(garden.id, async (reading: NewReading) => {
    // judged first: what is refused is refused before anything is written
    const verdict = await call(
      api.POST("/api/gardens/{garden}/lots/{lot}/verdict", {
        params: { path },
        body: { reading, working: false },
      }),
    );
    const act = await call(api.POST("/api/gardens/{garden}/lots/{lot}/readings", { params: { path }, body: reading }));
    return { verdict, act: act.actId };
  });
  const send = () => {
    const typed = (text: string, u: string) => (text.trim() ? { text, unit: u } : undefined);
    const reading: NewReading = {
      clientKey: key,
      meterId: meter.id,
      method,
      ph: typed(draft.value.ph, "pH"),
      ec: typed(draft.value.ec, unit),
    };
    if (!reading.ph && !reading.ec) {
      step(lot.id, 1);
      return;
    }
    record.mutate(reading, {
      onSuccess: ({ verdict, act }) => {
        setKept({ act, ...saysOf(verdict, shown) });
        draft.drop();
        setKey(newId());
        step(lot.id, 1);
      },
    });
  };
  const keys = (last: boolean) => (e: KeyboardEvent<HTMLInputElement>) => {
    if (e.key === "ArrowDown" || e.key === "ArrowUp") {
      e.preventDefault();
      step(lot.id, e.key === "ArrowDown" ? 1 : -1);
    } else if (e.key === "Enter") {
      e.preventDefault();
      if (last) send();
      else fieldsOf(lot.id)?.[1]?.focus();
    }
  };
  const faults = record.error?.faults ?? [];
  const trouble = record.error && faults.length === 0 ? record.error.detail : undefined;
  return (
    <>
      {placed && (
        <li className="border-b-2 border-rule-strong pt-3 pb-0.5 text-lg">
          {garden.places.find((p) => p.id === lot.placeId)?.name}
        </li>
      )}
      <li
        id={`read-${lot.id}`}
        data-read
        onFocus={touched}
        className="grid grid-cols-[1fr_1fr_auto] items-center gap-x-3 border-b border-rule py-1.5 sm:grid-cols-[14rem_6rem_8rem_5rem_1fr]"
      >
        <span className="col-span-3 min-w-0 sm:col-span-1">
          <Link
            to="/g/$garden/bench/$lot"
            params={{ garden: garden.id, lot: lot.id }}
            search={{ tab: "health" }}
            className="inline-block leading-8 no-underline hover:underline"
          >
            {lot.name}
          </Link>
        </span>
        <input
          className="box min-h-11"
          inputMode="decimal"
          enterKeyHint="next"
          autoComplete="off"
          aria-label={say("bench_page.ph_of", { name: lot.name })}
          aria-invalid={faults.some((f) => f.field === "reading.ph")}
          placeholder="pH"
          value={draft.value.ph}
          onChange={(e) => draft.change({ ph: e.target.value })}
          onKeyDown={keys(false)}
        />
        <input
          className="box min-h-11"
          inputMode="decimal"
          enterKeyHint="next"
          autoComplete="off"
          aria-label={say("bench_page.of", { unit, name: lot.name })}
          aria-invalid={faults.some((f) => f.field === "reading.ec")}
          placeholder={unit}
          value={draft.value.ec}
          onChange={(e) => draft.change({ ec: e.target.value })}
          onKeyDown={keys(true)}
        />
        <Button
          className="min-h-11"
          disabled={record.isPending || (!draft.value.ph.trim() && !draft.value.ec.trim())}
          onClick={send}
          aria-label={say("bench_page.record", { name: lot.name })}
        >
          {record.isPending ? "…" : say("bench_page.record_2")}
        </Button>
        <span className="col-span-3 text-sm sm:col-span-1" aria-live="polite">
          {faults.map((f) => (
            <span key={f.detail} role="alert" className="block text-stop">
              ▲ {f.detail}
            </span>
          ))}
          {trouble && (
            <span role="alert" className="block text-stop">
              {say("bench_page.what_you_typed_is_kept", { trouble })}
            </span>
          )}
          {kept && faults.length === 0 && (
            <span className={kept.off ? "text-stop" : ""}>
              {kept.off ? "▲" : "✓"} {kept.says}{" "}
              {kept.act && (
                <Button
                  look="quiet"
                  aria-label={say("bench_page.undo_that_of", { name: lot.name })}
                  onClick={() => {
                    undo(kept.act!);
                    setKept(undefined);
                  }}
                >
                  {say("common.undo")}
                </Button>
              )}
            </span>
          )}
        </span>
      </li>
    </>
  );
}

/** What a verdict says in one line: the findings, and the first thing to do where something is off. */
function saysOf(v: Verdict, shown: Shown): { says: string; off: boolean } {
  const findings = [
    v.ph && `pH ${figures(v.ph.value)} ${words("findings", v.ph.finding)}`,
    v.ec && `EC ${figures(v.ec.value)} ${words("findings", v.ec.finding)}`,
  ].filter(Boolean);
  const off = [v.ph?.finding, v.ec?.finding].some((f) => f?.includes("above") || f?.includes("below"));
  const first = off && v.advice[0] ? ` ${advice(v.advice[0], v, shown)}` : "";
  return { says: `${findings.length > 0 ? findings.join("; ") : say("bench_page.recorded_alone")}.${first}`, off };
}
