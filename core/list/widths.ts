/* How wide the columns of a list are, where somebody drew them wider or narrower. */

const LEAST = 40;
const MAX_WIDTH = 800;

/** Widths in pixels by path, as an address holds them; what is no width is left out. */
export const readWidths = (text: string): ReadonlyMap<string, number> =>
  new Map(
    text.split(',').flatMap((part) => {
      const [path = '', width] = part.split(':');
      const pixels = Number(width);
      return path !== '' && Number.isInteger(pixels) && pixels >= LEAST && pixels <= MAX_WIDTH
        ? [[path, pixels] as const]
        : [];
    }),
  );

/** The same as it stands in an address. */
export const writeWidths = (widths: ReadonlyMap<string, number>): string =>
  [...widths].map(([path, pixels]) => `${path}:${pixels}`).join(',');

/** Widths with one of them changed, within what can be read and drawn. */
export const withWidth = (text: string, path: string, pixels: number): string =>
  writeWidths(new Map(readWidths(text)).set(path, Math.round(Math.min(MAX_WIDTH, Math.max(LEAST, pixels)))));
