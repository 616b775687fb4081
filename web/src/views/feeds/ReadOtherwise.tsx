import { say } from "../../text";
import { Button } from "../../ui/Button";

type Props = { before: string; now: string | undefined; keep: (sentence: string) => void; take: () => void };

/** A label that comes to something else than when it was saved: both, and the choice between them. */
export function ReadOtherwise({ before, now, keep, take }: Props) {
  return (
    <div role="alert" className="mt-4 border-l-4 border-stop p-2 pl-3">
      <p>▲ {say("feeds_page.read_otherwise_now")}</p>
      <dl className="my-2 grid grid-cols-[auto_1fr] gap-x-4">
        <dt className="note">{say("feeds_page.saved_as")}</dt>
        <dd lang="en">{before}</dd>
        <dt className="note">{say("feeds_page.read_now_as")}</dt>
        <dd lang="en">{now ?? say("feeds_page.not_read_yet")}</dd>
      </dl>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => keep(before)}>{say("feeds_page.keep_what_was_saved")}</Button>
        {now && <Button onClick={take}>{say("feeds_page.take_what_is_read_now")}</Button>}
      </div>
    </div>
  );
}
