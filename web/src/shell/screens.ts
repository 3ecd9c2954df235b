import { type ComponentType, lazy } from 'react';
import type { StageKey } from './stages';

type Fetch = () => Promise<ComponentType>;

/** What is fetched when it is gone to, or while nobody waits. */
export class Fetched<Name extends string> {
  private readonly here = new Map<Name, ComponentType>();
  private readonly onTheWay = new Map<Name, ComponentType>();
  constructor(private readonly fetch: Record<Name, Fetch>) {}

  private async come(name: Name): Promise<ComponentType> {
    const screen = await this.fetch[name]();
    this.here.set(name, screen);
    return screen;
  }

  /**
   * The screen itself where it has come, else what waits for it. Waiting for what is there already would cost the third
   * of a second that React lets a placeholder stand.
   */
  screen(name: Name): ComponentType {
    const known = this.here.get(name) ?? this.onTheWay.get(name);
    if (known !== undefined) {
      return known;
    }
    const waiting = lazy(() => this.come(name).then((component) => ({ default: component })));
    this.onTheWay.set(name, waiting);
    return waiting;
  }

  /** Whoever shows a screen tells that it did not come; then it is asked for again when it is gone to. */
  async ahead(name: Name): Promise<void> {
    await this.come(name).catch(() => undefined);
  }

  has(name: string): name is Name {
    return Object.hasOwn(this.fetch, name);
  }

  /** All, for while nobody waits. */
  all(): void {
    for (const name of Object.keys(this.fetch) as Name[]) {
      void this.ahead(name);
    }
  }
}

export const stages = new Fetched<StageKey>({
  measure: () => import('../measure/measure').then((m) => m.Measure),
  divide: () => import('../divide/divide').then((m) => m.Divide),
  dress: () => import('../dress/dress').then((m) => m.Dress),
  ahead: () => import('../ahead/ahead').then((m) => m.Ahead),
  make: () => import('../make/make').then((m) => m.Make),
  build: () => import('../build/build').then((m) => m.Build),
  days: () => import('../days/days').then((m) => m.DaysStage),
  steps: () => import('../steps/steps').then((m) => m.Steps),
  handover: () => import('../steps/handover').then((m) => m.HandoverSheet),
  client: () => import('../steps/client').then((m) => m.ClientPage),
  print: () => import('../print/print').then((m) => m.Print),
  order: () => import('../order/order').then((m) => m.Order),
  turntable: () => import('../turntable/turntable').then((m) => m.Turntable),
  compare: () => import('../compare/compare').then((m) => m.Compare),
});
