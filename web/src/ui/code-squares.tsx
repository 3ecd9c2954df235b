/** The squares of a code: black on white in any light, with the four squares of white about it that a camera wants. */
export function CodeSquares({ size, path }: { size: number; path: string }) {
  const wide = size + 8;
  return (
    <svg
      viewBox={`-4 -4 ${wide} ${wide}`}
      className="block w-full max-w-72"
      role="img"
      aria-label="The link as a code for a camera"
      shapeRendering="crispEdges"
    >
      <rect x={-4} y={-4} width={wide} height={wide} fill="#ffffff" />
      <path d={path} fill="#000000" />
    </svg>
  );
}
