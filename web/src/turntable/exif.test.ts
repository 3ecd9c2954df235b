import { describe, expect, it } from 'vitest';
import { lensOf } from './exif';

/** The head of a JPEG with one directory that says its lens. */
function head(little: boolean, lens: number, cutAt?: number): ArrayBuffer {
  const bytes = new ArrayBuffer(80);
  const view = new DataView(bytes);
  view.setUint16(0, 0xffd8);
  view.setUint16(2, 0xffe1);
  view.setUint16(4, 64);
  view.setUint32(6, 0x45786966);
  const at = 12;
  const u16 = (o: number, v: number) => view.setUint16(at + o, v, little);
  const u32 = (o: number, v: number) => view.setUint32(at + o, v, little);
  view.setUint16(at, little ? 0x4949 : 0x4d4d);
  u16(2, 42);
  u32(4, 8);
  u16(8, 1);
  u16(10, 0x8769);
  u16(12, 4);
  u32(14, 1);
  u32(18, 26);
  u16(26, 1);
  u16(28, 0xa405);
  u16(30, 3);
  u32(32, 1);
  u16(36, lens);
  return bytes.slice(0, cutAt);
}

describe('the lens of a photograph', () => {
  it.each([
    ['little end first', head(true, 26), 26],
    ['large end first', head(false, 52), 52],
    ['nonsense', head(true, 9000), null],
    ['cut short', head(true, 26, 30), null],
    ['empty', new ArrayBuffer(0), null],
    ['no JPEG', new TextEncoder().encode('PNG, say').buffer as ArrayBuffer, null],
  ])('%s', (_, bytes, lens) => {
    expect(lensOf(bytes)).toBe(lens);
  });
});
