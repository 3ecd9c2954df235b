import { Download, ImagePlus, Trash2 } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { useParams } from 'react-router';
import { api, type Dressing, problemOf } from '../api/client';
import { dropArt, takeArt } from '../art/placing';
import { useOpen, usePlan, useTier } from '../plan/context';
import { Button } from '../ui/button';
import { tell, tellBad } from '../ui/toasts';

const ArtDialog = lazy(() => import('../art/art-dialog').then((m) => ({ default: m.ArtDialog })));

/** What is brought in for a course of art, and what can be done with what is there. */
export function ArtPress({ dressing, chosen }: { dressing: Dressing; chosen: string }) {
  const { id } = useParams();
  const { editor } = useOpen();
  const { tier } = useTier();
  const plan = usePlan();
  const [open, setOpen] = useState(false);
  const motif = (plan.art ?? []).find((m) => m.id === chosen);
  const save = async () => {
    if (!motif) {
      return;
    }
    try {
      const url = URL.createObjectURL(await api.motifSvg(motif));
      const link = document.createElement('a');
      link.href = url;
      link.download = `${motif.name}.svg`;
      link.click();
      URL.revokeObjectURL(url);
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const drop = async () => {
    if (motif) {
      await editor.edit(dropArt(motif.id));
      tell(`${motif.name}: gone from this plan.`, { label: 'Undo', run: () => void editor.undo() });
    }
  };
  return (
    <div className="flex flex-wrap items-center gap-1" role="toolbar" aria-label="Art">
      <Button look={motif ? 'plain' : 'main'} onClick={() => setOpen(true)}>
        <ImagePlus size={18} aria-hidden /> Bring art in
      </Button>
      {motif ? (
        <>
          <Button
            look="quiet"
            className="px-2.5"
            aria-label="Save it as SVG"
            title="Save it as SVG"
            onClick={save}
          >
            <Download size={18} aria-hidden />
          </Button>
          <Button
            look="quiet"
            className="px-2.5"
            aria-label={`Take ${motif.name} out of the plan`}
            title="Take it out of the plan"
            onClick={drop}
          >
            <Trash2 size={18} aria-hidden />
          </Button>
        </>
      ) : null}
      {open ? (
        <Suspense fallback={null}>
          <ArtDialog
            plan={Number(id)}
            words={initials(plan.name)}
            open
            close={() => setOpen(false)}
            take={(taken) => void editor.edit(takeArt(tier.id, dressing.id, taken))}
          />
        </Suspense>
      ) : null}
    </div>
  );
}

/** The plan's own first letters, to begin with. */
function initials(name: string): string {
  return name
    .split(/\s+/)
    .map((word) => word[0] ?? '')
    .join('')
    .slice(0, 3)
    .toUpperCase();
}
