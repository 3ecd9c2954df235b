import { useInfiniteQuery } from '@tanstack/react-query';
import { type AuditLine, api, problemOf } from '../api/client';
import { Button } from '../ui/button';
import { Wrong } from './outside';
import { moment } from './when';

const PAGE = 100;

/** Who did what, the newest first. */
export function AuditTrail() {
  const { data, error, fetchNextPage, hasNextPage } = useInfiniteQuery({
    queryKey: ['audit'],
    queryFn: ({ pageParam }) => api.audit(pageParam),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (page: AuditLine[]) => (page.length < PAGE ? undefined : page.at(-1)!.id),
  });
  if (data === undefined) {
    return error ? <Wrong words={problemOf(error).detail} /> : <p className="note">One moment</p>;
  }
  const lines = data.pages.flat();
  return (
    <>
      <table className="w-full max-w-4xl text-left">
        <thead>
          <tr className="note">
            <th className="pb-1 font-normal">When</th>
            <th className="font-normal">Who</th>
            <th className="font-normal">What</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((l) => (
            <tr key={l.id} className="border-t border-dotted border-ink/30 align-top">
              <td className="py-1.5 pr-4 whitespace-nowrap">{moment(l.at)}</td>
              <td className="py-1.5 pr-4 font-semibold">{l.who}</td>
              <td className="py-1.5">{l.words}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {lines.length === 0 ? <p className="note">Nothing yet.</p> : null}
      {hasNextPage ? (
        <p className="mt-4">
          <Button onClick={() => void fetchNextPage()}>Further back</Button>
        </p>
      ) : null}
      <p className="note mt-4">Kept for two years.</p>
    </>
  );
}
