import { RadioGroup } from "radix-ui";

/** A few exclusive choices side by side; the chosen one is inked and underlined, not only coloured. */
export function Segmented({
  label,
  value,
  onChange,
  options,
}: {
  label: string;
  value: string;
  onChange: (v: string) => void;
  options: { value: string; label: string }[];
}) {
  return (
    <RadioGroup.Root
      aria-label={label}
      value={value}
      onValueChange={onChange}
      orientation="horizontal"
      className="inline-flex flex-wrap border border-rule-strong bg-leaf"
    >
      {options.map((o) => (
        <RadioGroup.Item
          key={o.value}
          value={o.value}
          className="min-h-8 px-2.5 py-0.5 text-sm data-[state=checked]:bg-ink data-[state=checked]:text-ground data-[state=checked]:underline data-[state=checked]:underline-offset-4"
        >
          {o.label}
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}
