import { useQuery } from '@tanstack/react-query';
import { api, problemOf } from '../api/client';
import { ShareButton } from '../plan/share';
import { usePlanId } from '../plan/use';
import { CodeSquares } from '../ui/code-squares';

/** A short-lived link that opens this plan's turntable on another device, as a code to be looked at with its camera. */
export function Phone() {
  const id = usePlanId();
  const { data, error } = useQuery({
    queryKey: ['door', id],
    queryFn: () => api.door(id),
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (error) {
    return <p role="alert">{problemOf(error).detail}</p>;
  }
  if (!data) {
    return <p className="text-soft">One moment</p>;
  }
  if (!data.open || data.url === undefined) {
    return (
      <div className="flex flex-col gap-3 text-[1.1rem]">
        <p>
          Sectorum answers this machine alone. Started with <code>./start --lan</code> it also opens a door
          for devices in the same network.
        </p>
        <p className="note">Nothing listens beyond this machine until then.</p>
        <ShareButton id={id} kind="turntable" />
      </div>
    );
  }
  return (
    <div className="flex flex-col items-center gap-3 text-[1.1rem]">
      {data.code ? <CodeSquares {...data.code} /> : null}
      <p className="break-all text-center font-semibold" data-door>
        {data.url}
      </p>
      <p>
        Look at it with the phone's camera. The link opens this plan's turntable and nothing else; it works
        once, for {data.minutes} minutes.
      </p>
      <p className="note">
        The phone warns about the certificate, because it is this machine's own. To work on without a
        connection it must trust it: open <b className="break-all">{data.authority}</b> on the phone and
        install it as an authority.
      </p>
      <ShareButton id={id} kind="turntable" />
    </div>
  );
}
