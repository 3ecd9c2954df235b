import type { Gesture } from '../api/client';

/**
 * What a hand holds in each gesture, as lines in a square of 48: the tool's tip is at the lower left, where it meets the work,
 * and an arrow says which way it goes.
 */
export const TOOLS: Record<Gesture, { tool: string; way: string }> = {
  measure: {
    tool: 'M4 30h40v11H4zM10 30v5M16 30v8M22 30v5M28 30v8M34 30v5M40 30v8',
    way: 'M8 20h30m-6-5l6 5-6 5',
  },
  mark: { tool: 'M6 44l6-16 22-22 6 6-22 22zM28 12l8 8', way: 'M18 42h12m-5-4l5 4-5 4' },
  weigh: {
    tool: 'M8 40h32M14 40l4-12h12l4 12M10 22h28M24 22v6M15 14h18l-3 8H18z',
    way: 'M24 2v8m-4-4l4 4 4-4',
  },
  bake: { tool: 'M6 18h36l-4 22H10zM12 18c0-8 24-8 24 0', way: 'M18 8c0-3 3-3 3-6M27 8c0-3 3-3 3-6' },
  roll: {
    tool: 'M12 26l18-18 10 10-18 18zM8 30l6 6M4 40l7-7M34 8l6 6M41 7l-4 4',
    way: 'M6 18l10-10m-7 0h7v7',
  },
  cut: { tool: 'M5 43L31 17l6 6-14 12zM31 17l9-9 5 5-8 10', way: 'M30 40h12m-5-4l5 4-5 4' },
  shape: {
    tool: 'M10 38c0-16 10-26 28-26M10 38h28M16 38c2-10 9-16 22-17',
    way: 'M26 6c8-4 14 0 15 6m0-7l0 7h-7',
  },
  sort: { tool: 'M6 38h8v6H6zM20 36h8v8h-8zM34 32h9v12h-9z', way: 'M8 22h30m-6-5l6 5-6 5' },
  trace: { tool: 'M5 43l4-12L33 7l8 8-24 24zM28 12l8 8', way: 'M20 44c6-6 10 3 16-3' },
  press: { tool: 'M10 38a6 6 0 1 0 12 0a6 6 0 1 0-12 0M20 33L40 8', way: 'M16 8v16m-5-5l5 5 5-5' },
  pipe: { tool: 'M6 43l7-12 14-15c8-6 16 2 11 10L23 39zM13 31l8 7', way: 'M16 8h14m-5-4l5 4-5 4' },
  flood: { tool: 'M8 40l8-12 12-13c7-6 15 2 10 9L25 37zM16 28l8 7', way: 'M6 46c6-3 10 2 16-1' },
  pour: { tool: 'M18 10h22v20a6 6 0 0 1-6 6h-8a8 8 0 0 1-8-8zM18 12l-8 8', way: 'M9 24v18m-4-4l4 4 4-4' },
  wrap: { tool: 'M24 8a16 16 0 1 0 0 32M24 14a10 10 0 1 0 0 20', way: 'M24 8c14 0 20 14 12 26m-2-8l2 8 8-1' },
  strew: {
    tool: 'M14 6c10-4 20 0 24 8l-10 6c-2-5-8-8-14-5z',
    way: 'M12 26v2M18 32v2M10 38v2M24 28v2M26 40v2M34 34v2M18 42v2',
  },
  brush: { tool: 'M6 42c2-8 6-12 12-12 3 6-2 12-12 12zM18 30L38 8l4 4-20 22', way: 'M26 42h14m-5-4l5 4-5 4' },
  spread: { tool: 'M4 40l26-22 6 6-22 16zM30 18l10-11 4 5-8 12', way: 'M24 42h16m-5-4l5 4-5 4' },
  scrape: { tool: 'M10 8h26v10H10zM12 18v24h22V18', way: 'M40 22v18m-4-4l4 4 4-4' },
  chill: { tool: 'M24 6v36M8 15l32 18M8 33l32-18M18 9l6 5 6-5M18 39l6-5 6 5', way: '' },
  peel: { tool: 'M6 42V14h22c8 0 8 10 0 10H18v18z', way: 'M30 32c6-2 10-8 9-16m-5 5l5-5 5 5' },
  insert: { tool: 'M14 44l2-8L38 6l3 3-21 30z', way: 'M10 10v18m-5-5l5 5 5-5' },
  lift: { tool: 'M10 20h28v14H10zM4 38h40', way: 'M24 15V3m-5 5l5-5 5 5' },
  stick: { tool: 'M5 43L24 22 36 6M9 46L30 28 42 14M36 6l6 8', way: 'M30 40H14m5-4l-5 4 5 4' },
  look: { tool: 'M4 24c9-15 31-15 40 0-9 15-31 15-40 0zM18 24a6 6 0 1 0 12 0a6 6 0 1 0-12 0', way: '' },
};
