import { Plus } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { OwnPiece } from '../api/client';
import { useOpen, usePlan, useTier, useWorkup } from '../plan/context';
import { addPiece, onPiece } from '../plan/document-edits';
import { mend } from '../plan/edits';
import { useBuild, useEdit, usePieces } from '../plan/use';
import { Button } from '../ui/button';
import { Findings } from '../ui/findings';
import { useKept } from '../ui/kept';
import { Stage } from '../ui/stage';
import { mass } from '../units/units';
import { FromAbove } from './from-above';
import { FromFront } from './from-front';
import { PieceFields } from './piece-fields';
import { PieceLedger } from './piece-ledger';
import { PiecePicture } from './piece-picture';

const PieceTray = lazy(() => import('./piece-tray').then((m) => ({ default: m.PieceTray })));

/** A name that no piece of the plan has yet. */
function freeName(pieces: readonly OwnPiece[]): string {
  let k = pieces.length + 1;
  while (pieces.some((p) => p.id === `piece-${k}`)) {
    k += 1;
  }
  return `piece-${k}`;
}

/** What is made ahead: chosen from a tray, placed by hand, with its parts, its drying and its formers. */
export function Ahead() {
  const plan = usePlan();
  const workup = useWorkup();
  const { tier } = useTier();
  const { chooseTier } = useOpen();
  const edit = useEdit();
  const [chosen, choose] = useKept<string>('piece', '');
  const [tray, setTray] = useState(false);
  const { data: worked } = usePieces(plan);
  const { data: built } = useBuild(plan);
  const piece = plan.pieces.find((p) => p.id === chosen) ?? plan.pieces[0];
  const own = worked?.find((w) => w.id === piece?.id);
  const add = async (offered: OwnPiece) => {
    const id = freeName(plan.pieces);
    if ((await edit(addPiece({ ...offered, id }))) === null) {
      choose(id);
      setTray(false);
    }
  };
  const seat = (id: string, part: Partial<OwnPiece['seat']>) =>
    edit(onPiece(id, (p) => ({ ...p, seat: { ...p.seat, ...part } })));
  const press = (id: string) => {
    choose(id);
    const on = plan.pieces.find((p) => p.id === id)?.seat.tier;
    if (on) {
      chooseTier(on);
    }
  };
  const main = (
    <>
      <div className="flex items-end justify-between gap-3">
        <div>
          <h1 className="heading">Made ahead</h1>
          <p className="note">
            {plan.pieces.length === 0
              ? 'toppers, bows, flowers, moulded and poured pieces, each drawn from its own parts'
              : 'drag a piece to its place; arrows move the one you hold'}
          </p>
        </div>
        <Button look="main" onClick={() => setTray(true)}>
          <Plus size={17} aria-hidden /> Add a piece
        </Button>
      </div>
      <div className="mt-3 grid grid-cols-2 gap-5 max-md:grid-cols-1">
        <FromAbove
          plan={plan}
          tiers={workup.tiers}
          worked={worked ?? []}
          chosen={piece?.id ?? ''}
          choose={press}
          move={seat}
        />
        <FromFront
          plan={plan}
          tiers={workup.tiers}
          worked={worked ?? []}
          chosen={piece?.id ?? ''}
          choose={press}
          move={seat}
        />
      </div>
      <ul className="mt-3 flex flex-wrap gap-2" aria-label="Pieces made ahead">
        {plan.pieces.map((p) => (
          <li key={p.id}>
            <button
              type="button"
              aria-pressed={p.id === piece?.id}
              onClick={() => press(p.id)}
              className="flex min-h-11 items-center gap-2 rounded-md border border-ink/35 bg-sheet py-1 pr-3 pl-1 text-left hover:border-ink aria-pressed:border-[1.5px] aria-pressed:border-ink aria-pressed:bg-wash"
            >
              <PiecePicture worked={worked?.find((w) => w.id === p.id)} size={44} />
              <span>
                <b className="block leading-tight">
                  {p.count > 1 ? `${p.count} × ` : ''}
                  {p.name}
                </b>
                <span className="note">{mass(worked?.find((w) => w.id === p.id)?.grams ?? 0)}</span>
              </span>
            </button>
          </li>
        ))}
      </ul>
      {piece ? <PieceFields key={piece.id} piece={piece} worked={own} /> : null}
      {tray ? (
        <Suspense fallback={null}>
          <PieceTray plan={plan} tier={tier} take={add} close={() => setTray(false)} />
        </Suspense>
      ) : null}
    </>
  );
  const ledger = (
    <>
      {piece && own ? (
        <PieceLedger piece={piece} worked={own} />
      ) : (
        <p className="note">
          Nothing is made ahead yet. What you add is cut, dried, bought, planned and told to whoever cuts the
          cake.
        </p>
      )}
      <Findings
        findings={(built?.findings ?? []).filter((f) => isOfPieces(f.rule))}
        onMend={(_, press) => void edit(mend({ tier: tier.id, division: '' }, press))}
      />
    </>
  );
  return <Stage main={main} ledger={ledger} />;
}

const OF_THE_STACK = ['build.tilt', 'build.overhang', 'build.crowded', 'build.lift', 'build.travel'];

/** What is found of the stack itself is told in Build. */
const isOfPieces = (rule: string) => !OF_THE_STACK.includes(rule);
