import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, edit, newId, type Garden, type Stock, type StockInput, type Typed } from "../../api";
import { catalogueQuery, feedsQuery, mixesQuery, stockQuery } from "../../api/queries";
import { additiveName, componentName, keyOf, recipeName } from "../../text/mixes";
import { day, type Shown } from "../../text/numbers";
import { Button } from "../../ui/Button";
import { ChoiceField, DateField, NumberField, TextField } from "../../ui/Fields";
import { Panel } from "../../ui/Panel";
import { Loading, Trouble } from "../../ui/States";
import { say } from "../../text";
import { ThingForm } from "../../parts/things";

/** A feed, mix, component or additive of which there may be a stock. */
type Kept = {
  key: string;
  name: string;
  feedId?: string;
  mix?: string;
  component?: string;
  additive?: string;
  unit: "g" | "mL" | "L";
  stock: Stock | undefined;
};

/** What there is of every feed and mix, what is used of it, and how long it lasts. */
export function StockList({ garden, shown, find }: { garden: Garden; shown: Shown; find: string }) {
  const stock = useQuery(stockQuery(garden.id));
  const feeds = useQuery(feedsQuery(garden.id));
  const mixes = useQuery(mixesQuery(garden.id));
  const additives = useQuery(catalogueQuery).data?.additives ?? [];
  const [counted, setCounted] = useState<Kept>();
  if (stock.isPending || feeds.isPending || mixes.isPending) return <Loading what={say("shelf_page.the_stock")} />;
  if (stock.isLoadingError) return <Trouble problem={stock.error} again={() => void stock.refetch()} />;
  if (feeds.isLoadingError) return <Trouble problem={feeds.error} again={() => void feeds.refetch()} />;
  if (mixes.isLoadingError) return <Trouble problem={mixes.error} again={() => void mixes.refetch()} />;
  const all: Kept[] = [
    ...feeds.data
      .filter((f) => !f.retired)
      .map((f) => ({
        key: f.id,
        name: f.name,
        feedId: f.id,
        unit: f.form === "dry" ? ("g" as const) : ("mL" as const),
        stock: stock.data.find((s) => s.stock.feedId === f.id),
      })),
    ...mixes.data.recipes
      .filter((r) => !r.retired)
      .map((r) => ({
        key: keyOf(r),
        name: recipeName(r),
        mix: keyOf(r),
        unit: "L" as const,
        stock: stock.data.find((s) => s.stock.mix === keyOf(r)),
      })),
    ...mixes.data.components
      .filter((c) => !c.retired)
      .map((c) => ({
        key: `component ${keyOf(c)}`,
        name: componentName(c),
        component: keyOf(c),
        unit: "L" as const,
        stock: stock.data.find((s) => s.stock.component === keyOf(c)),
      })),
    ...additives.map((a) => ({
      key: `additive ${a}`,
      name: additiveName(a),
      additive: a,
      unit: "g" as const,
      stock: stock.data.find((s) => s.stock.additive === a),
    })),
  ];
  // what there is of; the rest waits in the list below until it is counted or looked for
  const kept = all
    .filter((k) => k.feedId !== undefined || k.stock !== undefined || find)
    .filter((k) => k.name.toLowerCase().includes(find.toLowerCase()));
  const amount = (unit: string, v: number) =>
    unit === "g" ? shown.grams(v) : shown.litres(unit === "mL" ? v / 1000 : v);
  if (find && kept.length === 0) return null;
  return (
    <section aria-label={say("shelf_page.stock")} className="mb-6">
      <h2 className="head">{say("shelf_page.in_stock")}</h2>
      <div className="relative overflow-x-auto">
        <table className="w-full border-collapse text-left">
          <thead>
            <tr className="note border-b border-rule-strong">
              <th className="py-1 font-semibold">{say("common.what")}</th>
              <th className="font-semibold">{say("shelf_page.left")}</th>
              <th className="hidden font-semibold sm:table-cell">{say("shelf_page.opened")}</th>
              <th className="hidden font-semibold sm:table-cell">{say("shelf_page.worth")}</th>
              <th>
                <span className="sr-only">{say("common.change")}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {kept.map((k) => {
              const s = k.stock;
              return (
                <tr key={k.key} className="border-b border-rule">
                  <td className="py-1 pr-3">{k.name}</td>
                  <td className="fig pr-3 whitespace-nowrap">
                    {s ? (
                      s.usedMore ? (
                        <span className="text-stop">{say("shelf_page.count_again")}</span>
                      ) : (
                        amount(s.unit, s.left)
                      )
                    ) : (
                      "–"
                    )}
                  </td>
                  <td className="fig hidden pr-3 whitespace-nowrap sm:table-cell">
                    {s?.stock.openedOn ? day(s.stock.openedOn) : "–"}
                  </td>
                  <td className="fig hidden pr-3 whitespace-nowrap sm:table-cell">
                    {s?.leftCost === undefined ? "–" : `${s.stock.currency ?? ""} ${s.leftCost.toFixed(2)}`}
                  </td>
                  <td className="text-right">
                    <Button
                      look="quiet"
                      onClick={() => setCounted(k)}
                      aria-label={say("shelf_page.count", { name: k.name })}
                    >
                      {s ? say("shelf_page.count_again_2") : say("shelf_page.count_2")}
                    </Button>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <p className="note mt-1">{say("shelf_page.drawn_down_by_the_journal_feeds")}</p>
      {!find && (
        <div className="no-print max-w-sm">
          <ChoiceField
            row
            label={say("shelf_page.count_also")}
            field="stock"
            faults={[]}
            value=""
            onChange={(key) => setCounted(all.find((k) => k.key === key))}
            options={[
              { value: "", label: say("shelf_page.a_mix_or_a_component") },
              ...all
                .filter((k) => !kept.includes(k))
                .map((k) => ({
                  value: k.key,
                  label: k.name,
                  group: k.mix
                    ? say("common.mixes")
                    : k.component
                      ? say("common.components")
                      : say("shelf_page.additives"),
                })),
            ]}
          />
        </div>
      )}
      {counted && (
        <Panel title={say("shelf_page.count_name", { name: counted.name })} close={() => setCounted(undefined)}>
          <StockForm garden={garden} kept={counted} close={() => setCounted(undefined)} />
        </Panel>
      )}
    </section>
  );
}

const UNITS = { g: ["g", "kg", "oz", "lb"], mL: ["mL", "L", "US fl oz", "US gal"], L: ["L", "ft³", "US gal"] };

function StockForm({ garden, kept, close }: { garden: Garden; kept: Kept; close: () => void }) {
  const s = kept.stock?.stock;
  const [fresh] = useState(newId);
  const [amount, setAmount] = useState<Typed>({ text: "", unit: s?.amountTyped.unit ?? kept.unit });
  const [countedOn, setCountedOn] = useState<string | undefined>(garden.today);
  const [openedOn, setOpenedOn] = useState(s?.openedOn);
  const [pack, setPack] = useState<Typed>(s?.packTyped ?? { text: "", unit: kept.unit });
  const [cost, setCost] = useState<Typed>({ text: s?.cost === undefined ? "" : String(s.cost), unit: "" });
  const [currency, setCurrency] = useState(s?.currency ?? "");
  const units = UNITS[kept.unit];
  return (
    <ThingForm
      garden={garden}
      kind="stock"
      input={{
        id: s?.id ?? fresh,
        feedId: kept.feedId,
        mix: kept.mix,
        component: kept.component,
        additive: kept.additive,
        amount,
        countedOn,
        openedOn,
        pack,
        cost,
        currency,
        version: s?.version ?? 0,
      }}
      send={(body: StockInput) =>
        edit(api.PUT("/api/gardens/{garden}/stock", { params: { path: { garden: garden.id } }, body }))
      }
      inputOf={(now: Stock["stock"]) => ({ amount: now.amountTyped, countedOn: now.countedOn, openedOn: now.openedOn })}
      close={close}
    >
      {(faults) => (
        <>
          <NumberField
            label={say("shelf_page.there_is_now")}
            field="stock.amount"
            faults={faults}
            value={amount}
            units={units}
            onChange={setAmount}
            hint={
              s &&
              say("shelf_page.counted", { day: day(s.countedOn), text: s.amountTyped.text, unit: s.amountTyped.unit })
            }
          />
          <div className="grid grid-cols-2 gap-3">
            <DateField
              label={say("shelf_page.counted_before_that_days_work")}
              field="stock.counted_on"
              faults={faults}
              value={countedOn}
              onChange={setCountedOn}
            />
            <DateField
              label={say("shelf_page.opened")}
              field="stock.opened_on"
              faults={faults}
              value={openedOn}
              onChange={setOpenedOn}
            />
          </div>
          <NumberField
            label={say("shelf_page.one_pack_holds")}
            field="stock.pack"
            faults={faults}
            value={pack}
            units={units}
            placeholder={say("shelf_page.if_you_track_cost")}
            onChange={setPack}
          />
          <div className="grid grid-cols-2 gap-3">
            <NumberField
              label={say("shelf_page.one_pack_costs")}
              field="stock.cost"
              faults={faults}
              value={cost}
              shownUnit=""
              onChange={setCost}
            />
            <TextField
              label={say("common.currency")}
              field="stock.currency"
              faults={faults}
              value={currency}
              placeholder="£"
              onChange={setCurrency}
            />
          </div>
        </>
      )}
    </ThingForm>
  );
}
