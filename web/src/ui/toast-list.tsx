import { Toast } from 'radix-ui';
import { useToasts } from './toasts';

/** What is said in passing, with its way back. */
export function Toasts() {
  const said = useToasts((s) => s.said);
  const drop = (id: number) => useToasts.setState((s) => ({ said: s.said.filter((t) => t.id !== id) }));
  return (
    <Toast.Provider duration={9000}>
      {said.map((t) => (
        <Toast.Root
          key={t.id}
          onOpenChange={(open) => open || drop(t.id)}
          className={`flex items-center justify-between gap-4 rounded-md px-4 py-2 text-sheet shadow-lg ${t.bad ? 'bg-stop' : 'bg-ink'}`}
        >
          <Toast.Description>{t.text}</Toast.Description>
          {t.action ? (
            <Toast.Action
              altText={t.action.label}
              onClick={t.action.run}
              className="min-h-11 rounded-md px-3 font-semibold underline underline-offset-4 hover:bg-white/10"
            >
              {t.action.label}
            </Toast.Action>
          ) : null}
        </Toast.Root>
      ))}
      <Toast.Viewport className="fixed bottom-4 left-1/2 z-60 flex w-[min(94vw,34rem)] -translate-x-1/2 flex-col gap-2" />
    </Toast.Provider>
  );
}
