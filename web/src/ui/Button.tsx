import type { ButtonHTMLAttributes } from "react";

type Props = ButtonHTMLAttributes<HTMLButtonElement> & { look?: "plain" | "ink" | "quiet" };

const LOOKS = {
  plain: "border border-rule-strong bg-leaf text-ink hover:border-ink",
  ink: "border border-ink bg-ink text-ground hover:opacity-90",
  quiet: "underline decoration-rule-strong underline-offset-4 hover:decoration-ink",
};

export function Button({ look = "plain", className = "", type = "button", ...rest }: Props) {
  const size = look === "quiet" ? "min-h-6 px-1" : "min-h-9 px-3 py-1";
  return <button type={type} className={`rounded-[2px] ${size} ${LOOKS[look]} ${className}`} {...rest} />;
}
