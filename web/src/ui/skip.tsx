/** First in the page: past everything that stands on every page, to the work itself. */
export function Skip() {
  return (
    <a
      href="#work"
      className="absolute left-3 z-50 -translate-y-24 rounded-md bg-ink px-4 py-3 font-semibold text-sheet focus:translate-y-3 print:hidden"
    >
      Skip to the work
    </a>
  );
}

/** Hands the keys to the work: after going somewhere, and where what was pressed is gone. */
export function toWork(): void {
  document.getElementById('work')?.focus({ preventScroll: true });
}
