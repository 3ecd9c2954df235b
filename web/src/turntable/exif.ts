/** The lens of a photograph as one of a 35 mm camera would be, where its head says so; of anything else nothing. */
export function lensOf(bytes: ArrayBuffer): number | null {
  const view = new DataView(bytes);
  try {
    if (view.getUint16(0) !== 0xffd8) {
      return null;
    }
    let at = 2;
    // The head comes before the picture; what is no marker ends it.
    while (at + 4 < view.byteLength && view.getUint8(at) === 0xff) {
      const marker = view.getUint16(at);
      const size = view.getUint16(at + 2);
      if (marker === 0xffe1 && view.getUint32(at + 4) === 0x45786966) {
        return inTiff(new DataView(bytes, at + 10, size - 8));
      }
      at += 2 + size;
    }
  } catch {
    // Cut short or wrong: it says nothing.
  }
  return null;
}

const DIRECTORY = 0x8769;
const LENS_35 = 0xa405;

function inTiff(view: DataView): number | null {
  const little = view.getUint16(0) === 0x4949;
  const entry = (directory: number, tag: number): number | null => {
    const many = view.getUint16(directory, little);
    for (let i = 0; i < many; i++) {
      const at = directory + 2 + 12 * i;
      if (view.getUint16(at, little) === tag) {
        return tag === DIRECTORY ? view.getUint32(at + 8, little) : view.getUint16(at + 8, little);
      }
    }
    return null;
  };
  const inner = entry(view.getUint32(4, little), DIRECTORY);
  const lens = inner === null ? null : entry(inner, LENS_35);
  return lens !== null && lens >= 8 && lens <= 600 ? lens : null;
}
