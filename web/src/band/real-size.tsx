import { useState } from 'react';
import { create } from 'zustand';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';

const KEY = 'sectorum.px-per-mm';
/** A bank card, mm (ISO/IEC 7810 ID-1): everybody has one. */
const CARD = { wide: 85.6, high: 53.98 };
/** What a browser takes a millimetre for until it is told better. */
const NOMINAL = 96 / 25.4;

function known(): number | null {
  try {
    const kept = Number(localStorage.getItem(KEY));
    return kept > 1 && kept < 40 ? kept : null;
  } catch {
    return null;
  }
}

/** How many px of this screen are one true millimetre; null until a card was held against it. Kept per device. */
export const useRealSize = create<{ pxPerMm: number | null; keep: (px: number) => void }>((set) => ({
  pxPerMm: known(),
  keep: (px) => {
    try {
      localStorage.setItem(KEY, String(px));
    } catch {
      // Then it holds until the page is closed.
    }
    set({ pxPerMm: px });
  },
}));

/** Held against the screen, a card says how large a millimetre is here. */
export function Calibrate({ close }: { close: () => void }) {
  const { pxPerMm, keep } = useRealSize();
  const [px, setPx] = useState(pxPerMm ?? NOMINAL);
  return (
    <Dialog title="How large is this screen?" open onOpenChange={(open) => !open && close()}>
      <p className="mb-3">
        Hold a bank card against the drawing, its left edge on the drawn one, and move the slider until their
        right edges meet too.
      </p>
      <div className="overflow-x-auto">
        <svg
          width={CARD.wide * px + 4}
          height={CARD.high * px + 4}
          role="img"
          aria-label="A card, 85.6 mm wide"
        >
          <rect
            x={2}
            y={2}
            width={CARD.wide * px}
            height={CARD.high * px}
            rx={3.18 * px}
            fill="var(--color-wash)"
            stroke="var(--color-ink)"
            strokeWidth={1.5}
          />
          <text
            x={(CARD.wide * px) / 2}
            y={(CARD.high * px) / 2 + 5}
            textAnchor="middle"
            className="fill-soft"
          >
            85.6 mm
          </text>
        </svg>
      </div>
      <label className="mt-3 block">
        <span className="mb-0.5 block text-[0.92rem] text-soft">Width of the card</span>
        <input
          type="range"
          min={2.2}
          max={9}
          step={0.01}
          value={px}
          onChange={(e) => setPx(Number(e.currentTarget.value))}
          className="h-11 w-full accent-[#bd3a26]"
        />
      </label>
      <div className="mt-2 flex justify-end gap-2">
        <Button onClick={close}>Not now</Button>
        <Button
          look="main"
          onClick={() => {
            keep(px);
            close();
          }}
        >
          They meet
        </Button>
      </div>
    </Dialog>
  );
}
