import { useQuery } from '@tanstack/react-query';
import { api, type OwnPiece, type Plan, problemOf, type Tier } from '../api/client';
import { Dialog } from '../ui/dialog';
import { useBench } from '../units/preferences';
import { PiecePicture } from './piece-picture';

interface Props {
  plan: Plan;
  tier: Tier;
  take: (piece: OwnPiece) => void;
  close: () => void;
}

/** Every kind of piece as large as it would be on this cake; one press plans it. */
export function PieceTray({ plan, tier, take, close }: Props) {
  const { data: bench } = useBench();
  const { data, error } = useQuery({
    queryKey: ['piece-tray', plan, tier.id],
    queryFn: () => api.pieceTray(plan, tier.id, bench!),
    enabled: bench !== undefined,
  });
  return (
    <Dialog title={`Made ahead for ${tier.name}`} open onOpenChange={(open) => !open && close()} wide>
      <p className="note mb-3">Each as large as would go on this tier; all of it can be changed.</p>
      {error ? (
        <p role="alert" className="mb-3 rounded-md bg-stop-ground px-3 py-2 text-stop">
          {problemOf(error).detail}
        </p>
      ) : null}
      {data === undefined ? (
        <p className="note">Drawing them</p>
      ) : (
        <ul className="grid grid-cols-5 gap-2.5 max-md:grid-cols-2">
          {data.map(({ piece, kindName, worked }) => (
            <li key={piece.id}>
              <button
                type="button"
                onClick={() => take(piece)}
                className="flex h-full w-full flex-col items-center rounded-md border border-ink/40 bg-paper px-2 pt-2 pb-1.5 hover:border-ink"
              >
                <PiecePicture worked={worked} size={96} />
                <span className="mt-1 text-center leading-tight font-semibold">
                  {piece.count > 1 ? `${piece.count} × ` : ''}
                  {piece.name}
                </span>
                {kindName === piece.name ? null : (
                  <span className="note text-center leading-tight">{kindName.toLowerCase()}</span>
                )}
              </button>
            </li>
          ))}
        </ul>
      )}
    </Dialog>
  );
}
