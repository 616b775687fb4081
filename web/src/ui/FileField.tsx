const ACCEPTED = {
  sheet: ".csv,.txt,text/csv",
  json: ".json,application/json",
  json_or_sheet: ".json,.csv,application/json,text/csv",
};

/** A file to choose. */
export function FileField({
  id,
  label,
  kind,
  strong,
  onChosen,
}: {
  id: string;
  label: string;
  kind: keyof typeof ACCEPTED;
  strong?: boolean;
  onChosen: (file: File) => void;
}) {
  return (
    <>
      <label htmlFor={id} className={`block ${strong ? "font-semibold" : "text-sm"}`}>
        {label}
      </label>
      <input
        id={id}
        type="file"
        accept={ACCEPTED[kind]}
        className="box mt-1"
        onChange={(e) => {
          const chosen = e.target.files?.[0];
          if (chosen) onChosen(chosen);
        }}
      />
    </>
  );
}
