import { Component, lazy, type ReactNode, Suspense, useState } from 'react';
import { BrowserRouter, Route, Routes } from 'react-router';
import { Orders } from './orders/orders';
import { pages } from './shell/fetch-ahead';
import { Nowhere } from './shell/nowhere';
import { Tour } from './shell/tour';
import { Unanswered } from './shell/unanswered';
import { Button } from './ui/button';

const Toasts = lazy(() => import('./ui/toast-list').then((m) => ({ default: m.Toasts })));
const Cupboard = lazy(() => import('./cupboard/cupboard').then((m) => ({ default: m.Cupboard })));
const Notebook = lazy(() => import('./notebook/notebook').then((m) => ({ default: m.Notebook })));
const BenchDevices = lazy(() => import('./devices/devices').then((m) => ({ default: m.BenchDevices })));
const Rehearse = lazy(() => import('./rehearse/rehearse').then((m) => ({ default: m.Rehearse })));
const Workshop = lazy(() => import('./workshop/workshop').then((m) => ({ default: m.Workshop })));
const SignIn = lazy(() => import('./workshop/sign-in').then((m) => ({ default: m.SignIn })));
const Join = lazy(() => import('./workshop/join').then((m) => ({ default: m.Join })));
const Shared = lazy(() => import('./shared/shared').then((m) => ({ default: m.Shared })));
const Deleted = lazy(() => import('./orders/deleted').then((m) => ({ default: m.Deleted })));

export function App() {
  const [PlanScreen] = useState(() => pages.screen('plan'));
  return (
    <>
      <Unanswered />
      <BrowserRouter>
        <Whole>
          <Suspense fallback={<main className="p-10 text-soft">One moment</main>}>
            <Routes>
              <Route path="/" element={<Orders />} />
              <Route path="/cupboard" element={<Cupboard />} />
              <Route path="/notebook" element={<Notebook />} />
              <Route path="/devices" element={<BenchDevices />} />
              <Route path="/rehearse" element={<Rehearse />} />
              <Route path="/deleted" element={<Deleted />} />
              <Route path="/workshop" element={<Workshop />} />
              <Route path="/sign-in" element={<SignIn />} />
              <Route path="/join" element={<Join />} />
              <Route path="/shared" element={<Shared />} />
              <Route path="/plan/:id" element={<PlanScreen />} />
              <Route path="/plan/:id/:stage" element={<PlanScreen />} />
              <Route path="*" element={<Nowhere />} />
            </Routes>
          </Suspense>
          <Tour />
        </Whole>
      </BrowserRouter>
      <Suspense>
        <Toasts />
      </Suspense>
    </>
  );
}

/** Catches what a page throws, so that it is told instead of a blank window. */
class Whole extends Component<{ children: ReactNode }, { thrown: unknown }> {
  override state = { thrown: null as unknown };
  static getDerivedStateFromError(thrown: unknown) {
    return { thrown };
  }
  override render() {
    return this.state.thrown === null ? this.props.children : <Broken thrown={this.state.thrown} />;
  }
}

/** A part of the screens that could not be fetched, or a fault in one: what is kept is kept, and the page can be tried again. */
function Broken({ thrown }: { thrown: unknown }) {
  return (
    <main className="mx-auto max-w-lg p-10">
      <h1 className="heading mb-2">This page did not come through</h1>
      <p className="mb-2">
        What you did is kept. Try the page again; if it stays away, go back to the orders.
      </p>
      <p className="note mb-5">{thrown instanceof Error ? thrown.message.slice(0, 160) : ''}</p>
      <div className="flex flex-wrap gap-3">
        <Button look="main" onClick={() => window.location.reload()}>
          Try it again
        </Button>
        <Button
          onClick={() => {
            window.location.href = '/';
          }}
        >
          All orders
        </Button>
      </div>
    </main>
  );
}
