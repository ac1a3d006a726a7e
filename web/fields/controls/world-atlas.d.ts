/** The coasts as the package holds them; its JSON alone would say only that there are strings and numbers. */
declare module 'world-atlas/land-50m.json' {
  import type { GeometryCollection, Topology } from 'topojson-specification';

  const land: Topology<{ land: GeometryCollection }>;
  export default land;
}
