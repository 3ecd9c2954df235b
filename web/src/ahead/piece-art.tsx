import { ImagePlus } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { useParams } from 'react-router';
import type { Motif, OwnPiece, Problem } from '../api/client';
import { boxOf } from '../art/motif-picture';
import { usePlan } from '../plan/context';
import { Button } from '../ui/button';
import { Pick } from '../ui/select';

/** As wide as a drawing is at that height, to a tenth of a millimetre. */
export function widthOf(art: Motif, height: number): number {
  const [, , wide, high] = boxOf(art);
  return Math.round((wide / Math.max(high, 0.001)) * height * 10) / 10;
}

const ArtDialog = lazy(() => import('../art/art-dialog').then((m) => ({ default: m.ArtDialog })));

/** The drawing that a figure is cut from: one of the plan's, or brought in. */
export function PieceArt({
  piece,
  onArt,
}: {
  piece: OwnPiece;
  onArt: (art: Motif) => Promise<Problem | null>;
}) {
  const { id } = useParams();
  const plan = usePlan();
  const [open, setOpen] = useState(false);
  const art = plan.art ?? [];
  return (
    <div className="flex items-end gap-2">
      {art.length > 0 ? (
        <Pick
          label="Art"
          value={art.some((m) => m.id === piece.art?.id) ? piece.art!.id : 'other'}
          options={[
            ...(art.some((m) => m.id === piece.art?.id)
              ? []
              : [{ name: 'other', label: piece.art?.name ?? 'none yet' }]),
            ...art.map((m) => ({ name: m.id, label: m.name })),
          ]}
          onChoice={(chosen) => {
            const found = art.find((m) => m.id === chosen);
            if (found) {
              void onArt(found);
            }
          }}
        />
      ) : null}
      <Button look={piece.art ? 'plain' : 'main'} onClick={() => setOpen(true)}>
        <ImagePlus size={18} aria-hidden /> Bring art in
      </Button>
      {open ? (
        <Suspense fallback={null}>
          <ArtDialog
            plan={Number(id)}
            words="A"
            open
            close={() => setOpen(false)}
            take={(taken) => void onArt(taken)}
          />
        </Suspense>
      ) : null}
    </div>
  );
}
