import type { ReactNode } from "react";
import type { MixLive } from "../../api";
import { words } from "../../text";
import { figures, type Shown } from "../../text/numbers";
import { Worked } from "../../parts/Worked";

function Row({ label, note, children }: { label: string; note?: string; children: ReactNode }) {
  return (
    <div className="flex items-baseline justify-between gap-2 border-b border-rule py-1">
      <dt className="text-sm">
        {label} {note && <span className="note">{note}</span>}
      </dt>
      <dd className="fig m-0 text-right whitespace-nowrap">{children}</dd>
    </div>
  );
}

const years = (y: number) =>
  y > 40 ? "for ever" : y < 1.5 ? `${figures(y * 12, 1)} months` : `${figures(y, 2)} years`;

/** What the mix is, apart from any pot. */
export function MixNumbers({
  answer: a,
  shown,
  open,
  currency,
}: {
  answer: MixLive;
  shown: Shown;
  open: (step: string) => void;
  currency: string;
}) {
  return (
    <div>
      <h2 className="head">The mix itself</h2>
      <dl className="m-0">
        <Row label="Pores">
          <b>{figures(a.porosity)} %</b>
        </Row>
        <Row label="In 15 cm" note="(6 in)">
          <b className="text-water">{figures(a.capacity)} %</b> water · <b>{figures(a.air)} %</b> air
        </Row>
        <Row label="For roots" note="easily">
          <b>{figures(a.available)} %</b> · {figures(a.easily)} %
        </Row>
        <Row label="A litre" note="dry, drained">
          {shown.kilograms(a.density)} · <b>{shown.kilograms(a.wetDensity)}</b>
        </Row>
        <Row label="pH" note="before lime">
          <Worked step="media.ph" open={open}>
            {a.ph.toFixed(1)} ± {a.phPlusMinus.toFixed(1)}
          </Worked>
        </Row>
        <Row label="Buffer" note="as CaCO₃, for one pH">
          {figures(a.buffer)} g/L
        </Row>
        <Row label="Exchange" note="holds feed">
          {figures(a.cec)} meq/100 cm³
        </Row>
        <Row label="Salt in it" note="EC">
          {figures(a.ec)} mS/cm
        </Row>
        <Row label="Lasts" note="wet, wet and dry">
          {years(a.wetYears)} · <b>{years(a.cycledYears)}</b>
        </Row>
        <Row label="Costs" note={a.costPerLitre === undefined ? "price its components" : "a litre"}>
          {a.costPerLitre === undefined ? "–" : `${currency} ${figures(a.costPerLitre, 2)}`}
        </Row>
        <Row label="Counts as">
          {words("families", a.kind.toUpperCase())}, {figures(a.organic, 2)} %
        </Row>
      </dl>
      <p className="note mt-1">
        From typical values of each component, good to about ± 5 points of water and air. Measure yours in a pot under
        “The components” for better.
      </p>
    </div>
  );
}
